package org.eskarn.core.uncertainty;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.hipparchus.distribution.continuous.TDistribution;

/**
 * The parts of an uncertainty and their sum: u = √(Σ uᵢ²), U = k · u (JCGM 100, 5.1.2 and 6.2). The parts are taken as
 * independent. No parts give U = 0.
 *
 * <p>k is Student's t for 95.45 % at the effective degrees of freedom ν = u⁴ / Σ (uᵢ⁴ / νᵢ) (Welch and Satterthwaite; JCGM 100, G.4.1),
 * cut down to a whole number as tables have it (G.4.1, note 1). Where every part is stated or bounded, ν is infinite and k = 2.
 *
 * @param parts in the order they are named to the reader
 * @param perReading change of the figure per change of one reading, as independent readings add: √2 of a difference
 */
public record UncertaintyBudget(List<Contribution> parts, double perReading) {

    /** Of a figure whose parts are all stated or bounded: 95.45 % of a normal distribution lie within two of its deviations. */
    public static final double COVERAGE_FACTOR = 2;

    /** The share that lies outside ±2 standard deviations of a normal distribution. */
    private static final double OUTSIDE = 0.045500263896358;

    /** From here on k differs from 2 by less than anybody reads. */
    private static final double MOST_TOLD = 1000;

    private static final double ROUNDING = 1e-9;

    /** Of a figure that is one reading. */
    public UncertaintyBudget(List<Contribution> parts) {
        this(parts, 1);
    }

    public UncertaintyBudget {
        parts = List.copyOf(parts);
    }

    /** This budget with one more part; itself where that part is zero. */
    public UncertaintyBudget with(Contribution part) {
        if (part.standard() == 0) {
            return this;
        }
        List<Contribution> more = new ArrayList<>(parts);
        more.add(part);
        return new UncertaintyBudget(more, perReading);
    }

    /** The combined standard uncertainty, µm. */
    public double combined() {
        return Math.sqrt(square());
    }

    private double square() {
        double square = 0;
        for (Contribution part : parts) {
            square += part.standard() * part.standard();
        }
        return square;
    }

    /** The effective degrees of freedom, a whole number of at least 1; infinite where nothing was estimated from few values. */
    public double degreesOfFreedom() {
        double square = square();
        double spread = 0;
        for (Contribution part : parts) {
            double own = part.standard() * part.standard();
            spread += own * own / part.degreesOfFreedom();
        }
        double freedom = spread > 0 ? square * square / spread : Double.POSITIVE_INFINITY;
        return freedom > MOST_TOLD ? Double.POSITIVE_INFINITY : Math.max(1, Math.floor(freedom + ROUNDING));
    }

    /** k: 2 for infinitely many degrees of freedom, more for few. */
    public double coverageFactor() {
        double freedom = degreesOfFreedom();
        return Double.isInfinite(freedom)
                ? COVERAGE_FACTOR
                : new TDistribution(freedom).inverseCumulativeProbability(1 - OUTSIDE / 2);
    }

    /** The expanded uncertainty, µm. */
    public double expanded() {
        return coverageFactor() * combined();
    }

    /** The same without the parts that can only make the true figure larger: how far below its figure it may lie. */
    public UncertaintyBudget below() {
        return parts.stream().noneMatch(part -> part.source().upwards())
                ? this
                : new UncertaintyBudget(
                        parts.stream().filter(part -> !part.source().upwards()).toList(), perReading);
    }

    /** The parts that add anything, the largest first. */
    public List<Contribution> largestFirst() {
        return parts.stream()
                .filter(part -> part.standard() > 0)
                .sorted(Comparator.comparingDouble(Contribution::standard).reversed())
                .toList();
    }
}
