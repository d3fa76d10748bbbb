package org.eskarn.app.docket;

import java.util.Arrays;
import java.util.Optional;

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

    /** The purpose that is written so, if any. */
    public static Optional<Purpose> titled(String title) {
        return Arrays.stream(values()).filter(each -> each.title.equals(title)).findFirst();
    }
}
