package org.eskarn.app.picture;

import java.util.ArrayList;
import java.util.List;
import org.eskarn.app.page.Display;
import org.eskarn.core.verdict.Outcome;
import org.eskarn.core.verdict.Verdict;
import org.eskarn.core.verdict.Verdict.Because;
import org.jspecify.annotations.Nullable;

/**
 * The verdict rule: a ruled scale from zero past the limit, the limit as a notch, the value as a pointer and its
 * uncertainty as a shaded width.
 *
 * @param width of the ruled scale in drawing units
 * @param ticks the graduation lines
 * @param limit place of the notch
 * @param limitLabel the limit in figures
 * @param pointer place of the value; null while there is none
 * @param valueLabel the value in figures, empty while there is none
 * @param shadeFrom where the uncertainty begins
 * @param shadeWidth its width, cut at the ends of the scale
 * @param beyond whether the value lies past the end of the scale
 * @param outcome what the mark at the end shows
 */
public record VerdictRule(
        double width,
        List<Tick> ticks,
        double limit,
        String limitLabel,
        @Nullable Double pointer,
        String valueLabel,
        double shadeFrom,
        double shadeWidth,
        boolean beyond,
        Outcome outcome) {

    /** A graduation line; only the longest carry a label. */
    public record Tick(double at, double height, String label) {}

    private static final double WIDE = 900;
    private static final double SMALL = 120;
    /** The scale ends at twice the limit, or where the value needs it, but not past five times the limit. */
    private static final double USUAL_END = 2;

    private static final double FURTHEST_END = 5;
    private static final int LABELS = 5;
    private static final int LINES_BETWEEN = 5;
    /** Room kept free of the pointer at the right end, for its label. */
    private static final double END_ROOM = 1.05;

    /** The wide rule at the foot of a docket and on paper. */
    public static VerdictRule wide(Verdict verdict, Display display) {
        return of(verdict, display, WIDE);
    }

    /** The small rule in lists. */
    public static VerdictRule small(Verdict verdict, Display display) {
        return of(verdict, display, SMALL);
    }

    private static VerdictRule of(Verdict verdict, Display display, double width) {
        double limit = display.of(verdict.limit());
        double value = verdict.value() == null ? 0 : display.of(verdict.value());
        double expanded = display.of(verdict.expanded());
        double wanted = Math.max(USUAL_END * limit, (value + expanded) * END_ROOM);
        double labelStep = RoundSteps.atLeast(Math.min(wanted, FURTHEST_END * limit) / LABELS);
        double end = labelStep * Math.ceil(Math.min(wanted, FURTHEST_END * limit) / labelStep - 1e-9);
        double perUnit = width / end;
        double from = Math.min(Math.max(value - expanded, 0), end);
        double to = Math.min(value + expanded, end);
        return new VerdictRule(
                width,
                ticks(labelStep, end, perUnit),
                limit * perUnit,
                display.amount(verdict.limit()),
                verdict.value() == null ? null : Math.min(value, end) * perUnit,
                valueLabel(verdict, display),
                from * perUnit,
                (to - from) * perUnit,
                value > end,
                verdict.outcome());
    }

    private static String valueLabel(Verdict verdict, Display display) {
        if (verdict.value() == null) {
            return "";
        }
        String figure = display.amount(verdict.value());
        return verdict.because() == Because.UNFINISHED ? figure + " so far" : figure;
    }

    private static List<Tick> ticks(double labelStep, double end, double perUnit) {
        List<Tick> ticks = new ArrayList<>();
        int lines = (int) Math.round(end / labelStep) * LINES_BETWEEN * 2;
        for (int i = 0; i <= lines; i++) {
            boolean labelled = i % (LINES_BETWEEN * 2) == 0;
            boolean middle = i % LINES_BETWEEN == 0;
            double amount = i * labelStep / (LINES_BETWEEN * 2);
            ticks.add(new Tick(amount * perUnit, labelled ? 18 : middle ? 12 : 7, labelled ? label(amount) : ""));
        }
        return ticks;
    }

    private static String label(double amount) {
        return java.math.BigDecimal.valueOf(amount)
                .round(new java.math.MathContext(6))
                .stripTrailingZeros()
                .toPlainString();
    }
}
