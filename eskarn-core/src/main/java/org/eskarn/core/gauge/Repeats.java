package org.eskarn.core.gauge;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * The same thing read several times: mean, standard deviation s = √(Σ(x − x̄)²/(n − 1)), range, and the odd one out.
 *
 * <p>Outlier by Grubbs: G = max |xᵢ − x̄| / s against the two-sided critical value at 5 % (Grubbs and Beck, Technometrics
 * 14, 1972; as in ISO 5725-2, 7.3.4). Below 3 readings there is no test; below 6 the critical value is so near the largest
 * G that is possible at all that only a gross outlier is told, which {@link #weak()} says. Equal readings have none.
 *
 * @param mean in the unit of the readings, as are the others
 * @param odd index of the reading the test points at, from 0; empty if none
 * @param grubbs G; 0 where there is no test
 * @param critical what G is compared with; 0 where there is no test
 */
public record Repeats(
        int count, double mean, double deviation, double range, Optional<Integer> odd, double grubbs, double critical) {

    private static final int FEWEST = 3;
    private static final int STRONG_FROM = 6;

    /** Two-sided critical values at 5 % for n = 3 … 20; beyond it the last is used, which points at a little more. */
    private static final double[] CRITICAL = {
        1.1543, 1.4812, 1.7150, 1.8871, 2.0200, 2.1266, 2.2150, 2.2900, 2.3547, 2.4116, 2.4620, 2.5073, 2.5483, 2.5857,
        2.6200, 2.6516, 2.6809, 2.7082
    };

    /**
     * @throws IllegalArgumentException if there is no reading
     */
    public static Repeats of(double... readings) {
        if (readings.length == 0) {
            throw new IllegalArgumentException("repeats need at least one reading");
        }
        double mean = Arrays.stream(readings).average().orElseThrow();
        double squares =
                Arrays.stream(readings).map(x -> (x - mean) * (x - mean)).sum();
        double deviation = readings.length > 1 ? Math.sqrt(squares / (readings.length - 1)) : 0;
        double range = Arrays.stream(readings).max().orElseThrow()
                - Arrays.stream(readings).min().orElseThrow();
        if (readings.length < FEWEST || !(deviation > 0)) {
            return new Repeats(readings.length, mean, deviation, range, Optional.empty(), 0, 0);
        }
        int furthest = 0;
        for (int i = 1; i < readings.length; i++) {
            if (Math.abs(readings[i] - mean) > Math.abs(readings[furthest] - mean)) {
                furthest = i;
            }
        }
        double grubbs = Math.abs(readings[furthest] - mean) / deviation;
        double critical = CRITICAL[Math.min(readings.length - FEWEST, CRITICAL.length - 1)];
        return new Repeats(
                readings.length,
                mean,
                deviation,
                range,
                grubbs > critical ? Optional.of(furthest) : Optional.empty(),
                grubbs,
                critical);
    }

    /** The same readings without one, in their order. */
    public static double[] without(double[] readings, int index) {
        List<Double> kept = new ArrayList<>();
        for (int i = 0; i < readings.length; i++) {
            if (i != index) {
                kept.add(readings[i]);
            }
        }
        return kept.stream().mapToDouble(x -> x).toArray();
    }

    /** Whether there are too few readings for the test to tell anything but a gross outlier. */
    public boolean weak() {
        return count < STRONG_FROM;
    }
}
