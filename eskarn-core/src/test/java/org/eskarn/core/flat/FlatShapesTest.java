package org.eskarn.core.flat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.eskarn.core.reading.StationsUnfit;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class FlatShapesTest {

    private static final int[] NO_RIMS = IntStream.range(0, 100).map(i -> -1).toArray();

    /** Whatever zero and tilt each placement has, the bed comes out as it was, but for a tilt of the whole. */
    @RepeatedTest(10)
    void placementsThatOverlapGiveTheBedBack(RepetitionInfo info) throws StationsUnfit {
        Random chance = new Random(info.getCurrentRepetition());
        double[] bed = chance.doubles(10, -15, 15).toArray();
        List<double[]> places = new java.util.ArrayList<>();
        List<double[]> readings = new java.util.ArrayList<>();
        for (int from = 0; from + 3 < 10; from += 2) {
            double[] x = new double[4];
            double[] read = new double[4];
            double zero = 100 * chance.nextGaussian();
            double tilt = chance.nextGaussian();
            for (int i = 0; i < 4; i++) {
                x[i] = 100 * (from + i);
                read[i] = bed[from + i] + zero + tilt * x[i];
            }
            places.add(x);
            readings.add(read);
        }
        JoinedSteps joined = JoinedSteps.of(places, readings);
        assertThat(joined.disagreement()).isCloseTo(0, within(1e-8));
        assertThat(MinimumZoneLine.fit(joined.at(), joined.heights()).width())
                .isCloseTo(MinimumZoneLine.fit(joined.at(), bed).width(), within(1e-7));
    }

    @Test
    void aLevelAddsUpItsRisesAndPlacementsMustOverlap() throws StationsUnfit {
        assertThat(JoinedSteps.ofRises(new double[] {200, 400, 600}, new double[] {4, -6, 1})
                        .heights())
                .containsExactly(0, 4, -2, -1);
        assertThatThrownBy(() -> JoinedSteps.ofRises(new double[] {0, 200}, new double[] {1, 1}))
                .isInstanceOf(StationsUnfit.class);
        List<double[]> apart = List.of(new double[] {0, 100}, new double[] {200, 300});
        assertThatThrownBy(() -> JoinedSteps.of(apart, apart)).hasMessageContaining("Placement 2 shares no place");
        JoinedSteps level = JoinedSteps.of(
                List.of(new double[] {0, 100}, new double[] {100, 200}),
                List.of(new double[] {0, 3}, new double[] {0, 2}));
        assertThat(level.tilted()).isFalse();
        assertThat(level.heights()).containsExactly(0, 3, 5);
    }

    @RepeatedTest(10)
    void reversalTellsThePartFromTheFixture(RepetitionInfo info) {
        Random chance = new Random(info.getCurrentRepetition());
        double part = chance.nextGaussian();
        double fixture = chance.nextGaussian();
        Shares turned = Shares.of(Reversal.PART_TURNED, part + fixture, -part + fixture);
        Shares arbor = Shares.of(Reversal.FIXTURE_TURNED, part + fixture, part - fixture);
        Shares master = Shares.of(Reversal.ON_MASTER, fixture, part + fixture);
        for (Shares each : List.of(turned, arbor, master)) {
            assertThat(each.part()).isCloseTo(part, within(1e-12));
            assertThat(each.fixture()).isCloseTo(fixture, within(1e-12));
        }
        assertThat(Shares.consistent(2, 2.4, 0.5)).isTrue();
        assertThat(Shares.consistent(2, 2.6, 0.5)).isFalse();
    }

    @Test
    void boresInLineAreTheSecondAgainstTheFirstCarriedOn() throws StationsUnfit {
        double[] at = {0, 50, 150, 200};
        assertThat(BoreLine.of(at, new double[] {0, 5, 15, 20}).worst()).isCloseTo(0, within(1e-12));
        BoreLine off = BoreLine.of(at, new double[] {0, 0, 6, -8});
        assertThat(off.worst()).isEqualTo(-8);
        assertThat(off.tilt()).isCloseTo(-14.0 / 50, within(1e-12));
        assertThatThrownBy(() -> BoreLine.of(new double[] {0, 50, 90}, new double[3]))
                .hasMessageContaining("four");
        assertThatThrownBy(() -> BoreLine.of(new double[] {0, 0, 90, 95}, new double[4]))
                .hasMessageContaining("ends");
    }

    @Test
    void downhillIsWhereWaterRuns() {
        assertThat(new Tilt(0.3, 0).words()).isEqualTo("to the left");
        assertThat(new Tilt(0, 0.4).words()).isEqualTo("down");
        assertThat(new Tilt(0.03, -0.04).per100()).isCloseTo(5, within(1e-12));
    }

    @RepeatedTest(10)
    void wearIsDepthBelowTheBorderHoweverItLies(RepetitionInfo info) {
        Random chance = new Random(info.getCurrentRepetition());
        double a = chance.nextGaussian();
        double b = chance.nextGaussian();
        double[] x = new double[25];
        double[] y = new double[25];
        double[] heights = new double[25];
        for (int i = 0; i < 25; i++) {
            x[i] = 20 * (i % 5);
            y[i] = 15 * (i / 5);
            heights[i] = a * x[i] + b * y[i] + 40;
        }
        heights[7] -= 3;
        heights[12] -= 11;
        Wear wear = Wear.of(x, y, heights).orElseThrow();
        assertThat(wear.border()).hasSize(16);
        assertThat(wear.deepest()).isEqualTo(12);
        assertThat(wear.depths()[12]).isCloseTo(11, within(1e-9));
        assertThat(wear.depths()[7]).isCloseTo(3, within(1e-9));
        assertThat(Wear.of(new double[] {0, 9, 0, 9}, new double[] {0, 0, 9, 9}, new double[4]))
                .isEmpty();
        assertThat(Wear.of(new double[] {0, 5, 9}, new double[3], new double[3]))
                .isEmpty();
    }

    /** Free places fill their hull, no triangle's circle holds a place, and a level share is that of a sampled plane. */
    @RepeatedTest(10)
    void facetsFillTheFaceOnceAndKnowHowMuchLiesAbove(RepetitionInfo info) {
        Random chance = new Random(info.getCurrentRepetition());
        double[] x = DoubleStream.concat(DoubleStream.of(0, 100, 0, 100), chance.doubles(40, 0, 100))
                .toArray();
        double[] y = DoubleStream.concat(DoubleStream.of(0, 0, 60, 60), chance.doubles(40, 0, 60))
                .toArray();
        Facets facets = Facets.of(x, y, NO_RIMS);
        assertThat(facets.area()).isCloseTo(6000, within(1e-6));
        double[] ramp = facets.heights(x);
        assertThat(facets.shareAbove(30, ramp)).isCloseTo(0.7, within(1e-9));
        assertThat(facets.shareAbove(0, ramp)).isCloseTo(1, within(1e-9));
        assertThat(facets.shareAbove(101, ramp)).isEqualTo(0);
    }

    @Test
    void aGridIsCutIntoItsCellsAndARimLeavesItsMiddleOpen() {
        double[] x = {0, 10, 20, 0, 10, 20};
        double[] y = {0, 0, 0, 5, 5, 5};
        Facets grid = Facets.of(x, y, NO_RIMS);
        assertThat(grid.triangles()).hasSize(8);
        assertThat(grid.area()).isCloseTo(100, within(1e-9));
        double[] corners = grid.heights(new double[] {0, 4, 0, 0, 4, 0});
        assertThat(DoubleStream.of(corners).max().orElseThrow()).isEqualTo(4);
        double[] ringX = IntStream.range(0, 16)
                .mapToDouble(i -> (i < 8 ? 10 : 20) * Math.sin(i * Math.PI / 4))
                .toArray();
        double[] ringY = IntStream.range(0, 16)
                .mapToDouble(i -> (i < 8 ? 10 : 20) * Math.cos(i * Math.PI / 4))
                .toArray();
        int[] rims = IntStream.range(0, 16).map(i -> i < 8 ? 0 : 1).toArray();
        Facets washer = Facets.of(ringX, ringY, rims);
        double octagons = 8 * 0.5 * Math.sin(Math.PI / 4) * (400 - 100);
        assertThat(washer.area()).isCloseTo(octagons, within(1e-6));
        assertThat(Facets.of(new double[] {0, 1, 2}, new double[] {0, 1, 2}, NO_RIMS)
                        .triangles())
                .isEmpty();
    }
}
