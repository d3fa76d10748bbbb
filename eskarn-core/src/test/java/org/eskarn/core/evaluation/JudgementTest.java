package org.eskarn.core.evaluation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.eskarn.core.evaluation.Judgement.Taken;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.Combination;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.LimitKind;
import org.eskarn.core.requirement.LimitUnit;
import org.eskarn.core.requirement.SuggestedOrder;
import org.eskarn.core.requirement.SuggestedOrder.Item;
import org.eskarn.core.uncertainty.Contribution.Source;
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
        return Judgement.of(asked.requirement(), Given.MICRON, List.of(sweeps));
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

    /** One sweep alone shows no scatter: that of the gauge's checks stands for it, and of several sweeps it does not. */
    @Test
    void oneSweepHasTheScatterOfTheChecksOfItsGauge() {
        Given once = TWICE.repeats(1);
        Assessment only = once.read(0, 10, 5);
        Judgement unchecked = Judgement.of(once.requirement(), List.of(new Taken(only, Given.MICRON)), 0);
        Judgement checked = Judgement.of(once.requirement(), List.of(new Taken(only, Given.MICRON)), 3);
        assertThat(checked.verdict().value()).isEqualTo(unchecked.verdict().value());
        assertThat(checked.budget().orElseThrow().parts())
                .filteredOn(part -> part.source() == Source.CHECKS)
                .singleElement()
                .satisfies(part -> assertThat(part.standard()).isCloseTo(3 * Math.sqrt(2), within(1e-12)));
        assertThat(Math.pow(checked.verdict().expanded() / 2, 2))
                .isCloseTo(Math.pow(unchecked.verdict().expanded() / 2, 2) + 18, within(1e-9));
        assertThat(checked.assessment().sweep()).isEqualTo(only.sweep());
        assertThat(checked.counted()).containsExactly(only);
        Judgement two = Judgement.of(
                once.requirement(),
                List.of(new Taken(only, Given.MICRON), new Taken(once.read(0, 12, 5), Given.MICRON)),
                3);
        assertThat(two.budget().orElseThrow().parts())
                .noneMatch(part -> part.source() == Source.CHECKS)
                .anyMatch(part -> part.source() == Source.REPEATS && part.degreesOfFreedom() == 2);
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
        List<Judgement.Taken> taken = List.of(
                new Judgement.Taken(TWICE.read(0, 10, 5), Given.MICRON),
                new Judgement.Taken(TWICE.read(0, 14, 5), Given.MICRON));
        assertThat(Judgement.of(TWICE.requirement(), taken, 0).verdict().because())
                .isEqualTo(Because.SWEEPS_DISAGREE);
        assertThat(Judgement.of(TWICE.requirement(), taken, 1.1).verdict().outcome())
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
