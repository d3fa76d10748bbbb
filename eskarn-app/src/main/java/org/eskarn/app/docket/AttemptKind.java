package org.eskarn.app.docket;

import org.eskarn.app.page.Words;

/** Why a requirement is measured, once more or for the first time. */
public enum AttemptKind {
    AS_FOUND(Words.say("docket.as-found")),
    AGAIN(Words.say("docket.again")),
    CORRECTED(Words.say("docket.after-correction")),
    SECOND_INSPECTOR(Words.say("docket.second-inspector"));

    private final String title;

    AttemptKind(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
