package org.eskarn.core.evaluation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.eskarn.core.reading.LayoutKind.RINGS;
import static org.eskarn.core.requirement.Characteristic.CIRCULAR_RUNOUT_RADIAL;
import static org.eskarn.core.requirement.Characteristic.OFFSET_OF_OPENING;
import static org.eskarn.core.requirement.Characteristic.TOTAL_RUNOUT;

import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.eskarn.core.reading.Corrections;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.LimitKind;
import org.eskarn.core.requirement.LimitUnit;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.uncertainty.Contribution.Source;
import org.eskarn.core.uncertainty.UncertaintyBudget;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.DecisionRule;
import org.eskarn.core.verdict.Outcome;
import org.eskarn.core.verdict.Verdict.Because;
import org.junit.jupiter.api.Test;

class AssessmentTest {

    private static final Layout EIGHT = Given.ring("8");
    /** Movement 14.5 µm, a few µm of form. */
    private static final double[] JOURNAL = {0, 2, 5.5, 9, 12.5, 14.5, 12, 6};

    private static final Given RUNOUT = Given.of(CIRCULAR_RUNOUT_RADIAL, Given.atMost("0.020"), EIGHT);

    @Test
    void judgesAFinishedSweepWithItsUncertaintyPartByPart() {
        Assessment assessment = RUNOUT.returned(0.5, JOURNAL);
        assertThat(assessment.verdict().outcome()).isEqualTo(Outcome.PASS);
        assertThat(assessment.verdict().value()).isEqualTo(14.5);
        UncertaintyBudget budget = assessment.reduction().orElseThrow().budget();
        assertThat(budget.parts())
                .extracting("source")
                .containsExactly(Source.GAUGE_ERROR, Source.RESOLUTION, Source.RETURN, Source.BETWEEN);
        // ±1.5 even; two readings of ±0.5 even each; ±0.5 even: by hand.
        double between = budget.parts().get(3).standard();
        double byHand = Math.sqrt(1.5 * 1.5 / 3 + 2 * 0.25 / 3 + 0.25 / 3 + between * between);
        assertThat(budget.combined()).isCloseTo(byHand, within(1e-12));
        assertThat(budget.expanded()).isBetween(1.65 * byHand, 2 * byHand);
        assertThat(budget.largestFirst())
                .extracting("standard", Double.class)
                .isSortedAccordingTo(java.util.Comparator.reverseOrder());
    }

    @Test
    void anUnfinishedSweepHasFiguresSoFarAndProvesNothing() {
        for (int read = 1; read <= 8; read++) {
            Assessment assessment =
                    RUNOUT.returned(null, DoubleStream.of(JOURNAL).limit(read).toArray());
            assertThat(assessment.verdict().because()).isEqualTo(Because.UNFINISHED);
            assertThat(assessment.verdict().value()).isNotNull();
            assertThat(assessment.alreadyPast(RUNOUT.requirement())).isFalse();
        }
        Assessment none = RUNOUT.returned(null);
        assertThat(none.verdict().value()).isNull();
        assertThat(none.reduction()).isEmpty();
    }

    @Test
    void movementPastItsLimitIsSaidBeforeTheSweepEnds() {
        assertThat(RUNOUT.returned(null, 0, 10, 20.5).alreadyPast(RUNOUT.requirement()))
                .isTrue();
        Given offset = Given.of(OFFSET_OF_OPENING, Given.atMost("0.002"), EIGHT).stated(StatedAs.OFFSET);
        assertThat(offset.returned(null, 0, 10, 20, 30, 40).alreadyPast(offset.requirement()))
                .isFalse();
    }

    @Test
    void aReturnThatIsOutProvesNothingHoweverGoodTheFigure() {
        assertThat(RUNOUT.returned(2.0, JOURNAL).verdict().outcome()).isEqualTo(Outcome.PASS);
        assertThat(RUNOUT.returned(-2.5, JOURNAL).verdict().because()).isEqualTo(Because.RETURN_OUT);
        assertThat(RUNOUT.allowedReturn("0.003")
                        .returned(-2.5, JOURNAL)
                        .verdict()
                        .outcome())
                .isEqualTo(Outcome.PASS);
    }

