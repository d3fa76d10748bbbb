package org.eskarn.core.verdict;

import org.jspecify.annotations.Nullable;

/**
 * What a figure may be, in µm.
 *
 * @param lower the smallest allowed; null where there is no lower bound
 * @param upper the largest allowed; null where there is no upper bound
 */
public record Bounds(@Nullable Double lower, @Nullable Double upper) {

    public static final Bounds OPEN = new Bounds(null, null);

    /**
     * @throws IllegalArgumentException if the lower bound is not below the upper
     */
    public Bounds {
        if (lower != null && upper != null && !(lower < upper)) {
            throw new IllegalArgumentException("the lower bound " + lower + " is not below the upper " + upper);
        }
    }

    /** µm. */
    private static final double SAME = 1e-9;

    public static Bounds atMost(double upper) {
        return new Bounds(null, upper);
    }

    public static Bounds between(double lower, double upper) {
        return new Bounds(lower, upper);
    }

    public boolean open() {
        return lower == null && upper == null;
    }

    /**
     * How far a figure lies outside, µm; negative inside, by its distance to the nearer bound; 0 exactly on one. Figures and
     * bounds come from decimals, so that what differs by less than a rounding of the computer is the same.
     */
    public double outside(double value) {
        double above = upper == null ? Double.NEGATIVE_INFINITY : value - upper;
        double below = lower == null ? Double.NEGATIVE_INFINITY : lower - value;
        double outside = Math.max(above, below);
        return Math.abs(outside) < SAME ? 0 : outside;
    }

    /** Of two figures the one worse placed. */
    public double worse(double one, double other) {
        return outside(other) >= outside(one) ? other : one;
    }

    /** Whether a figure lies within, a figure exactly on a bound too. */
    public boolean holds(double value) {
        return outside(value) <= 0;
    }

    /** The bound a figure is nearest to, or furthest beyond; null where there is none. */
    public @Nullable Double nearest(double value) {
        if (lower == null || upper == null) {
            return lower == null ? upper : lower;
        }
        return value - upper >= lower - value ? upper : lower;
    }

    /** Upper less lower bound, a missing lower one taken as zero; 0 where there is no upper one. */
    public double width() {
        return upper == null ? 0 : upper - (lower == null ? 0 : lower);
    }
}
