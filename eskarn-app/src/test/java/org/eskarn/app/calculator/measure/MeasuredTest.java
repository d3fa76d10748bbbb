package org.eskarn.app.calculator.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.eskarn.app.calculator.Answer;
import org.eskarn.app.calculator.Sheets;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.FormFields;
import org.eskarn.app.picture.engine.View;
import org.eskarn.app.running.Query;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.ReadingUnit;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.LimitKind;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.DecisionRule;
import org.eskarn.core.verdict.Outcome;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Every characteristic has its calculator, made of its row alone: fields, answer and picture, over each of its layouts. */
class MeasuredTest {

    private static final int SEED = 77;
    private static final double SIZE_MM = 45;

    static Stream<Arguments> everyLayout() {
        return Arrays.stream(Characteristic.values())
                .flatMap(what -> what.layouts().stream().map(layout -> Arguments.of(what, layout)));
    }

    @ParameterizedTest
    @MethodSource("everyLayout")
    void answersWhatIsTyped(Characteristic what, LayoutKind layout) {
        Measured measured = Measured.of(form(what, layout, ReadingUnit.MICROMETRE, LengthUnit.MILLIMETRE, ""));
        assertThat(measured.problems()).isEmpty();
        assertThat(measured.readings()).isEqualTo(measured.expected()).isPositive();
        assertThat(measured.reduced()).as("judged").isTrue();
        assertThat(measured.assessment().missing()).isEmpty();
        assertThat(measured.judgedName()).isNotBlank();
        for (View view : View.values()) {
            assertThat(measured.picture(view).template()).isNotBlank();
            assertThat(measured.picture(view).title()).isNotBlank();
        }
        assertThat(measured.assessment().verdict().outcome())
                .as("nothing is asked")
                .isIn(
                        Outcome.RECORDED,
                        layout.answered() && what == Characteristic.FUNCTIONAL_FIT ? Outcome.FAIL : Outcome.RECORDED);
    }

    /** The same lengths typed in another unit come to the same figure. */
    @ParameterizedTest
    @MethodSource("everyLayout")
    void doesNotDependOnTheUnitThatIsTyped(Characteristic what, LayoutKind layout) {
        if (layout.answered()) {
            return;
        }
        double micrometres = judged(form(what, layout, ReadingUnit.MICROMETRE, LengthUnit.MILLIMETRE, ""));
        for (ReadingUnit unit : new ReadingUnit[] {ReadingUnit.MILLIMETRE, ReadingUnit.INCH, ReadingUnit.TENTH}) {
            assertThat(judged(form(what, layout, unit, LengthUnit.MILLIMETRE, "")))
                    .as(unit.symbol())
                    .isCloseTo(micrometres, within(1e-6));
        }
    }

    /** A limit far away passes, one that nothing can keep fails; the picture of the verdict shows both. */
    @ParameterizedTest
    @MethodSource("everyLayout")
    void judgesAgainstTheLimitThatIsTyped(Characteristic what, LayoutKind layout) {
        if (layout.answered() || what.angular() || !what.limits().contains(LimitKind.MAXIMUM)) {
            return;
        }
        assertThat(verdict(what, layout, "5")).isEqualTo(Outcome.PASS);
        assertThat(verdict(what, layout, "0.0001")).isEqualTo(Outcome.FAIL);
    }

    /** A figure exactly on its limit does not fail, and with an uncertainty it does not pass either. */
    @ParameterizedTest
    @MethodSource("everyLayout")
    void onItsLimitAFigureIsNotProven(Characteristic what, LayoutKind layout) {
        if (layout.answered() || what.angular() || !what.limits().contains(LimitKind.MAXIMUM)) {
            return;
        }
        double figure = Math.abs(judged(form(what, layout, ReadingUnit.MICROMETRE, LengthUnit.MILLIMETRE, "5")));
        String limit = BigDecimal.valueOf(figure)
                .movePointLeft(3)
                .setScale(9, java.math.RoundingMode.HALF_UP)
                .toPlainString();
        assertThat(verdict(what, layout, limit))
                .as(what + " " + layout + " " + limit)
                .isEqualTo(Outcome.NOT_PROVEN);
    }

    /** 20.0 ± 70.7 does not keep a limit of 20. */
    @Test
    void whatIsPrintedBesideTheFigureIsWhatItIsDecidedWith() {
        MeasureForm coarse = typed("what=CIRCULAR_RUNOUT_RADIAL&layout=RING&first=8"
                + "&readings=0 5 10 15 20 15 10 5 0&readingUnit=MICROMETRE&graduation=50&upper=0.020");
        Measured measured = Measured.of(coarse.filled());
        assertThat(measured.assessment().verdict().outcome()).isEqualTo(Outcome.NOT_PROVEN);
        assertThat(measured.assessment().verdict().rule()).isEqualTo(DecisionRule.STRINGENT);
    }

