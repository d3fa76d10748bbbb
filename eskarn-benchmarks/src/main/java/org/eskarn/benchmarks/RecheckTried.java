package org.eskarn.benchmarks;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.eskarn.core.evaluation.Assessment;
import org.eskarn.core.evaluation.Judgement;
import org.eskarn.core.evaluation.RingReduction;
import org.eskarn.core.reading.Corrections;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutRejected;
import org.eskarn.core.reading.WrittenLayout;
import org.eskarn.core.remedy.Recheck;
import org.eskarn.core.requirement.Basis;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.LimitUnit;
import org.eskarn.core.requirement.RemedyKind;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.DecisionRule;

/** Offsets of up to 85 µm moved back by as much as was read, with dowels that are set to within a tenth, and read again. */
final class RecheckTried {

    private static final double FURTHEST = 60;
    private static final double OVAL = 2;

    private RecheckTried() {}

    /** How many in a hundred lie within the band that was predicted. */
    static double within(double scatter, int trials, Random chance) {
        Requirement open = requirement();
        int within = 0;
        for (int trial = 0; trial < trials; trial++) {
            double[] centre = {FURTHEST * (2 * chance.nextDouble() - 1), FURTHEST * (2 * chance.nextDouble() - 1)};
            double oval = OVAL * chance.nextDouble();
            Judgement before = read(open, centre, oval, scatter, chance);
            RingReduction found =
                    before.assessment().reduction(RingReduction.class).orElseThrow();
            double share = RemedyKind.OFFSET.settingShare() * (2 * chance.nextDouble() - 1);
            double[] moved = {
                centre[0] - found.centre().orElseThrow().fit().cosine() * (1 + share),
                centre[1] - found.centre().orElseThrow().fit().sine() * (1 + share)
            };
            Judgement after = read(open, moved, oval, scatter, chance);
            double knownTo =
                    Recheck.predictedTo(before.verdict().expanded(), found.judged(), RemedyKind.OFFSET.settingShare());
            Recheck recheck = Recheck.of(
                    0, knownTo, after.value().orElseThrow(), after.verdict().expanded());
            within += recheck.agrees() ? 1 : 0;
        }
        return 100.0 * within / trials;
    }

    private static Judgement read(Requirement open, double[] centre, double oval, double scatter, Random chance) {
        SimulatedPart part = new SimulatedPart(
                station -> centre[0] * Math.cos(station.radians())
                        + centre[1] * Math.sin(station.radians())
                        + oval * Math.cos(2 * station.radians()),
                Optional.empty());
        SimulatedInspector inspector = SimulatedInspector.of(scatter, scatter, 0, false, chance);
        return Judgement.of(
                open,
                List.of(Assessment.of(open, inspector.dial(), inspector.sweep(open.layout(), part), Corrections.NONE)));
    }

    private static Requirement requirement() {
        return new Requirement(
                Characteristic.CIRCULAR_RUNOUT_RADIAL,
                SurfaceSide.OUTSIDE,
                Limit.none(LimitUnit.MILLIMETRE),
                StatedAs.OFFSET,
                DecisionRule.STRINGENT,
                Optional.of(Length.of("100", LengthUnit.MICROMETRE)),
                FlickerRule.MIDDLE,
                1,
                ring(),
                Basis.NONE);
    }

    private static Layout ring() {
        try {
            return WrittenLayout.ring("8").read(List.of());
        } catch (LayoutRejected e) {
            throw new IllegalStateException(e);
        }
    }
}
