package org.eskarn.app.ledger;

import org.eskarn.app.page.Words;

/** What the last check says of a document. */
public enum DocumentState {
    IN_ORDER(Words.say("ledger.in-order")),
    BROKEN(Words.say("ledger.state-broken")),
    AFTER_BROKEN(Words.say("ledger.after-a-broken-one")),
    UNCHECKED(Words.say("ledger.not-checked-yet"));

    private final String title;

    DocumentState(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }

    public boolean wrong() {
        return this == BROKEN || this == AFTER_BROKEN;
    }
}
