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
                        "upper: 0.030 | statedAs: OFFSET | layoutFirst: 0 30 80 135 180 225 270 310 | "
                                + "datum: axis of the idler shaft | resolution: 2 | workKind: ON_THE_MACHINE | "
                                + "circumstances: Swept from the idler shaft, ring bolted up snug, dowels out.");
    }

    /** Pressed together from three pieces. */
    private static DemoPart longCrank() {
        return DemoPart.metric("TG-119", "A", "Wedge crank, three journals", "pressed together, carbon steel", "11.8")
                .feature("Journals", "", OUTSIDE, "70", "the flange end")
                .asks(
                        "Runout of the journals",
                        "Journals",
                        CIRCULAR_RUNOUT_RADIAL,
                        "upper: 0.030 | layoutKind: RINGS | layoutFirst: 40 180 320 | layoutSecond: 8 | "
                                + "zeroing: EACH_STEP | datum: axis of the centres | resolution: 1 | "
                                + "circumstances: Between dead centres, turned by hand; the gauge is set to zero again at each journal.");
    }

    /** Turned between centres, and measured on the lathe. */
    private static DemoPart idlerShaft() {
        return DemoPart.metric("TG-113", "A", "Idler shaft", "carbon steel", "11.5")
                .feature("Bearing seat", "A", OUTSIDE, "38", "the headstock")
                .asks(
                        "Size of bearing seat",
                        "Bearing seat",
                        OUTSIDE_SIZE,
                        "limitKind: PLUS_MINUS | nominal: 38.000 | upper: 0.018 | lower: 0.002 | layoutKind: RINGS | "
                                + "layoutFirst: 10 40 70 100 | layoutSecond: 0 90 | gaugeKind: MICROMETER | resolution: 1 | "
                                + "zeroRule: MASTER | workKind: ON_THE_MACHINE | warm: true")
                .asks(
                        "Taper of bearing seat",
                        "Bearing seat",
                        TAPER,
                        "upper: 0.006 | per: 90 | layoutKind: RINGS | layoutFirst: 10 100 | layoutSecond: 0 90 | "
                                + "gaugeKind: MICROMETER | resolution: 1 | zeroRule: MASTER | workKind: ON_THE_MACHINE");
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
                        "upper: 0.015 | statedAs: ACCUMULATED | layoutKind: RING | layoutFirst: 12 | resolution: 1 | "
                                + "workKind: ON_THE_PLATE")
                .asks(
                        "Depth of the counterbores",
                        "Counterbores",
                        DEPTH_AND_PITCH,
                        "limitKind: PLUS_MINUS | nominal: 12.00 | upper: 0.15 | lower: -0.15 | layoutKind: POINTS | "
                                + "layoutFirst: drill 1: a; drill 1: b; drill 1: c; drill 1: d; drill 2: a; drill 2: b; drill 2: c; drill 2: d | "
                                + "gaugeKind: DEPTH_GAUGE | workKind: ON_THE_PLATE")
                .asks(
                        "Dowel hole by a series of pins",
                        "Dowel hole",
                        PIN_CHECK,
                        "limitKind: BETWEEN | lower: 6.000 | upper: 6.022 | layoutKind: PINS | "
                                + "layoutFirst: 5.99 6.00 6.01 6.02 | pinClass: -0.002 | gaugeKind: PINS | "
                                + "zeroRule: MASTER | workKind: ON_THE_PLATE");
    }
}
