package org.eskarn.core.flat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.LayoutRejected;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.reading.WrittenLayout;
import org.eskarn.core.units.LengthUnit;
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

    /** Placements that contradict each other say so, and the bed keeps within what they read. */
    @RepeatedTest(5)
    void placementsThatDisagreeSayByHowMuch(RepetitionInfo info) throws StationsUnfit {
        Random chance = new Random(info.getCurrentRepetition());
        double wrong = 2 + 6 * chance.nextDouble();
        JoinedSteps joined = JoinedSteps.of(
                List.of(new double[] {0, 100, 200}, new double[] {0, 100, 200}),
                List.of(new double[] {0, 0, 0}, new double[] {0, wrong, 0}));
        // The second is laid on by least squares, which leaves two thirds of its bow in the middle.
        assertThat(joined.disagreement()).isCloseTo(wrong * 2 / 3, within(1e-9));
        assertThat(joined.heights()[1]).isBetween(0.0, wrong);
    }

    @Test
    void aLevelAddsUpItsRisesAndPlacementsMustOverlap() throws StationsUnfit {
        assertThat(JoinedSteps.ofRises(new double[] {200, 400, 600}, new double[] {4, -6, 1})
                        .heights())
                .containsExactly(0, 4, -2, -1);
        assertThatThrownBy(() -> JoinedSteps.ofRises(new double[] {0, 200}, new double[] {1, 1}))
                .isInstanceOf(StationsUnfit.class);
        List<double[]> apart = List.of(new double[] {0, 100}, new double[] {200, 300});
        assertThatThrownBy(() -> JoinedSteps.of(apart, apart))
                .hasMessageContaining("core.placement-shares-no-place-with-those-before");
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

    /** However the mandrel lies to the plate, the second bore lies off the first by the same. */
    @RepeatedTest(6)
    void boresInLineSeeNoTiltOfTheWhole(RepetitionInfo info) throws StationsUnfit {
        Random chance = new Random(info.getCurrentRepetition());
        double[] at = {3, 40, 110, 180};
        double[] heights = chance.doubles(4, -9, 9).toArray();
        double[] tilted = new double[4];
        for (int i = 0; i < 4; i++) {
            tilted[i] = heights[i] + 7 + 0.3 * at[i];
        }
        BoreLine plain = BoreLine.of(at, heights);
        BoreLine other = BoreLine.of(at, tilted);
        assertThat(other.nearOff()).isCloseTo(plain.nearOff(), within(1e-9));
        assertThat(other.farOff()).isCloseTo(plain.farOff(), within(1e-9));
        assertThat(other.tilt()).isCloseTo(plain.tilt(), within(1e-9));
        assertThat(other.slope()).isCloseTo(plain.slope() + 0.3, within(1e-9));
    }

    @Test
    void downhillIsWhereWaterRuns() {
        assertThat(new Tilt(0.3, 0).words().code()).isEqualTo("core.to-the-left");
        assertThat(new Tilt(0, 0.4).words().code()).isEqualTo("core.down");
        assertThat(new Tilt(0.03, -0.04).steepest()).isCloseTo(0.05, within(1e-12));
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

    /** No circle about a triangle holds another place (the definition), and the triangles fill the hull once. */
    @RepeatedTest(12)
    void freePlacesAreJoinedByEmptyCircles(RepetitionInfo info) {
        Random chance = new Random(50 + info.getCurrentRepetition());
        int n = 3 + chance.nextInt(40);
        double[] x = chance.doubles(n, 1000, 1300).toArray();
        double[] y = chance.doubles(n, -40, 60).toArray();
        List<int[]> triangles = Delaunay.of(x, y);
        for (int[] t : triangles) {
            double[] circle = circle(x, y, t);
            for (int i = 0; i < n; i++) {
                assertThat(Math.hypot(x[i] - circle[0], y[i] - circle[1])).isGreaterThan(circle[2] - 1e-6);
            }
        }
        List<Integer> hull = ConvexHull.of(x, y);
        double hullArea = 0;
        for (int k = 0; k < hull.size(); k++) {
            int a = hull.get(k);
            int b = hull.get((k + 1) % hull.size());
            hullArea += (x[a] * y[b] - x[b] * y[a]) / 2;
            for (int i = 0; i < n; i++) {
                // Seen along each edge of the hull, no place lies to the right.
                assertThat((x[b] - x[a]) * (y[i] - y[a]) - (y[b] - y[a]) * (x[i] - x[a]))
                        .isGreaterThan(-1e-9);
            }
        }
        assertThat(new Facets(x, y, triangles, List.of()).area()).isCloseTo(hullArea, within(1e-6 * hullArea));
    }

    private static double[] circle(double[] x, double[] y, int[] t) {
        double bx = x[t[1]] - x[t[0]];
        double by = y[t[1]] - y[t[0]];
        double cx = x[t[2]] - x[t[0]];
        double cy = y[t[2]] - y[t[0]];
        double d = 2 * (bx * cy - by * cx);
        double ux = (cy * (bx * bx + by * by) - by * (cx * cx + cy * cy)) / d;
        double uy = (bx * (cx * cx + cy * cy) - cx * (bx * bx + by * by)) / d;
        return new double[] {x[t[0]] + ux, y[t[0]] + uy, Math.hypot(ux, uy)};
    }

    @Test
    void aPlaceReadTwiceIsJoinedOnceAndPlacesInLineNotAtAll() {
        double[] x = {0, 10, 0, 10, 10};
        double[] y = {0, 0, 10, 10, 10};
        assertThat(Delaunay.of(x, y)).hasSize(2);
        assertThat(Delaunay.of(new double[] {0, 1}, new double[] {0, 1})).isEmpty();
        assertThat(ConvexHull.of(new double[] {0, 1, 2}, new double[] {0, 1, 2}))
                .containsExactly(0, 2);
    }

    /** The share above a level is what a fine sampling of the same flat triangles finds. */
    @RepeatedTest(4)
    void theShareAboveALevelIsThatOfASampling(RepetitionInfo info) {
        Random chance = new Random(info.getCurrentRepetition());
        Facets one =
                new Facets(new double[] {0, 10, 3}, new double[] {0, 1, 8}, List.of(new int[] {0, 1, 2}), List.of());
        double[] heights = chance.doubles(3, -5, 5).toArray();
        double level = -2 + 4 * chance.nextDouble();
        int above = 0;
        int samples = 200_000;
        for (int i = 0; i < samples; i++) {
            double u = chance.nextDouble();
            double v = chance.nextDouble();
            if (u + v > 1) {
                u = 1 - u;
                v = 1 - v;
            }
            above += heights[0] * (1 - u - v) + heights[1] * u + heights[2] * v >= level ? 1 : 0;
        }
        assertThat(one.shareAbove(level, heights)).isCloseTo(above / (double) samples, within(0.005));
    }

    @Test
    void theFaceOfASweepIsInMillimetresAndOpenInsideItsRims() throws LayoutRejected {
        Layout layout = new WrittenLayout(
                        LayoutKind.POINTS, LengthUnit.INCH, "bore round 0 0 at 1 in 8; edge round 0 0 at 2 in 8", "")
                .read(List.of());
        List<Reading> readings =
                layout.stations().stream().map(s -> Reading.still(s, 0)).toList();
        double octagons = 8 * 0.5 * Math.sin(Math.PI / 4) * (4 - 1) * 25.4 * 25.4;
        assertThat(Facets.of(new Sweep(layout, readings, null)).area()).isCloseTo(octagons, within(0.5));
        assertThat(Facets.of(new Sweep(layout, readings.subList(0, 8), null)).triangles())
                .isEmpty();
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
