package org.eskarn.core.zone;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * The linear function that lies nowhere below the values and is lowest where all columns are 0:
 *
 * <pre>minimise x₀   where   x₀ + x₁ v₁ᵢ + x₂ v₂ᵢ + … ≥ mᵢ</pre>
 *
 * With the columns cos θ and sin θ it is the minimum circumscribed circle of a profile, and on values with their signs
 * turned the maximum inscribed one. As many values as there are unknowns hold it, with weights of 0 or more whose moments
 * vanish: that proves it lowest.
 *
 * <p>Degenerate cases: where the places do not surround the point with all columns 0, the cover can be tipped down
 * without end, and there is none.
 *
 * @param coefficients x₀, x₁, …
 * @param contacts the values that hold it
 */
public record LowestUpperBound(double[] coefficients, List<Integer> contacts) {

    /** How far below the values the first cover begins, in their ranges. */
    private static final double DEEP = 1e6;

    /**
     * @param values mᵢ, at least one
     * @param columns v₁, v₂ …, each with as many places as there are values
     * @return empty where the places do not surround the middle
     * @throws IllegalArgumentException if the lengths differ, or there is no value
     */
    public static Optional<LowestUpperBound> of(double[] values, double[]... columns) {
        Residuals residuals = new Residuals(values, columns);
        int unknowns = columns.length + 1;
        double[] objective = new double[unknowns];
        objective[0] = 1;
        int[] tight = new int[unknowns];
        for (int i = 0; i < unknowns; i++) {
            tight[i] = values.length + i;
        }
        double range = residuals.range();
        double deep = Arrays.stream(values).min().orElseThrow() - DEEP * (range + 1);
        DualSimplex.Optimum optimum = new DualSimplex(objective, new Above(residuals, deep), tight).run();
        List<Integer> contacts = new ArrayList<>();
        for (int each : optimum.tight()) {
            if (each >= values.length) {
                return Optional.empty();
            }
            contacts.add(each);
        }
        return Optional.of(new LowestUpperBound(optimum.x(), contacts));
    }

    /** Constraint i is value i; those after the last are far below, round the middle, to begin with. */
    private record Above(Residuals residuals, double deep) implements DualSimplex.Constraints {

        @Override
        public int worst(double[] x) {
            double[] left = residuals.of(x);
            int highest = 0;
            for (int i = 1; i < left.length; i++) {
                if (left[i] > left[highest]) {
                    highest = i;
                }
            }
            return left[highest] > residuals.rounding(x) ? highest : -1;
        }

        @Override
        public int first(double[] x) {
            double[] left = residuals.of(x);
            double rounding = residuals.rounding(x);
            for (int i = 0; i < left.length; i++) {
                if (left[i] > rounding) {
                    return i;
                }
            }
            return -1;
        }

        @Override
        public double row(int constraint, double[] into) {
            if (constraint < residuals.size()) {
                residuals.row(constraint, 1, into);
                return residuals.value(constraint);
            }
            int corner = constraint - residuals.size();
            Arrays.fill(into, corner == 0 ? -1 : 0);
            into[0] = 1;
            if (corner > 0) {
                into[corner] = 1;
            }
            return deep;
        }
    }
}
