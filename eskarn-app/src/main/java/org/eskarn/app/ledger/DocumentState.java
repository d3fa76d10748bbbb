package org.eskarn.app.ledger;

/** What the last check says of a document. */
public enum DocumentState {
    IN_ORDER("in order"),
    BROKEN("broken"),
    AFTER_BROKEN("after a broken one"),
    UNCHECKED("not checked yet");

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
