package org.eskarn.app.docket;

/** What a docket is for. */
public enum Purpose {
    FIRST_OFF("first-off"),
    FINAL("final"),
    INCOMING("incoming"),
    IN_SERVICE("in service"),
    GAUGE_CHECK("gauge check");

    private final String title;

    Purpose(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
