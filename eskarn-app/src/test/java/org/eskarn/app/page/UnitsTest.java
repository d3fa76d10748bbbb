package org.eskarn.app.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.eskarn.core.units.LengthUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class UnitsTest {

    @ParameterizedTest
    @CsvSource({
        "AS_DRAWN, MICROMETRE, MICROMETRE",
        "AS_DRAWN, TENTH, TENTH",
        "METRIC, TENTH, MICROMETRE",
        "METRIC, INCH, MILLIMETRE",
        "METRIC, MICROMETRE, MICROMETRE",
        "INCH, MICROMETRE, TENTH",
        "INCH, MILLIMETRE, INCH",
        "INCH, THOU, THOU"
    })
    void aPersonSeesTheUnitsTheyChose(Units units, LengthUnit drawn, LengthUnit shown) {
        assertThat(units.shown(drawn)).isEqualTo(shown);
    }

    @Test
    void theButtonGoesRound() {
        assertThat(Units.AS_DRAWN.next().next().next()).isEqualTo(Units.AS_DRAWN);
    }

    @ParameterizedTest
    @CsvSource({"0", "0.25", "-1.5", "30"})
    void anAngleIsSaidInDegreesOnItsRadiusAndScalesBack(double degrees) {
        Display display = new Display(LengthUnit.MILLIMETRE, 100_000);
        double sideways = 100_000 * Math.sin(Math.toRadians(degrees));
        assertThat(display.of(sideways)).isCloseTo(degrees, within(1e-9));
        assertThat(display.micrometres(degrees)).isCloseTo(sideways, within(1e-6));
        assertThat(display.symbol()).isEqualTo("°");
        assertThat(display.companion().symbol()).isEqualTo("mm");
    }
}
