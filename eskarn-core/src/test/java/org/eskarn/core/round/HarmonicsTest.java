package org.eskarn.core.round;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HarmonicsTest {

    private static double[] steps(int count) {
        return IntStream.range(0, count)
                .mapToDouble(i -> 2 * Math.PI * i / count)
                .toArray();
    }

    @ParameterizedTest
    @CsvSource({"3, 1", "8, 3", "9, 4", "12, 5", "24, 11", "72, 15", "2, 0"})
    void showsAsManyOrdersAsTheStationsAllow(int stations, int limit) {
        assertThat(Harmonics.of(steps(stations), new double[stations]).limit()).isEqualTo(limit);
    }

    @Test
    void aGapHidesWhatIsShorterThanTwiceIt() {
        double[] gap = DoubleStream.of(steps(36)).filter(a -> a < 4.5).toArray();
        assertThat(Harmonics.of(gap, new double[gap.length]).limit()).isEqualTo(1);
    }

    @Test
    void findsTheWavesItWasMadeOfAtOddAngles() {
        double[] angles = steps(40);
        for (int i = 0; i < angles.length; i++) {
            angles[i] += 0.03 * Math.sin(7 * i);
        }
        double[] values = DoubleStream.of(angles)
                .map(a -> 100 + 12 * Math.cos(a - 0.4) + 3 * Math.cos(2 * (a - 1)) + 7 * Math.cos(5 * (a - 0.3)))
                .toArray();
        Harmonics found = Harmonics.of(angles, values);
        assertThat(found.level()).isCloseTo(100, within(1e-6));
        assertThat(found.waves().get(0).amplitude()).isCloseTo(12, within(1e-6));
        assertThat(found.waves().get(1).crest()).isCloseTo(1, within(1e-6));
        assertThat(found.waves().get(2).amplitude()).isCloseTo(0, within(1e-6));
        assertThat(found.largestLobes().orElseThrow().order()).isEqualTo(5);
        assertThat(found.largestLobes().orElseThrow().crest()).isCloseTo(0.3, within(1e-6));
    }

    /** Constant width: three lobes measure the same in every direction, an oval by four times its amplitude. */
    @Test
    void aTwoPointGaugeSeesEvenWavesOnly() {
        double[] angles = steps(72);
        double[] lobed = DoubleStream.of(angles).map(a -> 6 * Math.cos(3 * a)).toArray();
        double[] oval = DoubleStream.of(angles).map(a -> 6 * Math.cos(2 * a)).toArray();
        assertThat(Harmonics.of(angles, lobed).seenByTwoPoints()).isCloseTo(0, within(1e-6));
        assertThat(Harmonics.of(angles, oval).seenByTwoPoints()).isCloseTo(24, within(1e-6));
    }

    /** Against the part itself laid into the V: the centre that both flanks leave is found by solving, not by the formula. */
    @ParameterizedTest
    @CsvSource({"60, 2", "60, 3", "90, 3", "90, 5", "90, 7", "108, 3", "120, 5", "72, 4"})
    void aVBlockShowsWhatThePartDoesInIt(double included, int order) {
        double beta = Math.toRadians(90 - included / 2);
        double highest = Double.NEGATIVE_INFINITY;
        double lowest = Double.POSITIVE_INFINITY;
        for (int turn = 0; turn < 3600; turn++) {
            double at = 2 * Math.PI * turn / 3600;
            double left = Math.cos(order * (Math.PI - beta - at));
            double right = Math.cos(order * (Math.PI + beta - at));
            // Both flanks push along their own normals: (sin β, cos β) and (−sin β, cos β).
            double rise = (left + right) / 2 / Math.cos(beta);
            double reading = Math.cos(order * at) + rise;
            highest = Math.max(highest, reading);
            lowest = Math.min(lowest, reading);
        }
        assertThat(new VBlock(included).shows(order, 2)).isCloseTo(highest - lowest, within(1e-3));
    }

    @ParameterizedTest
    @CsvSource({"60, 1, 0", "60, 3, 3", "90, 2, 1", "90, 3, 2", "90, 7, 0"})
    void hasTheKnownFactors(double included, int order, double factor) {
        assertThat(new VBlock(included).factor(order)).isCloseTo(factor, within(1e-9));
    }
}
