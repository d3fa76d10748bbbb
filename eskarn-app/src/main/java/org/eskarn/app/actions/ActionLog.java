package org.eskarn.app.actions;

import java.time.Clock;
import java.util.List;
import java.util.Locale;
import org.eskarn.app.page.Words;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Who changed what, and when. A line belongs to the change that it tells: it is written in its transaction, so that neither is there
 * without the other. What happens to a docket is told by the docket itself.
 */
@Service
public class ActionLog {

    private static final int LONGEST = 1000;

    private final ActionMapper actions;
    private final Clock clock;

    ActionLog(ActionMapper actions, Clock clock) {
        this.actions = actions;
        this.clock = clock;
    }

    /** Tells what whoever is signed in has done; without anybody, it was the server. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void tell(ActionAbout about, String said) {
        String kept = said.length() <= LONGEST ? said : said.substring(0, LONGEST - 1) + "…";
        actions.insert(clock.instant(), login(), Words.say("actions.the-server"), about, kept);
    }

    /** The same of what changed nothing in the database, such as a backup. */
    @Transactional
    public void tellAlone(ActionAbout about, String said) {
        tell(about, said);
    }

    private static String login() {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        return who == null || !who.isAuthenticated() || who.getName().equals("anonymousUser") ? "" : who.getName();
    }

    /**
     * @param text within what was done or who did it; empty for all
     * @param before an id; those before it are looked at
     */
    @Transactional(readOnly = true)
    public List<Action> search(String text, @Nullable ActionAbout about, long before, int most) {
        String small = text.strip().toLowerCase(Locale.ROOT);
        String like = small.isEmpty() ? null : "%" + small.replaceAll("[!%_]", "!$0") + "%";
        return actions.search(like, about, before, most);
    }
}
