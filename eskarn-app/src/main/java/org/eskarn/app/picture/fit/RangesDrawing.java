package org.eskarn.app.picture.fit;

import java.util.List;
import java.util.function.DoubleFunction;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.Drawing;
import org.eskarn.app.picture.engine.RoundSteps;
import org.eskarn.app.picture.engine.ScaleText;
import org.eskarn.app.picture.engine.Sketch;
import org.eskarn.app.picture.engine.Xy;
import org.jspecify.annotations.Nullable;

/**
 * Ranges one under the other on one scale, against limits: the pairs of a batch, a clearance before and after, temperatures.
 * Amounts are in the unit of the scale.
 */
public final class RangesDrawing {

    private static final double LEFT = 180;
    private static final double RIGHT = 470;
    private static final double TOP = 52;
    private static final double ROW = 42;
    private static final double BAR = 14;
    private static final int MOST = 8;
    private static final int TICKS = 5;
    private static final int LONGEST_NAME = 24;

    /** Room left free beside the outermost amounts, as a share. */
    private static final double SIDE = 0.08;

    private final Sketch sketch = new Sketch();
    private final DoubleFunction<String> said;
    private final double from;
    private final double to;
    private final double foot;
    private final boolean zero;

    /** One line of the picture; a range from a value to itself is a point. */
    public record Range(String name, double from, double to) {}

    /** The limits, in the unit of the scale; null for none. */
    public record Limits(@Nullable Double lower, @Nullable Double upper) {

        public static final Limits NONE = new Limits(null, null);
    }

    private RangesDrawing(List<Range> ranges, Limits limits, boolean zero, DoubleFunction<String> said) {
        this.said = said;
        this.zero = zero;
        this.foot = TOP + ROW * ranges.size() + 12;
        double[] all = DoubleStream.concat(
                        ranges.stream().flatMapToDouble(each -> DoubleStream.of(each.from, each.to)),
                        Stream.of(limits.lower, limits.upper)
                                .filter(each -> each != null)
                                .mapToDouble(Double::doubleValue))
                .toArray();
        double least = DoubleStream.of(all).min().orElse(0);
        double most = DoubleStream.of(all).max().orElse(1);
        double span = most > least ? most - least : Math.max(1, Math.abs(most));
        this.from = least - SIDE * span;
        this.to = most + SIDE * span;
    }

    /**
     * @param unit of the scale
     * @param zero whether the zero of the scale means something
     * @param said how an amount is written
     */
    public static Drawing of(
            String title, String unit, List<Range> ranges, Limits limits, boolean zero, DoubleFunction<String> said) {
        List<Range> shown = ranges.subList(0, Math.min(MOST, ranges.size()));
        RangesDrawing drawing = new RangesDrawing(shown, limits, zero, said);
        drawing.scale(unit);
        drawing.limit(limits.lower, "end");
        drawing.limit(limits.upper, "start");
        for (int i = 0; i < shown.size(); i++) {
            drawing.range(shown.get(i), TOP + 24 + i * ROW);
        }
        return drawing.sketch.drawn(
                title,
                ranges.size() > shown.size()
                        ? Words.say("picture.the-first-of", shown.size(), ranges.size())
                        : Words.say("picture.to-scale"),
                drawing.foot + 40);
    }

    private double x(double amount) {
        return LEFT + (amount - from) / (to - from) * (RIGHT - LEFT);
    }

    private void scale(String unit) {
        sketch.line(Sketch.HAIR, 1, new Xy(LEFT, foot), new Xy(RIGHT, foot));
        double step = RoundSteps.atLeast((to - from) / TICKS);
        for (double at = step * Math.ceil(from / step); at <= to; at += step) {
            sketch.line(Sketch.HAIR, 1, new Xy(x(at), foot), new Xy(x(at), foot + 6));
            double amount = Math.abs(at) < step / 2 ? 0 : at;
            sketch.text("d-fill-quiet", new Xy(x(at), foot + 22), "middle", 13, 400, ScaleText.plain(amount));
        }
        sketch.text("d-fill-quiet", new Xy(RIGHT + 24, foot + 22), "start", 13, 400, unit);
        if (zero && from < 0 && to > 0) {
            sketch.line(Sketch.BRASS, 1.2, new Xy(x(0), TOP - 8), new Xy(x(0), foot));
        }
    }

    private void limit(@Nullable Double at, String anchor) {
        if (at == null) {
            return;
        }
        sketch.dashed(Sketch.INK, new Xy(x(at), TOP - 14), new Xy(x(at), foot));
        double beside = anchor.equals("end") ? -3 : 3;
        sketch.text("d-fill-ink", new Xy(x(at) + beside, TOP - 22), anchor, 13, 700, said.apply(at));
    }

    private void range(Range range, double y) {
        double left = x(Math.min(range.from, range.to));
        double right = x(Math.max(range.from, range.to));
        sketch.text("d-fill-ink", new Xy(LEFT - 14, y + 5), "end", 14, 400, shortened(range.name));
        String figures = said.apply(range.from);
        if (right - left < 1) {
            sketch.dot("d-fill-petrol", new Xy(left, y), 5);
        } else {
            List<Xy> bar = Xy.box(left, y - BAR / 2, right, y + BAR / 2);
            sketch.area(Sketch.SHADE, bar).closed(Sketch.PETROL, 1.6, bar);
            // What begins at zero is an amount.
            figures = range.from == 0
                    ? said.apply(range.to)
                    : Words.say("picture.from-to", figures, said.apply(range.to));
        }
        sketch.text("d-fill-petrol", new Xy(RIGHT + 10, y + 5), "start", 13, 400, figures);
    }

    private static String shortened(String name) {
        return name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME - 1) + "…" : name;
    }
}
