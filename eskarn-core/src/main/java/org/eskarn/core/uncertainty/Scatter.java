package org.eskarn.core.uncertainty;

import org.hipparchus.distribution.continuous.FDistribution;

/**
 * How one reading scatters, as repeats have shown it.
 *
 * @param deviation standard deviation of one reading, µm; 0 where nothing is known of it, or nothing scatters
 * @param degreesOfFreedom how well that is known: n − 1 of n repeats at one place
 * @param ofMean standard deviation of what is computed with, µm: of a mean of n readings deviation/√n
 * @param ofSweeps whether the sweeps that are judged have shown it; else the checks of the gauge
 */
public record Scatter(double deviation, double degreesOfFreedom, double ofMean, boolean ofSweeps) {

    /** Nothing is known of it. */
    public static final Scatter UNKNOWN = new Scatter(0, 1, 0, false);

    /** Two that differ by more than chance makes them differ this often are not one. */
    private static final double BY_CHANCE = 0.05;

    /**
     * @throws IllegalArgumentException if the deviation is negative or not finite, or the degrees of freedom are below 1
     */
    public Scatter {
        if (!(deviation >= 0) || Double.isInfinite(deviation)) {
            throw new IllegalArgumentException("a standard deviation is 0 or more, not " + deviation);
        }
        if (!(degreesOfFreedom >= 1)) {
            throw new IllegalArgumentException("degrees of freedom are 1 or more, not " + degreesOfFreedom);
        }
    }

    /** Of one reading, as the checks of its gauge have shown it. */
    public static Scatter of(double deviation, double degreesOfFreedom) {
        return new Scatter(deviation, degreesOfFreedom, deviation, false);
    }

    public boolean known() {
        return deviation > 0;
    }

    /**
     * Of a mean of so many readings at each place, by sweeps that have shown this scatter.
     *
     * @param wider standard deviation of what is taken ÷ that of the mean; above 1 of a median
     */
    public Scatter ofMean(int readings, double wider) {
        return new Scatter(deviation, degreesOfFreedom, deviation / Math.sqrt(readings) * wider, true);
    }

    /**
     * This scatter, of sweeps, taken together with what was known before them: s² = (ν s² + ν₀ s₀²)/(ν + ν₀). Alone where it is
     * larger than the other by more than chance (F test at 5 %), as hands and part scatter too, and where the other is not known.
     *
     * <p>Source: JCGM 100, 4.2.4 (pooled estimate of variance).
     */
    public Scatter with(Scatter before) {
        if (!before.known() || larger(before)) {
            return this;
        }
        double freedom = degreesOfFreedom + before.degreesOfFreedom;
        double square = degreesOfFreedom * deviation * deviation
                + before.degreesOfFreedom * before.deviation * before.deviation;
        return of(Math.sqrt(square / freedom), freedom);
    }

    private boolean larger(Scatter before) {
        double ratio = deviation / before.deviation;
        return ratio > 1
                && new FDistribution(degreesOfFreedom, before.degreesOfFreedom).cumulativeProbability(ratio * ratio)
                        > 1 - BY_CHANCE;
    }
}
