package org.eskarn.core.evaluation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.eskarn.core.reading.Corrections;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.Combination;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.LimitKind;
import org.eskarn.core.requirement.LimitUnit;
import org.eskarn.core.requirement.SuggestedOrder;
import org.eskarn.core.requirement.SuggestedOrder.Item;
import org.eskarn.core.uncertainty.Contribution;
import org.eskarn.core.uncertainty.Contribution.Source;
import org.eskarn.core.uncertainty.Scatter;
import org.eskarn.core.verdict.Outcome;
import org.eskarn.core.verdict.Verdict.Because;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class JudgementTest {

    private static final Given TWICE = Given.of(
                    Characteristic.PARALLELISM_OF_FACES,
                    Given.atMost("0.020"),
                    Given.layout(Characteristic.PARALLELISM_OF_FACES, LayoutKind.POINTS, "A; B; C", ""))
            .repeats(2);

    private static Judgement judge(Given asked, Assessment... sweeps) {
        return Judgement.of(asked.requirement(), List.of(sweeps));
    }

    private static Judgement judge(Assessment... sweeps) {
        return judge(TWICE, sweeps);
    }

    @Test
    void theMeanOfTheValidSweepsIsJudgedAndTheirScatterIsInTheUncertainty() {
        Judgement both = judge(TWICE.read(0, 10, 5), TWICE.read(0, 12, 5));
        assertThat(both.verdict().outcome()).isEqualTo(Outcome.PASS);
        assertThat(both.verdict().value()).isEqualTo(11);
        // Each sweep's own mean off, the places differ by ±1/3, ±2/3, ±1/3 from theirs: s² = 4/3 / 2; u = √2 · s/√2.
        assertThat(both.budget().orElseThrow().parts())
                .filteredOn(part -> part.source() == Source.REPEATS)
                .singleElement()
                .satisfies(part -> assertThat(part.standard()).isCloseTo(Math.sqrt(2.0 / 3), within(1e-12)));
    }

    private static Assessment read(Given given, Scatter checked, double... micrometres) {
        Assessment plain = given.read(micrometres);
        return Assessment.of(given.requirement(), Given.MICRON.scattering(checked), plain.sweep(), Corrections.NONE);
    }

    private static Contribution part(Judgement judgement, Source source) {
        return judgement.budget().orElseThrow().parts().stream()
                .filter(part -> part.source() == source)
                .findFirst()
                .orElseThrow();
    }

    /** One sweep alone shows no scatter: that of the gauge's checks stands for it; to that of several sweeps it is added. */
    @Test
    void oneSweepHasTheScatterOfTheChecksOfItsGauge() {
        Given once = TWICE.repeats(1);
        Judgement checked = judge(once, read(once, Scatter.of(3, 9), 0, 10, 5));
        assertThat(part(checked, Source.CHECKS).standard()).isCloseTo(3 * Math.sqrt(2), within(1e-12));
        assertThat(part(checked, Source.CHECKS).degreesOfFreedom()).isEqualTo(9);
        // Each of the repeats was rounded too.
        assertThat(checked.budget().orElseThrow().parts()).noneMatch(part -> part.source() == Source.RESOLUTION);
        Judgement fine = judge(once, read(once, Scatter.of(0.1, 9), 0, 10, 5));
        assertThat(part(fine, Source.RESOLUTION).standard()).isPositive();
        Judgement two = judge(once, read(once, Scatter.of(3, 9), 0, 10, 5), read(once, Scatter.of(3, 9), 0, 12, 5));
        assertThat(two.budget().orElseThrow().parts()).noneMatch(part -> part.source() == Source.CHECKS);
        assertThat(part(two, Source.REPEATS).degreesOfFreedom()).isEqualTo(11);
        Judgement alone = judge(once, once.read(0, 10, 5), once.read(0, 12, 5));
        assertThat(part(alone, Source.REPEATS).degreesOfFreedom()).isEqualTo(2);
    }

    @Test
    void everyValidSweepCountsHoweverManyAreRequired() {
        Given once = TWICE.repeats(1);
        Judgement failed = judge(once, once.read(0, 21, 5));
        assertThat(failed.verdict().outcome()).isEqualTo(Outcome.FAIL);
        Judgement more = judge(once, once.read(0, 21, 5), once.read(0, 20.5, 5), once.read(0, 20.5, 5));
        assertThat(more.counted()).hasSize(3);
        assertThat(more.verdict().outcome()).isEqualTo(Outcome.FAIL);
        assertThat(more.verdict().value()).isCloseTo(62.0 / 3, within(1e-9));
        Judgement pressed = judge(once, once.read(0, 26, 5), once.read(0, 12, 5));
        assertThat(pressed.verdict().because()).isEqualTo(Because.SWEEPS_DISAGREE);
        assertThat(pressed.agreement().orElseThrow().apart()).isEmpty();
        Judgement three = judge(once, once.read(0, 12, 5), once.read(0, 26, 5), once.read(0, 12, 5));
        assertThat(three.verdict().because()).isEqualTo(Because.SWEEPS_DISAGREE);
        assertThat(three.agreement().orElseThrow().apart()).contains(1);
    }

    @Test
    void whatTheGaugeIsKnownToRepeatToIsAllowedAsWell() {
        assertThat(judge(TWICE, TWICE.read(0, 10, 5), TWICE.read(0, 14, 5))
                        .verdict()
                        .because())
                .isEqualTo(Because.SWEEPS_DISAGREE);
        Scatter checked = Scatter.of(1.1, 9);
        assertThat(judge(TWICE, read(TWICE, checked, 0, 10, 5), read(TWICE, checked, 0, 14, 5))
                        .verdict()
                        .outcome())
                .isEqualTo(Outcome.PASS);
    }

    @Test
    void highsThatLieAtOtherPlacesAreNotAveragedAsIfTheyLayAtOne() {
        Given lines = Given.of(
                        Characteristic.PARALLELISM_OF_LINES,
                        Given.atMost("0.015"),
                        Given.layout(Characteristic.PARALLELISM_OF_LINES, LayoutKind.PAIRS, "left; right", ""))
                .repeats(1);
        Judgement judged = judge(lines, lines.read(20, 0, 0, 0), lines.read(0, 0, 20, 0));
        assertThat(judged.verdict().value()).isEqualTo(10);
        Judgement against = judge(lines, lines.read(20, 0, 0, 0), lines.read(0, 0, 0, 20));
        assertThat(against.verdict().outcome()).isEqualTo(Outcome.NOT_PROVEN);
        assertThat(against.verdict().because()).isEqualTo(Because.SWEEPS_DISAGREE);
    }

    @ParameterizedTest
    @CsvSource({"MEAN, 11", "MEDIAN, 10.5", "WORST, 12.5"})
    void theRequirementSaysWhatIsJudgedOfSeveralSweeps(Combination combination, double figure) {
        Given asked = TWICE.combined(combination);
        Judgement judged = judge(asked, asked.read(0, 10, 5), asked.read(0, 12.5, 5), asked.read(0, 10.5, 5));
        assertThat(judged.verdict().outcome()).isEqualTo(Outcome.PASS);
        assertThat(judged.verdict().value()).isCloseTo(figure, within(1e-12));
        assertThat(judged.assessment().reduction().orElseThrow().judged()).isCloseTo(figure, within(1e-12));
    }

    @Test
    void answersThatDifferProveNothing() {
        Given plug = Given.of(
                Characteristic.FUNCTIONAL_FIT,
                new Limit(LimitKind.ANSWER, null, null, null, LimitUnit.MILLIMETRE, "", null, "", null),
                Given.layout(Characteristic.FUNCTIONAL_FIT, LayoutKind.YES_NO, "goes in; turns", ""));
        assertThat(judge(plug, plug.read(1, 1), plug.read(1, 1)).verdict().outcome())
                .isEqualTo(Outcome.PASS);
        assertThat(judge(plug, plug.read(1, 0), plug.read(1, 1)).verdict().because())
                .isEqualTo(Because.SWEEPS_DISAGREE);
        assertThat(judge(plug, plug.read(1, 0), plug.read(0, 1)).verdict().because())
                .isEqualTo(Because.SWEEPS_DISAGREE);
    }

    @Test
    void oneValidSweepOfTwoProvesNothingYetAndABadOneDoesNotCount() {
        Assessment good = TWICE.read(0, 10, 5);
        Assessment out = TWICE.returned(5.0, 0, 10, 5);
        assertThat(judge(good).verdict().because()).isEqualTo(Because.REPEATS_TO_GO);
        assertThat(judge(good).togo()).isEqualTo(1);
        assertThat(judge(good, out).verdict().because()).isEqualTo(Because.RETURN_OUT);
        assertThat(judge(good, out, good).verdict().outcome()).isEqualTo(Outcome.PASS);
        assertThat(judge(good, good.zeroLost()).verdict().because()).isEqualTo(Because.ZERO_LOST);
        assertThat(judge(good, good.zeroLost()).counted()).isEmpty();
        assertThat(judge(good, TWICE.returned(null, 0, 3)).verdict().because()).isEqualTo(Because.UNFINISHED);
    }

    @Test
    void datumsComeFirstThenWhatSharesAZeroAndWarmPartsLast() {
        assertThat(SuggestedOrder.of(List.of(
                        new Item(1, false, "micrometer", false),
                        new Item(2, false, "lever", true),
                        new Item(3, false, "lever", false),
                        new Item(4, true, "lever", false),
                        new Item(5, false, "micrometer", false))))
                .containsExactly(4, 1, 5, 3, 2);
    }
}
