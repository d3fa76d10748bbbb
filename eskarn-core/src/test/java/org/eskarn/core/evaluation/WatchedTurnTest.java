package org.eskarn.core.evaluation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.eskarn.core.reading.LayoutKind.WATCHED;
import static org.eskarn.core.requirement.Characteristic.CIRCULAR_RUNOUT_RADIAL;
import static org.eskarn.core.requirement.Characteristic.TOTAL_RUNOUT;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.eskarn.core.reading.Corrections;
import org.eskarn.core.reading.EntryParser;
import org.eskarn.core.reading.EntryRejected;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutRejected;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.ReadingUnit;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.reading.SweepAverage;
import org.eskarn.core.reading.WrittenLayout;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.Outcome;
import org.eskarn.core.verdict.Verdict.Because;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A part turned a whole turn, of which the lowest and the highest that the needle shows are taken. */
class WatchedTurnTest {

    private static final Layout ONE = Given.layout(CIRCULAR_RUNOUT_RADIAL, WATCHED, "", "");
    private static final Layout TWO = Given.layout(TOTAL_RUNOUT, WATCHED, "10 60", "");

    @Test
    void itsMovementIsHighestLessLowest() {
        Given asked = Given.of(CIRCULAR_RUNOUT_RADIAL, Given.atMost("0.020"), ONE);
        assertThat(asked.read(-4, 13).verdict().value()).isCloseTo(17, within(1e-9));
        assertThat(asked.read(-4, 13).verdict().outcome()).isEqualTo(Outcome.PASS);
        assertThat(asked.read(-4, 17).verdict().outcome()).isEqualTo(Outcome.FAIL);
        assertThat(asked.read(-4).verdict().because()).isEqualTo(Because.UNFINISHED);
        assertThat(asked.returned(1.0, -4, 13).verdict().because()).isEqualTo(Because.RETURN_OUT);
    }

    @Test
    void aHighestBelowItsLowestProvesNothing() {
        Given asked = Given.of(CIRCULAR_RUNOUT_RADIAL, Given.atMost("0.020"), ONE);
        assertThat(asked.read(4, -13).verdict().because()).isEqualTo(Because.STATIONS_UNFIT);
    }

    @Test
    void overSeveralSectionsTheWorstOrTheTotalIsJudged() {
        Given total = Given.of(TOTAL_RUNOUT, Given.atMost("0.030"), TWO);
        assertThat(total.read(0, 12, 9, 18).verdict().value()).isCloseTo(18, within(1e-9));
        Given each = Given.of(CIRCULAR_RUNOUT_RADIAL, Given.atMost("0.030"), TWO);
        Assessment read = each.read(0, 12, 9, 18);
        assertThat(read.verdict().value()).isCloseTo(12, within(1e-9));
        assertThat(read.reduction(WatchedReduction.class).orElseThrow().worst().name())
                .isEqualTo("10 mm");
    }

    /** Where the ends of a band count, from the lowest of the one to the highest of the other. */
    @Test
    void theEndsOfItsBandsCountWhereTheyAreJudged() {
        Sweep bands = new Sweep(
                ONE,
                List.of(
                        new Reading(ONE.stations().get(0), 0, 1),
                        new Reading(ONE.stations().get(1), 10, 2)),
                0.0);
        Given middle = Given.of(CIRCULAR_RUNOUT_RADIAL, Given.atMost("0.020"), ONE);
        assertThat(judged(middle, bands)).isCloseTo(10, within(1e-9));
        assertThat(judged(middle.flicker(FlickerRule.EXTREMES), bands)).isCloseTo(13, within(1e-9));
    }

    private static double judged(Given given, Sweep sweep) {
        return Assessment.of(given.requirement(), Given.MICRON, sweep, Corrections.NONE)
                .reduction()
                .orElseThrow()
                .judged();
    }

    @ParameterizedTest
    @CsvSource({"12@90, 90", "12*90, 90", "+12 @ 3h, 90", "12@0.5, 0.5", "10/12@12h, 0", "'12 µm@359,5', 359.5"})
    void whereItWasSeenIsTypedBehindIt(String typed, BigDecimal degrees) throws EntryRejected {
        assertThat(EntryParser.watched(typed, ReadingUnit.of(LengthUnit.MICROMETRE))
                        .noted())
                .isEqualByComparingTo(degrees);
        assertThat(EntryParser.watched("12", ReadingUnit.of(LengthUnit.MICROMETRE))
                        .noted())
                .isNull();
    }

    @ParameterizedTest
    @ValueSource(strings = {"12@", "@90", "12@360", "12@-3", "12@13h", "12@90@4", "12@x"})
    void whatIsNoPlaceIsRefused(String typed) {
        assertThatThrownBy(() -> EntryParser.watched(typed, ReadingUnit.of(LengthUnit.MICROMETRE)))
                .isInstanceOf(EntryRejected.class);
    }

    @Test
    void aSectionIsWatchedOnce() {
        assertThatThrownBy(() -> new WrittenLayout(WATCHED, LengthUnit.MILLIMETRE, "10 10.0", "").read(List.of()))
                .isInstanceOf(LayoutRejected.class);
    }

    /** Seen at 350° and at 10°, the middle is at 0°, not at 180°. */
    @Test
    void placesNotedInSeveralSweepsAreAveragedRoundTheTurn() {
        List<Sweep> sweeps = new ArrayList<>();
        for (String at : List.of("350", "10")) {
            sweeps.add(new Sweep(
                    ONE,
                    List.of(
                            new Reading(ONE.stations().get(0), 0, 0, new BigDecimal("180")),
                            new Reading(ONE.stations().get(1), 10, 0, new BigDecimal(at))),
                    0.0));
        }
        Sweep average = SweepAverage.of(sweeps, false).sweep();
        assertThat(average.readings().get(1).noted()).isEqualByComparingTo("0");
        assertThat(average.readings().get(0).noted()).isEqualByComparingTo("180");
    }
}
