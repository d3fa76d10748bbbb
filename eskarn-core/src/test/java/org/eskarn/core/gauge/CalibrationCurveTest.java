package org.eskarn.core.gauge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.eskarn.core.gauge.CalibrationCurve.Point;
import org.junit.jupiter.api.Test;

class CalibrationCurveTest {

    private static double at(CalibrationCurve curve, double x) {
        List<Point> points = curve.points();
        for (int i = 1; i < points.size(); i++) {
            Point a = points.get(i - 1);
            Point b = points.get(i);
            if (x <= b.indication()) {
                return a.error() + (b.error() - a.error()) * (x - a.indication()) / (b.indication() - a.indication());
            }
        }
        return points.get(points.size() - 1).error();
    }

    /** Against every pair of places a fine step apart. */
    @Test
    void theLargestChangeOverASpanIsThatOfAllPairs() {
        SplittableRandom chance = new SplittableRandom(17);
        for (int trial = 0; trial < 60; trial++) {
            List<Point> points = new ArrayList<>();
            double x = 0;
            for (int i = 0; i < 2 + chance.nextInt(5); i++) {
                points.add(new Point(x, chance.nextDouble() * 6 - 3));
                x += 5 + chance.nextInt(40);
            }
            CalibrationCurve curve = new CalibrationCurve(points, 0.4);
            double length = points.get(points.size() - 1).indication();
            double span = chance.nextDouble() * length;
            double change = 0;
            double error = 0;
            for (double a = 0; a <= length; a += 0.25) {
                for (double b = a; b <= Math.min(length, a + span); b += 0.25) {
                    change = Math.max(change, Math.abs(at(curve, b) - at(curve, a)));
                }
                error = a <= span ? Math.max(error, Math.abs(at(curve, a))) : error;
            }
            assertThat(curve.largestChange(span)).isBetween(change - 1e-9, change + 0.6);
            assertThat(curve.largestError(0, span)).isCloseTo(error, within(0.4));
            assertThat(curve.covers(span)).isTrue();
            assertThat(curve.covers(length + 1)).isFalse();
        }
    }

    @Test
    void aWholeRangeChangesByItsHighestLessItsLowest() {
        CalibrationCurve curve =
                new CalibrationCurve(List.of(new Point(0, 0), new Point(50, 0.8), new Point(100, -0.3)), 0);
        assertThat(curve.largestChange(100)).isCloseTo(1.1, within(1e-12));
        assertThat(curve.largestChange(0)).isCloseTo(0, within(1e-12));
        assertThat(curve.largestChange(25)).isCloseTo(0.55, within(1e-12));
        assertThat(curve.largestError(40, 60)).isCloseTo(0.8, within(1e-12));
        assertThat(curve.largestError(100, 100)).isCloseTo(0.3, within(1e-12));
    }

    @Test
    void aCurveOfOnePointOrOneThatDoesNotRiseIsNone() {
        assertThatThrownBy(() -> new CalibrationCurve(List.of(new Point(0, 0)), 0))
                .hasMessageContaining("two points or more");
        assertThatThrownBy(() -> new CalibrationCurve(List.of(new Point(5, 0), new Point(5, 1)), 0))
                .hasMessageContaining("rise");
        assertThatThrownBy(() -> new CalibrationCurve(List.of(new Point(0, 0), new Point(5, 1)), -1))
                .hasMessageContaining("uncertainty");
    }
}
