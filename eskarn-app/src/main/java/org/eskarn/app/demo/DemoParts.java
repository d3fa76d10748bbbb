package org.eskarn.app.demo;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.eskarn.app.part.Part;
import org.eskarn.app.part.PartRequirement;
import org.eskarn.app.part.Preparation;
import org.eskarn.app.part.RequirementRow;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.RingLayout;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.DecisionRule;

/** Drawings of the turning gear, metric and inch. */
final class DemoParts {

    static final long PINION_SHAFT = 1;
    static final long ADAPTER_RING = 2;
    static final long LOCK_PIN = 3;
    static final long WEDGE_CRANK = 4;

    private static final String EIGHT = "0 45 90 135 180 225 270 315";
    private static final String TWELVE = "0 30 60 90 120 150 180 210 240 270 300 330";

    private static final List<String> BETWEEN_CENTRES = List.of(
            "!Turn the shaft by hand only, with others clear of it. Burrs and thread ends cut.",
            "!Lift the shaft on to the centres with the sling; never reach under a hanging shaft.",
            "Bearings off, keys out. Stone burrs off and wipe the journals with a lint-free cloth.",
            "Clean both centres and centre holes; oil them, and bring them up without play.",
            "Stylus in the middle of the land, clear of edge, keyway and oil hole.",
            "Shaft, gauge and room at one temperature.");

    private static final List<String> ON_THE_DRIVE = List.of(
            "!Isolate the motor and lock it off before reaching in. Prove that it is dead.",
            "!Turn the coupling by hand only, with others clear.",
            "Wipe the opening and stone off burrs; dowels out, bolts snug.",
            "Clamp the indicator to the shaft and set it to sweep the opening at one depth.");

    private DemoParts() {}

    /** A part with its requirements. */
    record Drawn(Part part, List<PartRequirement> requirements) {}

    static List<Drawn> all() {
        return List.of(pinionShaft(), adapterRing(), lockPin(), wedgeCrank());
    }

    private static Drawn pinionShaft() {
        Part part = new Part(PINION_SHAFT, "TG-110", "C", "Pinion shaft", "alloy steel, hardened and ground");
        return new Drawn(
                part,
                List.of(
                        runout(
                                part,
                                1,
                                "Runout of journal A",
                                "Journal A",
                                "45",
                                "0.020",
                                LengthUnit.MILLIMETRE,
                                EIGHT,
                                DecisionRule.SIMPLE,
                                "the drive end",
                                DemoGauges.LEVER_MICRON),
                        runout(
                                part,
                                2,
                                "Runout of journal B",
                                "Journal B",
                                "45",
                                "0.020",
                                LengthUnit.MILLIMETRE,
                                EIGHT,
                                DecisionRule.SIMPLE,
                                "the drive end",
                                DemoGauges.LEVER_MICRON),
                        runout(
                                part,
                                3,
                                "Runout of gear seat",
                                "Gear seat",
                                "60",
                                "0.030",
                                LengthUnit.MILLIMETRE,
                                EIGHT,
                                DecisionRule.SIMPLE,
                                "the drive end",
                                DemoGauges.LEVER_MICRON)));
    }

    private static Drawn lockPin() {
        Part part = new Part(LOCK_PIN, "TG-204", "B", "Lock pin, bronze-bushed", "bronze on carbon steel");
        return new Drawn(
                part,
                List.of(
                        runout(
                                part,
                                1,
                                "Runout of pin body",
                                "Pin body",
                                "2.5",
                                "0.0015",
                                LengthUnit.INCH,
                                EIGHT,
                                DecisionRule.STRINGENT,
                                "the handle end",
                                DemoGauges.LEVER_TENTH),
                        runout(
                                part,
                                2,
                                "Runout of head",
                                "Head",
                                "3.25",
                                "0.002",
                                LengthUnit.INCH,
                                EIGHT,
                                DecisionRule.STRINGENT,
                                "the handle end",
                                DemoGauges.LEVER_TENTH)));
    }

