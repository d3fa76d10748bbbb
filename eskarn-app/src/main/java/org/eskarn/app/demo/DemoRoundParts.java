package org.eskarn.app.demo;

import static org.eskarn.core.requirement.Characteristic.*;
import static org.eskarn.core.round.SurfaceSide.INSIDE;
import static org.eskarn.core.round.SurfaceSide.OUTSIDE;

import java.util.List;

/** Drawings of round things that have to be corrected, and of holes that are compared. */
final class DemoRoundParts {

    private DemoRoundParts() {}

    static List<DemoPart> all() {
        return List.of(idlerRing(), longCrank(), idlerShaft(), drilledPlate());
    }

    /** Centred on offset dowels. */
    private static DemoPart idlerRing() {
        return DemoPart.metric("TG-133", "A", "Idler adapter ring", "cast iron", "10.5")
                .feature("Pilot opening", "", INSIDE, "140", "the motor side")
                .asks(
                        "Offset of pilot opening",
                        "Pilot opening",
                        OFFSET_OF_OPENING,
                        "limit.upper: 0.030 | limit.statedAs: OFFSET | layout.first: 0 30 80 135 180 225 270 310 | "
                                + "limit.datum: axis of the idler shaft | gauge.resolution: 2 | setUp.workKind: ON_THE_MACHINE | "
                                + "setUp.circumstances: Swept from the idler shaft, ring bolted up snug, dowels out.");
    }

    /** Pressed together from three pieces. */
    private static DemoPart longCrank() {
        return DemoPart.metric("TG-119", "A", "Wedge crank, three journals", "pressed together, carbon steel", "11.8")
                .feature("Journals", "", OUTSIDE, "70", "the flange end")
                .asks(
                        "Runout of the journals",
                        "Journals",
                        CIRCULAR_RUNOUT_RADIAL,
                        "limit.upper: 0.030 | layout.kind: RINGS | layout.first: 40 180 320 | layout.second: 8 | "
                                + "gauge.zeroing: EACH_STEP | limit.datum: axis of the centres | gauge.resolution: 1 | "
                                + "setUp.circumstances: Between dead centres, turned by hand; the gauge is set to zero again at each journal.");
    }

    /** Turned between centres, and measured on the lathe. */
    private static DemoPart idlerShaft() {
        return DemoPart.metric("TG-113", "A", "Idler shaft", "carbon steel", "11.5")
                .feature("Bearing seat", "A", OUTSIDE, "38", "the headstock")
                .asks(
                        "Size of bearing seat",
                        "Bearing seat",
                        OUTSIDE_SIZE,
                        "limit.kind: PLUS_MINUS | limit.nominal: 38.000 | limit.upper: 0.018 | limit.lower: 0.002 | layout.kind: RINGS | "
                                + "layout.first: 10 40 70 100 | layout.second: 0 90 | gauge.kind: MICROMETER | gauge.resolution: 1 | "
                                + "gauge.zeroRule: MASTER | setUp.workKind: ON_THE_MACHINE | setUp.warm: true")
                .asks(
                        "Taper of bearing seat",
                        "Bearing seat",
                        TAPER,
                        "limit.upper: 0.006 | limit.per: 90 | layout.kind: RINGS | layout.first: 10 100 | layout.second: 0 90 | "
                                + "gauge.kind: MICROMETER | gauge.resolution: 1 | gauge.zeroRule: MASTER | setUp.workKind: ON_THE_MACHINE");
    }

    private static DemoPart drilledPlate() {
        return DemoPart.metric("TG-151", "A", "Lock plate, drilled", "carbon steel", "11.8")
                .feature("Ring of holes", "", INSIDE, "120", "the marked side")
                .feature("Counterbores", "", OUTSIDE, "12", "the marked side")
                .feature("Dowel hole", "B", INSIDE, "6", "the marked side")
                .asks(
                        "Pitch round the ring",
                        "Ring of holes",
                        PITCH,
                        "limit.upper: 0.015 | limit.statedAs: ACCUMULATED | layout.kind: RING | layout.first: 12 | gauge.resolution: 1 | "
                                + "setUp.workKind: ON_THE_PLATE")
                .asks(
                        "Depth of the counterbores",
                        "Counterbores",
                        DEPTH_AND_PITCH,
                        "limit.kind: PLUS_MINUS | limit.nominal: 12.00 | limit.upper: 0.15 | limit.lower: -0.15 | layout.kind: POINTS | "
                                + "layout.first: drill 1: a; drill 1: b; drill 1: c; drill 1: d; drill 2: a; drill 2: b; drill 2: c; drill 2: d | "
                                + "gauge.kind: DEPTH_GAUGE | setUp.workKind: ON_THE_PLATE")
                .asks(
                        "Dowel hole by a series of pins",
                        "Dowel hole",
                        PIN_CHECK,
                        "limit.kind: BETWEEN | limit.lower: 6.000 | limit.upper: 6.022 | layout.kind: PINS | "
                                + "layout.first: 5.99 6.00 6.01 6.02 | gauge.pinClass: -0.002 | gauge.kind: PINS | "
                                + "gauge.zeroRule: MASTER | setUp.workKind: ON_THE_PLATE");
    }
}
