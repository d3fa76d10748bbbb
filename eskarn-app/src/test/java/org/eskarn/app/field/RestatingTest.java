package org.eskarn.app.field;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.eskarn.app.page.TypedQuantity;
import org.eskarn.core.units.LengthUnit;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RestatingTest {

    private static List<BigDecimal> micrometres(String text, LengthUnit usual) {
        List<BigDecimal> lengths = new ArrayList<>();
        for (String word : TypedQuantity.joined(text).split("[\\s;:/]+")) {
            TypedQuantity.length(word, usual)
                    .map(length -> length.exactMicrometres().setScale(9, java.math.RoundingMode.HALF_UP))
                    .ifPresent(lengths::add);
        }
        return lengths;
    }

    /** Whatever the lengths and units: said in another unit they are the same lengths, and said back the same text. */
    @RepeatedTest(100)
    void nothingSaidInAnotherUnitIsAnotherLength(RepetitionInfo info) {
        Random chance = new Random(info.getCurrentRepetition());
        LengthUnit from = LengthUnit.values()[chance.nextInt(5)];
        LengthUnit to = LengthUnit.values()[chance.nextInt(5)];
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < 1 + chance.nextInt(5); i++) {
            text.append(i == 0 ? "" : chance.nextBoolean() ? " " : "; ")
                    .append(chance.nextInt(4) == 0 ? "-" : "")
                    .append(BigDecimal.valueOf(1 + chance.nextInt(99_999), chance.nextInt(5)));
        }
        String said = Restating.LENGTHS.in(text.toString(), from, to);
        assertThat(micrometres(said, to)).isEqualTo(micrometres(text.toString(), from));
        String back = Restating.LENGTHS.in(said, to, from);
        assertThat(micrometres(back, from)).isEqualTo(micrometres(text.toString(), from));
        if (said.contains(from.symbol()) && from != to) {
            assertThat(back).isEqualTo(text.toString());
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "LENGTHS | 25.4 50.8 | MILLIMETRE | INCH | 1 2",
                // One that does not come out even keeps all as they are.
                "LENGTHS | 12.69 12.70 | MILLIMETRE | INCH | 12.69 mm 12.70 mm",
                "LENGTHS | 12.69 mm 12.70 mm | INCH | MILLIMETRE | 12.69 12.70",
                "LENGTHS | +6 −2 | MICROMETRE | MILLIMETRE | +0.006 -0.002",
                "LENGTHS | 12/14 3 | MICROMETRE | MILLIMETRE | 0.012/0.014 0.003",
                "LENGTHS | 12/14 3 | MICROMETRE | TENTH | 12 µm/14 µm 3 µm",
                "LENGTHS | 10: 25.4 50.8; 40: 12.7 | MILLIMETRE | INCH | 10 mm: 25.4 mm 50.8 mm; 40 mm: 12.7 mm",
                "LENGTHS | 2 thou 5 | TENTH | THOU | 2 0.5",
                "LENGTHS | x 5 parsec | MILLIMETRE | INCH | x 5 mm parsec",
                "NAMED | S1 25.4; 2 50.8 76.2 | MILLIMETRE | INCH | S1 1; 2 2 3",
                "NAMED | 25.4 25.5; D7 25 | MILLIMETRE | INCH | 25.4 mm 25.5 mm; D7 25 mm",
                "PLACES | A 0 0; tool 1: a; B 25.4 -50.8 | MILLIMETRE | INCH | A 0 0; tool 1: a; B 1 -2",
                "PLACES | A 0 0 to 100 50.8 in 5; rim round 0 0 at 25.4 in 8 | MILLIMETRE | INCH"
                        + " | A 0 0 to 3.937 2 in 5; rim round 0 0 at 1 in 8",
                "NOMINAL | 32 H7/g6 | MILLIMETRE | INCH | 32 mm H7/g6",
                "NOMINAL | 32 mm H7/g6 | INCH | MILLIMETRE | 32 H7/g6",
                "NOMINAL | 1.5 RC4 | MILLIMETRE | INCH | 1.5 RC4",
                "NOTHING | 25.4 | MILLIMETRE | INCH | 25.4"
            })
    void eachKindOfTextKeepsItsShape(String kind, String text, LengthUnit from, LengthUnit to, String said) {
        Restating restating = switch (kind) {
            case "NAMED" -> Restating.NAMED;
            case "PLACES" -> Restating.PLACES;
            case "NOMINAL" -> Restating.NOMINAL;
            case "LENGTHS" -> Restating.LENGTHS;
            default -> Restating.NOTHING;
        };
        assertThat(restating.in(text, from, to)).isEqualTo(said);
    }
}
