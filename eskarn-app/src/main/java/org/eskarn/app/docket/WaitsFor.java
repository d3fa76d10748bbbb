package org.eskarn.app.docket;

/** What a requirement waits for before its docket can be signed. */
public enum WaitsFor {
    RECHECK("a recheck", AttemptKind.CORRECTED),
    SECOND_INSPECTOR("a second inspector", AttemptKind.SECOND_INSPECTOR);

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
