package org.eskarn.core.evaluation;

import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.uncertainty.UncertaintyBudget;
import org.eskarn.core.verdict.DecisionRule;
import org.eskarn.core.verdict.Verdict;

/** The verdict on a figure that nothing hinders: held against its limit by the rule of the requirement. */
final class AgainstLimit {

    private AgainstLimit() {}

    /** @param value the judged figure, µm; of answers how many are no */
    static Verdict of(Requirement requirement, double value, UncertaintyBudget budget) {
        double expanded = budget.expanded();
        DecisionRule rule = requirement.appliedRule();
        return switch (requirement.limit().kind()) {
            case ANSWER -> Verdict.answered(value == 0, rule);
            case NONE -> Verdict.recorded(value, expanded, budget.below(), rule);
            default ->
                Verdict.judge(
                        value,
                        requirement.bounds(),
                        expanded,
                        budget.below(),
                        rule.applied(requirement.bounds(), expanded));
        };
    }
}
