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
        return BetweenStations.of(at, read, fit(at, read), 0, 0);
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

    /** What the readings scatter is not form, and four stations are never taken to have seen all of it. */
    @Test
    void scatterIsNoFormAndFourStationsSeeLittle() {
        double[] at = steps(8);
        double[] read = {0, 1, 0, 1, 0, 1, 0, 1};
        FirstHarmonic fit = fit(at, read);
        double all = BetweenStations.of(at, read, fit, 0, 0).form();
        assertThat(all).isPositive();
        assertThat(BetweenStations.of(at, read, fit, fit.residualDeviation(), 0).form())
                .isZero();
        assertThat(BetweenStations.of(at, read, fit, 0.3, 0).form()).isBetween(0.1, all);
        double[] four = {0, 0, 0, 0};
        assertThat(BetweenStations.of(steps(4), four, fit(steps(4), four), 0, 3).form())
                .isEqualTo(3);
    }

    /** A little of what the fitted circle hides is surely there, of few stations less. */
    @Test
    void partOfWhatTheCircleHidesIsSurelyThere() {
        double before = 0;
        for (int n : new int[] {4, 6, 8, 12}) {
            double[] at = steps(n);
            double[] read = heights(at, angle -> 5 * Math.cos(angle - Math.PI / n));
            double hidden = 10 * (1 - Math.cos(Math.PI / n));
            double share = between(at, read).atLeast(movement(read)) / hidden;
            assertThat(share).isGreaterThan(before).isLessThan(0.5);
            before = share;
        }
    }

    @Test
    void stationsThatShowNoCentreSayNothing() {
        double[] half = {0, 0.5, 1};
        assertThat(BetweenStations.of(half, new double[] {0, 3, 1}, fit(steps(3), new double[] {0, 3, 1}), 0, 0)
                        .turn())
                .isZero();
        assertThat(between(steps(3), new double[] {0, 3, 1}).form()).isZero();
        assertThat(between(steps(8), new double[8]).missed(0)).isZero();
    }
}
