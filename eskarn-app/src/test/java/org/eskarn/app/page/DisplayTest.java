package org.eskarn.app.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.eskarn.core.units.LengthUnit;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class DisplayTest {

    @ParameterizedTest
    @CsvSource({
        "14.5,   MICROMETRE, +14.5",
        "-0.04,  MICROMETRE, 0.0",
        "-2.5,   MICROMETRE, −2.5",
        "36.83,  TENTH,      +14.5",
        "-76.2,  THOU,       −3.00",
        "20,     MILLIMETRE, +0.0200",
        "0,      INCH,       0.00000"
    })
    void saysReadingsWithTheirSignAndOneNumberOfDecimals(double micrometres, LengthUnit unit, String said) {
        assertThat(new Display(unit).signed(micrometres)).isEqualTo(said);
        assertThat(new Display(unit).amount(micrometres)).isEqualTo(said.replace("+", ""));
    }

    @ParameterizedTest
    @EnumSource
    void goesThereAndBack(LengthUnit unit) {
        Display display = new Display(unit);
        assertThat(display.micrometres(display.of(12.7))).isCloseTo(12.7, within(1e-12));
        assertThat(display.companion().unit().metric()).isNotEqualTo(unit.metric());
    }
}
