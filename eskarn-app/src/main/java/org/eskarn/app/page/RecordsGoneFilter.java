package org.eskarn.app.page;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Says that the records cannot be reached where not even who is signed in can be looked up: a database server is down. The page is written here,
 * because every other page asks for somebody first.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class RecordsGoneFilter extends OncePerRequestFilter {

    private static final Logger LOG = LoggerFactory.getLogger(RecordsGoneFilter.class);

    /** Classes of states in standard SQL and of the server: no connection, and a server that is stopping or starting. */
    private static final String NO_CONNECTION = "08";

    private static final String STOPPING = "57P";

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (RuntimeException failure) {
            if (!gone(failure) || response.isCommitted()) {
                throw failure;
            }
            LOG.warn("The records could not be reached: {}", failure.getMessage());
            say(response);
        }
    }

    private static boolean gone(Throwable failure) {
        return Stream.iterate(failure, cause -> cause != null, Throwable::getCause)
                .anyMatch(cause -> cause instanceof SQLTransientConnectionException
                        || (cause instanceof SQLException sql && gone(sql)));
    }

    /** A connection of the pool that the server has ended says so without a state. */
    private static boolean gone(SQLException failure) {
        String state = failure.getSQLState();
        return state == null
                ? "Connection is closed".equals(failure.getMessage())
                : state.startsWith(NO_CONNECTION) || state.startsWith(STOPPING);
    }

    private static void say(HttpServletResponse response) throws IOException {
        response.reset();
        response.setStatus(HttpStatus.SERVICE_UNAVAILABLE.value());
        response.setContentType(MediaType.TEXT_HTML_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response.getWriter()
                .write("<!DOCTYPE html><html lang=\"en\"><title>" + Words.say("page.eskarn") + "</title><main><h1>"
                        + Words.say("page.the-records-cannot-be-reached") + "</h1><p>"
                        + Words.say("page.nothing-was-kept-try-again") + "</p></main></html>");
    }
}
