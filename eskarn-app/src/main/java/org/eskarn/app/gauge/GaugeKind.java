package org.eskarn.app.gauge;

import java.util.Arrays;
import java.util.List;
import org.eskarn.app.page.Words;
import org.eskarn.core.requirement.Characteristic;

/** What a gauge is, as far as it decides what it can read. */
public enum GaugeKind {
    INDICATOR(Words.say("gauge.dial-indicator"), false),
    SNAP_GAUGE(Words.say("gauge.dial-snap-gauge"), false),
    BORE_GAUGE(Words.say("gauge.bore-gauge"), false),
    MICROMETER(Words.say("gauge.kind-micrometer"), false),
    CALIPER(Words.say("gauge.kind-caliper"), false),
    HEIGHT_GAUGE(Words.say("gauge.height-gauge"), false),
    DEPTH_GAUGE(Words.say("gauge.depth-gauge"), false),
    SQUARENESS_COMPARATOR(Words.say("gauge.squareness-comparator"), false),
    STAND(Words.say("gauge.stand-or-fixture"), false),
    SURFACE_PLATE(Words.say("gauge.surface-plate"), false),
    LEVEL(Words.say("gauge.kind-level"), false),
    PINS(Words.say("gauge.pin-set"), true),
    PLUG(Words.say("gauge.plug-or-mandrel"), true),
    BLOCK_SET(Words.say("gauge.block-set"), true),
    SETTING_RING(Words.say("gauge.setting-ring"), true),
    SETTING_DISC(Words.say("gauge.setting-disc"), true),
    SQUARE(Words.say("gauge.master-square"), true),
    ANGLE_BLOCK(Words.say("gauge.angle-block"), true),
    STRAIGHTEDGE(Words.say("gauge.kind-straightedge"), true),
    FEELER_SET(Words.say("gauge.feeler-set"), true),
    RING_GAUGE(Words.say("gauge.go-not-go-ring"), true);

    private final String title;
    private final boolean master;

    GaugeKind(String title, boolean master) {
        this.title = title;
        this.master = master;
    }

    public String title() {
        return title;
    }

    /** Whether it is a size to compare with rather than something that is read. */
    public boolean master() {
        return master;
    }

    /** Whether it shows figures that are read. */
    public boolean read() {
        return switch (this) {
            case INDICATOR,
                    SNAP_GAUGE,
                    BORE_GAUGE,
                    MICROMETER,
                    CALIPER,
                    HEIGHT_GAUGE,
                    DEPTH_GAUGE,
                    SQUARENESS_COMPARATOR,
                    LEVEL,
                    PINS,
                    FEELER_SET -> true;
            default -> false;
        };
    }

    /** Whether gauges of the kind can read a characteristic. */
    public boolean reads(Characteristic what) {
        boolean answered = what == Characteristic.FUNCTIONAL_FIT;
        boolean pins = what == Characteristic.PIN_CHECK;
        boolean leaves = what == Characteristic.GAP;
        boolean first = what == Characteristic.HEIGHT_DIFFERENCE;
        return switch (this) {
            case PINS -> pins || answered;
            case FEELER_SET -> leaves || answered;
            case PLUG, RING_GAUGE -> answered;
            case MICROMETER, CALIPER, SNAP_GAUGE, BORE_GAUGE -> answered || (what.readsSizes() && !pins && !leaves);
            case DEPTH_GAUGE -> answered || first || (what.readsSizes() && !pins && !leaves);
            case LEVEL -> what == Characteristic.STRAIGHTNESS || what == Characteristic.RECORD;
            case SQUARENESS_COMPARATOR -> what == Characteristic.SQUARENESS || what == Characteristic.RECORD;
            default -> !pins && !leaves;
        };
    }

    /** The kind that a characteristic is usually read with. */
    public static GaugeKind usual(Characteristic what) {
        return switch (what) {
            case PIN_CHECK -> PINS;
            case BORE_SIZE, FIT_OF_PAIR -> BORE_GAUGE;
            case OUTSIDE_SIZE, OUT_OF_ROUND, TAPER -> MICROMETER;
            case GAP -> FEELER_SET;
            case DEPTH_AND_PITCH -> DEPTH_GAUGE;
            default -> INDICATOR;
        };
    }

    /** Whether it goes or does not go, and shows nothing else. */
    public boolean limitGauge() {
        return this == PLUG || this == RING_GAUGE;
    }

    /** Whether it counts a place that is higher as more; a depth gauge counts one that is deeper. */
    public boolean tellsHeights() {
        return this == INDICATOR || this == HEIGHT_GAUGE;
    }

    /** Whether it is held in the hand, so that what it reads is no sweep. */
    public boolean inHand() {
        return switch (this) {
            case MICROMETER, CALIPER, SNAP_GAUGE, BORE_GAUGE, DEPTH_GAUGE, PINS, FEELER_SET -> true;
            default -> limitGauge();
        };
    }

    /** The kinds that a requirement can ask for. */
    public static List<GaugeKind> measuring() {
        return Arrays.stream(values())
                .filter(kind -> kind.read() || kind.limitGauge())
                .toList();
    }

    /** Whether stacks are wrung from it. */
    public boolean stacked() {
        return this == BLOCK_SET;
    }
}
