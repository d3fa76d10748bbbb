package org.eskarn.benchmarks;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import org.eskarn.benchmarks.SimulatedParts.SimulatedPart;
import org.eskarn.core.evaluation.Assessment;
import org.eskarn.core.evaluation.Circumstances;
import org.eskarn.core.evaluation.Judgement;
import org.eskarn.core.evaluation.RingReduction;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.Corrections;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.LayoutRejected;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Station;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.reading.WrittenLayout;
import org.eskarn.core.remedy.Recheck;
import org.eskarn.core.requirement.Basis;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.CharacteristicLayout;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.LimitUnit;
import org.eskarn.core.requirement.RemedyKind;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.requirement.Zeroing;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.DecisionRule;
import org.eskarn.core.verdict.Outcome;

/**
 * Makes parts whose true figure is known, a gauge that errs, and an inspector who repeats, takes the readings through the core as
 * the app does, and prints how often the stated uncertainty covers the truth, and what is passed and failed near a limit.
 *
 * <p>The models: a gauge's error is even within its limit for the change of indication, and grows with the indication; a reading
 * scatters normally and is rounded to a division; the gauge's checks before use have shown that scatter. Every trial has another
 * part, gauge and inspector; the seed is fixed.
 *
 * <p>Argument: how many trials of each row.
 */
public final class Truth {

    private static final long SEED = 20261127;

    private static final Length DIVISION = Length.of("1", LengthUnit.MICROMETRE);
    private static final Length ERROR = Length.of("3", LengthUnit.MICROMETRE);
    private static final double ERROR_UM = 3;

    /** How far from its limit a part near the limit lies at most, in stated uncertainties. */
    private static final double NEAR = 1;

    private final Random chance = new Random(SEED);
    private final SimulatedParts parts = new SimulatedParts(chance);
    private final int trials;

    private Truth(int trials) {
        this.trials = trials;
    }

    public static void main(String[] arguments) throws LayoutRejected {
        Truth truth = new Truth(Integer.parseInt(arguments[0]));
        System.out.printf(
                Locale.ROOT,
                "%-44s %6s %8s %12s %12s %10s%n",
                "",
                "sweeps",
                "cover %",
                "wrong pass %",
                "wrong fail %",
                "undecided %");
        for (double scatter : new double[] {0.5, 2, 10}) {
            truth.recheck(scatter);
            for (int sweeps : new int[] {1, 2, 3, 5}) {
                truth.row("size, one place", Characteristic.OUTSIDE_SIZE, LayoutKind.POINTS, "a", "", sweeps, scatter);
                truth.row(
                        "size, one place, master ±4 µm",
                        Characteristic.OUTSIDE_SIZE,
                        LayoutKind.POINTS,
                        "a",
                        "",
                        sweeps,
                        scatter,
                        4);
                truth.row(
                        "size, six places",
                        Characteristic.OUTSIDE_SIZE,
                        LayoutKind.RINGS,
                        "5 15 25",
                        "0 90",
                        sweeps,
                        scatter);
                truth.row(
                        "runout, four stations",
                        Characteristic.CIRCULAR_RUNOUT_RADIAL,
                        LayoutKind.RING,
                        "4",
                        "",
                        sweeps,
                        scatter);
                truth.row(
                        "runout, eight stations",
                        Characteristic.CIRCULAR_RUNOUT_RADIAL,
                        LayoutKind.RING,
                        "8",
                        "",
                        sweeps,
                        scatter);
                truth.row(
                        "runout, three sections of six",
                        Characteristic.CIRCULAR_RUNOUT_RADIAL,
                        LayoutKind.RINGS,
                        "10 60 110",
                        "6",
                        sweeps,
                        scatter);
                truth.row(
                        "total runout, three sections of six",
                        Characteristic.TOTAL_RUNOUT,
                        LayoutKind.RINGS,
                        "10 60 110",
                        "6",
                        sweeps,
                        scatter);
                truth.row(
                        "runout, watched turn",
                        Characteristic.CIRCULAR_RUNOUT_RADIAL,
                        LayoutKind.WATCHED,
                        "",
                        "",
                        sweeps,
                        scatter);
                truth.row(
                        "flatness, nine places",
                        Characteristic.FLATNESS,
                        LayoutKind.GRID,
                        "0 50 100",
                        "0 50 100",
                        sweeps,
                        scatter);
                truth.row(
                        "straightness, five places",
                        Characteristic.STRAIGHTNESS,
                        LayoutKind.LINE,
                        "0 50 100 150 200",
                        "",
                        sweeps,
                        scatter);
            }
        }
    }

