package org.eskarn.core.requirement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.RingLayout;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.uncertainty.Contribution.Source;
import org.eskarn.core.uncertainty.UncertaintyBudget;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.DecisionRule;
import org.eskarn.core.verdict.Outcome;
import org.eskarn.core.verdict.Verdict.Because;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class AssessmentTest {

    private static final RingLayout EIGHT = RingLayout.equalSteps(8);
    private static final Dial MICRON = new Dial(
            Length.of("1", LengthUnit.MICROMETRE),
            Length.of("1.5", LengthUnit.MICROMETRE),
            Length.of("200", LengthUnit.MICROMETRE));
    /** Movement 14.5 µm, a few µm of form. */
    private static final double[] JOURNAL = {0, 2, 5.5, 9, 12.5, 14.5, 12, 6};

    private static Requirement requirement(
            Characteristic characteristic, StatedAs statedAs, DecisionRule rule, String limit) {
        return new Requirement(
                characteristic,
                Length.of(limit, LengthUnit.MILLIMETRE),
                statedAs,
                rule,
                Optional.empty(),
                FlickerRule.MIDDLE,
                EIGHT);
    }

    private static final Requirement RUNOUT =
            requirement(Characteristic.CIRCULAR_RUNOUT_RADIAL, StatedAs.MOVEMENT, DecisionRule.SIMPLE, "0.020");

    private static Sweep sweep(RingLayout layout, @Nullable Double atReturn, double... micrometres) {
        List<Reading> readings = IntStream.range(0, micrometres.length)
                .mapToObj(i -> Reading.still(layout.stations().get(i), micrometres[i]))
                .toList();
        return new Sweep(layout, readings, atReturn);
    }

    @Test
    void judgesAFinishedSweepWithItsUncertaintyPartByPart() {
        Assessment assessment = Assessment.of(RUNOUT, MICRON, sweep(EIGHT, 0.5, JOURNAL));
        assertThat(assessment.verdict().outcome()).isEqualTo(Outcome.PASS);
        assertThat(assessment.verdict().value()).isEqualTo(14.5);
        UncertaintyBudget budget = assessment.reduction().orElseThrow().budget();
        assertThat(budget.parts())
                .extracting("source")
                .containsExactly(Source.GAUGE_ERROR, Source.RESOLUTION, Source.RETURN);
        // ±1.5 even; two readings of ±0.5 even each; ±0.5 even: by hand.
        double byHand = 2 * Math.sqrt(1.5 * 1.5 / 3 + 2 * 0.25 / 3 + 0.25 / 3);
        assertThat(budget.expanded()).isCloseTo(byHand, within(1e-12));
        assertThat(budget.biggest().orElseThrow().source()).isEqualTo(Source.GAUGE_ERROR);
    }

    @Test
    void anUnfinishedSweepHasFiguresSoFarAndProvesNothing() {
        for (int read = 1; read <= 8; read++) {
            double[] soFar = DoubleStream.of(JOURNAL).limit(read).toArray();
            Assessment assessment = Assessment.of(RUNOUT, MICRON, sweep(EIGHT, null, soFar));
            assertThat(assessment.verdict().because()).isEqualTo(Because.UNFINISHED);
            assertThat(assessment.verdict().value()).isNotNull();
            assertThat(assessment.alreadyPast(RUNOUT)).isFalse();
        }
        Assessment none = Assessment.of(RUNOUT, MICRON, sweep(EIGHT, null));
        assertThat(none.verdict().value()).isNull();
        assertThat(none.reduction()).isEmpty();
    }

    @Test
    void movementPastItsLimitIsSaidBeforeTheSweepEnds() {
        assertThat(Assessment.of(RUNOUT, MICRON, sweep(EIGHT, null, 0, 10, 20.5))
                        .alreadyPast(RUNOUT))
                .isTrue();
        Requirement offset =
                requirement(Characteristic.OFFSET_OF_OPENING, StatedAs.OFFSET, DecisionRule.SIMPLE, "0.002");
        assertThat(Assessment.of(offset, MICRON, sweep(EIGHT, null, 0, 10, 20, 30, 40))
                        .alreadyPast(offset))
                .isFalse();
    }

    @Test
    void aReturnThatIsOutProvesNothingHoweverGoodTheFigure() {
        assertThat(Assessment.of(RUNOUT, MICRON, sweep(EIGHT, 2.0, JOURNAL))
                        .verdict()
                        .outcome())
                .isEqualTo(Outcome.PASS);
        Assessment out = Assessment.of(RUNOUT, MICRON, sweep(EIGHT, -2.5, JOURNAL));
        assertThat(out.verdict().because()).isEqualTo(Because.RETURN_OUT);
        Requirement stated = new Requirement(
                RUNOUT.characteristic(),
                RUNOUT.limit(),
                RUNOUT.statedAs(),
                RUNOUT.rule(),
                Optional.of(Length.of("0.003", LengthUnit.MILLIMETRE)),
                FlickerRule.MIDDLE,
                EIGHT);
        assertThat(Assessment.of(stated, MICRON, sweep(EIGHT, -2.5, JOURNAL))
                        .verdict()
                        .outcome())
                .isEqualTo(Outcome.PASS);
    }

    @Test
    void theSameReadingsAreJudgedAsMovementOrAsOffsetAsTheDrawingSays() {
        Requirement offset =
                requirement(Characteristic.CIRCULAR_RUNOUT_RADIAL, StatedAs.OFFSET, DecisionRule.SIMPLE, "0.007");
        Assessment assessment = Assessment.of(offset, MICRON, sweep(EIGHT, 0.0, JOURNAL));
        RingReduction ring = (RingReduction) assessment.reduction().orElseThrow();
        assertThat(ring.movement().amount()).isEqualTo(14.5);
        assertThat(assessment.verdict().value())
                .isEqualTo(ring.centre().orElseThrow().offset().amount());
        assertThat(assessment.verdict().outcome()).isEqualTo(Outcome.PASS);
        // A tenth of the tolerance, said as movement: 14 µm.
        assertThat(assessment.allowedReturn()).isCloseTo(1.4, within(1e-12));
        assertThat(ring.budget().parts()).extracting("source").contains(Source.FORM);
    }

    @Test
    void stringentAcceptanceProvesNothingNearTheLimit() {
        Requirement stringent =
                requirement(Characteristic.CIRCULAR_RUNOUT_RADIAL, StatedAs.MOVEMENT, DecisionRule.STRINGENT, "0.015");
        assertThat(Assessment.of(stringent, MICRON, sweep(EIGHT, 0.0, JOURNAL))
                        .verdict()
                        .because())
                .isEqualTo(Because.WITHIN_UNCERTAINTY);
    }

    @Test
    void stationsThatDoNotShowTheCentreFailAnOffsetButNotAMovement() {
        RingLayout two = RingLayout.of(List.of(BigDecimal.ZERO, BigDecimal.valueOf(180)));
        Requirement offset = new Requirement(
                Characteristic.OFFSET_OF_OPENING,
                Length.of("0.05", LengthUnit.MILLIMETRE),
                StatedAs.OFFSET,
                DecisionRule.SIMPLE,
                Optional.empty(),
                FlickerRule.MIDDLE,
                two);
        Assessment unfit = Assessment.of(offset, MICRON, sweep(two, 0.0, 0, 10));
        assertThat(unfit.verdict().because()).isEqualTo(Because.STATIONS_UNFIT);
        assertThat(unfit.missing().orElseThrow()).contains("three different angles", "add one near");

        Requirement movement = new Requirement(
                Characteristic.CIRCULAR_RUNOUT_RADIAL,
                offset.limit(),
                StatedAs.MOVEMENT,
                DecisionRule.SIMPLE,
                Optional.empty(),
                FlickerRule.MIDDLE,
                two);
        Assessment judged = Assessment.of(movement, MICRON, sweep(two, 0.0, 0, 10));
        assertThat(judged.verdict().outcome()).isEqualTo(Outcome.PASS);
        assertThat(((RingReduction) judged.reduction().orElseThrow()).centre()).isEmpty();
    }

    private static final double[] HALF_BANDS = {0, 1, 0, 0, 0, 2, 0, 0.5};

    private static Assessment flickering(FlickerRule rule) {
        Requirement requirement = new Requirement(
                RUNOUT.characteristic(),
                RUNOUT.limit(),
                RUNOUT.statedAs(),
                RUNOUT.rule(),
                Optional.empty(),
                rule,
                EIGHT);
        List<Reading> readings = IntStream.range(0, 8)
                .mapToObj(i -> new Reading(EIGHT.stations().get(i), JOURNAL[i], HALF_BANDS[i]))
                .toList();
        return Assessment.of(requirement, MICRON, new Sweep(EIGHT, readings, 0.0));
    }

    @Test
    void ofAFlickerTheMiddleCountsAndItsBandGoesIntoTheUncertainty() {
        Reduction still = Assessment.of(RUNOUT, MICRON, sweep(EIGHT, 0.0, JOURNAL))
                .reduction()
                .orElseThrow();
        Reduction middle = flickering(FlickerRule.MIDDLE).reduction().orElseThrow();
        assertThat(middle.judged()).isEqualTo(14.5);
        // Only the band at the highest reading counts: ±2 µm, even.
        double more = Math.pow(middle.budget().combined(), 2)
                - Math.pow(still.budget().combined(), 2);
        assertThat(more).isCloseTo(4.0 / 3, within(1e-9));
    }

    @Test
    void orItsEndsCountAndItsBandIsInTheFigure() {
        Reduction still = Assessment.of(RUNOUT, MICRON, sweep(EIGHT, 0.0, JOURNAL))
                .reduction()
                .orElseThrow();
        Reduction ends = flickering(FlickerRule.EXTREMES).reduction().orElseThrow();
        assertThat(ends.judged()).isEqualTo(16.5);
        assertThat(ends.budget().combined()).isEqualTo(still.budget().combined());
    }
}
