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
 * @param expanded the expanded uncertainty of the figure, µm; 0 as long as there is no figure
 * @param below how far the true figure may lie below it, µm: as U, or less where a part of U can only make it larger
 * @param rule how the uncertainty entered
 */
public record Verdict(
        Outcome outcome,
        @Nullable Because because,
        @Nullable Double value,
        Bounds bounds,
        double expanded,
        double below,
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

    /** Of a figure whose true value may lie as far below it as above. */
    public Verdict(
            Outcome outcome,
            @Nullable Because because,
            @Nullable Double value,
            Bounds bounds,
            double expanded,
            DecisionRule rule) {
        this(outcome, because, value, bounds, expanded, expanded, rule);
    }

    public static Verdict notProven(
            Because because, OptionalDouble value, Bounds bounds, double expanded, double below, DecisionRule rule) {
        Double known = value.isPresent() ? value.getAsDouble() : null;
        return new Verdict(Outcome.NOT_PROVEN, because, known, bounds, expanded, below, rule);
    }

    /** The same figure with its bounds, proving nothing for another reason. */
    public Verdict unproven(Because reason) {
        return new Verdict(Outcome.NOT_PROVEN, reason, value, bounds, expanded, below, rule);
    }

    /** A figure of which nothing is asked. */
    public static Verdict recorded(double value, double expanded, double below, DecisionRule rule) {
        return new Verdict(Outcome.RECORDED, null, value, Bounds.OPEN, expanded, below, rule);
    }

    /** All questions answered yes, or not. */
    public static Verdict answered(boolean yes, DecisionRule rule) {
        return new Verdict(yes ? Outcome.PASS : Outcome.FAIL, null, null, Bounds.OPEN, 0, rule);
    }

    /** The probability that the true figure lies within its bounds, from 0 to 1; empty without a figure or a bound. */
    public OptionalDouble conformity() {
        return value == null || bounds.open()
                ? OptionalDouble.empty()
                : OptionalDouble.of(DecisionRule.conformity(value, bounds, expanded, below));
    }

    public static Verdict judge(double value, Bounds bounds, double expanded, DecisionRule rule) {
        return judge(value, bounds, expanded, expanded, rule);
    }

    /** Of a figure whose true value may lie further above it than below. */
    public static Verdict judge(double value, Bounds bounds, double expanded, double below, DecisionRule rule) {
        Outcome outcome = rule.judge(value, bounds, expanded, below);
        Because because = outcome == Outcome.NOT_PROVEN ? Because.WITHIN_UNCERTAINTY : null;
        return new Verdict(outcome, because, value, bounds, expanded, below, rule);
    }

    /** Whether the rule still decides so with the figure moved, µm. */
    boolean holdsMovedBy(double moved) {
        return value == null
                || rule.judge(value + moved, bounds, expanded, below) == rule.judge(value, bounds, expanded, below);
    }
}
