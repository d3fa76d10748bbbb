package org.eskarn.app.field;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.eskarn.app.field.Field.Option;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FieldsTest {

    private static final List<Field> ASKED = List.of(
            Field.unit("unit", "Unit", List.of(LengthUnit.MILLIMETRE, LengthUnit.INCH), Quantity.SIZE, Quantity.SMALL)
                    .usually("MILLIMETRE"),
            Field.size("size", "Size"),
            Field.small("gap", "Gap").usually("5"),
            Field.size("block", "Block").in(LengthUnit.MICROMETRE),
            Field.temperature("oven", "Oven"),
            Field.of("own", "Coefficient", Quantity.PER_MILLION_AND_KELVIN).within(0.1, 200),
            Field.chosen("way", "Way", () -> List.of(new Option("UP", "up"), new Option("DOWN", "down")))
                    .usually("UP"),
            Field.text("name", "Name"));

    private static Fields typed(String... pairs) {
        Map<String, String> typed = new java.util.HashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            typed.put(pairs[i], pairs[i + 1]);
        }
        return Fields.of(ASKED, typed);
    }

    @Test
    void whatWasNotSentIsUsualAndWhatWasClearedIsNothing() {
        assertThat(typed().shown("gap")).isEqualTo("5");
        assertThat(typed("gap", " ").empty("gap")).isTrue();
        assertThat(typed().text("way")).isEqualTo("UP");
        assertThat(typed().empty("size")).isTrue();
    }

    @Test
    void aFieldThatIsNotAskedCountsForNothing() {
        Fields fields = typed("elsewhere", "7");
        assertThat(fields.empty("elsewhere")).isTrue();
        assertThat(fields.number("elsewhere")).isNull();
        assertThat(fields.sent()).containsEntry("elsewhere", "7");
    }

    @Test
    void everyFieldHasItsUnit() {
        Fields metric = typed("size", "2", "gap", "3", "block", "4");
        assertThat(metric.size("size", "a size")).isEqualTo(Length.of("2", LengthUnit.MILLIMETRE));
        assertThat(metric.signed("gap")).isEqualTo(3);
        assertThat(metric.length("block")).isEqualTo(Length.of("4", LengthUnit.MICROMETRE));
        Fields inch = typed("unit", "INCH", "size", "2", "gap", "3", "block", "4");
        assertThat(inch.size("size", "a size")).isEqualTo(Length.of("2", LengthUnit.INCH));
        assertThat(inch.signed("gap")).isEqualTo(7.62);
        assertThat(inch.length("block")).isEqualTo(Length.of("4", LengthUnit.MICROMETRE));
        assertThat(ASKED.stream().map(inch::symbol)).containsExactly("", "in", "tenths", "µm", "°C", "10⁻⁶/K", "", "");
    }

    @Test
    void anotherUnitRestatesWhatIsTypedInItAndNothingElse() {
        Fields fields = typed(
                "unit",
                "INCH",
                "unitBefore",
                "MILLIMETRE",
                "size",
                "50.8",
                "gap",
                "6",
                "block",
                "50.8",
                "name",
                "50.8");
        assertThat(fields.shown("size")).isEqualTo("2");
        assertThat(fields.shown("gap")).isEqualTo("6 µm");
        assertThat(fields.shown("block")).isEqualTo("50.8");
        assertThat(fields.shown("name")).isEqualTo("50.8");
        assertThat(Fields.changed(ASKED, Map.of("unit", "INCH", "unitBefore", "MILLIMETRE")))
                .extracting(Field::name)
                .containsExactly("unit");
        assertThat(Fields.changed(ASKED, Map.of("unit", "INCH", "unitBefore", "FURLONG")))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"oven, 5000", "oven, -300", "oven, 900 K 3", "own, 0", "own, 201", "own, x"})
    void whatIsOutOfRangeIsSaidAtItsField(String field, String text) {
        Fields fields = typed(field, text);
        if (field.equals("oven")) {
            fields.temperature("oven", 20);
        } else {
            fields.number("own");
        }
        assertThat(fields.readable()).isFalse();
        assertThat(fields.problems()).containsOnlyKeys(field);
    }

    @Test
    void aChoiceThatIsNoneIsAProblemAtOnce() {
        assertThat(typed("way", "SIDEWAYS").problems()).containsOnlyKeys("way");
        assertThat(typed("unit", "CUBIT").problems()).containsOnlyKeys("unit");
        assertThat(typed("way", "DOWN").problems()).isEmpty();
    }

    /** Only what was reckoned with is used; a choice is never called unused, nor what stands there by itself. */
    @Test
    void whatNobodyReckonedWithIsKnown() {
        Fields fields = typed("size", "2", "gap", "7", "name", "A", "way", "DOWN");
        fields.size("size", "a size");
        fields.empty("gap");
        assertThat(fields.unused()).extracting(Field::name).containsExactly("gap", "name");
        fields.signed("gap");
        fields.text("name");
        assertThat(fields.unused()).isEmpty();
        fields.ignore("name");
        assertThat(fields.unused()).extracting(Field::name).containsExactly("name");
        assertThat(typed().unused()).isEmpty();
    }

    @Test
    void severalLengthsKeepTheirUnitsAndTheirOrder() {
        Fields fields = typed("size", "2 thou 3; 0,5 mm", "gap", "-1 2 thou");
        assertThat(fields.sizes("size")).containsExactly(50.8, 3000.0, 500.0);
        assertThat(fields.lengths("gap")).extracting(Length::micrometres).containsExactly(-1.0, 50.8);
        assertThat(typed("size", "2 x").sizes("size")).containsExactly(2000.0);
        Fields wrong = typed("size", "2 -1");
        wrong.sizes("size");
        assertThat(wrong.problems()).containsOnlyKeys("size");
    }
}
