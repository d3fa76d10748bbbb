package org.eskarn.app.demo;

import static org.eskarn.core.requirement.Characteristic.*;
import static org.eskarn.core.round.SurfaceSide.INSIDE;
import static org.eskarn.core.round.SurfaceSide.OUTSIDE;

import java.util.List;

/** Drawings of the turning gear, half of them metric, half of them inch. */
final class DemoParts {

    private static final String TWELVE = "12";
    private static final String CENTRES = "Between dead centres on the bench, turned by hand through one full turn.";

    private DemoParts() {}

    /** In the order in which they are typed in. */
    static List<DemoPart> all() {
        return List.of(
                pinionShaft(),
                adapterRing(),
                lockPin(),
                wedgeCrank(),
                groundSeats(),
                gearcase(),
                thrustWasher(),
                lockPinBush(),
                couplingLink(),
                indexingPlate(),
                centrePivot(),
                dividingTable(),
                brakeGuide(),
                comparatorStand());
    }

    private static DemoPart pinionShaft() {
        String common =
                "limit.upper: 0.020 | layout.first: 8 | limit.datum: axis of the centres | gauge.resolution: 1 | setUp.circumstances: "
                        + CENTRES;
        return DemoPart.metric("TG-110", "C", "Pinion shaft", "alloy steel, hardened and ground", "11.5")
                .feature("Journal A", "A", OUTSIDE, "45", "the drive end")
                .feature("Journal B", "B", OUTSIDE, "45", "the drive end")
                .feature("Gear seat", "", OUTSIDE, "60", "the drive end")
                .asks("Runout of journal A", "Journal A", CIRCULAR_RUNOUT_RADIAL, common)
                .asks("Runout of journal B", "Journal B", CIRCULAR_RUNOUT_RADIAL, common)
                .asks(
                        "Runout of gear seat",
                        "Gear seat",
                        CIRCULAR_RUNOUT_RADIAL,
                        "limit.upper: 0.030 | layout.first: 8 | limit.datum: axis of the centres | gauge.resolution: 1 | setUp.circumstances: "
                                + CENTRES);
    }

    private static DemoPart adapterRing() {
        return DemoPart.metric("TG-131", "A", "Motor adapter ring", "cast iron", "10.5")
                .feature("Pilot opening", "", INSIDE, "180", "the motor side")
                .asks(
                        "Offset of pilot opening",
                        "Pilot opening",
                        OFFSET_OF_OPENING,
                        "limit.upper: 0.050 | limit.statedAs: OFFSET | layout.first: 0 30 80 135 180 225 270 310 | "
                                + "limit.datum: axis of the gearcase shaft | gauge.resolution: 2 | setUp.workKind: ON_THE_MACHINE | "
                                + "setUp.circumstances: Swept from the gearcase shaft, ring bolted up snug, dowels out. The bolts leave no room at some of the equal steps, so the stations stand where the stylus reaches.");
    }

    private static DemoPart lockPin() {
        return DemoPart.inch("TG-204", "B", "Lock pin, bronze-bushed", "bronze on carbon steel", "12")
                .feature("Pin body", "A", OUTSIDE, "2.5", "the handle end")
                .feature("Head", "", OUTSIDE, "3.25", "the handle end")
                .asks(
                        "Runout of pin body",
                        "Pin body",
                        CIRCULAR_RUNOUT_RADIAL,
                        "limit.upper: 0.0015 | limit.rule: STRINGENT | layout.first: 8 | limit.datum: axis of the centres | "
                                + "gauge.resolution: 1 | setUp.circumstances: " + CENTRES)
                .asks(
                        "Runout of head",
                        "Head",
                        CIRCULAR_RUNOUT_RADIAL,
                        "limit.upper: 0.002 | limit.rule: STRINGENT | layout.first: 8 | limit.datum: axis of the centres | gauge.resolution: 1 | "
                                + "setUp.circumstances: " + CENTRES);
    }