    @Test
    void theSameReadingsAreJudgedAsMovementOrAsOffsetAsTheDrawingSays() {
        Assessment assessment = Given.of(CIRCULAR_RUNOUT_RADIAL, Given.atMost("0.007"), EIGHT)
                .stated(StatedAs.OFFSET)
                .returned(0.0, JOURNAL);
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
        assertThat(Given.of(CIRCULAR_RUNOUT_RADIAL, Given.atMost("0.015"), EIGHT)
                        .rule(DecisionRule.STRINGENT)
                        .returned(0.0, JOURNAL)
                        .verdict()
                        .because())
                .isEqualTo(Because.WITHIN_UNCERTAINTY);
    }

    @Test
    void twoStationsShowNeitherCentreNorMovementAndABunchOnlyTheMovement() {
        Layout two = Given.ring("0 180");
        Assessment unfit = Given.of(OFFSET_OF_OPENING, Given.atMost("0.05"), two)
                .stated(StatedAs.OFFSET)
                .returned(0.0, 0, 10);
        assertThat(unfit.verdict().because()).isEqualTo(Because.STATIONS_UNFIT);
        assertThat(unfit.missing().map(Given::said).orElseThrow())
                .contains("core.the-centre-needs-readings-at-three-different", "270°");

        Assessment between =
                Given.of(CIRCULAR_RUNOUT_RADIAL, Given.atMost("0.05"), two).returned(0.0, 0, 0);
        assertThat(between.verdict().because()).isEqualTo(Because.STATIONS_UNFIT);
        assertThat(between.missing().map(Given::said).orElseThrow())
                .contains("core.round-a-section-needs-readings-at-three");
        Assessment judged = Given.of(CIRCULAR_RUNOUT_RADIAL, Given.atMost("0.05"), Given.ring("0 10 20"))
                .returned(0.0, 0, 10, 5);
        assertThat(judged.verdict().outcome()).isEqualTo(Outcome.PASS);
        assertThat(((RingReduction) judged.reduction().orElseThrow()).centre()).isEmpty();
    }

    /** Four stations beside the high and the low spot of a true part that is off centre. */
    @Test
    void theMovementIsNeverBelowWhatTheFitProves() {
        Given four = Given.of(CIRCULAR_RUNOUT_RADIAL, Given.atMost("0.015"), Given.ring("4"));
        Assessment beside = four.returned(6.0, 6, 6, -6, -6);
        assertThat(beside.verdict().value()).isCloseTo(12 * Math.sqrt(2), within(1e-9));
        assertThat(beside.verdict().outcome()).isEqualTo(Outcome.FAIL);
        // An oval is no offset: the fit proves nothing.
        assertThat(four.returned(6.0, 6, -6, 6, -6).verdict().value()).isEqualTo(12);
        Given along = Given.of(
                CIRCULAR_RUNOUT_RADIAL,
                Given.atMost("0.015"),
                Given.layout(CIRCULAR_RUNOUT_RADIAL, RINGS, "10 60", "4"));
        Assessment sections = along.returned(0.0, 0, 0, 0, 0, 6, 6, -6, -6);
        assertThat(sections.verdict().value()).isCloseTo(12 * Math.sqrt(2), within(1e-9));
        Given total = Given.of(TOTAL_RUNOUT, Given.atMost("0.030"), Given.layout(TOTAL_RUNOUT, RINGS, "10 60", "4"));
        assertThat(total.returned(20.0, 20, 20, 20, 20, 6, 6, -6, -6).verdict().value())
                .isCloseTo(20 + 6 * Math.sqrt(2), within(1e-9));
    }

    /** Simple acceptance takes the figure as it is, but not one less certain than all that is allowed. */
    @Test
    void nothingPassesOnAFigureLessCertainThanAllThatIsAllowed() {
        Given tight = Given.of(CIRCULAR_RUNOUT_RADIAL, Given.atMost("0.001"), EIGHT);
        Assessment within = tight.returned(0.0, 0, 0, 0.5, 0.5, 0.5, 0, 0, 0);
        assertThat(within.verdict().because()).isEqualTo(Because.WITHIN_UNCERTAINTY);
        assertThat(within.verdict().rule().insteadOfSimple()).isTrue();
        // An honest fail needs no fine gauge.
        assertThat(tight.returned(0.0, JOURNAL).verdict().outcome()).isEqualTo(Outcome.FAIL);
    }

