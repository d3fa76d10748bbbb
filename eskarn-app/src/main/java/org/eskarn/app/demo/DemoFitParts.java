package org.eskarn.app.demo;

import static org.eskarn.core.requirement.Characteristic.BORE_SIZE;
import static org.eskarn.core.requirement.Characteristic.FIT_OF_PAIR;
import static org.eskarn.core.requirement.Characteristic.OUTSIDE_SIZE;
import static org.eskarn.core.round.SurfaceSide.INSIDE;
import static org.eskarn.core.round.SurfaceSide.OUTSIDE;

import java.util.List;

/** Drawings whose sizes are given as fits: pinion shaft and gearcase, lock pin and bush, wedge crank. */
final class DemoFitParts {

    private static final String SIX = "layout.kind: RINGS | layout.first: 10 25 40 | layout.second: 0 90 | "
            + "gauge.zeroRule: MASTER | setUp.workKind: ON_THE_PLATE | ";

    private static final String PAIRS =
            "limit.kind: FIT_CODE | gauge.zeroRule: MASTER | setUp.workKind: ON_THE_PLATE | ";

    private DemoFitParts() {}

    static List<DemoPart> all() {
        return List.of(pinionEnd(), gearcaseHalf(), lockPin(), wedgeCrank());
    }

    private static DemoPart pinionEnd() {
        return DemoPart.metric("TG-114", "A", "Pinion shaft, bearing end", "alloy steel", "11.5")
                .feature("Journal", "A", OUTSIDE, "45", "the bearing end")
                .feature("Pilot", "", OUTSIDE, "32", "the bearing end")
                .asks(
                        "Journal to k5",
                        "Journal",
                        OUTSIDE_SIZE,
                        "limit.kind: FIT_CODE | limit.nominal: 45 | limit.code: k5 | gauge.setTo: 45.000 | gauge.kind: SNAP_GAUGE | "
                                + "limit.rule: STRINGENT | gauge.resolution: 0.5 | " + SIX
                                + "setUp.circumstances: Bearing off, shaft at room temperature.")
                .asks(
                        "Pilot to g6",
                        "Pilot",
                        OUTSIDE_SIZE,
                        "limit.kind: FIT_CODE | limit.nominal: 32 | limit.code: g6 | gauge.setTo: 32.000 | gauge.kind: SNAP_GAUGE | "
                                + "gauge.resolution: 0.5 | " + SIX
                                + "setUp.circumstances: Distances from the shoulder.");
    }

    private static DemoPart gearcaseHalf() {
        return DemoPart.metric("TG-122", "A", "Gearcase half with seats", "cast iron", "10.5")
                .feature("Bearing seat", "A", INSIDE, "85", "the drive side")
                .feature("Pilot bore", "", INSIDE, "32", "the drive side")
                .asks(
                        "Bearing seat to J7",
                        "Bearing seat",
                        BORE_SIZE,
                        "limit.kind: FIT_CODE | limit.nominal: 85 | limit.code: J7 | gauge.setTo: 85.000 | gauge.kind: BORE_GAUGE | "
                                + "gauge.resolution: 1 | " + SIX
                                + "setUp.circumstances: Halves bolted together, bolts torqued as the maker says, bearing out.")
                .asks(
                        "Pilot bore to H7",
                        "Pilot bore",
                        BORE_SIZE,
                        "limit.kind: FIT_CODE | limit.nominal: 32 | limit.code: H7 | gauge.setTo: 32.000 | gauge.kind: BORE_GAUGE | "
                                + "gauge.resolution: 1 | " + SIX
                                + "setUp.circumstances: Distances from the end the shoulder stands at.")
                .asks(
                        "Pilot in its bore",
                        "Pilot bore",
                        FIT_OF_PAIR,
                        PAIRS
                                + "limit.nominal: 32 | limit.code: H7/g6 | gauge.setTo: 32.000 | gauge.kind: BORE_GAUGE | gauge.resolution: 1 | "
                                + "layout.first: front; middle; back");
    }

    private static DemoPart lockPin() {
        return DemoPart.inch("TG-206", "A", "Lock pin in its bush", "steel on phosphor bronze", "18")
                .feature("Bush and pin", "A", INSIDE, "1.25", "the flange")
                .asks(
                        "Bush bore to RC4",
                        "Bush and pin",
                        BORE_SIZE,
                        "limit.kind: FIT_CODE | limit.nominal: 1.25 | limit.code: RC4 | gauge.setTo: 1.2500 | gauge.kind: BORE_GAUGE | "
                                + "gauge.resolution: 1 | layout.kind: RINGS | layout.first: 0.25 1 1.75 | layout.second: 0 90 | "
                                + "gauge.zeroRule: MASTER | setUp.workKind: ON_THE_PLATE")
                .asks(
                        "Pin in bush",
                        "Bush and pin",
                        FIT_OF_PAIR,
                        PAIRS
                                + "limit.nominal: 1.25 | limit.code: RC4 | gauge.setTo: 1.2500 | gauge.kind: BORE_GAUGE | gauge.resolution: 1 | "
                                + "layout.first: flange end; far end");
    }

    /** Pressed together; what holds is the interference. */
    private static DemoPart wedgeCrank() {
        return DemoPart.metric("TG-116", "A", "Wedge crank, pin and webs", "alloy steel", "11.5")
                .feature("Pin in webs", "A", INSIDE, "40", "the drive side")
                .asks(
                        "Pin in webs, before pressing",
                        "Pin in webs",
                        FIT_OF_PAIR,
                        PAIRS
                                + "limit.nominal: 40 | limit.code: H7/s6 | gauge.setTo: 40.000 | gauge.kind: BORE_GAUGE | gauge.resolution: 1 | "
                                + "layout.first: web 1; web 2 | "
                                + "setUp.circumstances: Before pressing: bore of each web and the pin where it will sit.");
    }
}
