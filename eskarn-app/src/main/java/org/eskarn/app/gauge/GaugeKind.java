package org.eskarn.app.gauge;

/** What a gauge is, as far as it decides what it can read. */
public enum GaugeKind {
    INDICATOR("dial indicator"),
    MICROMETER("micrometer"),
    BORE_GAUGE("bore gauge"),
    DEPTH_GAUGE("depth or height gauge"),
    PINS("pin set"),
    PLUG("plug or mandrel");

    private final String title;

    GaugeKind(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
