package org.eskarn.core.requirement;

import java.util.List;
import org.eskarn.core.uncertainty.UncertaintyBudget;

/** A reduction that needs no picture of its own. */
public record Figures(double judged, UncertaintyBudget budget, Told told, List<Figure> each) implements Reduction {

    public Figures {
        each = List.copyOf(each);
    }

    public Figures(double judged, UncertaintyBudget budget, Told told) {
        this(judged, budget, told, List.of());
    }

    public Figures(double judged, UncertaintyBudget budget, List<Figure> figures) {
        this(judged, budget, Told.of(figures));
    }
}
