package org.eskarn.app.signin;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.eskarn.app.account.InstallationService;
import org.springframework.web.filter.OncePerRequestFilter;

/** Signs somebody out after a day's work, and after some minutes without a touch: a bench is shared. */
class SignedInFor extends OncePerRequestFilter {

    static final Duration LONGEST = Duration.ofHours(12);

    /** What is kept on a server costs a write: a touch so soon after the last one is not noted. */
    private static final Duration NOTED_AFTER = Duration.ofSeconds(10);

    private static final String SINCE = "signedInSince";
    private static final String TOUCHED = "touched";

    private final InstallationService installation;
    private final Clock clock;

    SignedInFor(InstallationService installation, Clock clock) {
        this.installation = installation;
        this.clock = clock;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        HttpSession session = request.getSession(false);
        if (session != null && session.getAttribute(SINCE) instanceof Instant since) {
            Instant now = clock.instant();
            Instant touched = session.getAttribute(TOUCHED) instanceof Instant at ? at : since;
            if (now.isAfter(since.plus(LONGEST)) || untouched(touched, now)) {
                session.invalidate();
            } else if (now.isAfter(touched.plus(NOTED_AFTER))) {
                session.setAttribute(TOUCHED, now);
            }
        }
        chain.doFilter(request, response);
    }

    /** Most come so soon after the last touch that it does not matter how long may pass. */
    private boolean untouched(Instant touched, Instant now) {
        return now.isAfter(touched.plus(InstallationService.SHORTEST_IDLE))
                && now.isAfter(touched.plus(installation.idle()));
    }

    /** From now on. */
    static void begin(HttpSession session, Instant now) {
        session.setAttribute(SINCE, now);
        session.setAttribute(TOUCHED, now);
    }
}
