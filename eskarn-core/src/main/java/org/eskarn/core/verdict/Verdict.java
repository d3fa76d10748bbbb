package org.eskarn.core.verdict;

import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * The judgement on one requirement.
 *
 * @param outcome pass, fail or not proven
 * @param because why nothing is proven; null when the outcome is pass or fail
 * @param value the judged figure in µm; null as long as there is none
 * @param limit the largest value allowed, µm
 * @param expanded the expanded uncertainty of the figure, µm, k = 2; 0 as long as there is no figure
 * @param rule how the uncertainty entered
 */
public record Verdict(
        Outcome outcome,
        @Nullable Because because,
        @Nullable Double value,
        double limit,
        double expanded,
        DecisionRule rule) {

    /** Why nothing is proven. */
    public enum Because {
        /** Stations or the return are still to be read. */
        UNFINISHED,
        /** The first station did not read the same again. */
        RETURN_OUT,
        /** The stations cannot show the figure asked for. */
        STATIONS_UNFIT,
        /** The figure lies within its uncertainty of the limit, and the rule is stringent. */
        WITHIN_UNCERTAINTY
    }

    /**
     * @throws IllegalArgumentException if a reason stands beside a pass or fail, or is missing beside not proven
     */
    public Verdict {
        if ((outcome == Outcome.NOT_PROVEN) != (because != null)) {
            throw new IllegalArgumentException("a reason belongs to not proven and to nothing else: " + outcome);
        }
    }

    public static Verdict notProven(
            Because because, OptionalDouble value, double limit, double expanded, DecisionRule rule) {
        Double known = value.isPresent() ? value.getAsDouble() : null;
        return new Verdict(Outcome.NOT_PROVEN, because, known, limit, expanded, rule);
    }

    public static Verdict judge(double value, double limit, double expanded, DecisionRule rule) {
        Outcome outcome = rule.judge(value, limit, expanded);
        Because because = outcome == Outcome.NOT_PROVEN ? Because.WITHIN_UNCERTAINTY : null;
        return new Verdict(outcome, because, value, limit, expanded, rule);
    }
}
