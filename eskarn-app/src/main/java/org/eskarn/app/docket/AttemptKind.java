package org.eskarn.app.docket;

/** Why a requirement is measured, once more or for the first time. */
public enum AttemptKind {
    AS_FOUND("as found"),
    AGAIN("again"),
    CORRECTED("after correction"),
    SECOND_INSPECTOR("second inspector");

    private final String title;

    AttemptKind(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
