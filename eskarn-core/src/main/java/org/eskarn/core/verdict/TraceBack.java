package org.eskarn.core.verdict;

/**
 * Whether a verdict would have been another had the gauge's error been known: the figure moved by the error either way, as
 * nobody knows how the error entered it. Verdicts without a figure do not change.
 */
public final class TraceBack {

    private TraceBack() {}

    /**
     * @param error of the gauge as found, µm, its sign is ignored
     */
    public static boolean changes(Verdict verdict, double error) {
        Double value = verdict.value();
        if (value == null || verdict.bounds().open() || verdict.outcome() == Outcome.RECORDED) {
            return false;
        }
        double moved = Math.abs(error);
        return !verdict.holdsMovedBy(moved) || !verdict.holdsMovedBy(-moved);
    }
}
