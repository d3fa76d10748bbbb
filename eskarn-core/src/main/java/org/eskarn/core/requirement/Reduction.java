package org.eskarn.core.requirement;

import java.util.List;
import org.eskarn.core.uncertainty.UncertaintyBudget;

/** The figures computed from a sweep. */
public sealed interface Reduction
        permits RingReduction,
                JournalsReduction,
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
    Told told();

    default List<Figure> figures() {
        return told().figures();
    }
}