    private static DemoPart wedgeCrank() {
        DemoPart crank =
                DemoPart.metric("TG-118", "A", "Wedge crank, built up", "pressed together, carbon steel", "11.8");
        for (String journal : List.of("Main journal 1", "Main journal 2")) {
            crank.feature(journal, "", OUTSIDE, "70", "the flange end")
                    .asks(
                            "Runout of " + journal.toLowerCase(java.util.Locale.ROOT),
                            journal,
                            CIRCULAR_RUNOUT_RADIAL,
                            "limit.upper: 0.030 | layout.first: " + TWELVE
                                    + " | limit.datum: axis of the centres | gauge.resolution: 1 | setUp.circumstances: "
                                    + CENTRES);
        }
        return crank;
    }

    private static DemoPart groundSeats() {
        return DemoPart.metric("TG-112", "A", "Pinion shaft, ground seats", "alloy steel, hardened and ground", "11.5")
                .feature("Seat A", "A", OUTSIDE, "45", "the drive end")
                .feature("Keyways", "", OUTSIDE, "", "the drive end")
                .asks(
                        "Size of seat A",
                        "Seat A",
                        OUTSIDE_SIZE,
                        "limit.kind: PLUS_MINUS | limit.nominal: 45.000 | limit.upper: 0.018 | limit.lower: 0.002 | layout.kind: RINGS | "
                                + "layout.first: 8 20 32 | layout.second: 0 90 | gauge.kind: MICROMETER | gauge.resolution: 1 | "
                                + "gauge.zeroRule: MASTER | setUp.warm: true | "
                                + "setUp.circumstances: Straight from the grinder it measures large: let it come to the room first.")
                .asks(
                        "Out-of-round of seat A",
                        "Seat A",
                        OUT_OF_ROUND,
                        "limit.upper: 0.003 | limit.statedAs: RADIAL | layout.kind: RINGS | layout.first: 8 32 | "
                                + "layout.second: 0 45 90 135 | gauge.setTo: 45.000 | gauge.kind: SNAP_GAUGE | gauge.zeroRule: MASTER")
                .asks(
                        "Taper of seat A",
                        "Seat A",
                        TAPER,
                        "limit.upper: 0.004 | limit.per: 24 | layout.kind: RINGS | layout.first: 8 32 | layout.second: 0 90 | "
                                + "gauge.setTo: 45.000 | gauge.kind: SNAP_GAUGE | gauge.zeroRule: MASTER")
                .asks(
                        "Roundness of seat A",
                        "Seat A",
                        ROUNDNESS,
                        "limit.upper: 0.004 | layout.first: 24 | gauge.resolution: 0.2")
                .asks(
                        "Total runout of seat A",
                        "Seat A",
                        TOTAL_RUNOUT,
                        "limit.upper: 0.012 | layout.first: 8 20 32 | layout.second: 4 | limit.datum: axis of the centres | "
                                + "gauge.resolution: 1 | gauge.repeats: 2 | setUp.circumstances: " + CENTRES)
                .asks(
                        "Keyways in line",
                        "Keyways",
                        PHASE_ANGLE,
                        "limit.upper: 0.25 | layout.radius: 22 | layout.first: gear keyway; coupling keyway | limit.datum: A | "
                                + "gauge.resolution: 10");
    }

