package org.eskarn.core.verdict;

import java.util.Arrays;
import java.util.Optional;

/**
 * Whether the figures of several sweeps agree: their range against the critical range f(n) · u, with f(n) for 95 %
 * (ISO 5725-6:1994, 4.1.4, table 1; f(2) = 2.8 is the repeatability limit).
 *
 * <p>From three sweeps on, one stands apart when the others agree among themselves without it, and only with that one left
 * out. Two sweeps that differ do not say which of them is wrong.
 *
 * @param range largest less smallest figure, µm; 0 for one sweep
 * @param allowed the critical range, µm
 * @param apart index of the sweep that stands apart, from 0; empty if they agree, or none can be named
 */
public record SweepAgreement(double range, double allowed, Optional<Integer> apart) {

    /** f(n) for n = 2 … 20; beyond it the last is used, which allows a little less. */
    private static final double[] CRITICAL = {
        2.8, 3.3, 3.6, 3.9, 4.0, 4.2, 4.3, 4.4, 4.5, 4.6, 4.6, 4.7, 4.7, 4.8, 4.8, 4.9, 4.9, 5.0, 5.0
    };

    /** µm; figures typed as decimals differ by some 1e-13 in binary. */
    private static final double ROUNDING = 1e-9;

    /**
     * @param figures of the sweeps, µm, at least one
     * @param standard standard deviation by which the figures of two sweeps may differ, µm; with 0 they agree only when
     *     they are equal
     * @throws IllegalArgumentException if there is no figure, or {@code standard} is below zero
     */
    public static SweepAgreement of(double[] figures, double standard) {
        if (figures.length == 0) {
            throw new IllegalArgumentException("sweeps can agree only where there is one");
        }
        if (!(standard >= 0)) {
            throw new IllegalArgumentException("a standard deviation is 0 or more, not " + standard);
        }
        double range = range(figures);
        double allowed = critical(figures.length, standard);
        if (range <= allowed + ROUNDING || figures.length < 3) {
            return new SweepAgreement(range, allowed, Optional.empty());
        }
        Optional<Integer> apart = Optional.empty();
        for (int i = 0; i < figures.length; i++) {
            if (range(without(figures, i)) <= critical(figures.length - 1, standard) + ROUNDING) {
                if (apart.isPresent()) {
                    return new SweepAgreement(range, allowed, Optional.empty());
                }
                apart = Optional.of(i);
            }
        }
        return new SweepAgreement(range, allowed, apart);
    }

    public boolean agrees() {
        return range <= allowed + ROUNDING;
    }

    private static double critical(int n, double standard) {
        return n < 2 ? 0 : CRITICAL[Math.min(n - 2, CRITICAL.length - 1)] * standard;
    }

    private static double range(double[] figures) {
        return Arrays.stream(figures).max().orElse(0)
                - Arrays.stream(figures).min().orElse(0);
    }

    private static double[] without(double[] figures, int index) {
        double[] others = new double[figures.length - 1];
        System.arraycopy(figures, 0, others, 0, index);
        System.arraycopy(figures, index + 1, others, index, others.length - index);
        return others;
    }
}
