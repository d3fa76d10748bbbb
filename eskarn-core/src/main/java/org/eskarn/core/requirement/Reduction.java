package org.eskarn.core.requirement;

import org.eskarn.core.uncertainty.UncertaintyBudget;

/** The figures computed from a sweep. Which picture belongs to them is told by their kind. */
public sealed interface Reduction permits RingReduction {

    /** The figure the requirement judges, µm. */
    double judged();

    /** How well that figure is known. */
    UncertaintyBudget budget();
}
