package org.eskarn.app.start;

import org.apache.coyote.http11.AbstractHttp11Protocol;
import org.springframework.boot.tomcat.TomcatConnectorCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * Whoever waits to be asked for the rest of a request is asked once it is read, not before anybody works at it: a server that is
 * stopped in between does not count that request among those under way, and would drop it.
 */
@Configuration(proxyBeanMethods = false)
class BodyAskedFor {

    @Bean
    TomcatConnectorCustomizer askedForWhenItIsRead() {
        return connector -> {
            if (connector.getProtocolHandler() instanceof AbstractHttp11Protocol<?> http) {
                http.setContinueResponseTiming("onRead");
            }
        };
    }
}
