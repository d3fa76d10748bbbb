package org.eskarn.core.remedy;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.eskarn.core.flat.Difference;
import org.eskarn.core.flat.Facets;
import org.eskarn.core.flat.MinimumZonePlane;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.remedy.Packing.Support;
import org.eskarn.core.verdict.Bounds;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class FlatRemedyTest {

    private static final double[] X =
            IntStream.range(0, 16).mapToDouble(i -> 30 * (i % 4)).toArray();
    private static final double[] Y =
            IntStream.range(0, 16).mapToDouble(i -> 20 * (i / 4)).toArray();
    private static final Facets FACETS =
            Facets.of(X, Y, IntStream.range(0, 16).map(i -> -1).toArray());

    @RepeatedTest(10)
    void grindingCleansMoreWithEachFeedAndAllAtTheStock(RepetitionInfo info) throws PlanRefused {
        double[] heights =
                new Random(info.getCurrentRepetition()).doubles(16, -9, 9).toArray();
        Regrind grind = Regrind.of(FACETS, heights, List.of(), List.of(2.0));
        assertThat(heights[grind.first()] - heights[grind.last()]).isCloseTo(grind.stock(), within(1e-12));
        double before = 0;
        for (Regrind.Feed feed : grind.feeds()) {
            assertThat(feed.cleaned()).isGreaterThanOrEqualTo(before);
            before = feed.cleaned();
        }
        Regrind.Feed last = grind.feeds().get(grind.feeds().size() - 1);
        assertThat(last.left()).isEqualTo(0);
        assertThat(last.cleaned()).isEqualTo(1);
        assertThat(grind.feeds()).hasSize((int) Math.ceil(grind.stock() / 2));
    }

    @Test
    void aLevelFaceNeedsNoFeedAndTinyOnesAreRefused() throws PlanRefused {
        assertThat(Regrind.of(FACETS, new double[16], List.of(), List.of(2.0)).feeds())
                .isEmpty();
        assertThatThrownBy(() -> Regrind.of(FACETS, X, List.of(), List.of(0.1)))
                .hasMessageContaining("core.too-many-downfeeds [900");
        assertThatThrownBy(() -> Regrind.of(FACETS, X, List.of(), List.of(0.0))).hasMessageContaining("above zero");
    }

    /** What was really taken comes first, then the uneven feeds that are planned; all together they end at the lowest place. */
    @RepeatedTest(10)
    void feedsNeedNotBeEven(RepetitionInfo info) throws PlanRefused {
        Random chance = new Random(info.getCurrentRepetition());
        double[] heights = chance.doubles(16, 0, 60).toArray();
        List<Double> taken = List.of(7.0, 12.5);
        Regrind whole = Regrind.of(FACETS, heights, List.of(), List.of(7.0, 12.5, 9.0, 2.0));
        Regrind begun = Regrind.of(FACETS, heights, taken, List.of(9.0, 2.0));
        assertThat(begun.feeds())
                .extracting(Regrind.Feed::depth)
                .isEqualTo(whole.feeds().stream().map(Regrind.Feed::depth).toList());
        assertThat(begun.feeds())
                .extracting(Regrind.Feed::cleaned)
                .isEqualTo(whole.feeds().stream().map(Regrind.Feed::cleaned).toList());
        assertThat(begun.taken()).isEqualTo(19.5);
        assertThat(begun.left()).isCloseTo(Math.max(0, whole.stock() - 19.5), within(1e-9));
        Regrind.Feed last = begun.feeds().get(begun.feeds().size() - 1);
        assertThat(last.left()).isZero();
        assertThat(last.depth() - whole.stock()).isBetween(-1e-9, 2.0);
    }

    @Test
    void aFaceThatIsCleanByWhatWasTakenNeedsNoFurtherFeed() throws PlanRefused {
        Regrind clean = Regrind.of(FACETS, X, List.of(60.0, 40.0), List.of(5.0));
        assertThat(clean.feeds()).hasSize(2).allMatch(Regrind.Feed::taken);
        assertThat(clean.feeds().get(1).cleaned()).isEqualTo(1);
        assertThat(clean.left()).isZero();
        assertThatThrownBy(() -> Regrind.of(FACETS, X, List.of(-1.0), List.of(5.0)))
                .hasMessageContaining("above zero, not -1.0");
    }

    /** After packing the face is as parallel as it is flat, and packing never lowers. */
    @RepeatedTest(10)
    void packingLeavesNothingButFlatness(RepetitionInfo info) throws StationsUnfit {
        Random chance = new Random(info.getCurrentRepetition());
        double a = chance.nextGaussian();
        double b = chance.nextGaussian();
        double[] heights = IntStream.range(0, 16)
                .mapToDouble(i -> a * X[i] + b * Y[i] + 2 * chance.nextGaussian())
                .toArray();
        MinimumZonePlane zone = MinimumZonePlane.fit(X, Y, heights);
        List<Support> supports = List.of(new Support("A", 0, 0), new Support("B", 90, 0), new Support("C", 45, 60));
        Packing packing = Packing.of(zone, X, Y, heights, supports, false);
        assertThat(packing.parallelism()).isCloseTo(zone.width(), within(1e-9));
        assertThat(packing.predicted()[0]).isEqualTo(heights[0]);
        assertThat(packing.lifts()).allMatch(lift -> lift >= 0).contains(0.0);
        Packing screws = Packing.of(zone, X, Y, heights, supports, true);
        double moved = screws.lifts().stream().mapToDouble(Math::abs).sum();
        assertThat(moved)
                .isLessThanOrEqualTo(
                        packing.lifts().stream().mapToDouble(x -> x).sum() + 1e-9);
        // The lifts are the plane turned level: what lies lower by the plane is lifted by as much.
        assertThat(packing.lifts().get(1) - packing.lifts().get(0)).isCloseTo(-zone.slopeX() * 90, within(1e-9));
        assertThatThrownBy(() -> Packing.of(zone, X, Y, heights, supports.subList(0, 1), false))
                .hasMessageContaining("two supports");
    }

    /** Lifted at its supports as told, the face really reads what was predicted: the plane through three lifts is the part's. */
    @RepeatedTest(10)
    void theReadingsToComeAreThoseOfTheLiftedPart(RepetitionInfo info) throws StationsUnfit {
        Random chance = new Random(40 + info.getCurrentRepetition());
        double[] heights = chance.doubles(16, -12, 12).toArray();
        List<Support> supports = List.of(
                new Support("A", -10 * chance.nextDouble(), 3),
                new Support("B", 95, 60 * chance.nextDouble()),
                new Support("C", 20, 70));
        MinimumZonePlane zone = MinimumZonePlane.fit(X, Y, heights);
        for (boolean screws : new boolean[] {false, true}) {
            Packing packing = Packing.of(zone, X, Y, heights, supports, screws);
            double first = liftAt(supports, packing.lifts(), X[0], Y[0]);
            for (int i = 0; i < 16; i++) {
                double read = heights[i] + liftAt(supports, packing.lifts(), X[i], Y[i]) - first;
                assertThat(packing.predicted()[i]).isCloseTo(read, within(1e-9));
            }
        }
    }

    /** The plane through three lifts, by Cramer's rule. */
    private static double liftAt(List<Support> s, List<Double> lifts, double x, double y) {
        double bx = s.get(1).x() - s.get(0).x();
        double by = s.get(1).y() - s.get(0).y();
        double cx = s.get(2).x() - s.get(0).x();
        double cy = s.get(2).y() - s.get(0).y();
        double d = bx * cy - by * cx;
        double u = ((x - s.get(0).x()) * cy - (y - s.get(0).y()) * cx) / d;
        double v = (bx * (y - s.get(0).y()) - by * (x - s.get(0).x())) / d;
        return lifts.get(0) + u * (lifts.get(1) - lifts.get(0)) + v * (lifts.get(2) - lifts.get(0));
    }

    @Test
    void everyStepOfAGuideSaysWhatItDidAndWhatIsLeftFromIt() {
        GuideMove move = GuideMove.of(List.of(-90.0, -20.0, -24.0, -70.0), Bounds.between(0, 100), 600, 300, 10);
        assertThat(move.did()).containsExactly(GuideMove.Did.NEARER, GuideMove.Did.NOTHING, GuideMove.Did.WORSE);
        assertThat(move.off(0)).isEqualTo(140);
        assertThat(move.moveFrom(move.best())).isEqualTo(-140);
        assertThat(move.move()).isEqualTo(-240);
        assertThat(GuideMove.of(List.of(3.0), Bounds.OPEN, 300, 300, 1).did()).isEmpty();
    }

    @Test
    void aGuideMovesByTheErrorTimesItsLever() {
        GuideMove found = GuideMove.of(List.of(-90.0), Bounds.between(0, 100), 450, 300, 10);
        assertThat(found.wanted()).isEqualTo(50);
        assertThat(found.move()).isEqualTo(-210);
        assertThat(found.advice()).isEqualTo(GuideMove.Advice.MOVE);
        assertThat(GuideMove.of(List.of(-90.0, -20.0), Bounds.between(0, 100), 450, 300, 10)
                        .advice())
                .isEqualTo(GuideMove.Advice.GO_ON);
        GuideMove worse = GuideMove.of(List.of(-90.0, -20.0, -70.0), Bounds.between(0, 100), 450, 300, 10);
        assertThat(worse.advice()).isEqualTo(GuideMove.Advice.WORSE);
        assertThat(worse.best()).isEqualTo(1);
        assertThat(GuideMove.of(List.of(-90.0, -84.0), Bounds.between(0, 100), 450, 300, 10)
                        .advice())
                .isEqualTo(GuideMove.Advice.NO_HELP);
        assertThat(GuideMove.of(List.of(-90.0, 40.0), Bounds.between(0, 100), 450, 300, 10)
                        .advice())
                .isEqualTo(GuideMove.Advice.DONE);
        assertThat(GuideMove.of(List.of(30.0), Bounds.between(-20, 20), 300, 300, 10)
                        .wanted())
                .isEqualTo(0);
        assertThatThrownBy(() -> GuideMove.of(List.of(1.0), Bounds.OPEN, 0, 300, 1))
                .hasMessageContaining("above zero");
    }

    @Test
    void aLinkIsSprungAgainstItsBendOrRejected() {
        SpringBack spring = SpringBack.of(54, 120, 240, 200);
        assertThat(spring.amount()).isEqualTo(108);
        assertThat(spring.raise()).isFalse();
        assertThat(spring.reject()).isFalse();
        assertThat(SpringBack.of(-54, 120, 240, 100)).isEqualTo(new SpringBack(108, true, true));
    }

    @RepeatedTest(6)
    void aDifferenceOnBordersSeesNoZeroAndNoTilt(RepetitionInfo info) {
        Random chance = new Random(info.getCurrentRepetition());
        double[] before = new double[16];
        double[] after = new double[16];
        double tilt = chance.nextGaussian();
        for (int i = 0; i < 16; i++) {
            before[i] = 0.1 * X[i] + 3;
            after[i] = tilt * Y[i] - 0.3 * X[i] + 40 - (i == 6 ? 5 : 0);
        }
        Difference worn = Difference.of(X, Y, before, after, true);
        assertThat(worn.onBorder()).isTrue();
        assertThat(worn.largest()).isEqualTo(6);
        assertThat(worn.change()[6]).isCloseTo(-5, within(1e-9));
        Difference same = Difference.of(X, Y, before, before, false);
        assertThat(same.change()).containsOnly(0);
        assertThatThrownBy(() -> Difference.of(X, Y, before, new double[2], false))
                .hasMessageContaining("same places");
    }
}