    @ParameterizedTest
    @CsvSource({
        "FLATNESS, POINTS, A 0 0; B 80 0; C 40 60, 0 4 7 0",
        "STRAIGHTNESS, LINE, 0 100, 0 9 0",
        "CIRCULAR_RUNOUT_RADIAL, RING, 0 180, 0 9 0"
    })
    void tooFewPlacesGiveNoVerdict(Characteristic what, LayoutKind layout, String first, String readings) {
        MeasureForm form = typed("what=" + what + "&layout=" + layout + "&first=" + first + "&readings=" + readings
                + "&readingUnit=MICROMETRE&graduation=1&upper=0.020");
        Measured measured = Measured.of(form.filled());
        assertThat(measured.problems()).isEmpty();
        assertThat(measured.reduced()).isFalse();
        assertThat(measured.assessment().missing()).isPresent();
        assertThat(measured.assessment().verdict().outcome()).isEqualTo(Outcome.NOT_PROVEN);
    }

    /** A deviation typed where nothing says from which size is no size of the part. */
    @ParameterizedTest
    @ValueSource(strings = {"-12 -8 -9 -10 -11 -12", "12 8 9 10 11 12"})
    void aDeviationWithoutAMasterIsNoSize(String readings) {
        MeasureForm form = typed("what=OUTSIDE_SIZE&layout=RINGS&first=10 60 110&second=0 90" + "&readings=" + readings
                + "&readingUnit=MICROMETRE&graduation=1&lower=44.980&upper=45.020");
        assertThat(Measured.of(form.filled()).problems()).containsOnlyKeys("readings");
    }

    /** With a master a whole size would be counted twice. */
    @Test
    void aWholeSizeWithAMasterIsNoDeviation() {
        String shaft = "what=OUTSIDE_SIZE&layout=POINTS&first=a&readingUnit=MILLIMETRE&graduation=0.001&setTo=45"
                + "&lower=44.980&upper=45.020&readings=";
        assertThat(Measured.of(typed(shaft + "45.003").filled()).problems()).containsOnlyKeys("readings");
        assertThat(judged(typed(shaft + "0.003").filled())).isCloseTo(45_003, within(1e-6));
    }

    /** A level tells rises over the length it is divided for; without it a reading says nothing. */
    @Test
    void aLevelNeedsTheLengthItIsDividedFor() {
        MeasureForm bed = typed("what=STRAIGHTNESS&layout=LINE&first=200 400 600"
                + "&readings=10 20 -5&readingUnit=MICROMETRE&graduation=1&zeroing=EACH_STEP");
        assertThat(Measured.of(bed.filled()).problems()).containsOnlyKeys("span");
    }

    @ParameterizedTest
    @CsvSource({
        "PHASE_ANGLE, '', 120, upper",
        "PHASE_ANGLE, '', 90, upper",
        "CIRCULAR_RUNOUT_RADIAL, '', -0.02, upper",
        "OUTSIDE_SIZE, 45.02, 45.01, lower",
        "OUTSIDE_SIZE, '', 45.01, lower",
        "FLATNESS, -0.01, 0.02, lower"
    })
    void limitsHaveTheRulesOfDrawings(Characteristic what, String lower, String upper, String field) {
        MeasureForm form = typed("what=" + what + "&radius=22&lower=" + lower + "&upper=" + upper);
        assertThat(Measured.of(form.filled()).problems()).containsKey(field);
    }

    /** A pin says of a hole what the pin is made to. */
    @Test
    void pinsNeedTheClassTheyAreMadeTo() {
        String pins = "what=PIN_CHECK&layout=PINS&first=11.99 12.00&readings=yes no&lower=11.98&upper=12.02";
        assertThat(Measured.of(typed(pins).filled()).problems()).containsOnlyKeys("pinClass");
        assertThat(Measured.of(typed(pins + "&pinClass=0.001").filled()).problems())
                .isEmpty();
    }

    /** Pins of exactly the limits prove what they bracket; nothing of a dial is among their uncertainty. */
    @Test
    void aBracketThatIsItsLimitsPasses() {
        Answer pins = Sheets.answer(
                "pins",
                "layout=PINS&first=12.00 12.01&readings=yes no&lower=12.00&upper=12.01&pinClass=0&graduation=7");
        assertThat(pins.outcome()).contains(Outcome.PASS);
        assertThat(pins.headline()).isEqualTo("Middle of the bracket 12.0050 mm");
        assertThat(pins.known()).startsWith("± 0.0050 mm");
        assertThat(Sheets.answer(
                                "pins",
                                "layout=PINS&first=12.00 12.01&readings=yes no&lower=12.00&upper=12.009&pinClass=0")
                        .outcome())
                .contains(Outcome.NOT_PROVEN);
    }

