package org.eskarn.core.evaluation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.requirement.Basis;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.CharacteristicLayout;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.Limit.Direction;
import org.eskarn.core.requirement.LimitKind;
import org.eskarn.core.requirement.LimitUnit;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.result.Figure;
import org.eskarn.core.result.Note;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.Outcome;
import org.eskarn.core.verdict.Verdict.Because;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Every characteristic on shapes whose figure is known. */
class ReductionTest {

    private static Length mm(String amount) {
        return Length.of(amount, LengthUnit.MILLIMETRE);
    }

    private static double judged(Characteristic what, Limit limit, LayoutKind kind, String first, double... readings) {
        return judged(what, limit, kind, first, "", Basis.NONE, readings);
    }

    private static double judged(
            Characteristic what,
            Limit limit,
            LayoutKind kind,
            String first,
            String second,
            Basis basis,
            double... readings) {
        Layout layout = Given.layout(what, kind, first, second);
        Assessment assessment = Given.of(what, limit, layout).on(basis).read(readings);
        return assessment.reduction().orElseThrow().judged();
    }

    private static Limit per(String amount, String per) {
        Limit plain = Given.atMost(amount);
        return new Limit(plain.kind(), null, null, plain.upper(), plain.unit(), "", null, "", mm(per));
    }

    private static Basis span(String millimetres) {
        return new Basis(Optional.empty(), Optional.empty(), Optional.of(mm(millimetres)));
    }

    private static Basis setTo(String millimetres) {
        return new Basis(Optional.of(mm(millimetres)), Optional.empty(), Optional.empty());
    }

    @Test
    void runoutOfSeveralSectionsIsOfTheWorstAndTotalRunoutOverAll() {
        double[] readings = {0, 4, 2, 1, /* second section */ 10, 13, 11, 10};
        Limit limit = Given.atMost("0.02");
        assertThat(judged(
                        Characteristic.CIRCULAR_RUNOUT_RADIAL,
                        limit,
                        LayoutKind.RINGS,
                        "10 60",
                        "4",
                        Basis.NONE,
                        readings))
                .isEqualTo(4);
        assertThat(judged(Characteristic.TOTAL_RUNOUT, limit, LayoutKind.RINGS, "10 60", "4", Basis.NONE, readings))
                .isEqualTo(13);
    }

    @RepeatedTest(10)
    void roundnessFlatnessAndStraightnessDoNotSeeAnOffCentreOrATilt(RepetitionInfo info) {
        Random chance = new Random(info.getCurrentRepetition());
        double a = 40 * chance.nextGaussian();
        double b = 40 * chance.nextGaussian();
        double c = 9 * chance.nextGaussian();
        double[] form = {0, 3, -1, 2, 0.5, -2, 1, 0, 2.5};

        double[] round = new double[8];
        double[] line = new double[5];
        double[] plane = new double[9];
        for (int i = 0; i < 9; i++) {
            if (i < 8) {
                round[i] = form[i] + c + a * Math.cos(i * Math.PI / 4) + b * Math.sin(i * Math.PI / 4);
            }
            if (i < 5) {
                line[i] = form[i] + c + a * i;
            }
            plane[i] = form[i] + c + a * (i % 3) + b * (i / 3);
        }
        Limit limit = Given.atMost("0.02");
        assertThat(judged(Characteristic.ROUNDNESS, limit, LayoutKind.RING, "8", round))
                .isCloseTo(
                        judged(Characteristic.ROUNDNESS, limit, LayoutKind.RING, "8", Arrays.copyOf(form, 8)),
                        within(1e-9));
        assertThat(judged(Characteristic.STRAIGHTNESS, limit, LayoutKind.LINE, "0 10 20 30 40", line))
                .isCloseTo(
                        judged(
                                Characteristic.STRAIGHTNESS,
                                limit,
                                LayoutKind.LINE,
                                "0 10 20 30 40",
                                Arrays.copyOf(form, 5)),
                        within(1e-9));
        assertThat(judged(Characteristic.FLATNESS, limit, LayoutKind.GRID, "0 50 100", "0 40 80", Basis.NONE, plane))
                .isCloseTo(
                        judged(
                                Characteristic.FLATNESS,
                                limit,
                                LayoutKind.GRID,
                                "0 50 100",
                                "0 40 80",
                                Basis.NONE,
                                form),
                        within(1e-9));
        assertThat(judged(
                        Characteristic.PARALLELISM_OF_FACES,
                        limit,
                        LayoutKind.GRID,
                        "0 50 100",
                        "0 40 80",
                        Basis.NONE,
                        plane))
                .isCloseTo(range(plane), within(1e-9));
    }

