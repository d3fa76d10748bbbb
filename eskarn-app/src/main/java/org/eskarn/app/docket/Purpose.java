package org.eskarn.app.docket;

import org.eskarn.app.page.Words;

/** What a docket is for. */
public enum Purpose {
    FIRST_OFF("first-off"),
    FINAL("final"),
    INCOMING("incoming"),
    IN_SERVICE(Words.say("docket.in-service")),
    GAUGE_CHECK(Words.say("docket.gauge-check"));

    private final String title;

    Purpose(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
