package org.eskarn.app.docket;

import org.eskarn.app.page.Words;

/** What a requirement waits for before its docket can be signed. */
public enum WaitsFor {
    RECHECK(Words.say("docket.a-recheck"), AttemptKind.CORRECTED),
    SECOND_INSPECTOR(Words.say("docket.a-second-inspector"), AttemptKind.SECOND_INSPECTOR);

    private final String title;
    private final AttemptKind attempt;

    WaitsFor(String title, AttemptKind attempt) {
        this.title = title;
        this.attempt = attempt;
    }

    public String title() {
        return title;
    }

    /** The attempt that ends the waiting. */
    public AttemptKind attempt() {
        return attempt;
    }
}
