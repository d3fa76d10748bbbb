package org.eskarn.app.picture.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.eskarn.app.page.Display;
import org.eskarn.app.picture.engine.Drawing;
import org.eskarn.app.picture.engine.Drawing.Shape;
import org.eskarn.app.picture.fit.RangesDrawing.Limits;
import org.eskarn.app.picture.fit.RangesDrawing.Range;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class RangesDrawingTest {

    private static final Pattern POINT = Pattern.compile("(-?[\\d.]+),(-?[\\d.]+)");
    private static final String BAR = "d-petrol";

    private static Drawing drawn(List<Range> ranges, Limits limits) {
        return RangesDrawing.of("title", "µm", ranges, limits, true, amount -> Display.plain(amount, 1));
    }

    private static List<Double> across(Shape shape) {
        return POINT.matcher(shape.d()).results().map(RangesDrawingTest::x).toList();
    }

    private static double x(MatchResult point) {
        return Double.parseDouble(point.group(1));
    }

    /** Bars are to scale: as long as their ranges, in the order of their ends, on one scale for all. */
    @RepeatedTest(30)
    void barsAreToScale(RepetitionInfo info) {
        Random chance = new Random(info.getCurrentRepetition());
        int count = 1 + chance.nextInt(7);
        List<Range> ranges = IntStream.range(0, count)
                .mapToObj(i -> {
                    double from = chance.nextInt(200) - 100;
                    return new Range("pair " + i, from, from + 20 + chance.nextInt(60));
                })
                .toList();
        List<List<Double>> bars = drawn(ranges, new Limits(-50.0, 80.0)).shapes().stream()
                .filter(shape -> shape.look().equals(BAR))
                .map(RangesDrawingTest::across)
                .toList();
        assertThat(bars).hasSize(count);
        double first = length(bars.get(0)) / (ranges.get(0).to() - ranges.get(0).from());
        for (int i = 0; i < count; i++) {
            double span = ranges.get(i).to() - ranges.get(i).from();
            assertThat(length(bars.get(i)) / span).isCloseTo(first, within(0.02));
            double offset = (ranges.get(i).from() - ranges.get(0).from()) * first;
            assertThat(left(bars.get(i)) - left(bars.get(0))).isCloseTo(offset, within(0.3));
        }
    }

    private static double left(List<Double> bar) {
        return bar.stream().mapToDouble(Double::doubleValue).min().orElseThrow();
    }

    private static double length(List<Double> bar) {
        return bar.stream().mapToDouble(Double::doubleValue).max().orElseThrow() - left(bar);
    }

    @Test
    void manyAreCutShortAndSaidToBe() {
        List<Range> many = IntStream.range(0, 300)
                .mapToObj(i -> new Range("S" + i, i, i + 1.0))
                .toList();
        Drawing drawing = drawn(many, Limits.NONE);
        assertThat(drawing.scaleLine()).contains("the first 8 of 300");
        assertThat(drawing.height()).isLessThan(470);
    }

    /** Nothing to span: all at one amount, no limits. */
    @Test
    void onePointAloneIsDrawnToo() {
        Drawing drawing = drawn(List.of(new Range("one", 0, 0)), Limits.NONE);
        assertThat(drawing.shapes())
                .allSatisfy(shape -> assertThat(shape.d() + shape.text()).doesNotContain("NaN", "Infinity"));
        assertThat(drawing.window()).isEqualTo("0 0 640 " + drawing.height());
    }
}
