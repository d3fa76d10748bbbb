package org.eskarn.core.verdict;

import java.util.OptionalDouble;
import java.util.function.DoublePredicate;

/**
 * Whether a verdict could have been another had the gauge's error been known: the figure moved by as much as the error, either way, as
 * nobody knows how the error entered it. Verdicts without a figure do not change.
 */
public final class TraceBack {

    /** µm; ten metres, which no error reaches. */
    private static final double FAR = 1e7;

    private static final int HALVINGS = 90;

    private TraceBack() {}

    /**
     * @param error of the gauge as found, µm, its sign is ignored
     */
    public static boolean changes(Verdict verdict, double error) {
        OptionalDouble turns = turnsAt(verdict);
        return turns.isPresent() && turns.getAsDouble() <= Math.abs(error);
    }

    /**
     * The smallest error that could have made the verdict another, µm; empty where none could. It is the distance from the figure to the
     * nearest place, upwards or downwards, at which the rule decides otherwise. Between the middle of the bounds and either end the rule's
     * answer changes step by step and never back, so that halving finds the first change; across the middle it may.
     */
    public static OptionalDouble turnsAt(Verdict verdict) {
        Double value = verdict.value();
        if (value == null || verdict.bounds().open() || verdict.outcome() == Outcome.RECORDED) {
            return OptionalDouble.empty();
        }
        double nearest = Math.min(first(verdict, value, 1), first(verdict, value, -1));
        return nearest < FAR ? OptionalDouble.of(nearest) : OptionalDouble.empty();
    }

    private static double first(Verdict verdict, double value, int direction) {
        DoublePredicate other = moved -> !verdict.holdsMovedBy(direction * moved);
        Double upper = verdict.bounds().upper();
        Double lower = verdict.bounds().lower();
        double toMiddle = upper == null || lower == null ? 0 : direction * ((upper + lower) / 2 - value);
        if (toMiddle > 0 && other.test(toMiddle)) {
            return firstBetween(0, toMiddle, other);
        }
        return other.test(FAR) ? firstBetween(Math.max(0, toMiddle), FAR, other) : FAR;
    }

    /** Where it becomes so between two places at the second of which it is. */
    private static double firstBetween(double notYet, double already, DoublePredicate so) {
        double low = notYet;
        double high = already;
        for (int i = 0; i < HALVINGS && high - low > Math.ulp(high); i++) {
            double middle = (low + high) / 2;
            if (so.test(middle)) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return high;
    }
}
