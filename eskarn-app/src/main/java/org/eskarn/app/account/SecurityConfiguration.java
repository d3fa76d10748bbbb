package org.eskarn.app.account;

import io.github.wimdeblauwe.htmx.spring.boot.mvc.HtmxRequestHeader;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.boot.autoconfigure.condition.ConditionalOnWebApplication;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.session.SessionRegistry;
import org.springframework.security.core.session.SessionRegistryImpl;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.AuthenticationSuccessHandler;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;
import org.springframework.security.web.authentication.LoginUrlAuthenticationEntryPoint;
import org.springframework.security.web.authentication.SavedRequestAwareAuthenticationSuccessHandler;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.session.HttpSessionEventPublisher;
import org.springframework.security.web.util.matcher.RequestHeaderRequestMatcher;
import org.springframework.security.web.util.matcher.RequestMatcher;

@Configuration(proxyBeanMethods = false)
class SecurityConfiguration {

    /** Everything a page uses comes with Eskarn; no script or style stands inside a page. */
    private static final String CONTENT_POLICY = "default-src 'self'; img-src 'self' data:; object-src 'none';"
            + " base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    private static final RequestMatcher PART_OF_A_PAGE =
            new RequestHeaderRequestMatcher(HtmxRequestHeader.HX_REQUEST.getValue());

    @Bean
    PasswordEncoder passwordEncoder() {
        return PasswordEncoderFactories.createDelegatingPasswordEncoder();
    }

    /** Who is signed in where, so that somebody who is switched off is signed out at once. */
    @Bean
    SessionRegistry sessions() {
        return new SessionRegistryImpl();
    }

    @Bean
    HttpSessionEventPublisher sessionEvents() {
        return new HttpSessionEventPublisher();
    }

    @Bean
    @ConditionalOnWebApplication
    SecurityFilterChain security(HttpSecurity http, SignInSlowdown slowdown, SessionRegistry sessions) {
        http.authorizeHttpRequests(requests -> requests.requestMatchers("/sign-in", "/first-start", "/error")
                .permitAll()
                .requestMatchers(HttpMethod.GET, "/lib/**", "/js/**", "/mark.svg")
                .permitAll()
                .requestMatchers("/accounts/**")
                .hasRole(Role.STEWARD.name())
                .requestMatchers(HttpMethod.POST, "/dockets/**", "/parts/**")
                .hasAnyRole(Role.INSPECTOR.name(), Role.CHECKER.name())
                .requestMatchers(HttpMethod.POST, "/gauges/*/check", "/gauges/*/report", "/gauges/*/trace/*/accept")
                .hasAnyRole(Role.INSPECTOR.name(), Role.CHECKER.name(), Role.KEEPER.name())
                .requestMatchers(HttpMethod.POST, "/gauges/**")
                .hasRole(Role.KEEPER.name())
                .requestMatchers("/dockets/*/sign", "/parts/*/dockets/new")
                .hasAnyRole(Role.INSPECTOR.name(), Role.CHECKER.name())
                .anyRequest()
                .authenticated());
        http.formLogin(form -> form.loginPage("/sign-in")
                .usernameParameter("login")
                .passwordParameter("password")
                .successHandler(success(slowdown))
                .failureUrl("/sign-in?failed"));
        http.sessionManagement(management -> management
                .maximumSessions(-1)
                .sessionRegistry(sessions)
                .expiredSessionStrategy(event -> signedOut(event.getRequest(), event.getResponse())));
        http.logout(logout -> logout.logoutUrl("/sign-out").logoutSuccessUrl("/sign-in?out"));
        http.addFilterBefore(new SlowdownFilter(slowdown), UsernamePasswordAuthenticationFilter.class);
        http.headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                .referrerPolicy(policy -> policy.policy(ReferrerPolicy.SAME_ORIGIN)));
        // A page part asked for after the session ended gets a plain 401, not a sign-in page swapped into the docket.
        http.exceptionHandling(handling -> handling.defaultAuthenticationEntryPointFor(
                        new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED), PART_OF_A_PAGE)
                .defaultAuthenticationEntryPointFor(new LoginUrlAuthenticationEntryPoint("/sign-in"), request -> true));
        return http.build();
    }

    private static void signedOut(HttpServletRequest request, HttpServletResponse response) throws IOException {
        if (PART_OF_A_PAGE.matches(request)) {
            response.sendError(HttpStatus.UNAUTHORIZED.value());
        } else {
            response.sendRedirect(request.getContextPath() + "/sign-in?out");
        }
    }

    private static AuthenticationSuccessHandler success(SignInSlowdown slowdown) {
        SavedRequestAwareAuthenticationSuccessHandler onwards = new SavedRequestAwareAuthenticationSuccessHandler();
        return (request, response, authentication) -> {
            slowdown.succeeded(authentication.getName(), request.getRemoteAddr());
            onwards.onAuthenticationSuccess(request, response, authentication);
        };
    }
}
