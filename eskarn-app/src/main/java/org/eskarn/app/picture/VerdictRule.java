package org.eskarn.app.picture;

import java.util.List;
import java.util.stream.IntStream;
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
 * @param ticks the graduation lines, as one path
 * @param labels the figures under the longest of them
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
        String ticks,
        List<Label> labels,
        double limit,
        String limitLabel,
        @Nullable Double pointer,
        String valueLabel,
        double shadeFrom,
        double shadeWidth,
        boolean beyond,
        Outcome outcome) {

    /** A figure under a graduation line. */
    public record Label(double at, String figure) {}

    private static final double WIDE = 900;
    private static final double SMALL = 120;
    /** The scale ends at twice the limit, or where the value needs it, but not past five times the limit. */
    private static final double USUAL_END = 2;

    private static final double FURTHEST_END = 5;
    private static final int LABELS = 5;
    /** Room that "limit" and its figure take beside the notch. */
    private static final double LABEL_WIDTH = 175;

    private static final int LINES_BETWEEN = 5;
    /** Where the graduation lines stand. */
    private static final int FOOT = 68;
    /** Room kept free of the pointer at the right end, for its label. */
    private static final double END_ROOM = 1.05;

    /** Whether the limit's label stands to the left of its notch, because the pointer stands where it would go. */
    public boolean labelledLeft() {
        return pointer != null && pointer > limit && pointer < limit + LABEL_WIDTH;
    }

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
                labels(labelStep, end, perUnit),
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

    private static String ticks(double labelStep, double end, double perUnit) {
        StringBuilder path = new StringBuilder();
        int lines = (int) Math.round(end / labelStep) * LINES_BETWEEN * 2;
        for (int i = 0; i <= lines; i++) {
            int height = i % (LINES_BETWEEN * 2) == 0 ? 18 : i % LINES_BETWEEN == 0 ? 12 : 7;
            path.append('M')
                    .append(Xy.written(i * labelStep / (LINES_BETWEEN * 2) * perUnit))
                    .append(' ')
                    .append(FOOT)
                    .append("v-")
                    .append(height);
        }
        return path.toString();
    }

    private static List<Label> labels(double labelStep, double end, double perUnit) {
        return IntStream.rangeClosed(0, (int) Math.round(end / labelStep))
                .mapToObj(i -> new Label(i * labelStep * perUnit, label(i * labelStep)))
                .toList();
    }

    private static String label(double amount) {
        return java.math.BigDecimal.valueOf(amount)
                .round(new java.math.MathContext(6))
                .stripTrailingZeros()
                .toPlainString();
    }
}
