package org.eskarn.app.demo;

import static org.eskarn.core.requirement.Characteristic.*;
import static org.eskarn.core.round.SurfaceSide.INSIDE;
import static org.eskarn.core.round.SurfaceSide.OUTSIDE;

import java.util.List;

/** Drawings of flat things: faces that are ground and packed, a bed, guides, axes, a link. */
final class DemoFlatParts {

    private static final String PLATE = "setUp.workKind: ON_THE_PLATE | gauge.resolution: 1";
    private static final String MACHINE = "setUp.workKind: ON_THE_MACHINE | gauge.resolution: 10";

    private DemoFlatParts() {}

    static List<DemoPart> all() {
        return List.of(cover(), bearingBlock(), planerBed(), planerGuides(), longLink());
    }

    /** Worn in the middle by a thrust ring; its border never touched it. */
    private static DemoPart cover() {
        return DemoPart.metric("TG-121", "A", "Gearcase cover", "cast iron", "10.5")
                .feature("Joint face", "A", OUTSIDE, "", "the drive side")
                .feature("Boss", "", OUTSIDE, "", "the drive side")
                .asks(
                        "Flatness of joint face",
                        "Joint face",
                        FLATNESS,
                        "limit.upper: 0.012 | layout.first: 15 75 135 195 255 | layout.second: 15 65 115 165 | "
                                + PLATE)
                .asks(
                        "Boss parallel to joint face",
                        "Boss",
                        PARALLELISM_OF_FACES,
                        "limit.upper: 0.010 | layout.kind: POINTS | "
                                + "layout.first: rim round 100 80 at 70 in 8; bore round 100 80 at 30 in 6; ear left -15 80; ear right 215 80 | "
                                + "limit.datum: A | " + PLATE);
    }

    /** Two bearings in one block, checked with an arbor and a mandrel. */
    private static DemoPart bearingBlock() {
        return DemoPart.metric("TG-123", "A", "Bearing block, two bores", "cast iron", "10.5")
                .feature("Base", "A", OUTSIDE, "", "the drive side")
                .feature("Bores", "B", INSIDE, "52", "the drive side")
                .asks(
                        "Bores parallel to base",
                        "Bores",
                        PARALLELISM_OF_AXIS,
                        "limit.upper: 0.015 | limit.per: 120 | layout.span: 300 | limit.statedAs: RESULTANT | layout.reversal: FIXTURE_TURNED | "
                                + "layout.first: upright; level | limit.datum: A | " + PLATE
                                + " | setUp.circumstances: Arbor in both bores, read over its ends; turned half round for the second set-up.")
                .asks(
                        "Bores in line",
                        "Bores",
                        BORES_IN_LINE,
                        "limit.upper: 0.020 | layout.first: upright; level | layout.second: 5 55 165 215 | " + PLATE)
                .asks(
                        "Mandrel through both bores",
                        "Bores",
                        FUNCTIONAL_FIT,
                        "limit.kind: ANSWER | layout.first: The mandrel passes both bores by hand; It turns freely in both | "
                                + "gauge.kind: PLUG | setUp.workKind: ON_THE_PLATE");
    }

    private static DemoPart planerBed() {
        return DemoPart.metric("TG-183", "A", "Bed of the wedge planer", "cast iron", "10.5")
                .feature("Bed way", "A", OUTSIDE, "", "the front end")
                .feature("Upright", "", OUTSIDE, "", "the bed")
                .asks(
                        "Straightness by straightedge",
                        "Bed way",
                        STRAIGHTNESS,
                        "limit.upper: 0.020 | layout.kind: STEPS | "
                                + "layout.first: 0 150 300 450; 300 450 600 750; 600 750 900 1050 | " + PLATE)
                .asks(
                        "Straightness by level",
                        "Bed way",
                        STRAIGHTNESS,
                        "limit.upper: 0.020 | gauge.zeroing: EACH_STEP | layout.span: 1000 | layout.first: 150 300 450 600 750 900 1050 | "
                                + "setUp.circumstances: Level with feet 150 mm apart, moved foot to foot. | "
                                + PLATE)
                .asks(
                        "Upright square to bed",
                        "Upright",
                        SQUARENESS,
                        "limit.upper: 0.015 | limit.per: 300 | layout.reversal: ON_MASTER | layout.first: 20 90 160 230 300 | limit.datum: A | "
                                + PLATE)
                .asks(
                        "Upright square, both ways",
                        "Upright",
                        SQUARENESS,
                        "limit.upper: 0.020 | limit.per: 300 | gauge.zeroing: EACH_STEP | layout.kind: LINES | layout.first: along; across | "
                                + "layout.second: 20 110 200 290 | limit.datum: A | " + PLATE);
    }

    private static DemoPart planerGuides() {
        return DemoPart.metric("TG-184", "A", "Guides of the wedge planer", "cast iron", "10.5")
                .feature("Guides", "", OUTSIDE, "", "the front")
                .asks(
                        "Guides to cutter",
                        "Guides",
                        PARALLELISM_OF_LINES,
                        "limit.upper: 0.10 | limit.only: PLUS | "
                                + "limit.reason: A guide that closes towards the cutter traps the work and throws it. | layout.span: 300 | "
                                + "limit.per: 300 | layout.first: left guide; right guide | limit.datum: cutter | "
                                + MACHINE
                                + " | setUp.preparations: ! Isolate the machine and lock it off before reaching in. Prove that it is dead.\n! Cutter edges cut: turn the block by hand with a rag, never by the edges.\nMark one tooth and bring the same mark round to front and back.\nStand on the guide, plunger on the marked tooth.");
    }

    private static DemoPart longLink() {
        return DemoPart.metric("TG-141", "A", "Coupling link, long", "forged steel", "11.8")
                .feature("Eyes", "A", INSIDE, "40", "the large eye")
                .asks(
                        "Bend and twist",
                        "Eyes",
                        BEND_AND_TWIST,
                        "limit.upper: 0.030 | limit.per: 100 | layout.span: 120 | layout.reversal: PART_TURNED | layout.first: bend; twist | "
                                + "setUp.workKind: IN_A_FIXTURE | gauge.resolution: 2 | "
                                + "setUp.circumstances: Arbors in both eyes, gaps under the straightedge 120 mm apart; the link is turned over in the fixture.");
    }
}
