package org.eskarn.benchmarks;

import static org.eskarn.core.requirement.Characteristic.CIRCULAR_RUNOUT_RADIAL;
import static org.eskarn.core.requirement.Characteristic.FLATNESS;
import static org.eskarn.core.requirement.Characteristic.OFFSET_OF_OPENING;
import static org.eskarn.core.requirement.Characteristic.OUTSIDE_SIZE;
import static org.eskarn.core.requirement.Characteristic.OUT_OF_ROUND;
import static org.eskarn.core.requirement.Characteristic.PARALLELISM_OF_FACES;
import static org.eskarn.core.requirement.Characteristic.ROUNDNESS;
import static org.eskarn.core.requirement.Characteristic.SQUARENESS;
import static org.eskarn.core.requirement.Characteristic.STRAIGHTNESS;
import static org.eskarn.core.requirement.Characteristic.TOTAL_RUNOUT;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.IntStream;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.StatedAs;

/**
 * Makes parts whose true figure is known, a gauge that errs and an inspector who repeats ({@link SimulatedPart},
 * {@link SimulatedInspector}), takes the readings through the core as the app does, and prints how often the stated uncertainty
 * covers the truth, and what is passed and failed near a limit.
 *
 * <p>Every trial has another part, gauge and inspector; the seed of each row is fixed, so that the same figures come out again.
 *
 * <p>Argument: how many trials of each row.
 */
public final class Truth {

    private static final long SEED = 20261127;

    /** µm; three of them lie within the permissible error of the gauge, which it could not keep otherwise. */
    private static final double[] REALISTIC = {0.5, 1};

    private static final double[] BEYOND = {2, 10};

    private static final List<TruthRow> WAYS = List.of(
            row("size, one place", OUTSIDE_SIZE, LayoutKind.POINTS, "a", "", 0),
            row("size, one place, master ±4 µm", OUTSIDE_SIZE, LayoutKind.POINTS, "a", "", 4),
            row("size, worst of six places", OUTSIDE_SIZE, LayoutKind.RINGS, "5 15 25", "0 90", 0),
            row("size, mean of six places", OUTSIDE_SIZE, StatedAs.MEAN_SIZE, LayoutKind.RINGS, "5 15 25", "0 90"),
            row("out of round, three sections", OUT_OF_ROUND, LayoutKind.RINGS, "5 15 25", "0 60 120", 0),
            row("runout, four stations", CIRCULAR_RUNOUT_RADIAL, LayoutKind.RING, "4", "", 0),
            row("runout, eight stations", CIRCULAR_RUNOUT_RADIAL, LayoutKind.RING, "8", "", 0),
            row("runout, three sections of six", CIRCULAR_RUNOUT_RADIAL, LayoutKind.RINGS, "10 60 110", "6", 0),
            row("total runout, three sections of six", TOTAL_RUNOUT, LayoutKind.RINGS, "10 60 110", "6", 0),
            row("runout, watched turn", CIRCULAR_RUNOUT_RADIAL, LayoutKind.WATCHED, "", "", 0),
            row("offset, eight stations", OFFSET_OF_OPENING, StatedAs.OFFSET, LayoutKind.RING, "8", ""),
            row("roundness, twelve stations", ROUNDNESS, LayoutKind.RING, "12", "", 0),
            row("flatness, nine places", FLATNESS, LayoutKind.GRID, "0 50 100", "0 50 100", 0),
            row("parallelism, nine places", PARALLELISM_OF_FACES, LayoutKind.GRID, "0 50 100", "0 50 100", 0),
            row("straightness, five places", STRAIGHTNESS, LayoutKind.LINE, "0 50 100 150 200", "", 0),
            row("squareness, five places", SQUARENESS, LayoutKind.LINE, "0 50 100 150 200", "", 0));

    private static final List<TruthRow> UNSTEADY = WAYS.stream()
            .filter(way -> way.name().equals("size, one place") || way.name().equals("runout, eight stations"))
            .map(way -> way.by(2))
            .toList();

    private Truth() {}

    public static void main(String[] arguments) {
        int trials = Integer.parseInt(arguments[0]);
        block("As gauges are: a reading scatters by up to a third of the permissible error", WAYS, REALISTIC, trials);
        block("Beyond that: the gauge or the set-up is not fit", WAYS, BEYOND, trials);
        block("A hand that scatters twice as much as the checks of the gauge have shown", UNSTEADY, REALISTIC, trials);
    }

    private static void block(String title, List<TruthRow> ways, double[] scatters, int trials) {
        System.out.printf(
                Locale.ROOT,
                "%n%s%n%-44s %6s %8s %12s %12s %10s%n",
                title,
                "",
                "sweeps",
                "cover %",
                "wrong pass %",
                "wrong fail %",
                "undecided %");
        for (double scatter : scatters) {
            List<TruthRow> rows = new ArrayList<>();
            for (TruthRow way : ways) {
                for (int sweeps : new int[] {1, 2, 3, 5}) {
                    rows.add(way.read(sweeps, scatter));
                }
            }
            List<String> lines = IntStream.range(0, rows.size())
                    .parallel()
                    .mapToObj(i -> line(rows.get(i), trials, new Random(SEED + i)))
                    .toList();
            lines.forEach(System.out::println);
            if (ways != WAYS) {
                continue;
            }
            System.out.printf(
                    Locale.ROOT,
                    "%-44s %6s %8.1f%n",
                    "recheck of an offset, scatter " + scatter + " µm",
                    "",
                    RecheckTried.within(scatter, trials, new Random(SEED)));
        }
    }

    private static String line(TruthRow row, int trials, Random chance) {
        return String.format(
                Locale.ROOT,
                "%-44s %6d %s",
                row.name() + ", scatter " + row.scatter() + " µm",
                row.sweeps(),
                row.tried(trials, chance).written());
    }

    private static TruthRow row(
            String name, Characteristic what, LayoutKind kind, String first, String second, double master) {
        return new TruthRow(name, what, what.statements().get(0), kind, first, second, master, 1, 0, 1);
    }

    private static TruthRow row(
            String name, Characteristic what, StatedAs statedAs, LayoutKind kind, String first, String second) {
        return new TruthRow(name, what, statedAs, kind, first, second, 0, 1, 0, 1);
    }
}
