package org.eskarn.app.docket;

import org.eskarn.app.page.Words;

/** What a docket is for. */
public enum Purpose {
    FIRST_OFF("first-off", Words.say("docket.first-off")),
    FINAL("final", Words.say("docket.final")),
    INCOMING("incoming", Words.say("docket.incoming")),
    IN_SERVICE("in service", Words.say("docket.in-service")),
    GAUGE_CHECK("gauge check", Words.say("docket.gauge-check"));

    private final String recorded;
    private final String title;

    Purpose(String recorded, String title) {
        this.recorded = recorded;
        this.title = title;
    }

    /** As it stands in the record, and chooses the limit: whoever edits the words of a screen changes neither. */
    public String recorded() {
        return recorded;
    }

    public String title() {
        return title;
    }
}
