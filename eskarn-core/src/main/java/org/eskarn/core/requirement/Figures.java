package org.eskarn.core.requirement;

import java.util.List;
import org.eskarn.core.uncertainty.UncertaintyBudget;

/** A reduction that is told in figures alone. */
public record Figures(double judged, UncertaintyBudget budget, List<Figure> figures) implements Reduction {

    public Figures {
        figures = List.copyOf(figures);
    }
}
