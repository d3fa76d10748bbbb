package org.eskarn.core.uncertainty;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.eskarn.core.uncertainty.Contribution.Source;
import org.hipparchus.distribution.continuous.TDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class UncertaintyBudgetTest {

    private static UncertaintyBudget of(Contribution... parts) {
        return new UncertaintyBudget(List.of(parts));
    }

    /** One part that is even is all of U: 95.45 % of the way to its bounds. */
    @Test
    void boundsAloneAreNeverExceededByU() {
        UncertaintyBudget budget = of(Contribution.even(Source.GAUGE_ERROR, 3, 1), new Contribution(Source.FORM, 0));
        assertThat(budget.degreesOfFreedom()).isInfinite();
        assertThat(budget.expanded()).isCloseTo(0.9545 * 3, within(1e-4));
        assertThat(budget.coverageFactor()).isCloseTo(1.653, within(1e-3));
        assertThat(of().expanded()).isZero();
        assertThat(of(new Contribution(Source.MASTER, 1)).coverageFactor()).isCloseTo(2, within(1e-9));
    }

    /** Whatever an even part, a normal one and an estimate add up to, U holds 95.45 % of it. */
    @ParameterizedTest
    @CsvSource({"3, 0.2, 0, 1", "3, 1, 0, 1", "1, 3, 0, 1", "3, 0, 1, 2", "3, 0, 0.3, 3", "1, 0, 1, 1", "0, 1, 0.5, 50"
    })
    void uHoldsWhatItSaysOfAnySum(double even, double normal, double estimated, double freedom) {
        UncertaintyBudget budget = of(
                Contribution.even(Source.GAUGE_ERROR, even, 1),
                new Contribution(Source.MASTER, normal),
                new Contribution(Source.REPEATS, estimated, freedom));
        Random chance = new Random(11);
        TDistribution few = new TDistribution(freedom);
        int trials = 200_000;
        int within = 0;
        for (int i = 0; i < trials; i++) {
            double sum = even * (2 * chance.nextDouble() - 1) + normal * chance.nextGaussian();
            sum += estimated == 0 ? 0 : estimated * few.inverseCumulativeProbability(chance.nextDouble());
            within += Math.abs(sum) <= budget.expanded() ? 1 : 0;
        }
        assertThat((double) within / trials).isCloseTo(0.9545, within(0.003));
    }

    /** Between stations only more can lie: U counts it above, and what is surely there shortens U below. */
    @Test
    void whatOnlyAddsCountsAboveAlone() {
        UncertaintyBudget plain = of(new Contribution(Source.MASTER, 1));
        UncertaintyBudget more = plain.with(Contribution.upwards(Source.BETWEEN, 2, 0.5, 1));
        assertThat(more.expanded()).isGreaterThan(plain.expanded());
        assertThat(more.below()).isCloseTo(plain.expanded() - 0.5, within(1e-12));
        assertThat(plain.below()).isEqualTo(plain.expanded());
        assertThat(plain.with(Contribution.upwards(Source.BETWEEN, 9, 9, 1)).below())
                .isZero();
    }

    /** JCGM 100, table G.2, the column for 95.45 %. */
    @ParameterizedTest
    @CsvSource({
        "1, 13.97",
        "2, 4.53",
        "3, 3.31",
        "4, 2.87",
        "5, 2.65",
        "7, 2.43",
        "10, 2.28",
        "20, 2.13",
        "50, 2.05",
        "100, 2.025"
    })
    void fewDegreesOfFreedomHaveALargerK(int freedom, double k) {
        UncertaintyBudget budget = of(new Contribution(Source.REPEATS, 1, freedom));
        assertThat(budget.degreesOfFreedom()).isEqualTo(freedom);
        assertThat(budget.coverageFactor()).isCloseTo(k, within(0.0051));
    }

    /** JCGM 100, G.4.2, example: parts of 0.25, 0.57 and 0.82 with 9, 4 and 14 degrees have 18.999 together, cut down to 18. */
    @Test
    void severalPartsHaveTheirEffectiveDegrees() {
        UncertaintyBudget budget = of(
                new Contribution(Source.REPEATS, 0.25, 9),
                new Contribution(Source.FORM, 0.57, 4),
                new Contribution(Source.RETURN, 0.82, 14));
        assertThat(budget.degreesOfFreedom()).isEqualTo(18);
    }

    /** Never is k of parts that are not bounded less than 2, nor U less for fewer degrees. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void fewerDegreesNeverMakeUSmaller(long seed) {
        Random chance = new Random(seed);
        double repeats = chance.nextDouble();
        Contribution gauge = new Contribution(Source.GAUGE_ERROR, chance.nextDouble());
        double before = Double.MAX_VALUE;
        for (int freedom = 1; freedom < 200; freedom++) {
            UncertaintyBudget budget = of(gauge, new Contribution(Source.REPEATS, repeats, freedom));
            assertThat(budget.coverageFactor()).isGreaterThanOrEqualTo(2 - 1e-9);
            assertThat(budget.expanded()).isLessThanOrEqualTo(before + 1e-9);
            before = budget.expanded();
        }
    }

    @Test
    void theLargestPartStandsFirstAndWhatAddsNothingNowhere() {
        UncertaintyBudget budget = of(
                new Contribution(Source.RESOLUTION, 0.3),
                new Contribution(Source.FLICKER, 0),
                new Contribution(Source.GAUGE_ERROR, 1.7),
                new Contribution(Source.RETURN, 0.4));
        assertThat(budget.largestFirst())
                .extracting(Contribution::source)
                .containsExactly(Source.GAUGE_ERROR, Source.RETURN, Source.RESOLUTION);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 0.5, -3, Double.NaN})
    void degreesBelowOneAreRefused(double freedom) {
        assertThatThrownBy(() -> new Contribution(Source.REPEATS, 1, freedom))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("degrees of freedom");
    }
}
