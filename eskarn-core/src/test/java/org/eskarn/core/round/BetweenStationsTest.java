package org.eskarn.core.round;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.SplittableRandom;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;
import org.eskarn.core.reading.StationsUnfit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BetweenStationsTest {

    private static double[] steps(int n) {
        return IntStream.range(0, n).mapToDouble(i -> 2 * Math.PI * i / n).toArray();
    }

    private static double[] heights(double[] radians, DoubleUnaryOperator part) {
        return java.util.Arrays.stream(radians).map(part).toArray();
    }

    private static FirstHarmonic fit(double[] at, double[] read) {
        try {
            return FirstHarmonic.fit(at, read);
        } catch (StationsUnfit e) {
            throw new IllegalStateException(e);
        }
    }

    private static BetweenStations between(double[] at, double[] read) {
        return BetweenStations.of(at, read, fit(at, read));
    }

    private static double movement(double[] heights) {
        return FullIndicatorMovement.of(heights).amount();
    }

    /** Pure eccentricity with its high spot midway between two of n equal steps: 2e (1 − cos(π/n)) are missed. */
    @ParameterizedTest
    @CsvSource({"4, 0.2929", "6, 0.1340", "8, 0.0761", "12, 0.0341"})
    void ofPureEccentricityItIsWhatLiesBetween(int n, double share) {
        double[] at = steps(n);
        double[] read = heights(at, angle -> 5 * Math.cos(angle - Math.PI / n));
        BetweenStations between = between(at, read);
        assertThat(between.missed(movement(read))).isCloseTo(10 * share, within(1e-3));
        assertThat(between.form()).isCloseTo(0, within(1e-9));
    }

    /** Of waves that the stations show, the whole turn is found whatever their phase. */
    @Test
    void theTurnOfWavesThatAreSeenIsFoundWhole() {
        SplittableRandom chance = new SplittableRandom(17);
        double[] at = steps(12);
        for (int i = 0; i < 200; i++) {
            double[] a = chance.doubles(4, 0, 5).toArray();
            double[] p = chance.doubles(4, 0, 6.28).toArray();
            DoubleUnaryOperator part = angle -> IntStream.rangeClosed(1, 4)
                    .mapToDouble(k -> a[k - 1] * Math.cos(k * angle - p[k - 1]))
                    .sum();
            double whole = movement(heights(steps(7200), part));
            assertThat(between(at, heights(at, part)).turn()).isCloseTo(whole, within(0.01 * whole));
        }
    }

    @Test
    void stationsThatShowNoCentreSayNothing() {
        double[] half = {0, 0.5, 1};
        assertThat(BetweenStations.of(half, new double[] {0, 3, 1}, fit(steps(3), new double[] {0, 3, 1}))
                        .turn())
                .isZero();
        assertThat(between(steps(3), new double[] {0, 3, 1}).form()).isZero();
        assertThat(between(steps(8), new double[8]).missed(0)).isZero();
    }
}
