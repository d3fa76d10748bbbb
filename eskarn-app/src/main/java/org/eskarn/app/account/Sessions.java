package org.eskarn.app.account;

import org.jspecify.annotations.Nullable;
import org.springframework.security.core.session.SessionInformation;
import org.springframework.security.core.session.SessionRegistry;
import org.springframework.stereotype.Component;

/** Who is signed in where. */
@Component
public class Sessions {

    private final SessionRegistry registry;

    Sessions(SessionRegistry registry) {
        this.registry = registry;
    }

    /** Signs a person out wherever they are, but not in the session to be kept. */
    public void signOut(Account account, @Nullable String kept) {
        registry.getAllSessions(new SignedIn(account), false).stream()
                .filter(session -> !session.getSessionId().equals(kept))
                .forEach(SessionInformation::expireNow);
    }
}
