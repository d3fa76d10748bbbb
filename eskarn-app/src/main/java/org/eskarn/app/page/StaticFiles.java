package org.eskarn.app.page;

import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.VersionResourceResolver;

/**
 * Styles, fonts, scripts and the mark, each at an address that holds its content and kept for good by browsers: after an update nobody works with
 * yesterday's. They stand under three addresses, so that links to pages are not looked up among files.
 */
@Configuration(proxyBeanMethods = false)
class StaticFiles implements WebMvcConfigurer {

    private static final Duration FOR_GOOD = Duration.ofDays(365);

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        add("/lib/**", "classpath:/static/lib/", registry);
        add("/js/**", "classpath:/static/js/", registry);
        add("/mark*.svg", "classpath:/static/", registry);
    }

    private static void add(String addresses, String place, ResourceHandlerRegistry registry) {
        registry.addResourceHandler(addresses)
                .addResourceLocations(place)
                .setCacheControl(CacheControl.maxAge(FOR_GOOD).cachePublic())
                .resourceChain(true)
                .addResolver(new VersionResourceResolver().addContentVersionStrategy("/**"));
    }
}
