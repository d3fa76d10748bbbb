package org.eskarn.core.gauge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import org.eskarn.core.reading.EntryParser;
import org.eskarn.core.reading.EntryRejected;
import org.eskarn.core.reading.ReadingUnit;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A bore gauge in µm set to 72.000 mm, travel 800 µm, 30 µm allowed; and one in tenths set to 0.7500 in. */
class WholeSizeTypedTest {

    private static final Dial METRIC = new Dial(
            Length.of("1", LengthUnit.MICROMETRE),
            Length.of("2", LengthUnit.MICROMETRE),
            Length.of("800", LengthUnit.MICROMETRE));
    private static final Length RING = Length.of("72.000", LengthUnit.MILLIMETRE);
    private static final Dial INCH = new Dial(
            Length.of("1", LengthUnit.TENTH), Length.of("1", LengthUnit.TENTH), Length.of("300", LengthUnit.TENTH));
    private static final Length BUSH = Length.of("0.7500", LengthUnit.INCH);

    private static void check(String typed) throws EntryRejected {
        WholeSizeTyped.check(
                EntryParser.parse(typed, ReadingUnit.MICROMETRE), ReadingUnit.MICROMETRE, METRIC, RING, 30);
    }

    @ParameterizedTest
    @CsvSource({"72.004, 0.004", "71.9985, -0.0015", "72.004 mm, 0.004", "2.8346 in, -0.00116"})
    void aWholeSizeIsAskedAboutAndItsDeviationNamed(String typed, String deviation) {
        WholeSizeTyped asked = catchThrowableOfType(WholeSizeTyped.class, () -> check(typed));
        assertThat(asked.deviation()).isEqualTo(Length.of(deviation, LengthUnit.MILLIMETRE));
        assertThat(asked).hasMessageContaining("core.looks-like-a-whole-size-the-gauge");
    }

    @ParameterizedTest
    @ValueSource(strings = {"4", "-72", "0", "70/72", "18.5", "72 µm", "0.004 mm", "700", "72.0", "72.7"})
    void aDeviationIsNot(String typed) {
        assertThatCode(() -> check(typed)).doesNotThrowAnyException();
    }

    @ParameterizedTest
    @CsvSource({"0.7512, true", "0.75, true", "12, false", "0.5, false", "-0.75, false"})
    void inInches(String typed, boolean asked) {
        EntryRejected caught = catchThrowableOfType(
                EntryRejected.class,
                () -> WholeSizeTyped.check(
                        EntryParser.parse(typed, ReadingUnit.TENTH), ReadingUnit.TENTH, INCH, BUSH, 25));
        assertThat(caught != null).isEqualTo(asked);
    }
}
