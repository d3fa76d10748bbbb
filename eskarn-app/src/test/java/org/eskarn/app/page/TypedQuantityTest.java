package org.eskarn.app.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.Random;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TypedQuantityTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2 thou | MILLIMETRE | 0.0508",
                "2thou | MICROMETRE | 50.8",
                "0,05 mm | MICROMETRE | 50",
                "50 µm | MILLIMETRE | 0.05",
                "50 um | MILLIMETRE | 0.05",
                "1.5\" | MILLIMETRE | 38.1",
                "1 in | INCH | 1",
                "38.1 mm | INCH | 1.5",
                "3 tenths | MICROMETRE | 7.62",
                "−3 | MICROMETRE | -3",
                "12.500 | MILLIMETRE | 12.500",
                "1000 mm | MILLIMETRE | 1000"
            })
    void aLengthIsReadInItsOwnUnitAndSaidInTheUsualOne(String typed, LengthUnit usual, String amount) {
        Length length = TypedQuantity.length(typed, usual).orElseThrow();
        assertThat(length.unit()).isEqualTo(usual);
        assertThat(length.amount()).isEqualByComparingTo(amount);
    }

    /** Whatever unit it is typed in, what was meant stays. */
    @RepeatedTest(60)
    void whatWasMeantStaysInEveryUnit(RepetitionInfo info) {
        Random chance = new Random(info.getCurrentRepetition());
        LengthUnit[] units = LengthUnit.values();
        LengthUnit typedIn = units[chance.nextInt(units.length)];
        LengthUnit usual = units[chance.nextInt(units.length)];
        Length meant = new Length(BigDecimal.valueOf(chance.nextInt(2_000_000) - 1_000_000, 4), typedIn);
        String typed = meant.amount().toPlainString() + " " + typedIn.symbol();
        assertThat(TypedQuantity.length(typed, usual).orElseThrow().micrometres())
                .isCloseTo(meant.micrometres(), within(1e-7));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "mm", "5 parsec", "5 mm mm", "1/2 in", "1.2.3", "five", "5 °C", "- 5", "٣ mm", "1e3"})
    void whatIsNoLengthIsNone(String typed) {
        assertThat(TypedQuantity.length(typed, LengthUnit.MILLIMETRE)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "20 | 20",
                "20 C | 20",
                "20 °C | 20",
                "68 F | 20",
                "350 F | 176.667",
                "−40°F | -40",
                "293.15 K | 20"
            })
    void aTemperatureIsReadInItsOwnDegrees(String typed, double celsius) {
        assertThat(TypedQuantity.celsius(typed).orElseThrow().doubleValue()).isCloseTo(celsius, within(1e-3));
    }

    @Test
    void aTemperatureInMetresIsNone() {
        assertThat(TypedQuantity.celsius("20 m")).isEmpty();
        assertThat(TypedQuantity.celsius("warm")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"450, 450", "450 rpm, 450", "450 1/min, 450", "7.5/min, 7.5"})
    void aSpeedIsInTurnsAMinute(String typed, double turns) {
        assertThat(TypedQuantity.turnsPerMinute(typed).orElseThrow().doubleValue())
                .isEqualTo(turns);
    }

    @Test
    void anotherSpeedIsRefused() {
        assertThat(TypedQuantity.turnsPerMinute("450 Hz")).isEmpty();
    }

    /** A blank before a unit does not end the length; one before a number does. */
    @Test
    void severalLengthsStandSideBySide() {
        assertThat(TypedQuantity.joined("32.01 mm 32.02 mm; 1.5 in 2 thou 7"))
                .isEqualTo("32.01mm 32.02mm; 1.5in 2thou 7");
        assertThat(TypedQuantity.joined("10: 32.016 32.020; 40: 32.010")).isEqualTo("10: 32.016 32.020; 40: 32.010");
        assertThat(TypedQuantity.joined("5 inside")).isEqualTo("5 inside");
    }

    @Test
    void aFieldSaysWhatItCannotRead() {
        Typed typed = new Typed(new LinkedHashMap<>());
        assertThat(typed.length("a", " ", LengthUnit.INCH)).isNull();
        assertThat(typed.problems()).isEmpty();
        assertThat(typed.length("b", "5 bananas", LengthUnit.INCH)).isNull();
        assertThat(typed.lengthAbove("c", "0 mm", LengthUnit.INCH, "A size")).isNull();
        assertThat(typed.problems()).containsOnlyKeys("b", "c");
        assertThat(typed.problems().get("b")).contains("“5 bananas” is not a length");
        assertThat(typed.problems().get("c")).startsWith("A size must be greater than zero");
    }
}