    /** The tolerance over the length read: 50 µm per metre are 5 µm over 100 mm, and a tenth of that may be lost. */
    @Test
    void aLimitPerLengthIsHeldOverTheLengthRead() {
        Limit perMetre = new Limit(
                LimitKind.MAXIMUM,
                null,
                null,
                new java.math.BigDecimal("0.05"),
                LimitUnit.MILLIMETRE,
                "",
                null,
                "",
                Length.of("1000", LengthUnit.MILLIMETRE));
        Given upright = Given.of(
                Characteristic.SQUARENESS,
                perMetre,
                Given.layout(Characteristic.SQUARENESS, LayoutKind.LINE, "0 50 100", ""));
        assertThat(upright.requirement().allowedMovement()).isCloseTo(5, within(1e-9));
        assertThat(upright.returned(0.6, 0, 2, 4).verdict().because()).isEqualTo(Because.RETURN_OUT);
        Assessment held = upright.returned(0.5, 0, 2, 4);
        assertThat(held.verdict().value()).isCloseTo(40, within(1e-9));
    }

    /** The same readings are as certain on one ring as over several. */
    @Test
    void theOffsetOverRingsIsAsUncertainAsOnOne() {
        double[] rough = {0, 6, 2, 9, 12, 20, 12, 3};
        Given one =
                Given.of(CIRCULAR_RUNOUT_RADIAL, Given.atMost("0.015"), EIGHT).stated(StatedAs.OFFSET);
        Given over = Given.of(
                        CIRCULAR_RUNOUT_RADIAL,
                        Given.atMost("0.015"),
                        Given.layout(CIRCULAR_RUNOUT_RADIAL, RINGS, "10", "8"))
                .stated(StatedAs.OFFSET);
        UncertaintyBudget single = one.returned(0.0, rough).budget().orElseThrow();
        UncertaintyBudget sections = over.returned(0.0, rough).budget().orElseThrow();
        assertThat(sections.expanded()).isCloseTo(single.expanded(), within(1e-12));
        assertThat(sections.parts()).extracting("source").contains(Source.FORM);
    }

    /** A section of two stations tells no centre, and is not left out. */
    @Test
    void aSectionThatCannotBeFittedProvesNothing() {
        Given asked = Given.of(
                        CIRCULAR_RUNOUT_RADIAL,
                        Given.atMost("0.015"),
                        Given.layout(CIRCULAR_RUNOUT_RADIAL, RINGS, "10 60", "0 180"))
                .stated(StatedAs.OFFSET);
        Assessment unfit = asked.returned(60.0, 60, -60, 0, 0);
        assertThat(unfit.verdict().because()).isEqualTo(Because.STATIONS_UNFIT);
        assertThat(unfit.missing().map(Given::said).orElseThrow()).startsWith("core.at-2");
    }

    private static final double[] HALF_BANDS = {0, 1, 0, 0, 0, 2, 0, 0.5};

    private static Reduction flickering(FlickerRule rule) {
        List<Reading> readings = IntStream.range(0, 8)
                .mapToObj(i -> new Reading(EIGHT.stations().get(i), JOURNAL[i], HALF_BANDS[i]))
                .toList();
        return Assessment.of(
                        RUNOUT.flicker(rule).requirement(),
                        Given.MICRON,
                        new Sweep(EIGHT, readings, 0.0),
                        Corrections.NONE)
                .reduction()
                .orElseThrow();
    }

    @Test
    void ofAFlickerTheMiddleCountsAndItsBandGoesIntoTheUncertainty() {
        Reduction still = RUNOUT.returned(0.0, JOURNAL).reduction().orElseThrow();
        Reduction middle = flickering(FlickerRule.MIDDLE);
        assertThat(middle.judged()).isEqualTo(14.5);
        // Only the band at the highest reading counts: ±2 µm, even.
        double more = Math.pow(middle.budget().combined(), 2)
                - Math.pow(still.budget().combined(), 2);
        assertThat(more).isCloseTo(4.0 / 3, within(1e-9));
    }

    @Test
    void orItsEndsCountAndItsBandIsInTheFigure() {
        Reduction still = RUNOUT.returned(0.0, JOURNAL).reduction().orElseThrow();
        Reduction ends = flickering(FlickerRule.EXTREMES);
        assertThat(ends.judged()).isEqualTo(16.5);
        assertThat(ends.budget().combined()).isEqualTo(still.budget().combined());
    }
}
