package org.eskarn.core.uncertainty;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The parts of an uncertainty and their sum: u = √(Σ uᵢ²), U = k · u with k = 2, about 95 % (JCGM 100, 5.1.2 and 6.2).
 * The parts are taken as independent. No parts give U = 0.
 *
 * @param parts in the order they are named to the reader
 */
public record UncertaintyBudget(List<Contribution> parts) {

    public static final double COVERAGE_FACTOR = 2;

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
        return new UncertaintyBudget(more);
    }

    /** The combined standard uncertainty, µm. */
    public double combined() {
        return Math.sqrt(parts.stream()
                .mapToDouble(part -> part.standard() * part.standard())
                .sum());
    }

    /** The expanded uncertainty, µm, k = 2. */
    public double expanded() {
        return COVERAGE_FACTOR * combined();
    }

    /** The part that adds most, or empty when all are zero. */
    public Optional<Contribution> biggest() {
        return parts.stream()
                .filter(part -> part.standard() > 0)
                .max(Comparator.comparingDouble(Contribution::standard));
    }
}
