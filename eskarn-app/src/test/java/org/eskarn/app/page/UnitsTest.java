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

    /** 70° less 39.8° is 30.2°, whatever their sines differ by; and what is something is not said to be nothing. */
    @Test
    void figuresLieApartByWhatTheyAreSaidIn() {
        Display angles = new Display(LengthUnit.MICROMETRE, 40_000);
        double seventy = angles.micrometres(70);
        assertThat(angles.apart(seventy, angles.micrometres(39.8))).isEqualTo("30.200");
        assertThat(angles.about(seventy, angles.micrometres(70.1) - seventy)).startsWith("0.1");
        Display lengths = new Display(LengthUnit.MICROMETRE);
        assertThat(lengths.apart(16.9706, 16.97)).isEqualTo("0.001");
        assertThat(lengths.apart(17, 17)).isEqualTo("0.0");
        assertThat(lengths.apart(12, 10)).isEqualTo("2.0");
        assertThat(lengths.about(12, 3)).isEqualTo("3.0");
    }
}