    /** Pins keep their exact sizes whatever the unit of the page, and are refused where units are mixed. */
    @Test
    void pinsAreAsLargeAsTheyAreWritten() {
        Answer inch = Sheets.answer(
                "pins",
                "layout=PINS&unit=INCH&first=12.00 mm 12.01 mm&readings=yes no&lower=12.00 mm&upper=12.01 mm&pinClass=0");
        assertThat(inch.outcome()).contains(Outcome.PASS);
        assertThat(Sheets.of("pins", "layout=PINS&first=12.00 0.473 in&readings=yes no&pinClass=0")
                        .problems())
                .containsOnlyKeys("first");
    }

    /** A lower limit typed with a unit of its own still tells a size from a deviation. */
    @ParameterizedTest
    @CsvSource({"inch, 12, true", "inch, 25390, false", "mm, 0.5, false"})
    void theLowerLimitIsReadInTheUnitTypedBesideIt(String unit, String reading, boolean refused) {
        String lower = unit.equals("mm") ? "0.4" : "0.999";
        Measured measured = Measured.of(typed("what=OUTSIDE_SIZE&layout=POINTS&first=a&graduation=1&readings=" + reading
                        + "&readingUnit=" + (unit.equals("mm") ? "MILLIMETRE" : "MICROMETRE") + "&lower=" + lower + " "
                        + unit + "&upper=1.001 " + unit)
                .filled());
        assertThat(measured.problems().containsKey("readings")).isEqualTo(refused);
    }

    private static Outcome verdict(Characteristic what, LayoutKind layout, String atMost) {
        Measured measured = Measured.of(form(what, layout, ReadingUnit.MICROMETRE, LengthUnit.MILLIMETRE, atMost));
        assertThat(measured.rule().drawn()).isTrue();
        return measured.assessment().verdict().outcome();
    }

    private static double judged(MeasureForm form) {
        return Measured.of(form).assessment().reduction().orElseThrow().judged();
    }

    private static MeasureForm form(
            Characteristic what, LayoutKind layout, ReadingUnit readIn, LengthUnit unit, String upper) {
        MeasureForm empty = typed(what, layout, readIn, unit, upper, "").filled();
        return typed(
                        what,
                        layout,
                        readIn,
                        unit,
                        upper,
                        readings(what, layout, readIn, Measured.of(empty).expected()))
                .filled();
    }

    /** The same lengths whatever the unit; the return, where there is one, is the first again. */
    private static String readings(Characteristic what, LayoutKind layout, ReadingUnit readIn, int count) {
        Random random = new Random(SEED);
        if (what == Characteristic.PIN_CHECK) {
            return IntStream.range(0, count)
                    .mapToObj(i -> layout == LayoutKind.PINS
                            ? i < count / 2 ? "yes" : "no"
                            : typed((SIZE_MM + i % 2 * 0.01) * 1000, readIn))
                    .collect(Collectors.joining(" "));
        }
        if (what == Characteristic.GAP) {
            return IntStream.range(0, count)
                    .mapToObj(i -> typed(50 + i % 2 * 10, readIn))
                    .collect(Collectors.joining(" "));
        }
        if (layout.answered()) {
            return "yes ".repeat(count);
        }
        double base = what.readsSizes() ? SIZE_MM * 1000 : 0;
        double[] lengths = IntStream.range(0, count)
                .mapToDouble(i -> base + Math.rint(random.nextDouble() * 400) + 2 * i)
                .toArray();
        for (int i = 1; i < count && layout.watched(); i += 2) {
            lengths[i] = lengths[i - 1] + 200 + i;
        }
        if (what.layouts().contains(layout) && !what.readsSizes() && layout.returns()) {
            lengths[count - 1] = lengths[0];
        }
        return Arrays.stream(lengths).mapToObj(length -> typed(length, readIn)).collect(Collectors.joining(" "));
    }

    private static String typed(double micrometres, ReadingUnit readIn) {
        BigDecimal unit = readIn.length().orElseThrow().micrometres();
        return Display.plain(micrometres / unit.doubleValue(), 12);
    }

    /** @param query the fields as in the address of a calculator */
    static MeasureForm typed(String query) {
        return FormFields.bind(MeasureForm.class, Query.fields(query));
    }

    /** @param readings µm, no limit asked */
    static MeasureForm typed(Characteristic what, LayoutKind layout, String readings) {
        return typed(what, layout, ReadingUnit.MICROMETRE, LengthUnit.MILLIMETRE, "", readings);
    }

    private static MeasureForm typed(
            Characteristic what,
            LayoutKind layout,
            ReadingUnit readIn,
            LengthUnit unit,
            String upper,
            String readings) {
        boolean steps = layout == LayoutKind.STEPS;
        return typed("what=" + what + "&layout=" + layout + "&unit=" + unit + "&readings=" + readings + "&readingUnit="
                + readIn + "&graduation=1&size=50&radius=60&pinClass=0.001&upper=" + upper + "&span="
                + (steps ? "" : "300"));
    }
}
