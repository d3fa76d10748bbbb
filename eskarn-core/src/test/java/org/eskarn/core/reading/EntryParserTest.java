package org.eskarn.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.EntryRejected.Reason;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EntryParserTest {

    private static final Dial TWO_MICRON = new Dial(
            Length.of("2", LengthUnit.MICROMETRE),
            Length.of("3", LengthUnit.MICROMETRE),
            Length.of("200", LengthUnit.MICROMETRE));

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            5         | 5     | MICROMETRE | 5
            +3.50     | 3.50  | MICROMETRE | 3.50
            -2,5      | -2.5  | MICROMETRE | -2.5
            −7        | -7    | MICROMETRE | -7
            .5        | 0.5   | MICROMETRE | 0.5
            4.        | 4     | MICROMETRE | 4
            - 1       | -1    | MICROMETRE | -1
            0.012 mm  | 0.012 | MILLIMETRE | 12.000
            3 thou    | 3     | THOU       | 76.2
            +1.5tenths| 1.5   | TENTH      | 3.810
            0.0005"   | 0.0005| INCH       | 12.7000
            7 div     | 7     | DIVISION   | 14
            8 μm      | 8     | MICROMETRE | 8
            """)
    void readsWhatPeopleType(String typed, BigDecimal number, ReadingUnit unit, BigDecimal micrometres)
            throws EntryRejected {
        Entry entry = EntryParser.parse("  " + typed + " ", ReadingUnit.MICROMETRE);
        assertThat(entry.typed()).isEqualTo(typed.strip());
        assertThat(entry.amount()).isEqualByComparingTo(number);
        assertThat(entry.unit()).isEqualTo(unit);
        assertThat(TWO_MICRON.read(entry).exactMicrometres()).isEqualByComparingTo(micrometres);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            3/5            | 3   | 4    | 5
            5/3            | 3   | 4    | 5
            -1,5 / +2      | -1.5| 0.25 | 2
            0.003/0.005 mm | 3   | 4    | 5
            3 µm/5 µm      | 3   | 4    | 5
            2/3 div        | 4   | 5    | 6
            """)
    void readsABandOfAFlickeringNeedle(String typed, BigDecimal low, BigDecimal middle, BigDecimal high)
            throws EntryRejected {
        Entry entry = EntryParser.parse(typed, ReadingUnit.MICROMETRE);
        Length graduation = TWO_MICRON.graduation();
        assertThat(entry.low(graduation).exactMicrometres()).isEqualByComparingTo(low);
        assertThat(TWO_MICRON.read(entry).exactMicrometres()).isEqualByComparingTo(middle);
        assertThat(entry.high(graduation).exactMicrometres()).isEqualByComparingTo(high);
        assertThat(entry.typed()).isEqualTo(typed.strip());
    }

    @Test
    void keepsTheNumberAsTyped() throws EntryRejected {
        assertThat(EntryParser.parse("+3.50", ReadingUnit.TENTH).amount().toPlainString())
                .isEqualTo("3.50");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            ''           | EMPTY             | core.nothing-was-typed-type-what-the-dial
            '   '        | EMPTY             | core.nothing-was-typed-type-what-the-dial
            abc          | NOT_A_NUMBER      | core.is-not-a-number-type-digits-with
            +            | NOT_A_NUMBER      | core.is-not-a-number-type-digits-with
            --3          | TWO_SIGNS         | core.has-two-signs-type-one-for-plunger
            +-3          | TWO_SIGNS         | core.has-two-signs-type-one-for-plunger
            3-           | TWO_SIGNS         | core.has-a-sign-after-the-number-type
            1.2.3        | TWO_DECIMAL_MARKS | core.has-two-decimal-marks-type-one-point
            1,2.3        | TWO_DECIMAL_MARKS | core.has-two-decimal-marks-type-one-point
            3 4          | SEVERAL_NUMBERS   | core.holds-more-than-one-number-type-one
            3 µm 4 µm    | SEVERAL_NUMBERS   | core.holds-more-than-one-number-type-one
            3 furlongs   | UNKNOWN_UNIT      | core.is-no-unit-known-here-type-the
            3abc         | UNKNOWN_UNIT      | core.is-no-unit-known-here-type-the
            1234567890123456789012345 | TOO_LONG | core.that-is-too-long-for-one-reading
            3/           | BAND_INCOMPLETE   | core.is-not-a-band-type-the-lowest
            /5           | BAND_INCOMPLETE   | core.is-not-a-band-type-the-lowest
            1/2/3        | BAND_INCOMPLETE   | core.is-not-a-band-type-the-lowest
            3 mm/5 µm    | TWO_UNITS         | core.has-two-units-type-both-ends-of
            3/--5        | TWO_SIGNS         | core.has-two-signs-type-one-for-plunger
            190/210      | BEYOND_TRAVEL     | core.is-more-than-this-gauge-s-travel
            250          | BEYOND_TRAVEL     | core.is-more-than-this-gauge-s-travel
            -0.3 mm      | BEYOND_TRAVEL     | core.is-more-than-this-gauge-s-travel
            """)
    void saysWhatToTypeInstead(String typed, Reason reason, String says) {
        assertThatThrownBy(() -> TWO_MICRON.read(EntryParser.parse(typed, ReadingUnit.MICROMETRE)))
                .isInstanceOfSatisfying(
                        EntryRejected.class, e -> assertThat(e.reason()).isEqualTo(reason))
                .hasMessageStartingWith(says);
    }
}
