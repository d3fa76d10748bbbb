package org.eskarn.core.verdict;

import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * The judgement on one requirement.
 *
 * @param outcome pass, fail or not proven; recorded where nothing is asked
 * @param because why nothing is proven; null when the outcome is another
 * @param value the judged figure in µm; null as long as there is none
 * @param bounds what is allowed; open at both ends where nothing is asked
 * @param expanded the expanded uncertainty of the figure, µm, k = 2; 0 as long as there is no figure
 * @param rule how the uncertainty entered
 */
public record Verdict(
        Outcome outcome,
        @Nullable Because because,
        @Nullable Double value,
        Bounds bounds,
        double expanded,
        DecisionRule rule) {

    /** Why nothing is proven. */
    public enum Because {
        /** Stations or the return are still to be read. */
        UNFINISHED,
        /** More sweeps are asked for than have been taken. */
        REPEATS_TO_GO,
        /** The limit is a text that is not worked out to figures. */
        LIMIT_IS_TEXT,
        /** The first station did not read the same again. */
        RETURN_OUT,
        /** The stations cannot show the figure asked for. */
        STATIONS_UNFIT,
        /** The figure lies within its uncertainty of the limit, and the rule is stringent. */
        WITHIN_UNCERTAINTY,
        /** The master on which the zero was set did not read the same again. */
        ZERO_LOST,
        /** The valid sweeps differ by more than they may. */
        SWEEPS_DISAGREE,
        /** Two inspectors' figures differ by more than their uncertainties allow. */
        INSPECTORS_DISAGREE,
        /** Two inspectors' figures agree, but lie on different sides of the limit. */
        INSPECTORS_DIVIDED
    }

    /**
     * @throws IllegalArgumentException if a reason stands beside anything but not proven, or is missing beside it
     */
    public Verdict {
        if ((outcome == Outcome.NOT_PROVEN) != (because != null)) {
            throw new IllegalArgumentException("a reason belongs to not proven and to nothing else: " + outcome);
        }
    }

    public static Verdict notProven(
            Because because, OptionalDouble value, Bounds bounds, double expanded, DecisionRule rule) {
        Double known = value.isPresent() ? value.getAsDouble() : null;
        return new Verdict(Outcome.NOT_PROVEN, because, known, bounds, expanded, rule);
    }

    /** The same figure with its bounds, proving nothing for another reason. */
    public Verdict unproven(Because reason) {
        return new Verdict(Outcome.NOT_PROVEN, reason, value, bounds, expanded, rule);
    }

    /** A figure of which nothing is asked. */
    public static Verdict recorded(double value, double expanded, DecisionRule rule) {
        return new Verdict(Outcome.RECORDED, null, value, Bounds.OPEN, expanded, rule);
    }

    /** All questions answered yes, or not. */
    public static Verdict answered(boolean yes, DecisionRule rule) {
        return new Verdict(yes ? Outcome.PASS : Outcome.FAIL, null, null, Bounds.OPEN, 0, rule);
    }

    public static Verdict judge(double value, Bounds bounds, double expanded, DecisionRule rule) {
        Outcome outcome = rule.judge(value, bounds, expanded);
        Because because = outcome == Outcome.NOT_PROVEN ? Because.WITHIN_UNCERTAINTY : null;
        return new Verdict(outcome, because, value, bounds, expanded, rule);
    }
}