    private static Drawn wedgeCrank() {
        Part part = new Part(WEDGE_CRANK, "TG-118", "A", "Wedge crank, built up", "pressed together, carbon steel");
        return new Drawn(
                part,
                List.of(
                        runout(
                                part,
                                1,
                                "Runout of main journal 1",
                                "Main journal 1",
                                "70",
                                "0.030",
                                LengthUnit.MILLIMETRE,
                                TWELVE,
                                DecisionRule.SIMPLE,
                                "the flange end",
                                DemoGauges.LEVER_MICRON),
                        runout(
                                part,
                                2,
                                "Runout of main journal 2",
                                "Main journal 2",
                                "70",
                                "0.030",
                                LengthUnit.MILLIMETRE,
                                TWELVE,
                                DecisionRule.SIMPLE,
                                "the flange end",
                                DemoGauges.LEVER_MICRON)));
    }

    private static Drawn adapterRing() {
        Part part = new Part(ADAPTER_RING, "TG-131", "A", "Motor adapter ring", "cast iron");
        RequirementRow opening = row(
                part,
                1,
                "Offset of pilot opening",
                Characteristic.OFFSET_OF_OPENING,
                new Length(new BigDecimal("0.050"), LengthUnit.MILLIMETRE),
                StatedAs.OFFSET,
                DecisionRule.SIMPLE,
                "axis of the gearcase shaft",
                "Swept from the gearcase shaft, ring bolted up snug, dowels out. The bolts leave no room at some of the equal"
                        + " steps, so the stations stand where the stylus reaches.",
                DemoGauges.PLUNGER_TWO_MICRON,
                "Pilot opening",
                new Length(new BigDecimal("180"), LengthUnit.MILLIMETRE),
                "the motor side");
        return new Drawn(part, List.of(whole(opening, "0 30 80 135 180 225 270 310", ON_THE_DRIVE)));
    }

    private static PartRequirement runout(
            Part part,
            int position,
            String title,
            String feature,
            String nominal,
            String limit,
            LengthUnit unit,
            String stations,
            DecisionRule rule,
            String seenFrom,
            long gauge) {
        RequirementRow row = row(
                part,
                position,
                title,
                Characteristic.CIRCULAR_RUNOUT_RADIAL,
                new Length(new BigDecimal(limit), unit),
                StatedAs.MOVEMENT,
                rule,
                "axis of the centres",
                "Between dead centres on the bench, turned by hand through one full turn.",
                gauge,
                feature,
                new Length(new BigDecimal(nominal), unit),
                seenFrom);
        return whole(row, stations, BETWEEN_CENTRES);
    }

    private static RequirementRow row(
            Part part,
            int position,
            String title,
            Characteristic characteristic,
            Length limit,
            StatedAs statedAs,
            DecisionRule rule,
            String datum,
            String circumstances,
            long gauge,
            String feature,
            Length nominal,
            String seenFrom) {
        long id = part.id() * 100 + position;
        return new RequirementRow(
                id,
                part.id(),
                position,
                title,
                characteristic,
                limit.amount(),
                limit.unit(),
                statedAs,
                rule,
                null,
                null,
                FlickerRule.MIDDLE,
                datum,
                circumstances,
                gauge,
                id,
                feature,
                nominal.amount(),
                nominal.unit(),
                seenFrom);
    }

    /** Preparations that begin with an exclamation mark are cautions. */
    private static PartRequirement whole(RequirementRow row, String stations, List<String> preparations) {
        List<Preparation> prepared = new ArrayList<>();
        for (String text : preparations) {
            int position = prepared.size() + 1;
            boolean caution = text.startsWith("!");
            prepared.add(new Preparation(
                    row.id() * 100 + position, row.id(), position, caution, caution ? text.substring(1) : text));
        }
        Requirement terms = new Requirement(
                row.characteristic(),
                new Length(row.limitAmount(), row.limitUnit()),
                row.statedAs(),
                row.rule(),
                Optional.empty(),
                row.flicker(),
                RingLayout.of(
                        Stream.of(stations.split(" ", -1)).map(BigDecimal::new).toList()));
        return new PartRequirement(row, terms, prepared);
    }
}
