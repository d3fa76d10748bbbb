package org.eskarn.app.signin;

import io.github.wimdeblauwe.htmx.spring.boot.mvc.HtmxRequestHeader;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import org.eskarn.app.account.InstallationService;
import org.eskarn.app.account.Role;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.autoconfigure.condition.ConditionalOnWebApplication;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.core.session.SessionRegistry;
import org.springframework.security.core.session.SessionRegistryImpl;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.context.SecurityContextHolderFilter;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.savedrequest.NullRequestCache;
import org.springframework.security.web.session.HttpSessionEventPublisher;
import org.springframework.security.web.util.matcher.RequestHeaderRequestMatcher;
import org.springframework.security.web.util.matcher.RequestMatcher;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.session.security.SpringSessionBackedSessionRegistry;

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
    SessionRegistry sessionRegistry(ObjectProvider<JdbcIndexedSessionRepository> shared) {
        JdbcIndexedSessionRepository sessions = shared.getIfAvailable();
        return sessions == null ? new SessionRegistryImpl() : new SpringSessionBackedSessionRegistry<>(sessions);
    }

    @Bean
    HttpSessionEventPublisher sessionEvents() {
        return new HttpSessionEventPublisher();
    }

    @Bean
    @ConditionalOnWebApplication
    SecurityFilterChain security(
            HttpSecurity http,
            SignInSlowdown slowdown,
            SessionRegistry sessions,
            SignedInHandler signedIn,
            InstallationService installation,
            Clock clock) {
        http.authorizeHttpRequests(requests -> requests.requestMatchers(
                        "/sign-in", "/first-start", "/set-password/*", "/error")
                .permitAll()
                .requestMatchers(HttpMethod.GET, "/lib/**", "/js/**", "/mark.svg")
                .permitAll()
                .requestMatchers(HttpMethod.GET, "/calendar/*")
                .permitAll()
                .requestMatchers(HttpMethod.GET, "/server/health/**")
                .permitAll()
                .requestMatchers("/accounts/**", "/works/**", "/server/**")
                .hasRole(Role.STEWARD.name())
                .requestMatchers(HttpMethod.POST, "/dockets/**", "/parts/**", "/quick/**", "/plan/**")
                .hasAnyRole(Role.INSPECTOR.name(), Role.CHECKER.name())
                .requestMatchers(HttpMethod.POST, "/gauges/*/check", "/gauges/*/report", "/gauges/*/trace/*/accept")
                .hasAnyRole(Role.INSPECTOR.name(), Role.CHECKER.name(), Role.KEEPER.name())
                .requestMatchers(HttpMethod.POST, "/exchange/parts/**")
                .hasAnyRole(Role.INSPECTOR.name(), Role.CHECKER.name())
                .requestMatchers(HttpMethod.POST, "/gauges/**", "/exchange/**")
                .hasRole(Role.KEEPER.name())
                .requestMatchers(
                        "/dockets/*/sign", "/dockets/*/piece", "/dockets/*/supersede", "/parts/*/dockets/new", "/quick")
                .hasAnyRole(Role.INSPECTOR.name(), Role.CHECKER.name())
                .anyRequest()
                .authenticated());
        http.formLogin(form -> form.loginPage("/sign-in")
                .usernameParameter("login")
                .passwordParameter("password")
                .successHandler(signedIn)
                .failureHandler((request, response, e) -> response.sendRedirect(SignInAddress.of("failed", request))));
        // Where to go on is in the address of the sign-in page; nothing is kept of who is not signed in.
        http.requestCache(cache -> cache.requestCache(new NullRequestCache()));
        http.sessionManagement(management -> management
                .sessionFixation(fixation -> fixation.newSession())
                .maximumSessions(-1)
                .sessionRegistry(sessions)
                .expiredSessionStrategy(event -> signedOut(event.getRequest(), event.getResponse())));
        http.logout(logout -> logout.logoutUrl("/sign-out").logoutSuccessUrl("/sign-in?out"));
        http.addFilterBefore(new SlowdownFilter(slowdown), UsernamePasswordAuthenticationFilter.class);
        http.addFilterBefore(new SignedInFor(installation, clock), SecurityContextHolderFilter.class);
        http.headers(headers -> headers.httpStrictTransportSecurity(hsts -> hsts.includeSubDomains(false))
                .contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                .referrerPolicy(policy -> policy.policy(ReferrerPolicy.SAME_ORIGIN)));
        // A page part asked for after the session ended gets a plain 401, not a sign-in page swapped into the docket.
        http.exceptionHandling(handling -> handling.defaultAuthenticationEntryPointFor(
                        new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED), PART_OF_A_PAGE)
                .defaultAuthenticationEntryPointFor(
                        (request, response, e) -> response.sendRedirect(SignInAddress.after(request)), request -> true)
                .accessDeniedHandler(SecurityConfiguration::denied));
        return http.build();
    }

    /** A form that was sent after its page's session had ended carries the token of that session. */
    private static void denied(HttpServletRequest request, HttpServletResponse response, AccessDeniedException e)
            throws IOException {
        boolean ended = e instanceof CsrfException;
        if (ended && request.getRequestURI().equals("/sign-in")) {
            response.sendRedirect(SignInAddress.of("old", request));
        } else if (ended && SecurityContextHolder.getContext().getAuthentication() == null) {
            signedOut(request, response);
        } else {
            request.setAttribute("ended", ended);
            response.sendError(HttpStatus.FORBIDDEN.value());
        }
    }

    private static void signedOut(HttpServletRequest request, HttpServletResponse response) throws IOException {
        if (PART_OF_A_PAGE.matches(request)) {
            response.sendError(HttpStatus.UNAUTHORIZED.value());
        } else {
            response.sendRedirect("/sign-in?out");
        }
    }
}
