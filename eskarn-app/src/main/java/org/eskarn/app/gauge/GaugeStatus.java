package org.eskarn.app.gauge;

import org.eskarn.app.page.Words;

/** How a gauge stands by decision; being due follows from its calibrations. */
public enum GaugeStatus {
    IN_SERVICE(Words.say("gauge.in-service")),
    IN_QUESTION(Words.say("gauge.in-question")),
    WITHDRAWN(Words.say("gauge.withdrawn"));

    private final String title;

    GaugeStatus(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }

    public boolean inService() {
        return this == IN_SERVICE;
    }
}
