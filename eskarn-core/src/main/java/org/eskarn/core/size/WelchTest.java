package org.eskarn.core.size;

import org.hipparchus.distribution.continuous.TDistribution;

/**
 * Whether two groups of readings, made by two tools or in two passes, differ by more than chance:
 *
 * <pre>t = (x̄₁ − x̄₂) / √(s₁²/n₁ + s₂²/n₂)</pre>
 *
 * against Student's t at 95 %, two-sided, with the degrees of freedom of Welch; the groups need not scatter alike (B. L.
 * Welch, Biometrika 34, 1947).
 *
 * <p>Degenerate cases: a group of one reading has no scatter, and the test says nothing; groups without any scatter differ
 * by more than chance as soon as their means differ.
 *
 * @param difference x̄₁ − x̄₂, in the unit of the readings
 * @param needed how large the difference must be to be more than chance; infinite where the test says nothing
 */
public record WelchTest(double difference, double needed) {

    private static final double ONE_SIDE = 0.975;

    /**
     * @throws IllegalArgumentException if a group is empty
     */
    public static WelchTest of(double[] first, double[] second) {
        double difference = mean(first) - mean(second);
        if (first.length < 2 || second.length < 2) {
            return new WelchTest(difference, Double.POSITIVE_INFINITY);
        }
        double a = variance(first) / first.length;
        double b = variance(second) / second.length;
        if (!(a + b > 0)) {
            return new WelchTest(difference, 0);
        }
        double freedom = (a + b) * (a + b) / (a * a / (first.length - 1) + b * b / (second.length - 1));
        return new WelchTest(
                difference, Math.sqrt(a + b) * new TDistribution(freedom).inverseCumulativeProbability(ONE_SIDE));
    }

    public boolean moreThanChance() {
        return Math.abs(difference) > needed;
    }

    /** Whether the test can say anything. */
    public boolean tells() {
        return Double.isFinite(needed);
    }

    private static double mean(double[] readings) {
        if (readings.length == 0) {
            throw new IllegalArgumentException("a group has at least one reading");
        }
        return java.util.Arrays.stream(readings).average().orElseThrow();
    }

    private static double variance(double[] readings) {
        double mean = mean(readings);
        double squares = 0;
        for (double each : readings) {
            squares += (each - mean) * (each - mean);
        }
        return squares / (readings.length - 1);
    }
}
