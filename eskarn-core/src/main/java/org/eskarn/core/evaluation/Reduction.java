package org.eskarn.core.evaluation;

import java.util.List;
import org.eskarn.core.result.Details;
import org.eskarn.core.result.Figure;
import org.eskarn.core.uncertainty.UncertaintyBudget;

/** The figures computed from a sweep. */
public sealed interface Reduction
        permits RingReduction,
                JournalsReduction,
                WatchedReduction,
                ConditionsReduction,
                RoundnessReduction,
                SizeReduction,
                PinReduction,
                PitchReduction,
                HeightsReduction,
                LineReduction,
                SlopesReduction,
                FitReduction,
                Figures {

    /** The figure the requirement judges, µm. */
    double judged();

    /** How well that figure is known. */
    UncertaintyBudget budget();

    /** What else the sweep shows. */
    Details told();

    /** The figures that are each held against the limit by themselves, named by their places; empty where one figure is. */
    default List<Figure> each() {
        return List.of();
    }

    default List<Figure> figures() {
        return told().figures();
    }
}
