package org.eskarn.benchmarks;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import org.eskarn.core.evaluation.Assessment;
import org.eskarn.core.evaluation.Circumstances;
import org.eskarn.core.evaluation.Judgement;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.Corrections;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.LayoutRejected;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.reading.WrittenLayout;
import org.eskarn.core.requirement.Basis;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.CharacteristicLayout;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.requirement.Zeroing;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.DecisionRule;
import org.eskarn.core.verdict.Outcome;

/**
 * One way of measuring, tried many times: how often the stated uncertainty covers the truth, and what is passed and failed near a
 * limit.
 *
 * @param name what is measured, and how
 * @param kind how it is laid out, with its two fields
 * @param hand how many times as much a reading scatters as in the checks of its gauge
 * @param master expanded uncertainty of the master that sizes were set on, µm; its error is normal
 */
record TruthRow(
        String name,
        Characteristic what,
        StatedAs statedAs,
        LayoutKind kind,
        String first,
        String second,
        double master,
        int sweeps,
        double scatter,
        double hand) {

    /** How far from its limit a part near the limit lies at most, in stated uncertainties. */
    private static final double NEAR = 1;

    /** A limit that nothing here reaches, µm. */
    private static final double FAR = 1_000_000;

    private static final Length RETURN = Length.of("100", LengthUnit.MICROMETRE);

    /** Shares in %; of parts near the limit empty where there are none. */
    record Shares(
            double covered, Optional<Double> wrongPasses, Optional<Double> wrongFails, Optional<Double> undecided) {

        String written() {
            return String.format(
                    Locale.ROOT,
                    "%8.1f %12s %12s %10s",
                    covered,
                    written(wrongPasses),
                    written(wrongFails),
                    written(undecided));
        }

        private static String written(Optional<Double> share) {
            return share.map(each -> String.format(Locale.ROOT, "%.1f", each)).orElse("");
        }
    }

    TruthRow read(int times, double scattering) {
        return new TruthRow(name, what, statedAs, kind, first, second, master, times, scattering, hand);
    }

    TruthRow by(double times) {
        return new TruthRow(name, what, statedAs, kind, first, second, master, sweeps, scatter, times);
    }

    Shares tried(int trials, Random chance) {
        Layout layout = layout();
        Requirement open = requirement(layout, atMost(FAR));
        boolean turned = what.layouts().get(0).round() && statedAs == StatedAs.MOVEMENT;
        int[] counts = new int[6];
        for (int trial = 0; trial < trials; trial++) {
            SimulatedPart part = SimulatedPart.of(what, layout, chance);
            SimulatedInspector inspector = SimulatedInspector.of(scatter * hand, scatter, master, what.sized(), chance);
            Dial dial = inspector.dial();
            List<Sweep> read = new ArrayList<>();
            for (int i = 0; i < sweeps; i++) {
                read.add(inspector.sweep(layout, part));
            }
            double truth = turned ? part.turn().orElseThrow() : truth(open, dial, layout, part);
            Judgement found = judged(open, dial, read);
            double apart = truth - found.value().orElseThrow();
            double above = found.verdict().expanded();
            counts[0] += apart <= above && -apart <= found.verdict().below() ? 1 : 0;
            double away = above * NEAR * (2 * chance.nextDouble() - 1);
            if (truth + away > 0) {
                near(away, judged(requirement(layout, atMost(truth + away)), dial, read), counts);
            }
        }
        return new Shares(
                100.0 * counts[0] / trials,
                share(counts[3], counts[1]),
                share(counts[4], counts[2]),
                share(counts[5], counts[1] + counts[2]));
    }

    /** Counts of a part whose limit lies so far above its truth. */
    private static void near(double away, Judgement found, int[] counts) {
        Outcome outcome = found.verdict().outcome();
        boolean failing = away < 0;
        counts[failing ? 1 : 2]++;
        counts[3] += failing && outcome == Outcome.PASS ? 1 : 0;
        counts[4] += !failing && outcome == Outcome.FAIL ? 1 : 0;
        counts[5] += outcome == Outcome.NOT_PROVEN ? 1 : 0;
    }

    private static Optional<Double> share(int some, int all) {
        return all == 0 ? Optional.empty() : Optional.of(100.0 * some / all);
    }

    private double truth(Requirement open, Dial dial, Layout layout, SimulatedPart part) {
        return judged(open, dial, List.of(SimulatedInspector.truth(layout, part, what.sized())))
                .value()
                .orElseThrow();
    }

    private Judgement judged(Requirement requirement, Dial dial, List<Sweep> read) {
        Circumstances circumstances = new Circumstances(master, 0, 0, 0, 0, 0);
        return Judgement.of(
                requirement,
                read.stream()
                        .map(sweep -> Assessment.of(requirement, dial, sweep, Corrections.NONE, circumstances))
                        .toList());
    }

    private Layout layout() {
        try {
            return CharacteristicLayout.read(
                    what,
                    new WrittenLayout(kind, LengthUnit.MILLIMETRE, first, second),
                    Zeroing.ONE_FOR_ALL,
                    Reversal.NONE);
        } catch (LayoutRejected e) {
            throw new IllegalStateException(e);
        }
    }

    private Requirement requirement(Layout layout, Limit limit) {
        return new Requirement(
                what,
                SurfaceSide.OUTSIDE,
                limit,
                statedAs,
                DecisionRule.STRINGENT,
                Optional.of(RETURN),
                FlickerRule.MIDDLE,
                sweeps,
                layout,
                Basis.NONE);
    }

    private static Limit atMost(double micrometres) {
        return Limit.atMost(
                new Length(BigDecimal.valueOf(micrometres).setScale(6, RoundingMode.HALF_UP), LengthUnit.MICROMETRE));
    }
}
