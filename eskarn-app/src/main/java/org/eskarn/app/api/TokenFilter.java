package org.eskarn.app.api;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.eskarn.app.account.SignedIn;
import org.springframework.http.HttpHeaders;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** Whoever sends a good token acts as the person who made it, for this request alone. */
final class TokenFilter extends OncePerRequestFilter {

    private static final String BEARER = "Bearer ";

    private final ApiTokens tokens;

    TokenFilter(ApiTokens tokens) {
        this.tokens = tokens;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String sent = request.getHeader(HttpHeaders.AUTHORIZATION);
        if (sent != null && sent.startsWith(BEARER)) {
            tokens.owner(sent.substring(BEARER.length()).strip())
                    .map(SignedIn::new)
                    .ifPresent(person -> SecurityContextHolder.getContext()
                            .setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                                    person, "", person.getAuthorities())));
        }
        chain.doFilter(request, response);
    }
}
