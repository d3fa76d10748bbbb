package org.eskarn.core.flat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import java.util.stream.IntStream;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.zone.ThinnestBand.Contact;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class MinimumZoneTest {

    private static final double[] X = {0, 50, 100, 0, 50, 100, 0, 50, 100};
    private static final double[] Y = {0, 0, 0, 40, 40, 40, 80, 80, 80};

    private static double flatness(double... heights) throws StationsUnfit {
        return MinimumZonePlane.fit(X, Y, heights).width();
    }

    /** The zone is as wide as the widest that any three readings force: the middle one against the line of the outer ones. */
    @RepeatedTest(40)
    void straightnessIsWhatTheWorstThreeForce(RepetitionInfo info) throws StationsUnfit {
        Random chance = new Random(info.getCurrentRepetition());
        int n = 3 + chance.nextInt(7);
        double[] x =
                IntStream.range(0, n).mapToDouble(i -> chance.nextInt(9) * 25).toArray();
        x[1] = x[0] + 25;
        double[] heights = chance.doubles(n, -30, 30).toArray();
        double forced = 0;
        for (int a = 0; a < n; a++) {
            for (int b = 0; b < n; b++) {
                for (int c = 0; c < n; c++) {
                    if (x[a] <= x[b] && x[b] <= x[c] && x[a] < x[c]) {
                        double on = heights[a] + (heights[c] - heights[a]) * (x[b] - x[a]) / (x[c] - x[a]);
                        forced = Math.max(forced, Math.abs(heights[b] - on));
                    } else if (x[a] == x[b]) {
                        forced = Math.max(forced, Math.abs(heights[a] - heights[b]));
                    }
                }
            }
        }
        assertThat(MinimumZoneLine.fit(x, heights).width()).isCloseTo(forced, within(1e-9));
    }

    /** Every plane through three places, moved to the middle of what it leaves, is a zone; none is thinner than the found one. */
    @RepeatedTest(30)
    void noPlaneThroughThreePlacesAndNoTurnedOneHoldsTheFaceInLess(RepetitionInfo info) throws StationsUnfit {
        Random chance = new Random(100 + info.getCurrentRepetition());
        double[] heights = chance.doubles(9, -20, 20).toArray();
        MinimumZonePlane zone = MinimumZonePlane.fit(X, Y, heights);
        assertThat(zone.gap()).isCloseTo(0, within(1e-9));
        double best = Double.POSITIVE_INFINITY;
        for (int run = 0; run < 4000; run++) {
            double reach = run % 2 == 0 ? 1 : 1e-3;
            best = Math.min(
                    best,
                    range(
                            heights,
                            zone.slopeX() + reach * chance.nextGaussian(),
                            zone.slopeY() + reach * chance.nextGaussian()));
        }
        assertThat(range(heights, zone.slopeX(), zone.slopeY())).isCloseTo(zone.width(), within(1e-9));
        assertThat(zone.width()).isLessThanOrEqualTo(best + 1e-9);
        for (Contact contact : zone.contacts()) {
            double off = heights[contact.index()] - zone.at(X[contact.index()], Y[contact.index()]);
            assertThat(contact.above() ? off : -off).isCloseTo(zone.width() / 2, within(1e-9));
        }
    }

    private static double range(double[] heights, double slopeX, double slopeY) {
        double high = Double.NEGATIVE_INFINITY;
        double low = Double.POSITIVE_INFINITY;
        for (int i = 0; i < heights.length; i++) {
            double left = heights[i] - slopeX * X[i] - slopeY * Y[i];
            high = Math.max(high, left);
            low = Math.min(low, left);
        }
        return high - low;
    }

    @RepeatedTest(10)
    void flatnessSeesNoTiltNoOrderAndGrowsWithTheScale(RepetitionInfo info) throws StationsUnfit {
        Random chance = new Random(200 + info.getCurrentRepetition());
        int n = 40;
        double[] x = chance.doubles(n, 900, 1100).toArray();
        double[] y = chance.doubles(n, -3, 3).toArray();
        double[] heights = chance.doubles(n, -8, 8).toArray();
        double flat = MinimumZonePlane.fit(x, y, heights).width();
        double a = 5 * chance.nextGaussian();
        double b = 5 * chance.nextGaussian();
        double[] tilted = IntStream.range(0, n)
                .mapToDouble(i -> 3 * heights[i] + 70 + a * x[i] + b * y[i])
                .toArray();
        assertThat(MinimumZonePlane.fit(x, y, tilted).width()).isCloseTo(3 * flat, within(1e-7));
        int[] order = IntStream.range(0, n).map(i -> (i * 7 + 3) % n).toArray();
        assertThat(MinimumZonePlane.fit(of(x, order), of(y, order), of(heights, order))
                        .width())
                .isCloseTo(flat, within(1e-9));
        assertThat(LeastSquaresPlane.fit(x, y, heights).deviation()).isGreaterThanOrEqualTo(flat - 1e-9);
    }

    private static double[] of(double[] values, int[] order) {
        return IntStream.of(order).mapToDouble(i -> values[i]).toArray();
    }

    @Test
    void knownShapesHaveTheFlatnessTheyWereMadeWith() throws StationsUnfit {
        // A wedge is flat; a saddle is as far out of flat as a corner from the middle plane and back again.
        assertThat(flatness(0, 10, 20, 4, 14, 24, 8, 18, 28)).isCloseTo(0, within(1e-9));
        assertThat(flatness(6, 0, -6, 0, 0, 0, -6, 0, 6)).isCloseTo(12, within(1e-9));
        // A dome: one high middle over a level border. A step: no tilt can save more than half of it.
        assertThat(flatness(0, 0, 0, 0, 8, 0, 0, 0, 0)).isCloseTo(8, within(1e-9));
        assertThat(flatness(0, 0, 10, 0, 0, 10, 0, 0, 10)).isCloseTo(5, within(1e-9));
    }

    @Test
    void aLargeFaceIsProvedTooWithItsContacts() throws StationsUnfit {
        int n = 40_000;
        double[] x = new double[n];
        double[] y = new double[n];
        double[] heights = new double[n];
        Random chance = new Random(3);
        for (int i = 0; i < n; i++) {
            x[i] = i % 200;
            y[i] = i / 200;
            heights[i] = 0.02 * x[i] - 0.05 * y[i] + 4 * Math.sin(x[i] / 40) + 0.3 * chance.nextGaussian();
        }
        MinimumZonePlane zone = MinimumZonePlane.fit(x, y, heights);
        assertThat(zone.contacts()).hasSize(4);
        assertThat(zone.gap()).isCloseTo(0, within(1e-8));
    }

    @Test
    void placesThatFixNoPlaneOrLineAreRefusedAndRepeatedOnesHeld() throws StationsUnfit {
        double[] line = {0, 10, 20, 30};
        assertThatThrownBy(() -> MinimumZonePlane.fit(line, line, new double[] {0, 1, 2, 9}))
                .isInstanceOf(StationsUnfit.class)
                .hasMessageContaining("core.a-plane-needs-readings-at-three-places");
        assertThatThrownBy(() -> MinimumZonePlane.fit(new double[] {5, 5}, new double[] {1, 1}, new double[] {0, 1}))
                .isInstanceOf(StationsUnfit.class);
        assertThatThrownBy(() -> MinimumZoneLine.fit(new double[] {5, 5}, new double[] {0, 1}))
                .isInstanceOf(StationsUnfit.class);
        assertThat(MinimumZoneLine.fit(new double[] {0, 0, 10}, new double[] {0, 4, 1})
                        .width())
                .isCloseTo(4, within(1e-12));
        assertThat(MinimumZonePlane.fit(
                                new double[] {0, 10, 0, 0}, new double[] {0, 0, 10, 10}, new double[] {0, 0, 0, 6})
                        .width())
                .isCloseTo(6, within(1e-12));
    }
}
