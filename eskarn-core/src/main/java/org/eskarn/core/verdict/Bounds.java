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

    public static Bounds atMost(double upper) {
        return new Bounds(null, upper);
    }

    public static Bounds between(double lower, double upper) {
        return new Bounds(lower, upper);
    }

    public boolean open() {
        return lower == null && upper == null;
    }

    /** How far a figure lies outside, µm; negative inside, by its distance to the nearer bound. */
    public double outside(double value) {
        double above = upper == null ? Double.NEGATIVE_INFINITY : value - upper;
        double below = lower == null ? Double.NEGATIVE_INFINITY : lower - value;
        return Math.max(above, below);
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
