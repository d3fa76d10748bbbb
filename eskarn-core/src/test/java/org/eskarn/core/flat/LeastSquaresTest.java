package org.eskarn.core.flat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import java.util.stream.IntStream;
import org.eskarn.core.reading.StationsUnfit;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class LeastSquaresTest {

    /** The sum of squares about any nearby plane is larger: what least squares means. */
    @RepeatedTest(10)
    void noNearbyPlaneFitsBetter(RepetitionInfo info) throws StationsUnfit {
        Random chance = new Random(info.getCurrentRepetition());
        double[] x = IntStream.range(0, 12).mapToDouble(i -> 50.0 * (i % 4)).toArray();
        double[] y = IntStream.range(0, 12).mapToDouble(i -> 40.0 * (i / 4)).toArray();
        double[] z = IntStream.range(0, 12)
                .mapToDouble(i -> 10 * chance.nextGaussian())
                .toArray();
        LeastSquaresPlane plane = LeastSquaresPlane.fit(x, y, z);
        double best = squares(x, y, z, plane.level(), plane.slopeX(), plane.slopeY());
        for (int i = 0; i < 50; i++) {
            assertThat(squares(
                            x,
                            y,
                            z,
                            plane.level() + 0.1 * chance.nextGaussian(),
                            plane.slopeX() + 0.01 * chance.nextGaussian(),
                            plane.slopeY() + 0.01 * chance.nextGaussian()))
                    .isGreaterThanOrEqualTo(best);
        }
    }

    private static double squares(double[] x, double[] y, double[] z, double level, double slopeX, double slopeY) {
        double meanX =
                IntStream.range(0, x.length).mapToDouble(i -> x[i]).average().orElseThrow();
        double meanY =
                IntStream.range(0, y.length).mapToDouble(i -> y[i]).average().orElseThrow();
        return IntStream.range(0, z.length)
                .mapToDouble(i -> z[i] - level - slopeX * (x[i] - meanX) - slopeY * (y[i] - meanY))
                .map(r -> r * r)
                .sum();
    }

    @RepeatedTest(10)
    void aTiltIsFoundWholeAndLeavesTheDeviationAsItWas(RepetitionInfo info) throws StationsUnfit {
        Random chance = new Random(info.getCurrentRepetition());
        double a = chance.nextGaussian();
        double b = chance.nextGaussian();
        double[] x = {0, 100, 100, 0, 50};
        double[] y = {0, 0, 80, 80, 40};
        double[] dome = {0, 0, 0, 0, 5};
        double[] tilted = IntStream.range(0, 5)
                .mapToDouble(i -> dome[i] + 3 + a * x[i] + b * y[i])
                .toArray();
        LeastSquaresPlane plane = LeastSquaresPlane.fit(x, y, tilted);
        assertThat(plane.slopeX()).isCloseTo(a, within(1e-9));
        assertThat(plane.slopeY()).isCloseTo(b, within(1e-9));
        assertThat(plane.deviation()).isCloseTo(5, within(1e-9));
        LeastSquaresLine line = LeastSquaresLine.fit(
                new double[] {0, 10, 20, 30}, new double[] {1, 1 + 10 * a, 1 + 20 * a, 1 + 30 * a});
        assertThat(line.slope()).isCloseTo(a, within(1e-9));
        assertThat(line.deviation()).isCloseTo(0, within(1e-9));
    }

    @Test
    void placesOnOneLineMakeNoPlaneAndOnePlaceMakesNoLine() {
        assertThatThrownBy(() -> LeastSquaresPlane.fit(
                        new double[] {0, 10, 20}, new double[] {0, 10, 20}, new double[] {1, 2, 4}))
                .isInstanceOf(StationsUnfit.class)
                .hasMessageContaining("core.a-plane-needs-readings-at-three-places");
        assertThatThrownBy(() -> LeastSquaresLine.fit(new double[] {5, 5}, new double[] {1, 2}))
                .hasMessageContaining("core.a-line-needs-readings-at-two-different");
    }
}