    private static double range(double[] values) {
        return Arrays.stream(values).max().orElseThrow()
                - Arrays.stream(values).min().orElseThrow();
    }

    @Test
    void aBowLeavesTwoThirdsOfItselfAboutTheLeastSquaresLine() {
        // 0, 3, 0 over three places: the line lies at 1, so +2 and −1 are left.
        assertThat(judged(Characteristic.STRAIGHTNESS, Given.atMost("0.02"), LayoutKind.LINE, "0 10 20", 0, 3, 0))
                .isCloseTo(3, within(1e-12));
    }

    @Test
    void ofASizeMapTheWorstPlacedSizeIsJudgedAndTheRestIsTold() {
        Limit limit = Limit.between("45.002", "45.018", LimitUnit.MILLIMETRE);
        Layout layout = Given.layout(Characteristic.OUTSIDE_SIZE, LayoutKind.RINGS, "10 60 110", "0 90");
        Assessment map = Given.of(Characteristic.OUTSIDE_SIZE, limit, layout)
                .on(setTo("45.000"))
                .read(10, 12, 14, 14, 17, 15);
        assertThat(map.verdict().outcome()).isEqualTo(Outcome.PASS);
        assertThat(map.verdict().value()).isCloseTo(45017, within(1e-9));
        List<Figure> figures = map.reduction().orElseThrow().figures();
        assertThat(figures).anySatisfy(f -> {
            assertThat(f.name()).hasToString("core.worst-place [110 mm · 0°]");
            assertThat(f.amount()).isCloseTo(45017, within(1e-9));
        });
        assertThat(figures).anySatisfy(f -> {
            assertThat(f.name()).hasToString("core.taper-last-less-first");
            assertThat(f.amount()).isCloseTo(5, within(1e-9));
        });
        assertThat(figures).anySatisfy(f -> {
            assertThat(f.name()).hasToString("core.barrel");
            assertThat(f.amount()).isCloseTo(14 - 13.5, within(1e-9));
        });
        Assessment small = Given.of(Characteristic.OUTSIDE_SIZE, limit, layout)
                .on(setTo("45.000"))
                .read(10, 12, 1, 14, 17, 15);
        assertThat(small.verdict().outcome()).isEqualTo(Outcome.FAIL);
        assertThat(small.verdict().value()).isCloseTo(45001, within(1e-9));
    }

    @Test
    void outOfRoundIsADifferenceOfDiametersOrHalfOfIt() {
        Layout layout = Given.layout(Characteristic.OUT_OF_ROUND, LayoutKind.RINGS, "10 60", "0 90");
        Given asked = Given.of(Characteristic.OUT_OF_ROUND, Given.atMost("0.01"), layout);
        assertThat(asked.read(0, 2, 7, 1).verdict().value()).isEqualTo(6);
        assertThat(asked.stated(StatedAs.RADIAL).read(0, 2, 7, 1).verdict().value())
                .isEqualTo(3);
    }

    @Test
    void slopesAreScaledToTheLengthTheLimitIsStatedOver() {
        assertThat(judged(Characteristic.TAPER, per("0.01", "100"), LayoutKind.LINE, "0 50", 0, -4))
                .isEqualTo(-8);
        assertThat(judged(Characteristic.TAPER, Given.atMost("0.01"), LayoutKind.LINE, "0 50", 0, -4))
                .isEqualTo(-4);
        assertThat(judged(Characteristic.SQUARENESS, per("0.02", "300"), LayoutKind.LINE, "0 75 150", 0, 4, 9))
                .isEqualTo(18);
        assertThat(judged(
                        Characteristic.PARALLELISM_OF_AXIS,
                        per("0.02", "120"),
                        LayoutKind.PAIRS,
                        "upright; level",
                        "",
                        span("240"),
                        0,
                        10,
                        0,
                        -24))
                .isEqualTo(-12);
    }

    @Test
    void onlyOneDirectionMayBeAllowed() {
        Limit opens = new Limit(
                LimitKind.MAXIMUM,
                null,
                null,
                Given.atMost("0.050").upper(),
                LimitUnit.MILLIMETRE,
                "",
                Direction.PLUS,
                "must not close",
                null);
        Layout one = Given.layout(Characteristic.PARALLELISM_OF_LINES, LayoutKind.PAIRS, "1", "");
        Given asked = Given.of(Characteristic.PARALLELISM_OF_LINES, opens, one);
        // The gauge goes along one line and touches the other: less at the back is further away there, so they open.
        assertThat(asked.read(0, -40).verdict().outcome()).isEqualTo(Outcome.PASS);
        assertThat(asked.read(0, -60).verdict().outcome()).isEqualTo(Outcome.FAIL);
        assertThat(asked.read(0, 10).verdict().outcome()).isEqualTo(Outcome.FAIL);
    }

