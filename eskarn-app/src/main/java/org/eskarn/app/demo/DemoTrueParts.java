package org.eskarn.app.demo;

import static org.eskarn.core.requirement.Characteristic.*;
import static org.eskarn.core.round.SurfaceSide.OUTSIDE;

import java.util.List;

/** A drawing on which every way to decide, and every way to find out whose an error is, is asked for once. */
final class DemoTrueParts {

    private static final String CENTRES = "Between dead centres on the bench, turned by hand through one full turn.";

    private DemoTrueParts() {}

    static List<DemoPart> all() {
        return List.of(couplingFlange());
    }

    private static DemoPart couplingFlange() {
        return DemoPart.metric("TG-240", "A", "Coupling flange", "carbon steel", "11.8")
                .feature("Flange rim", "", OUTSIDE, "180", "the coupling side")
                .feature("Spigot", "A", OUTSIDE, "45", "the coupling side")
                .feature("Stepped face", "", OUTSIDE, "", "the coupling side")
                .feature("Rim face", "", OUTSIDE, "", "the coupling side")
                .feature("Key pad", "", OUTSIDE, "", "the coupling side")
                .asks(
                        "Runout of the rim, watched",
                        "Flange rim",
                        CIRCULAR_RUNOUT_RADIAL,
                        "limit.upper: 0.030 | limit.rule: STRINGENT | layout.kind: WATCHED | layout.first:  | gauge.resolution: 2 | "
                                + "limit.datum: axis of the centres | setUp.circumstances: " + CENTRES)
                .asks(
                        "Runout of the spigot",
                        "Spigot",
                        CIRCULAR_RUNOUT_RADIAL,
                        "limit.upper: 0.003 | layout.first: 8 | limit.datum: axis of the centres | setUp.circumstances: "
                                + CENTRES)
                .asks(
                        "Offset of the rim",
                        "Flange rim",
                        CIRCULAR_RUNOUT_RADIAL,
                        "limit.upper: 0.010 | limit.statedAs: OFFSET | layout.first: 8 | gauge.resolution: 1 | "
                                + "limit.datum: axis of the centres | setUp.circumstances: " + CENTRES)
                .asks(
                        "Size of the spigot",
                        "Spigot",
                        OUTSIDE_SIZE,
                        "limit.kind: PLUS_MINUS | limit.nominal: 45.000 | limit.upper: 0.018 | limit.lower: 0.002 | limit.rule: PROBABILITY | "
                                + "limit.ruleFigure: 95 | layout.kind: RINGS | layout.first: 6 18 | layout.second: 0 90 | "
                                + "gauge.kind: SNAP_GAUGE | gauge.setTo: 45.000 | gauge.resolution: 0.5 | gauge.zeroRule: MASTER | "
                                + "setUp.workKind: ON_THE_PLATE")
                .asks(
                        "Parallelism of the stepped face",
                        "Stepped face",
                        PARALLELISM_OF_FACES,
                        "limit.upper: 0.012 | layout.kind: POINTS | layout.datumRead: CONTACTING | layout.first: datum: A 0 0; "
                                + "datum: B 120 0; datum: C 120 80; datum: D 0 80; P 30 20; Q 90 20; R 90 60; S 30 60 | "
                                + "limit.datum: outer face | gauge.resolution: 1 | setUp.workKind: ON_THE_PLATE")
                .asks(
                        "Squareness of the key pad",
                        "Key pad",
                        SQUARENESS,
                        "limit.upper: 0.015 | layout.kind: LINE | layout.first: 0 20 40 | layout.conditions: slide: top; slide: middle; "
                                + "slide: bottom; seat: again | gauge.resolution: 1 | setUp.workKind: ON_THE_PLATE")
                .asks(
                        "Flatness of the stepped face",
                        "Stepped face",
                        FLATNESS,
                        "limit.upper: 0.020 | limit.rule: STRINGENT | limit.statedAs: MINIMUM_ZONE | layout.kind: GRID | "
                                + "layout.first: 10 60 110 | layout.second: 10 70 | gauge.resolution: 1 | setUp.workKind: ON_THE_MACHINE")
                .asks(
                        "Squareness of the rim face",
                        "Rim face",
                        SQUARENESS,
                        "limit.upper: 0.015 | layout.kind: RINGS | layout.datumRead: LEAST_SQUARES | layout.first: 5 30 40 | layout.second: 8 | "
                                + "layout.radius: 80 | gauge.zeroing: EACH_STEP | limit.datum: axis of the spigot | gauge.resolution: 1 | "
                                + "setUp.workKind: IN_A_FIXTURE | setUp.circumstances: Flange in the chuck; rings on the spigot 5 and 30 mm from its end, then the rim "
                                + "face, which looks away from them.");
    }
}
