package org.eskarn.app.picture.engine;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.core.evaluation.FitReduction;
import org.eskarn.core.evaluation.Reduction;
import org.eskarn.core.verdict.Bounds;
import org.eskarn.core.verdict.Outcome;
import org.eskarn.core.verdict.Verdict;
import org.eskarn.core.verdict.Verdict.Because;
import org.jspecify.annotations.Nullable;

/**
 * The verdict rule: a ruled scale over what is allowed and a way past it, each limit as a notch, the value as a pointer
 * and its uncertainty as a shaded width. One limit stands on a scale from zero; two have the scale about them.
 *
 * @param width of the ruled scale in drawing units
 * @param ticks the graduation lines, as one path
 * @param labels the figures under the longest of them
 * @param notches the limits
 * @param forbidden the stretches beyond them
 * @param undecided the stretches about the limits where nothing is proven; none where the figure alone decides
 * @param pointer place of the value; null while there is none
 * @param valueLabel the value in figures, empty while there is none
 * @param shadeFrom where the uncertainty begins
 * @param shadeWidth its width, cut at the ends of the scale
 * @param range from the least to the most of several values, of which the pointer shows the worst; null for one value
 * @param beyond whether the value lies past an end of the scale
 * @param outcome what the mark at the end shows
 */
public record VerdictRule(
        double width,
        String ticks,
        List<Label> labels,
        List<Notch> notches,
        List<Stretch> forbidden,
        List<Stretch> undecided,
        @Nullable Double pointer,
        String valueLabel,
        double shadeFrom,
        double shadeWidth,
        @Nullable Stretch range,
        boolean beyond,
        Outcome outcome) {

    /** A figure under a graduation line. */
    public record Label(double at, String figure) {}

    /**
     * @param left whether its label stands to its left
     */
    public record Notch(double at, String label, boolean left) {}

    public record Stretch(double from, double width) {}

    private static final double WIDE = 900;
    private static final double SMALL = 120;
    /** The scale ends at twice the limit, or where the value needs it, but not past five times the limit. */
    private static final double USUAL_END = 2;

    private static final double FURTHEST_END = 5;
    private static final int LABELS = 5;
    /** TextSpace that "limit" and its figure take beside the notch. */
    private static final double LABEL_WIDTH = 175;
    /** What one of them needs between two limits, clear of the other. */
    private static final double ROOM_BETWEEN = 1.4 * LABEL_WIDTH;

    private static final int LINES_BETWEEN = 5;
    /** Where the graduation lines stand. */
    private static final int FOOT = 68;
    /** TextSpace kept free of the pointer at the right end, for its label. */
    private static final double END_ROOM = 1.05;

    /** Shares of the allowed width left free beside two limits, usually and at most. */
    private static final double USUAL_SIDE = 0.5;

    private static final double FURTHEST_SIDE = 2;
    private static final java.math.MathContext DIGITS = new java.math.MathContext(9);

    /** The wide rule at the foot of a docket and on paper. */
    public static VerdictRule wide(Verdict verdict, Display display) {
        return of(verdict, display, WIDE, null);
    }

    /** The same of what was reduced: of a fit the bar goes from its tightest to its loosest. */
    public static VerdictRule wide(Verdict verdict, Display display, Optional<Reduction> reduction) {
        return reduction.orElse(null) instanceof FitReduction fit && fit.holes().length > 1
                ? wide(verdict, display, fit.tightest(), fit.loosest())
                : wide(verdict, display);
    }

    /**
     * The wide rule with a bar over several values, as the clearance along a length.
     *
     * @param least of them, µm
     */
    public static VerdictRule wide(Verdict verdict, Display display, double least, double most) {
        return of(verdict, display, WIDE, Bounds.between(least, Math.max(most, Math.nextUp(least))));
    }

    /** The small rule in lists. */
    public static VerdictRule small(Verdict verdict, Display display) {
        return of(verdict, display, SMALL, null);
    }

    /** Whether there is anything to draw: a limit or a value. */
    public boolean drawn() {
        return !notches.isEmpty() || pointer != null;
    }

    /** The limits in figures, for who cannot see the rule. */
    public String limitLabel() {
        return notches.isEmpty()
                ? Words.say("picture.none")
                : notches.stream()
                        .map(Notch::label)
                        .collect(java.util.stream.Collectors.joining(Words.say("picture.to")));
    }

    /** The ends of a scale, in the unit of the display. */
    private record Scale(double from, double to, double step) {

        static Scale of(double from, double to) {
            double step = RoundSteps.atLeast((to - from) / LABELS);
            return new Scale(step * Math.floor(from / step + 1e-9), step * Math.ceil(to / step - 1e-9), step);
        }

        double at(double amount, double width) {
            return (Math.min(Math.max(amount, from), to) - from) / (to - from) * width;
        }

        boolean outside(double amount) {
            return amount < from - 1e-9 * step || amount > to + 1e-9 * step;
        }
    }

    private static VerdictRule of(Verdict verdict, Display display, double width, @Nullable Bounds several) {
        Bounds bounds = verdict.bounds();
        Double given = verdict.value();
        double value = given == null ? 0 : display.of(given);
        double expanded = given == null
                ? 0
                : (display.of(given + verdict.expanded()) - display.of(given - verdict.expanded())) / 2;
        double below = given == null ? 0 : display.of(given) - display.of(given - verdict.below());
        double low = several == null || several.lower() == null ? value : display.of(several.lower());
        double high = several == null || several.upper() == null ? value : display.of(several.upper());
        Scale scale = scale(
                bounds, given != null, Math.min(low, value - expanded), Math.max(high, value + expanded), display);
        Double pointer = given == null ? null : (Double) scale.at(value, width);
        List<Notch> notches = new ArrayList<>();
        List<Stretch> forbidden = new ArrayList<>();
        double room = bounds.lower() == null || bounds.upper() == null
                ? 0
                : scale.at(display.of(bounds.upper()), width) - scale.at(display.of(bounds.lower()), width);
        if (bounds.lower() != null) {
            double at = scale.at(display.of(bounds.lower()), width);
            boolean covered = pointer != null && pointer < at && pointer > at - LABEL_WIDTH;
            notches.add(new Notch(at, display.limit(verdict, bounds.lower()), !(covered && room > ROOM_BETWEEN)));
            forbidden.add(new Stretch(0, at));
        }
        if (bounds.upper() != null) {
            double at = scale.at(display.of(bounds.upper()), width);
            // The label goes where the pointer is not, between two limits if there is room.
            boolean covered = pointer != null && pointer > at && pointer < at + LABEL_WIDTH;
            boolean left = covered && (bounds.lower() == null || room > ROOM_BETWEEN);
            notches.add(new Notch(at, display.limit(verdict, bounds.upper()), left));
            forbidden.add(new Stretch(at, width - at));
        }
        double shadeFrom = scale.at(value - below, width);
        List<Stretch> undecided = undecided(verdict, scale, display, width);
        return new VerdictRule(
                width,
                ticks(scale, width),
                labels(scale, width),
                notches,
                forbidden,
                undecided,
                pointer,
                valueLabel(verdict, display),
                shadeFrom,
                scale.at(value + expanded, width) - shadeFrom,
                several == null
                        ? null
                        : new Stretch(scale.at(low, width), scale.at(high, width) - scale.at(low, width)),
                given != null && scale.outside(value),
                verdict.outcome());
    }

    private static List<Stretch> undecided(Verdict verdict, Scale scale, Display display, double width) {
        double above = verdict.rule().guard(verdict.expanded());
        double below = verdict.rule().guard(verdict.below());
        if (!(above > 0)) {
            return List.of();
        }
        return Stream.of(verdict.bounds().lower(), verdict.bounds().upper())
                .filter(Objects::nonNull)
                .map(bound -> {
                    double from = scale.at(display.of(bound - above), width);
                    return new Stretch(from, scale.at(display.of(bound + below), width) - from);
                })
                .toList();
    }

    /**
     * @param least of the value and everything about it that is to be seen, in the unit of the display
     */
    private static Scale scale(Bounds bounds, boolean known, double least, double most, Display display) {
        Double upper = bounds.upper();
        Double lower = bounds.lower();
        if (upper == null || lower == null) {
            return upper == null
                    ? open(known, (least + most) / 2, (most - least) / 2, display)
                    : fromZero(display.of(upper), known ? most : 0);
        }
        double low = display.of(lower);
        double high = display.of(upper);
        double span = high - low;
        double from = low - USUAL_SIDE * span;
        double to = high + USUAL_SIDE * span;
        if (known) {
            from = Math.max(Math.min(from, least - 0.05 * span), low - FURTHEST_SIDE * span);
            to = Math.min(Math.max(to, most + 0.05 * span), high + FURTHEST_SIDE * span);
        }
        return Scale.of(from, to);
    }

    private static Scale fromZero(double limit, double reach) {
        return Scale.of(0, Math.min(Math.max(USUAL_END * limit, reach * END_ROOM), FURTHEST_END * limit));
    }

    private static Scale open(boolean known, double value, double reach, Display display) {
        double finest = 20 * Math.pow(10, -display.decimals());
        double span = Math.max(4 * reach, finest);
        return known ? Scale.of(value - span, value + span) : Scale.of(0, finest);
    }

    private static String valueLabel(Verdict verdict, Display display) {
        if (verdict.value() == null) {
            return "";
        }
        String figure = display.judged(verdict);
        return verdict.because() == Because.UNFINISHED ? Words.say("picture.so-far", figure) : figure;
    }

    private static int steps(Scale scale) {
        return (int) Math.round((scale.to() - scale.from()) / scale.step());
    }

    private static String ticks(Scale scale, double width) {
        StringBuilder path = new StringBuilder();
        int lines = steps(scale) * LINES_BETWEEN * 2;
        for (int i = 0; i <= lines; i++) {
            int height = i % (LINES_BETWEEN * 2) == 0 ? 18 : i % LINES_BETWEEN == 0 ? 12 : 7;
            path.append('M')
                    .append(Xy.written(width * i / lines))
                    .append(' ')
                    .append(FOOT)
                    .append("v-")
                    .append(height);
        }
        return path.toString();
    }

    private static List<Label> labels(Scale scale, double width) {
        int steps = steps(scale);
        return IntStream.rangeClosed(0, steps)
                .mapToObj(i -> new Label(width * i / steps, label(scale.from() + i * scale.step(), scale.step())))
                .toList();
    }

    private static String label(double amount, double step) {
        // Rounding to a thousandth of a step keeps 0 from being written as 1E-17.
        double clean = Math.round(amount / step * 1000) / 1000.0 * step;
        return java.math.BigDecimal.valueOf(clean)
                .round(DIGITS)
                .stripTrailingZeros()
                .toPlainString()
                .replace("-", "\u2212");
    }
}
