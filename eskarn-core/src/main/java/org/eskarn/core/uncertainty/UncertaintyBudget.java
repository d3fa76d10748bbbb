package org.eskarn.core.uncertainty;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The parts of an uncertainty and their sum: u = √(Σ uᵢ²), U = k · u (JCGM 100, 5.1.2 and 6.2). The parts are taken as
 * independent. No parts give U = 0.
 *
 * <p>U holds 95.45 % of what the parts add up to ({@link EvenAndScatter}): the widest part that is even within bounds, as it is, and
 * all others as one scatter of Student's t, whose effective degrees of freedom are ν = u⁴ / Σ (uᵢ⁴ / νᵢ) (Welch and Satterthwaite;
 * JCGM 100, G.4.1), cut down to a whole number as tables have it (G.4.1, note 1). Without an even part k is Student's t, and 2 where
 * ν is infinite; an even part that is nearly all of U makes k as small as 1.65.
 *
 * @param parts in the order they are named to the reader
 * @param perReading change of the figure per change of one reading, as independent readings add: √2 of a difference
 */
public record UncertaintyBudget(List<Contribution> parts, double perReading) {

    /** Of a figure whose parts are all stated or bounded: 95.45 % of a normal distribution lie within two of its deviations. */
    public static final double COVERAGE_FACTOR = 2;

    /** Tables go no further. */
    private static final double MOST_TOLD = 100;

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
        return square(null);
    }

    private double square(@Nullable Contribution without) {
        double square = 0;
        for (Contribution part : parts) {
            square += part == without ? 0 : part.standard() * part.standard();
        }
        return square;
    }

    /** The effective degrees of freedom, a whole number of at least 1; infinite where nothing was estimated from few values. */
    public double degreesOfFreedom() {
        return freedom(null);
    }

    private double freedom(@Nullable Contribution without) {
        double square = square(without);
        double spread = 0;
        for (Contribution part : parts) {
            double own = part == without ? 0 : part.standard() * part.standard();
            spread += own * own / part.degreesOfFreedom();
        }
        double freedom = spread > 0 ? square * square / spread : Double.POSITIVE_INFINITY;
        return freedom > MOST_TOLD ? Double.POSITIVE_INFINITY : Math.max(1, Math.floor(freedom + ROUNDING));
    }

    /** k = U/u; 2 where there is nothing. */
    public double coverageFactor() {
        double combined = combined();
        return combined == 0 ? COVERAGE_FACTOR : expanded() / combined;
    }

    /** The expanded uncertainty U, µm. */
    public double expanded() {
        Contribution widest = null;
        for (Contribution part : parts) {
            if (part.even().isPresent() && (widest == null || part.standard() > widest.standard())) {
                widest = part;
            }
        }
        double even = widest == null ? 0 : widest.even().orElseThrow().inFigure();
        return EvenAndScatter.halfWidth(even, Math.sqrt(square(widest)), freedom(widest));
    }

    /** How far below its figure the true one may lie, µm: U without what can only make it larger, less what that does at least. */
    public double below() {
        double atLeast = 0;
        for (Contribution part : parts) {
            if (part.source().upwards() && part.even().isPresent()) {
                atLeast += part.even().get().atLeast();
            }
        }
        return Math.max(0, withoutUpwards().expanded() - atLeast);
    }

    /**
     * The combined standard uncertainty of one sweep beside others, µm: without what they share or what the gauge's checks say, which is
     * compared for itself.
     */
    public double ofOneSweep() {
        double square = 0;
        for (Contribution part : parts) {
            boolean own = !part.source().upwards() && part.source() != Contribution.Source.CHECKS;
            square += own ? part.standard() * part.standard() : 0;
        }
        return Math.sqrt(square);
    }

    /** The same without the parts that can only make the true figure larger. */
    private UncertaintyBudget withoutUpwards() {
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
