package org.eskarn.core.verdict;

import org.eskarn.core.result.Note;

/** How the uncertainty enters the judgement. */
public enum DecisionRule {
    /** The figure alone is compared with the limit; the uncertainty is stated beside it. */
    SIMPLE(Note.of("core.simple-acceptance")),
    /**
     * Pass needs figure + U within the limit, fail needs figure − U beyond it; between the two nothing is proven
     * (ISO 14253-1, clauses 5 and 6).
     */
    STRINGENT(Note.of("core.stringent-the-limit-less-u-to-pass"));

    private final Note title;

    DecisionRule(Note title) {
        this.title = title;
    }

    public Note title() {
        return title;
    }

    /**
     * Judges a figure that must lie within bounds. A figure exactly on a bound is within it.
     *
     * @param value the figure, µm
     * @param expanded the expanded uncertainty U of the figure, µm
     */
    public Outcome judge(double value, Bounds bounds, double expanded) {
        double guard = this == STRINGENT ? expanded : 0;
        double outside = bounds.outside(value);
        if (outside + guard <= ROUNDING) {
            return Outcome.PASS;
        }
        return outside - guard > ROUNDING ? Outcome.FAIL : Outcome.NOT_PROVEN;
    }

    /** µm; a figure that with its uncertainty is exactly on the limit must not miss it by a binary rounding. */
    private static final double ROUNDING = 1e-9;
}
