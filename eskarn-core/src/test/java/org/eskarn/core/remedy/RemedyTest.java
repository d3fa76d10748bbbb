package org.eskarn.core.remedy;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.eskarn.core.remedy.CutPlan.Asked;
import org.eskarn.core.remedy.CutPlan.State;
import org.eskarn.core.remedy.Truing.Advice;
import org.eskarn.core.round.Way;
import org.eskarn.core.verdict.Bounds;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RemedyTest {

    @ParameterizedTest
    @CsvSource({
        "0, 12, core.up",
        "44, 1, core.up-and-to-the-right",
        "90, 3, core.to-the-right",
        "227, 8, core.down-and-to-the-left",
        "-10, 12, core.up"
    })
    void aWayIsSaidInHoursAndWords(double degrees, int hour, String words) {
        assertThat(Way.clock(Math.toRadians(degrees))).isEqualTo(hour);
        assertThat(Way.words(Math.toRadians(degrees)).code()).isEqualTo(words);
        assertThat(Way.degrees(Way.opposite(Math.toRadians(degrees)))).isCloseTo((degrees + 180) % 360, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({
        "100, BEGIN",
        "100 60, GO_ON",
        "100 60 60, NO_HELP",
        "100 60 60 61, STOP",
        "100 60 75, WORSE",
        "100 60 18, DONE",
        "15, DONE"
    })
    void theTrendOfTheStepsTellsWhenToStop(String movements, Advice advice) {
        List<Double> log = java.util.Arrays.stream(movements.split(" "))
                .map(Double::valueOf)
                .toList();
        Truing truing = Truing.of(log, Bounds.atMost(20), 1);
        assertThat(truing.advice()).isEqualTo(advice);
        assertThat(truing.next()).isEqualTo(log.get(log.size() - 1) / 2);
    }

    @Test
    void aSmallTailstockEndMovesAwayFromTheToolByHalfTheTaperScaledToTheCentres() {
        TailstockMove move = TailstockMove.of(45_020, 45_000, 100, 300);
        assertThat(move.amount()).isCloseTo(30, within(1e-9));
        assertThat(move.away()).isTrue();
        assertThat(TailstockMove.of(45_000, 45_020, 100, 300).away()).isFalse();
        assertThatThrownBy(() -> TailstockMove.of(1, 2, 100, 90)).hasMessageContaining("at least the length measured");
    }

    private static Asked shaft(double measured, double deepest, double last, boolean diameter, double celsius) {
        return new Asked(
                false,
                measured,
                celsius,
                20,
                11.5e-6,
                11.5e-6,
                45_010,
                Optional.of(45_002.0),
                Optional.of(45_018.0),
                deepest,
                0,
                last,
                diameter,
                5,
                100,
                2);
    }

    @RepeatedTest(20)
    void thePassesEndAtTheTargetWithinTheDialsGraduation(RepetitionInfo info) throws PlanRefused {
        Random chance = new Random(info.getCurrentRepetition());
        boolean diameter = chance.nextBoolean();
        CutPlan plan = CutPlan.of(shaft(45_100 + chance.nextInt(900), 50 + chance.nextInt(100), 40, diameter, 20));
        CutPlan.Pass end = plan.passes().get(plan.passes().size() - 1);
        assertThat(plan.state()).isEqualTo(State.CUT);
        assertThat(plan.taken()).isCloseTo(plan.cold() - end.after(), within(1e-6));
        assertThat(plan.passes()).allMatch(pass -> pass.takes() <= 2 * 150 + 1e-6);
        assertThat(end.takes()).isCloseTo(40, within(1e-6));
        assertThat(end.after()).isCloseTo(45_010, within(5.0));
        assertThat((end.dial() - 100) % 5).isCloseTo(0, within(1e-6));
        assertThat(end.dial() - 100).isCloseTo(plan.taken() / (diameter ? 1 : 2), within(1e-6));
    }

    @Test
    void aWarmPartIsPlannedAtWhatItWillBe() throws PlanRefused {
        CutPlan plan = CutPlan.of(shaft(45_100, 50, 20, true, 45));
        assertThat(plan.warmth()).isCloseTo(45_100 * 11.5e-6 * 25, within(0.01));
        assertThat(plan.cold()).isCloseTo(45_100 - plan.warmth(), within(1e-9));
        CutPlan.Pass end = plan.passes().get(plan.passes().size() - 1);
        assertThat(end.reads() - end.after()).isCloseTo(plan.warmth(), within(0.1));
    }

    @Test
    void saysWhenALimitIsPassedOrNothingIsLeftToTake() throws PlanRefused {
        assertThat(CutPlan.of(shaft(45_001, 50, 20, true, 20)).state()).isEqualTo(State.PASSED);
        assertThat(CutPlan.of(shaft(45_012, 50, 20, true, 20)).state()).isEqualTo(State.WITHIN_LIMITS);
        // Warm it reads within the limits, but cold it will be below them.
        assertThat(CutPlan.of(shaft(45_010, 50, 20, true, 50)).state()).isEqualTo(State.PASSED);
        Asked near = new Asked(
                true,
                71_997,
                20,
                20,
                1e-5,
                1e-5,
                72_000,
                Optional.of(72_000.0),
                Optional.of(72_030.0),
                50,
                0,
                0,
                true,
                0,
                0,
                2);
        assertThat(CutPlan.of(near).state()).isEqualTo(State.NEAR_UNCERTAINTY);
        assertThat(CutPlan.of(near).passes()).hasSize(1);
        assertThatThrownBy(() -> CutPlan.of(shaft(90_000, 5, 0, true, 20)))
                .hasMessageContaining("core.too-many-passes");
    }

    @Test
    void aSeatIsShortByItsWorstPlaceAndOnlyOnTheSideThatCannotBeCut() {
        Bounds bounds = Bounds.between(45_002, 45_018);
        assertThat(Shortfall.of(false, new double[] {45_001, 44_990, 45_030}, bounds)
                        .orElseThrow()
                        .amount())
                .isEqualTo(12);
        assertThat(Shortfall.of(true, new double[] {45_001, 45_030}, bounds)
                        .orElseThrow()
                        .amount())
                .isEqualTo(12);
        assertThat(Shortfall.of(false, new double[] {45_030}, bounds)).isEmpty();
    }

    @Test
    void aRecheckAgreesWithinBothUncertainties() {
        assertThat(Recheck.of(10, 3, 14.9, 4).agrees()).isTrue();
        assertThat(Recheck.of(10, 3, 15.1, 4).agrees()).isFalse();
    }

    /** 40 before, 10 predicted, ± 4: 70 is what a move the wrong way leaves; 39 is none at all, 12 as predicted. */
    @ParameterizedTest
    @CsvSource({"70, true", "74, true", "63, true", "39, false", "44, false", "12, false", "10, false", "100, false"})
    void aPartThatWasMovedTheWrongWayIsTold(double found, boolean reversed) {
        assertThat(Recheck.of(10, 2.83, found, 2.83).reversed(40)).isEqualTo(reversed);
    }
}