    private static DemoPart gearcase() {
        return DemoPart.metric("TG-120", "B", "Gearcase, split", "cast iron", "10.5")
                .feature("Joint face", "A", OUTSIDE, "", "the drive side")
                .feature("Bearing bore 1", "B", INSIDE, "72", "the drive side")
                .feature("End face", "", OUTSIDE, "", "the joint")
                .feature("Seal seat", "", INSIDE, "", "the drive side")
                .asks(
                        "Flatness of joint face",
                        "Joint face",
                        FLATNESS,
                        "limit.upper: 0.030 | layout.first: 20 140 260 380 | layout.second: 15 110 205 | "
                                + "setUp.workKind: ON_THE_PLATE | gauge.resolution: 2 | "
                                + "setUp.circumstances: Upside down on three jacks, levelled so that three corners read alike.")
                .asks(
                        "Size of bearing bore 1",
                        "Bearing bore 1",
                        BORE_SIZE,
                        "limit.kind: PLUS_MINUS | limit.nominal: 72.000 | limit.upper: 0.030 | limit.lower: 0.000 | layout.kind: RINGS | "
                                + "layout.first: 5 15 25 | layout.second: 0 90 | gauge.setTo: 72.000 | gauge.kind: BORE_GAUGE | "
                                + "gauge.resolution: 1 | gauge.zeroRule: MASTER | setUp.workKind: ON_THE_PLATE | "
                                + "setUp.circumstances: Halves bolted together, bolts torqued as the maker says, bearing out.")
                .asks(
                        "Bore 1 parallel to joint face",
                        "Bearing bore 1",
                        PARALLELISM_OF_AXIS,
                        "limit.upper: 0.040 | limit.per: 300 | layout.span: 420 | layout.first: upright; level | limit.datum: A | "
                                + "setUp.workKind: ON_THE_PLATE | gauge.resolution: 2 | gauge.repeats: 2 | "
                                + "setUp.circumstances: Arbor in the bore; for the second sweep turn it half round.")
                .asks(
                        "End face square to joint face",
                        "End face",
                        SQUARENESS,
                        "limit.upper: 0.020 | limit.per: 100 | layout.first: 10 60 110 160 | limit.datum: A | setUp.workKind: ON_THE_PLATE | "
                                + "gauge.resolution: 2")
                .asks(
                        "Depth of seal seat",
                        "Seal seat",
                        DEPTH_AND_PITCH,
                        "limit.kind: PLUS_MINUS | limit.nominal: 12.00 | limit.upper: 0.10 | limit.lower: -0.10 | "
                                + "layout.first: top; right; bottom; left | gauge.kind: DEPTH_GAUGE | setUp.workKind: ON_THE_PLATE");
    }

    private static DemoPart thrustWasher() {
        return DemoPart.inch("TG-126", "A", "Thrust washer plate", "bearing bronze", "18")
                .feature("Faces", "A", OUTSIDE, "", "the marked side")
                .feature("Thickness", "", OUTSIDE, "0.375", "the marked side")
                .feature("Long edge", "", OUTSIDE, "", "the left end")
                .asks(
                        "Parallelism of the faces",
                        "Faces",
                        PARALLELISM_OF_FACES,
                        "limit.upper: 0.0010 | layout.first: 0.5 2.5 4.5 | layout.second: 0.5 2 3.5 | setUp.workKind: ON_THE_PLATE | "
                                + "gauge.resolution: 1")
                .asks(
                        "Thickness",
                        "Thickness",
                        OUTSIDE_SIZE,
                        "limit.kind: BETWEEN | limit.lower: 0.3740 | limit.upper: 0.3750 | layout.kind: POINTS | "
                                + "layout.first: front left; front right; back right; back left | gauge.kind: MICROMETER | "
                                + "gauge.zeroRule: MASTER | setUp.workKind: ON_THE_PLATE | limit.serviceLower: 0.3710 | limit.serviceUpper: 0.3750")
                .asks(
                        "Straightness of long edge",
                        "Long edge",
                        STRAIGHTNESS,
                        "limit.upper: 0.002 | layout.first: 0.25 1 2 3 4 4.75 | setUp.workKind: ON_THE_PLATE | gauge.resolution: 1");
    }

