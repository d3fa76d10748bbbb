package org.eskarn.app.remedy;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.eskarn.app.field.Field;
import org.eskarn.app.page.Display;
import org.eskarn.app.picture.engine.Subject;
import org.eskarn.core.evaluation.Assessment;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.Corrections;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.LayoutRejected;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.reading.WrittenLayout;
import org.eskarn.core.requirement.Basis;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.CharacteristicLayout;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.RemedyKind;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.Zeroing;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.DecisionRule;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Corrections of flat things in words: what is asked for, what is refused, and which way everything goes. */
class FlatAdviceTest {

    private static final Dial DIAL = new Dial(
            Length.of("1", LengthUnit.MICROMETRE),
            Length.of("1", LengthUnit.MICROMETRE),
            Length.of("900", LengthUnit.MICROMETRE));

    private static MeasuredState found(
            Characteristic what, LayoutKind kind, String first, String second, double... readings) {
        return found(what, kind, first, second, List.of(), LengthUnit.MICROMETRE, readings);
    }

    private static MeasuredState found(
            Characteristic what,
            LayoutKind kind,
            String first,
            String second,
            List<MeasuredState.Step> steps,
            LengthUnit said,
            double... readings) {
        Layout layout;
        try {
            layout =
                    new WrittenLayout(kind, LengthUnit.MILLIMETRE, first, second).read(CharacteristicLayout.ends(what));
        } catch (LayoutRejected e) {
            throw new IllegalArgumentException(e);
        }
        Basis basis = new Basis(
                Optional.empty(),
                Optional.empty(),
                what.spanning() ? Optional.of(Length.of("300", LengthUnit.MILLIMETRE)) : Optional.empty(),
                Zeroing.ONE_FOR_ALL,
                Optional.empty(),
                Reversal.NONE,
                Optional.empty());
        Requirement terms = new Requirement(
                what,
                SurfaceSide.OUTSIDE,
                Limit.atMost(Length.of("0.005", LengthUnit.MILLIMETRE)),
                what.statements().get(0),
                DecisionRule.SIMPLE,
                Optional.empty(),
                FlickerRule.MIDDLE,
                1,
                layout,
                basis);
        List<Reading> taken = new ArrayList<>();
        for (int i = 0; i < readings.length; i++) {
            taken.add(Reading.still(layout.stations().get(i), readings[i]));
        }
        Sweep sweep = new Sweep(layout, taken, layout.returns() ? (Double) readings[0] : null);
        return new MeasuredState(
                new Subject(terms, "Face", "above", Optional.empty()),
                DIAL,
                Assessment.of(terms, DIAL, sweep, Corrections.NONE),
                List.of(),
                Optional.<BigDecimal>empty(),
                new Display(said),
                new Display(said),
                steps);
    }

    private static MeasuredState wedge() {
        return found(Characteristic.PARALLELISM_OF_FACES, LayoutKind.GRID, "0 100 200", "0 100", 0, 10, 20, 0, 10, 20);
    }

    private static Advice advice(MeasuredState found, RemedyKind kind, String... typed) {
        Map<String, String> fields = new HashMap<>(Map.of("kind", kind.name()));
        for (int i = 0; i < typed.length; i += 2) {
            fields.put(typed[i], typed[i + 1]);
        }
        return Correction.of(found, fields).advice();
    }

