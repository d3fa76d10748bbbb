package org.eskarn.core.requirement;

/** How a limit is written. */
public enum LimitKind {
    MAXIMUM("at most"),
    BETWEEN("between two limits"),
    PLUS_MINUS("nominal with plus and minus"),
    FIT_CODE("nominal with a fit code"),
    ANSWER("every answer yes"),
    NONE("no limit: measure and record");

    private final String title;

    LimitKind(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