    @Test
    void ofPlayTheWorstCycleIsJudgedWhicheverEndIsReadFirst() {
        assertThat(judged(Characteristic.PLAY, Given.atMost("0.08"), LayoutKind.CYCLES, "3", 0, 50, 62, 0, 1, 55))
                .isEqualTo(62);
    }

    @Test
    void ofPlayByPushesEachIsReadAgainstRest() {
        assertThat(judged(Characteristic.PLAY, Given.atMost("0.08"), LayoutKind.PUSHES, "3", 4, 50, -62, 55))
                .isEqualTo(66);
        Given one = Given.of(
                Characteristic.PLAY,
                Given.atMost("0.08"),
                Given.layout(Characteristic.PLAY, LayoutKind.PUSHES, "1", ""));
        assertThat(one.read(0).missing().map(Given::said).orElseThrow()).contains("core.a-push-is-read-against-rest");
    }

    /** Whole heights in one attempt and deviations in the next say the same, for only what is between the places counts. */
    @Test
    void againstTheFirstPlaceWholeHeightsAndDeviationsSayTheSame() {
        Layout three = Given.layout(Characteristic.HEIGHT_DIFFERENCE, LayoutKind.POINTS, "A; B; C", "");
        Given asked = Given.of(Characteristic.HEIGHT_DIFFERENCE, Given.atMost("0.05"), three);
        Assessment whole = asked.read(42_300, 42_320, 42_240);
        Assessment zeroed = asked.read(0, 20, -60);
        assertThat(whole.verdict().value()).isCloseTo(-60, within(1e-9));
        assertThat(zeroed.verdict().value()).isCloseTo(-60, within(1e-9));
        assertThat(whole.verdict().outcome()).isEqualTo(Outcome.FAIL);
        assertThat(whole.reduction().orElseThrow().budget().expanded())
                .isCloseTo(zeroed.reduction().orElseThrow().budget().expanded(), within(1e-9));
    }

    /** The first place is what the others are held to: where a step up is asked for, it is none itself. */
    @Test
    void theFirstPlaceItselfIsNotJudged() {
        Layout two = Given.layout(Characteristic.HEIGHT_DIFFERENCE, LayoutKind.POINTS, "A; B", "");
        Given asked =
                Given.of(Characteristic.HEIGHT_DIFFERENCE, Limit.between("0.100", "0.200", LimitUnit.MILLIMETRE), two);
        assertThat(asked.read(0, 150).verdict().outcome()).isEqualTo(Outcome.PASS);
        assertThat(asked.read(0, 90).verdict().outcome()).isEqualTo(Outcome.FAIL);
        assertThat(asked.read(0).missing().map(Given::said).orElseThrow())
                .contains("core.read-a-place-to-compare-with-the-first");
    }

    @Test
    void aGapPassesOnlyWhereTheLeafThatDoesNotGoIsWithinTheLimit() {
        Layout two = Given.layout(Characteristic.GAP, LayoutKind.PAIRS, "2", "");
        Given asked = Given.of(Characteristic.GAP, Given.atMost("0.10"), two);
        assertThat(asked.read(40, 50, 0, 30).verdict().outcome()).isEqualTo(Outcome.PASS);
        Assessment across = asked.read(40, 50, 80, 120);
        assertThat(across.verdict().outcome()).isEqualTo(Outcome.NOT_PROVEN);
        assertThat(across.reduction().orElseThrow().figures())
                .contains(Figure.size(Note.of("core.leaf-to-try-next"), 100));
        assertThat(asked.read(40, 50, 110, 120).verdict().outcome()).isEqualTo(Outcome.FAIL);
        assertThat(asked.read(50, 50, 40, 50).missing().map(Given::said).orElseThrow())
                .contains("core.a-leaf-that-goes-is-not-thinner");
    }