    @Test
    void whatFailedMayBeLeftAndWhatPassedNeedsNothingOfTheKind() {
        assertThat(Correction.kinds(wedge())).containsExactly(RemedyKind.PACKING, RemedyKind.REGRIND, RemedyKind.LEAVE);
        MeasuredState flat = found(Characteristic.FLATNESS, LayoutKind.GRID, "0 100 200", "0 100", 0, 1, 2, 0, 1, 2);
        assertThat(Correction.kinds(flat)).containsExactly(RemedyKind.REGRIND);
        MeasuredState guides =
                found(Characteristic.PARALLELISM_OF_LINES, LayoutKind.PAIRS, "left; right", "", 0, 30, 0, 10);
        assertThat(Correction.kinds(guides)).containsExactly(RemedyKind.GUIDE, RemedyKind.LEAVE);
        MeasuredState link = found(Characteristic.BEND_AND_TWIST, LayoutKind.PAIRS, "bend; twist", "", 0, 2, 0, 40);
        assertThat(Correction.kinds(link)).containsExactly(RemedyKind.SPRING, RemedyKind.LEAVE);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "PACKING | supports | A 0 | supports | is not a support",
                "PACKING | supports | A 0 x; B 1 1 | supports | is not a number",
                "PACKING | pitch | 0 | pitch | greater than zero",
                "REGRIND | feed | -2 | feed | greater than zero",
                "REGRIND | feed | 0.01 | feed | plan at most 60",
                "LEAVE | workLength | none | workLength | is not a length"
            })
    void aFieldAtFaultHasItsSentenceAndNothingIsReady(
            RemedyKind kind, String field, String value, String at, String says) {
        Advice advice = advice(wedge(), kind, field, value);
        assertThat(advice.ready()).isFalse();
        assertThat(advice.problems()).containsKey(at);
        assertThat(advice.problems().get(at)).contains(says);
    }

    @Test
    void nothingTypedAsksForWhatIsWanted() {
        assertThat(advice(wedge(), RemedyKind.PACKING).headline())
                .startsWith("Enter each support: a name and two distances");
        assertThat(advice(wedge(), RemedyKind.LEAVE).headline()).startsWith("Enter why it is acceptable");
        MeasuredState link = found(Characteristic.BEND_AND_TWIST, LayoutKind.PAIRS, "bend; twist", "", 0, 2, 0, 40);
        assertThat(advice(link, RemedyKind.SPRING).headline())
                .startsWith("Enter the length and the maker’s maximum correction over it");
    }

    @Test
    void aWedgeIsPackedAtItsLowEndAndReadsLevelThen() {
        Advice packed = advice(wedge(), RemedyKind.PACKING, "supports", "left 0 50; right 200 50");
        assertThat(packed.headline()).isEqualTo("Pack under it: left up by 20.0 µm");
        assertThat(packed.predicted().orElseThrow()).isCloseTo(0, within(1e-9));
        assertThat(packed.tables()).extracting(table -> table.title()).containsExactly("Packing", "Predicted readings");
        Advice turned = advice(
                wedge(), RemedyKind.PACKING, "supports", "left 0 50; right 200 50", "how", "screws", "pitch", "1");
        // Half a micrometre in a hundred of a turn: 20 µm of a pitch of 1 mm are 7.2 degrees.
        assertThat(turned.tables().get(0).rows().toString()).contains("7");
    }

    /** A pitch says nothing of packing; it is told, not passed over. */
    @Test
    void whatACorrectionDoesNotUseIsKnown() {
        Map<String, String> typed = Map.of("kind", "PACKING", "supports", "left 0 50; right 200 50", "pitch", "1");
        assertThat(Correction.of(wedge(), typed).fields().unused())
                .extracting(Field::name)
                .containsExactly("pitch");
        Map<String, String> screws = new HashMap<>(typed);
        screws.put("how", "screws");
        assertThat(Correction.of(wedge(), screws).fields().unused()).isEmpty();
    }

    @Test
    void groundAsItLiesTakesTheWedgeAndLevelledNothing() {
        Advice lying = advice(wedge(), RemedyKind.REGRIND, "feed", "8");
        assertThat(lying.headline()).startsWith("Take 20.0 µm (7.9 tenths) off, as it lies");
        assertThat(lying.tables().get(0).rows()).hasSize(3);
        assertThat(lying.lines().get(0)).contains("touches first at x 200 y 0");
        Advice levelled = advice(wedge(), RemedyKind.REGRIND, "lies", "levelled");
        assertThat(levelled.ready()).isFalse();
    }

    /** Eight micrometres typed before somebody switched to tenths stay eight micrometres. */
    @Test
    void aDownfeedTypedInAnotherUnitStaysWhatItWas() {
        MeasuredState inTenths = found(
                Characteristic.PARALLELISM_OF_FACES,
                LayoutKind.GRID,
                "0 100 200",
                "0 100",
                List.of(),
                LengthUnit.TENTH,
                0,
                10,
                20,
                0,
                10,
                20);
        Advice same = advice(inTenths, RemedyKind.REGRIND, "feed", "8", "readIn", "TENTH");
        assertThat(same.tables().get(0).rows()).hasSize(1);
        Advice other = advice(inTenths, RemedyKind.REGRIND, "feed", "8", "readIn", "MICROMETRE");
        assertThat(other.tables().get(0).rows()).hasSize(3);
    }

    /** Opens by 30 at the back: the back has to come nearer, or the front to go away. */
    @Test
    void aGuideGoesTheRightWayWhicheverEndTheScrewIsAt() {
        MeasuredState opens = found(Characteristic.PARALLELISM_OF_LINES, LayoutKind.PAIRS, "1", "", 30, 0);
        assertThat(advice(opens, RemedyKind.GUIDE, "screwDistance", "450").headline())
                .isEqualTo("Move it at the screw by 45.0 µm (17.7 tenths) towards the other line.");
        assertThat(advice(opens, RemedyKind.GUIDE, "screwEnd", "front").headline())
                .contains("30.0 µm")
                .contains("away from the other line");
        MeasuredState closes = found(Characteristic.PARALLELISM_OF_LINES, LayoutKind.PAIRS, "1", "", 0, 30);
        assertThat(advice(closes, RemedyKind.GUIDE).headline()).contains("away from the other line");
    }

    /** Held by three screws it is moved at each, in proportion to how far each lies from where it turns. */
    @Test
    void aGuideHeldBySeveralScrewsIsMovedAtEach() {
        MeasuredState opens = found(Characteristic.PARALLELISM_OF_LINES, LayoutKind.PAIRS, "1", "", 30, 0);
        Advice advice = advice(opens, RemedyKind.GUIDE, "screwDistance", "600 150 300");
        assertThat(advice.headline())
                .isEqualTo("Loosen every screw, then move it at each by the table, towards the other line.");
        assertThat(advice.tables().get(0).rows())
                .extracting(row -> row.name() + ": " + row.cells().get(0))
                .containsExactly("150: 15.0", "300: 30.0", "600: 60.0");
        assertThat(advice(opens, RemedyKind.GUIDE, "screwDistance", "600 -150").problems())
                .containsKey("screwDistance");
        assertThat(advice(opens, RemedyKind.GUIDE, "screwDistance", "1 2 3 4 5 6 7 8 9")
                        .ready())
                .isFalse();
    }

    /** Downfeeds that are not even, and what was really taken: the plan goes on from that. */
    @Test
    void whatWasReallyTakenIsCountedAndKept() {
        Advice uneven = advice(wedge(), RemedyKind.REGRIND, "feed", "8 8 1");
        assertThat(uneven.tables().get(0).rows()).hasSize(6);
        MeasuredState begun = found(
                Characteristic.PARALLELISM_OF_FACES,
                LayoutKind.GRID,
                "0 100 200",
                "0 100",
                List.of(new MeasuredState.Step("pass 1", 9), new MeasuredState.Step("pass 2", 5)),
                LengthUnit.MICROMETRE,
                0,
                10,
                20,
                0,
                10,
                20);
        Advice advice = advice(begun, RemedyKind.REGRIND, "feed", "4");
        assertThat(advice.headline())
                .startsWith("14.0 µm taken off; take 6.0 µm (2.4 tenths) more and the whole face cleans up");
        assertThat(advice.tables().get(0).rows())
                .extracting(row -> row.name() + ": " + row.cells().get(0))
                .containsExactly("1 taken: 9.0", "2 taken: 14.0", "3: 18.0", "4: 22.0");
        assertThat(advice.words()).endsWith("; taken: 9.0 + 5.0 µm");
    }

    @Test
    void aStepThatMadeItWorseIsNotKept() {
        MeasuredState worse = found(
                Characteristic.PARALLELISM_OF_LINES,
                LayoutKind.PAIRS,
                "1",
                "",
                List.of(new MeasuredState.Step("back screw", 12), new MeasuredState.Step("back screw", -40)),
                LengthUnit.MICROMETRE,
                30,
                0);
        Advice advice = advice(worse, RemedyKind.GUIDE);
        assertThat(advice.ready()).isFalse();
        assertThat(advice.lines().toString())
                .contains("Go back to where it stood after step 1")
                .contains("From there: 12.0 µm at the screw, towards the other line");
        assertThat(advice.tables().get(0).rows().toString())
                .contains("nearer, best")
                .contains("worse");
    }

    @Test
    void whatIsLeftHasItsReasonAndItsMeaningInItsWords() {
        MeasuredState guides = found(Characteristic.PARALLELISM_OF_LINES, LayoutKind.PAIRS, "1", "", 30, 0);
        Advice left = advice(guides, RemedyKind.LEAVE, "workLength", "600", "reason", "only roughing");
        assertThat(left.ready()).isTrue();
        assertThat(left.predicted()).isEmpty();
        assertThat(left.words()).isEqualTo("Accepted as it is because only roughing; over 600 mm of work: 60.0 µm");
        MeasuredState dome =
                found(Characteristic.FLATNESS, LayoutKind.GRID, "0 50 100", "0 50 100", 0, 0, 0, 0, 30, 0, 0, 0, 0);
        assertThat(advice(dome, RemedyKind.LEAVE, "workLength", "600", "reason", "only roughing")
                        .words())
                .isEqualTo("Accepted as it is because only roughing");
    }

    /** All that was typed is sent again with the decision, by the names the fields have. */
    @Test
    void everyFieldIsKept() {
        Map<String, String> typed =
                Map.of("kind", "REGRIND", "lies", "levelled", "feed", "5", "readIn", "TENTH", "elsewhere", "1");
        assertThat(Correction.of(wedge(), typed).kept())
                .containsEntry("lies", "levelled")
                .containsEntry("feed", "12.7")
                .containsEntry("readIn", "MICROMETRE")
                .doesNotContainKey("elsewhere");
    }
}
