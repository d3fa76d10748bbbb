package org.eskarn.app.demo;

import static org.eskarn.core.requirement.Characteristic.*;
import static org.eskarn.core.round.SurfaceSide.INSIDE;
import static org.eskarn.core.round.SurfaceSide.OUTSIDE;

import java.util.List;

/** Drawings of flat things: faces that are ground and packed, a bed, guides, axes, a link. */
final class DemoFlatParts {

    private static final String PLATE = "workKind: ON_THE_PLATE | resolution: 1";
    private static final String MACHINE = "workKind: ON_THE_MACHINE | resolution: 10";

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
                        "upper: 0.012 | layoutFirst: 15 75 135 195 255 | layoutSecond: 15 65 115 165 | " + PLATE)
                .asks(
                        "Boss parallel to joint face",
                        "Boss",
                        PARALLELISM_OF_FACES,
                        "upper: 0.010 | layoutKind: POINTS | "
                                + "layoutFirst: rim round 100 80 at 70 in 8; bore round 100 80 at 30 in 6; ear left -15 80; ear right 215 80 | "
                                + "datum: A | " + PLATE);
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
                        "upper: 0.015 | per: 120 | span: 300 | statedAs: RESULTANT | reversal: FIXTURE_TURNED | "
                                + "layoutFirst: upright; level | datum: A | " + PLATE
                                + " | circumstances: Arbor in both bores, read over its ends; turned half round for the second set-up.")
                .asks(
                        "Bores in line",
                        "Bores",
                        BORES_IN_LINE,
                        "upper: 0.020 | layoutFirst: upright; level | layoutSecond: 5 55 165 215 | " + PLATE)
                .asks(
                        "Mandrel through both bores",
                        "Bores",
                        FUNCTIONAL_FIT,
                        "limitKind: ANSWER | layoutFirst: The mandrel passes both bores by hand; It turns freely in both | "
                                + "gaugeKind: PLUG | workKind: ON_THE_PLATE");
    }

    private static DemoPart planerBed() {
        return DemoPart.metric("TG-183", "A", "Bed of the wedge planer", "cast iron", "10.5")
                .feature("Bed way", "A", OUTSIDE, "", "the front end")
                .feature("Upright", "", OUTSIDE, "", "the bed")
                .asks(
                        "Straightness by straightedge",
                        "Bed way",
                        STRAIGHTNESS,
                        "upper: 0.020 | layoutKind: STEPS | "
                                + "layoutFirst: 0 150 300 450; 300 450 600 750; 600 750 900 1050 | " + PLATE)
                .asks(
                        "Straightness by level",
                        "Bed way",
                        STRAIGHTNESS,
                        "upper: 0.020 | zeroing: EACH_STEP | span: 1000 | layoutFirst: 150 300 450 600 750 900 1050 | "
                                + "circumstances: Level with feet 150 mm apart, moved foot to foot. | "
                                + PLATE)
                .asks(
                        "Upright square to bed",
                        "Upright",
                        SQUARENESS,
                        "upper: 0.015 | per: 300 | reversal: ON_MASTER | layoutFirst: 20 90 160 230 300 | datum: A | "
                                + PLATE)
                .asks(
                        "Upright square, both ways",
                        "Upright",
                        SQUARENESS,
                        "upper: 0.020 | per: 300 | zeroing: EACH_STEP | layoutKind: LINES | layoutFirst: along; across | "
                                + "layoutSecond: 20 110 200 290 | datum: A | " + PLATE);
    }

    private static DemoPart planerGuides() {
        return DemoPart.metric("TG-184", "A", "Guides of the wedge planer", "cast iron", "10.5")
                .feature("Guides", "", OUTSIDE, "", "the front")
                .asks(
                        "Guides to cutter",
                        "Guides",
                        PARALLELISM_OF_LINES,
                        "upper: 0.10 | only: PLUS | "
                                + "reason: A guide that closes towards the cutter traps the work and throws it. | span: 300 | "
                                + "per: 300 | layoutFirst: left guide; right guide | datum: cutter | " + MACHINE
                                + " | preparations: ! Isolate the machine and lock it off before reaching in. Prove that it is dead.\n! Cutter edges cut: turn the block by hand with a rag, never by the edges.\nMark one tooth and bring the same mark round to front and back.\nStand on the guide, plunger on the marked tooth.");
    }

    private static DemoPart longLink() {
        return DemoPart.metric("TG-141", "A", "Coupling link, long", "forged steel", "11.8")
                .feature("Eyes", "A", INSIDE, "40", "the large eye")
                .asks(
                        "Bend and twist",
                        "Eyes",
                        BEND_AND_TWIST,
                        "upper: 0.030 | per: 100 | span: 120 | reversal: PART_TURNED | layoutFirst: bend; twist | "
                                + "workKind: IN_A_FIXTURE | resolution: 2 | "
                                + "circumstances: Arbors in both eyes, gaps under the straightedge 120 mm apart; the link is turned over in the fixture.");
    }
}
