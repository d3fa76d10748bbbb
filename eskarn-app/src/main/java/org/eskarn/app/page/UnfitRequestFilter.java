package org.eskarn.app.page;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Locale;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Turns away what cannot be read: bytes that are no text in their encoding, more fields than any page has, files that are too large.
 * One line of the log tells it. The page
 * that tells an error is none of its own, so that whoever asks for it by its address finds nothing there.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class UnfitRequestFilter extends OncePerRequestFilter {

    private static final Logger LOG = LoggerFactory.getLogger(UnfitRequestFilter.class);

    /** Bytes; a little less than the server would read. */
    private static final long LARGEST = 12_500_000;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getDispatcherType() == DispatcherType.REQUEST
                && request.getRequestURI().equals("/error")) {
            response.sendError(HttpStatus.NOT_FOUND.value());
        } else if (tooLarge(request)) {
            // Before anything reads it: a file is kept on the disk while it is read.
            response.sendError(HttpStatus.CONTENT_TOO_LARGE.value());
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

    /** One that does not say how large it is counts as too large. */
    private static boolean tooLarge(HttpServletRequest request) {
        String type = String.valueOf(request.getContentType());
        long length = request.getContentLengthLong();
        return type.toLowerCase(Locale.ROOT).startsWith("multipart/") && (length < 0 || length > LARGEST);
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
