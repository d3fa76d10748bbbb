package org.eskarn.core.evaluation;

import java.util.List;
import org.eskarn.core.result.Details;
import org.eskarn.core.result.Figure;
import org.eskarn.core.uncertainty.UncertaintyBudget;

/** A reduction that needs no picture of its own. */
public record Figures(double judged, UncertaintyBudget budget, Details told, List<Figure> each) implements Reduction {

    public Figures {
        each = List.copyOf(each);
    }

    public Figures(double judged, UncertaintyBudget budget, Details told) {
        this(judged, budget, told, List.of());
    }

    public Figures(double judged, UncertaintyBudget budget, List<Figure> figures) {
        this(judged, budget, Details.of(figures));
    }
}