    private static DemoPart lockPinBush() {
        return DemoPart.inch("TG-205", "A", "Lock pin bush", "phosphor bronze", "18")
                .feature("Bush bore", "A", INSIDE, "0.7510", "the flange")
                .asks(
                        "Bush bore by pins",
                        "Bush bore",
                        PIN_CHECK,
                        "limit.kind: BETWEEN | limit.lower: 0.7505 | limit.upper: 0.7520 | layout.first: flange end; far end | "
                                + "gauge.kind: PINS | gauge.pinClass: 0 | gauge.zeroRule: MASTER | setUp.workKind: ON_THE_PLATE")
                .asks(
                        "Clearance of pin in bush",
                        "Bush bore",
                        FIT_OF_PAIR,
                        "limit.lower: 0.0008 | limit.upper: 0.0022 | limit.serviceLower: 0.0008 | limit.serviceUpper: 0.0040 | "
                                + "layout.first: flange end; far end | gauge.setTo: 0.7500 | gauge.kind: BORE_GAUGE | gauge.resolution: 1 | "
                                + "gauge.zeroRule: MASTER | setUp.workKind: ON_THE_PLATE")
                .asks(
                        "Lock pin enters",
                        "Bush bore",
                        FUNCTIONAL_FIT,
                        "limit.kind: ANSWER | "
                                + "layout.first: The mandrel enters by hand to the shoulder; It turns freely through one turn | "
                                + "gauge.kind: PLUG | setUp.workKind: IN_THE_ASSEMBLY");
    }

    private static DemoPart couplingLink() {
        return DemoPart.inch("TG-140", "B", "Coupling link", "forged steel", "11.8")
                .feature("Eyes", "A", INSIDE, "", "the large eye")
                .feature("Length", "", OUTSIDE, "", "the large eye")
                .asks(
                        "Bend and twist",
                        "Eyes",
                        BEND_AND_TWIST,
                        "limit.upper: 0.002 | limit.per: 6 | layout.span: 4 | layout.first: bend; twist | setUp.workKind: IN_A_FIXTURE | "
                                + "gauge.resolution: 1 | gauge.repeats: 2 | "
                                + "setUp.circumstances: Arbors in both eyes; for the second sweep turn the link over: half the sum is the fixture’s.")
                .asks(
                        "Length against last year",
                        "Length",
                        RECORD,
                        "limit.kind: NONE | layout.first: upper side; lower side | setUp.workKind: IN_A_FIXTURE | "
                                + "setUp.circumstances: From the master link; no limit is given, the figures are compared year by year.");
    }

    private static DemoPart indexingPlate() {
        return DemoPart.inch("TG-150", "A", "Indexing plate", "carbon steel", "11.8")
                .feature("Ring of holes", "", INSIDE, "0.3765", "the marked side")
                .feature("Pitch", "", OUTSIDE, "2.000", "hole 1")
                .feature("Plate", "A", OUTSIDE, "", "the marked side")
                .asks(
                        "Flatness of the plate",
                        "Plate",
                        FLATNESS,
                        "limit.upper: 0.0015 | layout.kind: POINTS | "
                                + "layout.first: 12 o'clock 0 4; 2 o'clock 3.46 2; 4 o'clock 3.46 -2; 6 o'clock 0 -4; 8 o'clock -3.46 -2; 10 o'clock -3.46 2; hub 0 0 | "
                                + "setUp.workKind: ON_THE_PLATE | gauge.resolution: 1")
                .asks(
                        "Holes by pins",
                        "Ring of holes",
                        PIN_CHECK,
                        "limit.kind: BETWEEN | limit.lower: 0.3760 | limit.upper: 0.3775 | "
                                + "layout.first: hole 1; hole 4; hole 7; hole 10 | gauge.kind: PINS | gauge.pinClass: 0 | gauge.zeroRule: MASTER | "
                                + "setUp.workKind: ON_THE_PLATE")
                .asks(
                        "Pitch from hole to hole",
                        "Pitch",
                        DEPTH_AND_PITCH,
                        "limit.kind: PLUS_MINUS | limit.nominal: 2.0000 | limit.upper: 0.0010 | limit.lower: -0.0010 | gauge.setTo: 2.0000 | "
                                + "layout.first: 1 to 2; 2 to 3; 3 to 4; 4 to 5; 5 to 6; 6 to 1 | setUp.workKind: ON_THE_PLATE | "
                                + "gauge.resolution: 1 | gauge.zeroRule: MASTER");
    }

