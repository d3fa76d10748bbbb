package org.eskarn.core.gauge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;
import org.eskarn.core.reading.AnswerParser;
import org.eskarn.core.reading.EntryParser;
import org.eskarn.core.reading.EntryRejected;
import org.eskarn.core.reading.ReadingUnit;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class DialTest {

    private static final Dial MICROMETER = new Dial(
            Length.of("0.001", LengthUnit.MILLIMETRE),
            Length.of("0.002", LengthUnit.MILLIMETRE),
            Length.of("25", LengthUnit.MILLIMETRE),
            Optional.of(Length.of("25", LengthUnit.MILLIMETRE)));

    @ParameterizedTest
    @ValueSource(strings = {"25", "45.0125", "50.000", "1.5 in", "25/50"})
    void aSizeWithinTheRangeIsRead(String typed) throws EntryRejected {
        assertThat(MICROMETER
                        .read(EntryParser.parse(typed, ReadingUnit.MILLIMETRE))
                        .micrometres())
                .isBetween(25_000.0, 50_000.0);
    }

    @ParameterizedTest
    @ValueSource(strings = {"24.9999", "50.0001", "4.5012", "1.5 mm", "24/30", "-45"})
    void oneOutOfItIsASlipOfTheFingerOrTheUnit(String typed) {
        assertThatThrownBy(() -> MICROMETER.read(EntryParser.parse(typed, ReadingUnit.MILLIMETRE)))
                .isInstanceOf(EntryRejected.class)
                .hasMessageContaining("core.is-out-of-this-gauge-s-range");
    }

    @ParameterizedTest
    @CsvSource({"yes, 1", "Y, 1", "1, 1", "no, 0", "N, 0", "' 0 ', 0"})
    void answersAreOneOrZero(String typed, int number) throws EntryRejected {
        assertThat(AnswerParser.parse(typed).amount()).isEqualByComparingTo(Integer.toString(number));
        assertThat(AnswerParser.parse(typed).unit()).isEqualTo(ReadingUnit.ANSWER);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "maybe", "2", "yesno"})
    void nothingElseIsAnAnswer(String typed) {
        assertThatThrownBy(() -> AnswerParser.parse(typed)).hasMessageContaining("type-1-for-yes");
    }

    @Test
    void twoDialsOfAPairAreAsUncertainAsBothTogether() {
        Dial bore = new Dial(
                Length.of("1", LengthUnit.MICROMETRE),
                Length.of("3", LengthUnit.MICROMETRE),
                Length.of("800", LengthUnit.MICROMETRE));
        Dial snap = new Dial(
                Length.of("0.5", LengthUnit.TENTH),
                Length.of("4", LengthUnit.MICROMETRE),
                Length.of("40", LengthUnit.TENTH));
        for (Dial pair : new Dial[] {Dial.ofPair(bore, snap), Dial.ofPair(snap, bore)}) {
            assertThat(pair.errorLimit().micrometres()).isEqualTo(5);
            assertThat(pair.graduation()).isEqualTo(snap.graduation());
            assertThat(pair.travel()).isEqualTo(snap.travel());
        }
    }
}
