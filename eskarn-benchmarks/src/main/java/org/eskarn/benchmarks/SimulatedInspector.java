package org.eskarn.benchmarks;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.gauge.Repeats;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Station;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.uncertainty.Scatter;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;

/**
 * Somebody who reads a part with a gauge that errs. All lengths in µm.
 *
 * @param gain what the gauge's error changes by over the stretch that is read, in its middle; of sizes its error itself
 * @param offset what a size is wrong by besides: the error of the master
 * @param scatter standard deviation of a reading
 * @param checked what it was in the checks of the gauge
 */
record SimulatedInspector(double gain, double offset, double scatter, double checked, boolean sizes, Random chance) {

    /** Maximum permissible error of the gauge. */
    static final double ERROR = 3;

    /** How far its zero jumps during a sweep at most, either way. */
    private static final double DRIFT = 1;

    /** How often it was read on its master in its checks before use, 1 more than the degrees of freedom. */
    private static final int CHECKS = 21;

    /** Its error changes within a fifth of the stretch that is read, as where a tooth is worn. */
    private static final double STEEP = 10;

    static SimulatedInspector of(double scatter, double checked, double master, boolean sizes, Random chance) {
        double gain = ERROR * (2 * chance.nextDouble() - 1);
        double offset = sizes ? gain + master / 2 * chance.nextGaussian() : 0;
        return new SimulatedInspector(sizes ? 0 : gain, offset, scatter, checked, sizes, chance);
    }

    /** One whose gauge has no error and whose hand is steady. */
    static Sweep truth(Layout layout, SimulatedPart part, boolean sizes) {
        return new SimulatedInspector(0, 0, 0, 0, sizes, new Random(0)).sweep(layout, part, false);
    }

    /** The gauge, and what its checks have shown of its scatter. */
    Dial dial() {
        Dial dial = new Dial(
                Length.of("1", LengthUnit.MICROMETRE),
                Length.of("3", LengthUnit.MICROMETRE),
                Length.of("100", LengthUnit.MILLIMETRE));
        double[] repeats = new double[CHECKS];
        for (int i = 0; i < CHECKS; i++) {
            repeats[i] = Math.rint(checked * chance.nextGaussian());
        }
        return dial.scattering(Scatter.of(Repeats.of(repeats).deviation(), CHECKS - 1.0));
    }

    Sweep sweep(Layout layout, SimulatedPart part) {
        return sweep(layout, part, true);
    }

    private Sweep sweep(Layout layout, SimulatedPart part, boolean really) {
        List<Station> stations = layout.stations();
        double zero = sizes ? 0 : part.profile().applyAsDouble(stations.get(0));
        double[] heights = stations.stream()
                .mapToDouble(station -> part.profile().applyAsDouble(station) - zero)
                .toArray();
        double lowest = Math.min(0, Arrays.stream(heights).min().orElse(0));
        double highest = Math.max(0, Arrays.stream(heights).max().orElse(0));
        double drift = really && !sizes ? DRIFT * (2 * chance.nextDouble() - 1) : 0;
        double jump = chance.nextDouble() * heights.length;
        List<Reading> readings = new ArrayList<>();
        for (int i = 0; i < heights.length; i++) {
            double share = highest > lowest ? (heights[i] - lowest) / (highest - lowest) - 0.5 : 0;
            double read = really ? shown(heights[i], share, i < jump ? 0 : drift) : heights[i];
            readings.add(Reading.still(stations.get(i), read));
        }
        if (layout.kind() == LayoutKind.WATCHED) {
            inOrder(readings);
        }
        double share = highest > lowest ? -lowest / (highest - lowest) - 0.5 : 0;
        Double back = !layout.returns() ? null : really ? (Double) shown(0, share, drift) : (Double) 0.0;
        return new Sweep(layout, readings, back);
    }

    /** @param share of the stretch that is read, from −½ to ½ */
    private double shown(double height, double share, double moved) {
        double error = gain / 2 * Math.max(-1, Math.min(1, STEEP * share));
        return Math.rint(height + error + offset + moved + scatter * chance.nextGaussian());
    }

    /** Whoever watches a needle calls the lower of two figures the lowest. */
    private static void inOrder(List<Reading> readings) {
        double low = readings.get(0).micrometres();
        double high = readings.get(1).micrometres();
        readings.set(0, Reading.still(readings.get(0).station(), Math.min(low, high)));
        readings.set(1, Reading.still(readings.get(1).station(), Math.max(low, high)));
    }
}