    /** Offsets of up to 60 µm moved back by dowels that are set to within a tenth, and read again. */
    private void recheck(double scatter) throws LayoutRejected {
        Layout layout = WrittenLayout.ring("8").read(List.of());
        Requirement open = requirement(
                        Characteristic.CIRCULAR_RUNOUT_RADIAL, layout, 1, Limit.none(LimitUnit.MILLIMETRE))
                .stated(StatedAs.OFFSET);
        int within = 0;
        for (int trial = 0; trial < trials; trial++) {
            double[] centre = {60 * (2 * chance.nextDouble() - 1), 60 * (2 * chance.nextDouble() - 1)};
            double oval = 2 * chance.nextDouble();
            Judgement before = judged(open, List.of(ring(layout, centre, oval, scatter)), scatter, Circumstances.NONE);
            RingReduction found =
                    before.assessment().reduction(RingReduction.class).orElseThrow();
            double share = RemedyKind.OFFSET.settingShare() * (2 * chance.nextDouble() - 1);
            centre[0] -= found.centre().orElseThrow().fit().cosine() * (1 + share);
            centre[1] -= found.centre().orElseThrow().fit().sine() * (1 + share);
            Judgement after = judged(open, List.of(ring(layout, centre, oval, scatter)), scatter, Circumstances.NONE);
            double knownTo =
                    Recheck.predictedTo(before.verdict().expanded(), found.judged(), RemedyKind.OFFSET.settingShare());
            within += Recheck.of(
                                    0,
                                    knownTo,
                                    after.value().orElseThrow(),
                                    after.verdict().expanded())
                            .agrees()
                    ? 1
                    : 0;
        }
        System.out.printf(
                Locale.ROOT,
                "%-44s %6s %8.1f%n",
                "recheck of an offset, scatter " + scatter + " µm",
                "",
                100.0 * within / trials);
    }

    private Sweep ring(Layout layout, double[] centre, double oval, double scatter) {
        double gain = ERROR_UM * (2 * chance.nextDouble() - 1);
        SimulatedPart part = new SimulatedPart(
                station -> centre[0] * Math.cos(station.radians())
                        + centre[1] * Math.sin(station.radians())
                        + oval * Math.cos(2 * station.radians()),
                Optional.empty());
        return sweep(layout, part, gain, 0, scatter, true);
    }

    private void row(
            String name, Characteristic what, LayoutKind kind, String first, String second, int sweeps, double scatter)
            throws LayoutRejected {
        row(name, what, kind, first, second, sweeps, scatter, 0);
    }

    /** @param master expanded uncertainty of the master the zero was set on, µm; its error is normal */
    private void row(
            String name,
            Characteristic what,
            LayoutKind kind,
            String first,
            String second,
            int sweeps,
            double scatter,
            double master)
            throws LayoutRejected {
        Circumstances circumstances = new Circumstances(master, 0, 0, 0, 0, 0);
        Layout layout = CharacteristicLayout.read(
                what,
                new WrittenLayout(kind, LengthUnit.MILLIMETRE, first, second),
                Zeroing.ONE_FOR_ALL,
                Reversal.NONE);
        Requirement open = requirement(what, layout, sweeps, Limit.none(LimitUnit.MILLIMETRE));
        int covered = 0;
        int failing = 0;
        int passing = 0;
        int wrongPasses = 0;
        int wrongFails = 0;
        int undecided = 0;
        for (int trial = 0; trial < trials; trial++) {
            SimulatedPart part = parts.of(what, layout);
            double gain = ERROR_UM * (2 * chance.nextDouble() - 1);
            double offset = what.readsSizes() ? gain + master / 2 * chance.nextGaussian() : 0;
            List<Sweep> read = new ArrayList<>();
            for (int i = 0; i < sweeps; i++) {
                read.add(sweep(layout, part, what.readsSizes() ? 0 : gain, offset, scatter, true));
            }
            double truth = part.turn().isPresent()
                    ? part.turn().get()
                    : judged(open, List.of(sweep(layout, part, 0, 0, 0, false)), 0, Circumstances.NONE)
                            .value()
                            .orElseThrow();
            Judgement found = judged(open, read, scatter, circumstances);
            double expanded = found.verdict().expanded();
            covered += Math.abs(found.value().orElseThrow() - truth) <= expanded ? 1 : 0;
            if (what.readsSizes()) {
                continue;
            }
            double away = expanded * NEAR * (2 * chance.nextDouble() - 1);
            double limit = truth + away;
            if (limit <= 0) {
                continue;
            }
            Outcome outcome = judged(requirement(what, layout, sweeps, atMost(limit)), read, scatter, circumstances)
                    .verdict()
                    .outcome();
            failing += away < 0 ? 1 : 0;
            passing += away < 0 ? 0 : 1;
            wrongPasses += away < 0 && outcome == Outcome.PASS ? 1 : 0;
            wrongFails += away >= 0 && outcome == Outcome.FAIL ? 1 : 0;
            undecided += outcome == Outcome.NOT_PROVEN ? 1 : 0;
        }
        System.out.printf(
                Locale.ROOT,
                "%-44s %6d %8.1f %12s %12s %10s%n",
                name + ", scatter " + scatter + " µm",
                sweeps,
                100.0 * covered / trials,
                share(wrongPasses, failing),
                share(wrongFails, passing),
                share(undecided, failing + passing));
    }