    @Test
    void ofTwoGuidesTheBetterIsNamedOnlyWhereTheyDifferByMoreThanTheyCanBeWrong() {
        Layout two = Given.layout(Characteristic.PARALLELISM_OF_LINES, LayoutKind.PAIRS, "left; right", "");
        Given asked = Given.of(Characteristic.PARALLELISM_OF_LINES, Given.atMost("0.05"), two);
        assertThat(remarks(asked.read(0, 20, 0, 90)))
                .anyMatch(said -> said.startsWith("core.better-the-other-is-out [core.text [left"));
        assertThat(remarks(asked.read(0, 45, 0, 5)))
                .anyMatch(said -> said.startsWith("core.better-further-within [core.text [right"));
        assertThat(remarks(asked.read(0, 20, 0, -20.5))).anyMatch(said -> said.startsWith("core.neither-is-better"));
        Given open = Given.of(Characteristic.PARALLELISM_OF_LINES, Limit.none(LimitUnit.MILLIMETRE), two);
        assertThat(remarks(open.read(0, 20, 0, 90)))
                .anyMatch(said -> said.startsWith("core.better-nearer-to-zero [core.text [left"));
    }

    /** Of two slots read as sizes the one whose worst width lies further within; places of one slot are not compared. */
    @Test
    void ofTwoSlotsTheBetterIsThatOfTheBetterWorstWidth() {
        Limit limit = Limit.between("12.000", "12.040", LimitUnit.MILLIMETRE);
        Layout one = Given.layout(Characteristic.BORE_SIZE, LayoutKind.POINTS, "front; back", "");
        assertThat(remarks(Given.of(Characteristic.BORE_SIZE, limit, one).read(12_010, 12_035)))
                .isEmpty();
        Layout two = Given.layout(
                Characteristic.BORE_SIZE,
                LayoutKind.POINTS,
                "slot A: front; slot A: back; slot B: front; slot B: back",
                "");
        Given asked = Given.of(Characteristic.BORE_SIZE, limit, two);
        assertThat(remarks(asked.read(12_010, 12_055, 12_015, 12_025)))
                .anyMatch(said -> said.startsWith("core.better-the-other-is-out [core.text [slot B]"));
        assertThat(remarks(asked.read(12_020, 12_036, 12_020, 12_036)))
                .anyMatch(said -> said.startsWith("core.neither-is-better"));
    }

    /** Places of one bore are not compared; of two pairs the one whose worst place is better. */
    @Test
    void ofTwoPairsTheBetterIsThatOfTheBetterWorstPlace() {
        Limit limit = Limit.between("0.010", "0.050", LimitUnit.MILLIMETRE);
        Layout places = Given.layout(Characteristic.FIT_OF_PAIR, LayoutKind.PAIRS, "front; back", "");
        assertThat(remarks(Given.of(Characteristic.FIT_OF_PAIR, limit, places).read(30_030, 30_000, 30_060, 30_000)))
                .isEmpty();
        Layout pairs = Given.layout(
                Characteristic.FIT_OF_PAIR, LayoutKind.PAIRS, "left: front; left: back; right: front; right: back", "");
        assertThat(remarks(Given.of(Characteristic.FIT_OF_PAIR, limit, pairs)
                        .read(30_030, 30_000, 30_058, 30_000, 30_022, 30_000, 30_026, 30_000)))
                .anyMatch(said -> said.startsWith("core.better-the-other-is-out [core.text [right]"));
    }

    private static List<String> remarks(Assessment assessment) {
        return assessment.reduction().orElseThrow().told().remarks().stream()
                .map(Given::said)
                .toList();
    }

    @Test
    void aPhaseIsLimitedInDegreesOnItsRadius() {
        Limit half = new Limit(
                LimitKind.MAXIMUM, null, null, new java.math.BigDecimal("0.5"), LimitUnit.DEGREE, "", null, "", null);
        Layout one = Given.layout(Characteristic.PHASE_ANGLE, LayoutKind.POINTS, "pin", "");
        Given asked = Given.of(Characteristic.PHASE_ANGLE, half, one)
                .on(new Basis(Optional.empty(), Optional.of(mm("100")), Optional.empty()));
        double limit = 100_000 * Math.sin(Math.toRadians(0.5));
        assertThat(asked.requirement().bounds().upper()).isCloseTo(limit, within(1e-9));
        assertThat(asked.read(limit - 1).verdict().outcome()).isEqualTo(Outcome.PASS);
        assertThat(asked.read(-limit - 1).verdict().outcome()).isEqualTo(Outcome.FAIL);
    }