    private static DemoPart centrePivot() {
        return DemoPart.metric("TG-160", "A", "Centre pivot", "cast steel on bronze", "12")
                .feature("Pivot", "A", OUTSIDE, "120", "above")
                .asks(
                        "Sideways play",
                        "Pivot",
                        PLAY,
                        "limit.upper: 0.08 | limit.serviceUpper: 0.20 | layout.first: 5 | setUp.workKind: IN_THE_ASSEMBLY | "
                                + "gauge.resolution: 10 | "
                                + "setUp.circumstances: Pushed and pulled by hand bar across the bridge, bolts torqued.")
                .asks(
                        "Play along the pivot",
                        "Pivot",
                        PLAY,
                        "limit.kind: BETWEEN | limit.lower: 0.05 | limit.upper: 0.25 | layout.first: 3 | setUp.workKind: IN_THE_ASSEMBLY | "
                                + "gauge.resolution: 10");
    }

    private static DemoPart dividingTable() {
        return DemoPart.metric("TG-170", "A", "Dividing table, bought in", "cast iron", "10.5")
                .feature("Table", "A", OUTSIDE, "250", "above")
                .asks(
                        "Axial runout of the table",
                        "Table",
                        CIRCULAR_RUNOUT_AXIAL,
                        "limit.upper: 0.010 | layout.radius: 115 | layout.first: " + TWELVE
                                + " | gauge.resolution: 1 | setUp.workKind: ON_THE_PLATE | "
                                + "setUp.circumstances: The maker’s certificate allows 0.010 and claims 0.004.")
                .asks(
                        "Radial runout of the centring",
                        "Table",
                        CIRCULAR_RUNOUT_RADIAL,
                        "limit.upper: 0.008 | limit.statedAs: OFFSET | layout.first: " + TWELVE
                                + " | gauge.resolution: 1 | setUp.workKind: ON_THE_PLATE");
    }

    private static DemoPart brakeGuide() {
        return DemoPart.inch("TG-181", "A", "Guide of the wedge planer", "cast iron", "10.5")
                .feature("Guide", "", OUTSIDE, "", "the front")
                .asks(
                        "Guide to cutter",
                        "Guide",
                        PARALLELISM_OF_LINES,
                        "limit.upper: 0.004 | limit.only: PLUS | "
                                + "limit.reason: A guide that closes towards the cutter traps the work and throws it. | layout.span: 12 | "
                                + "limit.per: 12 | layout.first: upper edge | limit.datum: cutter | setUp.workKind: ON_THE_MACHINE | "
                                + "gauge.resolution: 10 | "
                                + "setUp.preparations: ! Isolate the machine and lock it off before reaching in. Prove that it is dead.\n! Cutter edges cut: turn the block by hand with a rag, never by the edges.\nMark one tooth and bring the same mark round to front and back.\nStand on the guide, plunger on the marked tooth.");
    }

    private static DemoPart comparatorStand() {
        return DemoPart.metric("TG-900", "A", "Squareness comparator on its stand", "cast iron and steel", "11")
                .feature("Working face", "", OUTSIDE, "", "the slide")
                .asks(
                        "Face along its slide",
                        "Working face",
                        PARALLELISM_OF_LINES,
                        "limit.upper: 0.005 | layout.first: bottom; middle; top | setUp.workKind: ON_THE_PLATE | gauge.resolution: 0.2 | "
                                + "setUp.circumstances: The slide at the bottom, in the middle and at the top.")
                .asks(
                        "Face when seated again",
                        "Working face",
                        PARALLELISM_OF_LINES,
                        "limit.upper: 0.005 | layout.first: seating 1; seating 2; seating 3 | setUp.workKind: ON_THE_PLATE | "
                                + "gauge.resolution: 0.2");
    }
}