    private static String share(int some, int all) {
        return all == 0 ? "" : String.format(Locale.ROOT, "%.1f", 100.0 * some / all);
    }

    private static Judgement judged(
            Requirement requirement, List<Sweep> sweeps, double checked, Circumstances circumstances) {
        Dial dial = new Dial(DIVISION, ERROR, Length.of("100", LengthUnit.MILLIMETRE));
        return Judgement.of(
                requirement,
                sweeps.stream()
                        .map(sweep -> new Judgement.Taken(
                                Assessment.of(requirement, dial, sweep, Corrections.NONE, circumstances), dial))
                        .toList(),
                checked);
    }

    private static Requirement requirement(Characteristic what, Layout layout, int sweeps, Limit limit) {
        return new Requirement(
                what,
                SurfaceSide.OUTSIDE,
                limit,
                what.statements().get(0),
                DecisionRule.STRINGENT,
                Optional.of(Length.of("100", LengthUnit.MICROMETRE)),
                FlickerRule.MIDDLE,
                sweeps,
                layout,
                Basis.NONE);
    }

    private static Limit atMost(double micrometres) {
        return Limit.atMost(
                new Length(BigDecimal.valueOf(micrometres).setScale(6, RoundingMode.HALF_UP), LengthUnit.MICROMETRE));
    }

    private Sweep sweep(
            Layout layout, SimulatedPart part, double gain, double offset, double scatter, boolean rounded) {
        double zero = part.profile().applyAsDouble(layout.stations().get(0));
        double base = offset == 0 && zero < 10_000 ? zero : 0;
        double widest = layout.stations().stream()
                .mapToDouble(station -> Math.abs(part.profile().applyAsDouble(station) - base))
                .max()
                .orElse(1);
        List<Reading> readings = new ArrayList<>();
        for (Station station : layout.stations()) {
            readings.add(Reading.still(
                    station,
                    read(part.profile().applyAsDouble(station) - base, widest, gain, offset, scatter, rounded)));
        }
        if (layout.kind() == LayoutKind.WATCHED) {
            inOrder(readings);
        }
        return new Sweep(
                layout,
                readings,
                layout.returns() ? (Double) read(zero - base, widest, gain, offset, scatter, rounded) : null);
    }

    /** Whoever watches a needle calls the lower of two figures the lowest. */
    private static void inOrder(List<Reading> readings) {
        double low = readings.get(0).micrometres();
        double high = readings.get(1).micrometres();
        readings.set(0, Reading.still(readings.get(0).station(), Math.min(low, high)));
        readings.set(1, Reading.still(readings.get(1).station(), Math.max(low, high)));
    }

    private double read(double height, double widest, double gain, double offset, double scatter, boolean rounded) {
        double shown = height + (widest == 0 ? 0 : gain * height / widest) + offset + scatter * chance.nextGaussian();
        return rounded ? Math.rint(shown) : height;
    }
}
