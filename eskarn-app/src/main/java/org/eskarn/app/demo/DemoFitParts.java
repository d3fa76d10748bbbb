package org.eskarn.app.demo;

import static org.eskarn.core.requirement.Characteristic.BORE_SIZE;
import static org.eskarn.core.requirement.Characteristic.FIT_OF_PAIR;
import static org.eskarn.core.requirement.Characteristic.OUTSIDE_SIZE;
import static org.eskarn.core.round.SurfaceSide.INSIDE;
import static org.eskarn.core.round.SurfaceSide.OUTSIDE;

import java.util.List;

/** Drawings whose sizes are given as fits: pinion shaft and gearcase, lock pin and bush, wedge crank. */
final class DemoFitParts {

    private static final String SIX = "layoutKind: RINGS | layoutFirst: 10 25 40 | layoutSecond: 0 90 | "
            + "zeroRule: MASTER | workKind: ON_THE_PLATE | ";

    private static final String PAIRS = "limitKind: FIT_CODE | zeroRule: MASTER | workKind: ON_THE_PLATE | ";

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
                        "limitKind: FIT_CODE | nominal: 45 | code: k5 | setTo: 45.000 | gaugeKind: SNAP_GAUGE | "
                                + "rule: STRINGENT | resolution: 0.5 | " + SIX
                                + "circumstances: Bearing off, shaft at room temperature.")
                .asks(
                        "Pilot to g6",
                        "Pilot",
                        OUTSIDE_SIZE,
                        "limitKind: FIT_CODE | nominal: 32 | code: g6 | setTo: 32.000 | gaugeKind: SNAP_GAUGE | "
                                + "resolution: 0.5 | " + SIX
                                + "circumstances: Distances from the shoulder.");
    }

    private static DemoPart gearcaseHalf() {
        return DemoPart.metric("TG-122", "A", "Gearcase half with seats", "cast iron", "10.5")
                .feature("Bearing seat", "A", INSIDE, "85", "the drive side")
                .feature("Pilot bore", "", INSIDE, "32", "the drive side")
                .asks(
                        "Bearing seat to J7",
                        "Bearing seat",
                        BORE_SIZE,
                        "limitKind: FIT_CODE | nominal: 85 | code: J7 | setTo: 85.000 | gaugeKind: BORE_GAUGE | "
                                + "resolution: 1 | " + SIX
                                + "circumstances: Halves bolted together, bolts torqued as the maker says, bearing out.")
                .asks(
                        "Pilot bore to H7",
                        "Pilot bore",
                        BORE_SIZE,
                        "limitKind: FIT_CODE | nominal: 32 | code: H7 | setTo: 32.000 | gaugeKind: BORE_GAUGE | "
                                + "resolution: 1 | " + SIX
                                + "circumstances: Distances from the end the shoulder stands at.")
                .asks(
                        "Pilot in its bore",
                        "Pilot bore",
                        FIT_OF_PAIR,
                        PAIRS + "nominal: 32 | code: H7/g6 | setTo: 32.000 | gaugeKind: BORE_GAUGE | resolution: 1 | "
                                + "layoutFirst: front; middle; back");
    }

    private static DemoPart lockPin() {
        return DemoPart.inch("TG-206", "A", "Lock pin in its bush", "steel on phosphor bronze", "18")
                .feature("Bush and pin", "A", INSIDE, "1.25", "the flange")
                .asks(
                        "Bush bore to RC4",
                        "Bush and pin",
                        BORE_SIZE,
                        "limitKind: FIT_CODE | nominal: 1.25 | code: RC4 | setTo: 1.2500 | gaugeKind: BORE_GAUGE | "
                                + "resolution: 1 | layoutKind: RINGS | layoutFirst: 0.25 1 1.75 | layoutSecond: 0 90 | "
                                + "zeroRule: MASTER | workKind: ON_THE_PLATE")
                .asks(
                        "Pin in bush",
                        "Bush and pin",
                        FIT_OF_PAIR,
                        PAIRS + "nominal: 1.25 | code: RC4 | setTo: 1.2500 | gaugeKind: BORE_GAUGE | resolution: 1 | "
                                + "layoutFirst: flange end; far end");
    }

    /** Pressed together; what holds is the interference. */
    private static DemoPart wedgeCrank() {
        return DemoPart.metric("TG-116", "A", "Wedge crank, pin and webs", "alloy steel", "11.5")
                .feature("Pin in webs", "A", INSIDE, "40", "the drive side")
                .asks(
                        "Pin in webs, before pressing",
                        "Pin in webs",
                        FIT_OF_PAIR,
                        PAIRS + "nominal: 40 | code: H7/s6 | setTo: 40.000 | gaugeKind: BORE_GAUGE | resolution: 1 | "
                                + "layoutFirst: web 1; web 2 | "
                                + "circumstances: Before pressing: bore of each web and the pin where it will sit.");
    }
}