    @Test
    void aHoleBetweenTwoPinsPassesOnlyAsAWholeAndNamesThePinToTry() {
        Limit limit = Limit.between("12.000", "12.018", LimitUnit.MILLIMETRE);
        Layout holes = Given.layout(Characteristic.PIN_CHECK, LayoutKind.PAIRS, "1", "");
        Given asked = Given.of(Characteristic.PIN_CHECK, limit, holes);
        assertThat(asked.read(12_003, 12_012).verdict().outcome()).isEqualTo(Outcome.PASS);
        Assessment across = asked.read(12_010, 12_030);
        assertThat(across.verdict().outcome()).isEqualTo(Outcome.NOT_PROVEN);
        assertThat(across.reduction().orElseThrow().figures())
                .contains(Figure.size(Note.of("core.pin-to-try-next"), 12_018));
        assertThat(asked.read(12_030, 12_040).verdict().outcome()).isEqualTo(Outcome.FAIL);
        assertThat(asked.read(12_010, 12_010).missing().map(Given::said).orElseThrow())
                .contains("core.a-pin-that-enters-is-not-smaller");
    }

    @Test
    void theClearanceOfAPairIsHoleLessShaftAndMayBeNegative() {
        Layout two = Given.layout(Characteristic.FIT_OF_PAIR, LayoutKind.PAIRS, "2", "");
        Given asked = Given.of(Characteristic.FIT_OF_PAIR, Limit.between("0.010", "0.040", LimitUnit.MILLIMETRE), two);
        assertThat(asked.read(30_020, 30_000, 30_050, 30_000).verdict().value()).isCloseTo(50, within(1e-9));
        assertThat(asked.read(30_020, 30_000, 29_990, 30_000).verdict().value()).isCloseTo(-10, within(1e-9));
    }

    @Test
    void answersPassWhenAllAreYesAndAFitCodeIsNotWorkedOut() {
        Limit yes = new Limit(LimitKind.ANSWER, null, null, null, LimitUnit.MILLIMETRE, "", null, "", null);
        Layout two = Given.layout(Characteristic.FUNCTIONAL_FIT, LayoutKind.YES_NO, "It enters; It turns", "");
        Given asked = Given.of(Characteristic.FUNCTIONAL_FIT, yes, two);
        assertThat(asked.returned(null, 1, 1).verdict().outcome()).isEqualTo(Outcome.PASS);
        assertThat(asked.returned(null, 1, 0).verdict().outcome()).isEqualTo(Outcome.FAIL);
        assertThat(asked.returned(null, 1).verdict().because()).isEqualTo(Because.UNFINISHED);

        Limit code = new Limit(
                LimitKind.FIT_CODE,
                new java.math.BigDecimal("45"),
                null,
                null,
                LimitUnit.MILLIMETRE,
                "k6",
                null,
                "",
                null);
        Layout one = Given.layout(Characteristic.OUTSIDE_SIZE, LayoutKind.POINTS, "middle", "");
        assertThat(Given.of(Characteristic.OUTSIDE_SIZE, code, one)
                        .read(45_010)
                        .verdict()
                        .because())
                .isEqualTo(Because.LIMIT_IS_TEXT);
    }

    @ParameterizedTest
    @EnumSource(Characteristic.class)
    void everyCharacteristicRecordsWithoutALimitOrAnswersAndStandsAnyNumberOfReadings(Characteristic what) {
        LimitKind kind = what == Characteristic.FUNCTIONAL_FIT ? LimitKind.ANSWER : LimitKind.NONE;
        Limit limit = new Limit(kind, null, null, null, LimitUnit.MILLIMETRE, "", null, "", null);
        for (LayoutKind layoutKind : what.layouts()) {
            Layout layout = Given.layout(
                    what,
                    layoutKind,
                    CharacteristicLayout.first(what, layoutKind),
                    CharacteristicLayout.second(what, layoutKind));
            double[] readings = new double[layout.size()];
            for (int i = 0; i < readings.length; i++) {
                boolean pins = layoutKind == LayoutKind.PINS;
                readings[i] = pins ? (i < 2 ? 1 : 0) : what == Characteristic.FUNCTIONAL_FIT ? 1 : 3 * i;
                Assessment soFar = Given.of(what, limit, layout).returned(null, Arrays.copyOf(readings, i + 1));
                assertThat(soFar.reduction().isPresent() || soFar.missing().isPresent())
                        .isTrue();
            }
            Assessment whole = Given.of(what, limit, layout).read(readings);
            assertThat(whole.verdict().outcome())
                    .as("%s over %s", what, layoutKind)
                    .isEqualTo(kind == LimitKind.ANSWER ? Outcome.PASS : Outcome.RECORDED);
        }
    }
}
