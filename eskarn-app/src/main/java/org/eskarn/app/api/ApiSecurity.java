package org.eskarn.app.api;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.eskarn.app.account.Role;
import org.eskarn.app.page.Words;
import org.springframework.boot.autoconfigure.condition.ConditionalOnWebApplication;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import tools.jackson.databind.json.JsonMapper;

/**
 * Who may ask what: a token says who it is, and nothing of a browser does, so that no page of another site can make a browser send anything
 * here. What is not named is denied.
 */
@Configuration
class ApiSecurity {

    @Bean
    @Order(1)
    @ConditionalOnWebApplication
    SecurityFilterChain programs(HttpSecurity http, ApiTokens tokens) {
        http.securityMatcher("/api/**");
        http.csrf(AbstractHttpConfigurer::disable);
        http.requestCache(AbstractHttpConfigurer::disable);
        http.sessionManagement(management -> management.sessionCreationPolicy(SessionCreationPolicy.STATELESS));
        http.authorizeHttpRequests(requests -> requests.requestMatchers(HttpMethod.GET, "/api/v1/**")
                .authenticated()
                .requestMatchers(HttpMethod.POST, "/api/v1/dockets", "/api/v1/dockets/*/*/readings")
                .hasAnyRole(Role.INSPECTOR.name(), Role.CHECKER.name())
                .anyRequest()
                .denyAll());
        http.addFilterBefore(new TokenFilter(tokens), AuthorizationFilter.class);
        http.exceptionHandling(handling -> handling.authenticationEntryPoint((request, response, e) -> {
                    response.setHeader("WWW-Authenticate", "Bearer");
                    problem(response, HttpStatus.UNAUTHORIZED, Words.say("api.no-good-token"));
                })
                .accessDeniedHandler((request, response, e) ->
                        problem(response, HttpStatus.FORBIDDEN, Words.say("api.not-for-this-role"))));
        return http.build();
    }

    /** A problem as RFC 9457 has it. */
    private static void problem(HttpServletResponse response, HttpStatus status, String detail) throws IOException {
        response.setStatus(status.value());
        response.setContentType("application/problem+json");
        response.getOutputStream()
                .write(JsonMapper.shared()
                        .writeValueAsString(Map.of(
                                "type",
                                "about:blank",
                                "title",
                                status.getReasonPhrase(),
                                "status",
                                status.value(),
                                "detail",
                                detail))
                        .getBytes(StandardCharsets.UTF_8));
    }
}
