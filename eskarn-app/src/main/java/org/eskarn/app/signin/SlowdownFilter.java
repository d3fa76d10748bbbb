package org.eskarn.app.signin;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import org.springframework.http.HttpMethod;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;
import org.springframework.security.web.util.matcher.RequestMatcher;
import org.springframework.web.filter.OncePerRequestFilter;

/** Turns a sign-in away, unlooked at, while its name or address has to wait. */
class SlowdownFilter extends OncePerRequestFilter {

    private static final RequestMatcher SIGN_IN =
            PathPatternRequestMatcher.withDefaults().matcher(HttpMethod.POST, "/sign-in");

    private final SignInSlowdown slowdown;

    SlowdownFilter(SignInSlowdown slowdown) {
        this.slowdown = slowdown;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (SIGN_IN.matches(request)) {
            String login = request.getParameter("login");
            Duration wait =
                    slowdown.begin(login == null ? "" : login, request.getRemoteAddr(), DeviceCookie.read(request));
            if (!wait.isZero()) {
                response.sendRedirect(SignInAddress.of("wait=" + Math.max(1, wait.toSeconds()), request));
                return;
            }
        }
        chain.doFilter(request, response);
    }
}
