package org.eskarn.app.page;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Turns away what cannot be read: bytes that are no text in their encoding, more fields than any page has. One line of the log tells it. The page
 * that tells an error is none of its own, so that whoever asks for it by its address finds nothing there.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class UnfitRequestFilter extends OncePerRequestFilter {

    private static final Logger LOG = LoggerFactory.getLogger(UnfitRequestFilter.class);

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getDispatcherType() == DispatcherType.REQUEST
                && request.getRequestURI().equals("/error")) {
            response.sendError(HttpStatus.NOT_FOUND.value());
        } else if (unreadable(request)) {
            LOG.info(
                    "{} {} cannot be read, from {}",
                    request.getMethod(),
                    request.getRequestURI(),
                    request.getRemoteAddr());
            response.sendError(HttpStatus.BAD_REQUEST.value());
        } else {
            chain.doFilter(request, response);
        }
    }

    private static boolean unreadable(HttpServletRequest request) {
        try {
            request.getParameterMap();
            return false;
        } catch (InvalidParameterException e) {
            return true;
        }
    }
}
