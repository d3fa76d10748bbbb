package org.eskarn.app.gauge;

/** How a gauge stands by decision; being due follows from its calibrations. */
public enum GaugeStatus {
    IN_SERVICE("in service"),
    IN_QUESTION("in question"),
    WITHDRAWN("withdrawn");

    private final String title;

    GaugeStatus(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
