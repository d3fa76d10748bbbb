package org.eskarn.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.List;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SweepTest {

    @Test
    void wholeHeightsLessTheFirstAreDeviations() throws LayoutRejected {
        Layout three = new WrittenLayout(LayoutKind.POINTS, LengthUnit.MILLIMETRE, "A; B; C", "").read(List.of());
        List<Reading> heights = List.of(
                Reading.still(three.stations().get(0), 42_310),
                new Reading(three.stations().get(1), 42_320, 2),
                Reading.still(three.stations().get(2), 42_290));
        Sweep less = new Sweep(three, heights, 42_311.0).fromFirst();
        assertThat(less.micrometres()).containsExactly(0, 10, -20);
        assertThat(less.readings().get(1).halfBand()).isEqualTo(2);
        assertThat(less.atReturn()).isEqualTo(1);
    }

    private static final Layout THREE = new Layout(
            LayoutKind.RING,
            LengthUnit.MILLIMETRE,
            List.of(
                    Station.round(1, BigDecimal.ZERO),
                    Station.round(2, BigDecimal.valueOf(120)),
                    Station.round(3, BigDecimal.valueOf(240))),
            true);

    private static Sweep sweep(@Nullable Double atReturn, double... micrometres) {
        List<Reading> readings = java.util.stream.IntStream.range(0, micrometres.length)
                .mapToObj(i -> Reading.still(THREE.stations().get(i % 3), micrometres[i]))
                .toList();
        return new Sweep(THREE, readings, atReturn);
    }

    @Test
    void leadsFromStationToStationAndBackToTheFirst() {
        assertThat(sweep(null).next()).contains(THREE.stations().get(0));
        assertThat(sweep(null, 0, 5).next()).contains(THREE.stations().get(2));
        assertThat(sweep(null, 0, 5, 3).next()).contains(THREE.stations().get(0));
        assertThat(sweep(0.5, 0, 5, 3).next()).isEmpty();
    }

    @Test
    void aLayoutWithoutReturnIsCompleteAtItsLastStation() {
        Layout sizes = THREE.returning(false);
        Sweep whole = new Sweep(sizes, sweep(null, 0, 5, 3).readings(), null);
        assertThat(whole.complete()).isTrue();
        assertThatThrownBy(() -> new Sweep(sizes, whole.readings(), 0.5)).hasMessageContaining("where there is one");
    }

    @Test
    void theReturnErrorIsLastMinusFirstWhateverTheZero() {
        assertThat(sweep(10.5, 12, 5, 3).returnError()).hasValue(-1.5);
        assertThat(sweep(null, 12, 5, 3).returnError()).isEmpty();
    }

    @Test
    void refusesReadingsThatDoNotFollowTheLayout() {
        assertThatThrownBy(() -> sweep(1.0, 0, 5)).hasMessageContaining("after the last station");
        assertThatThrownBy(() -> sweep(null, 0, 5, 3, 4)).hasMessageContaining("4 readings");
        assertThatThrownBy(() ->
                        new Sweep(THREE, List.of(Reading.still(THREE.stations().get(1), 0)), null))
                .hasMessageContaining("not of station 1");
        assertThatThrownBy(() -> Reading.still(THREE.stations().get(1), Double.NaN))
                .hasMessageContaining("NaN");
        assertThatThrownBy(() -> Station.round(1, BigDecimal.valueOf(360))).hasMessageContaining("360");
        assertThatThrownBy(() -> new Layout(LayoutKind.RING, LengthUnit.MILLIMETRE, List.of(), true))
                .hasMessageContaining("at least one station");
    }

    @ParameterizedTest
    @CsvSource({"1, 20, 2", "10, 20, 5", "2, 5, 1", "0.1, 0.5, 0.05"})
    void theUsualReturnIsTheLargerOfHalfAGraduationAndATenthOfTheTolerance(
            double graduation, double tolerance, double allowed) {
        assertThat(ReturnCheck.usuallyAllowed(graduation, tolerance)).isEqualTo(allowed);
        assertThat(new ReturnCheck(-allowed, allowed).holds()).isTrue();
        assertThat(new ReturnCheck(allowed + 0.001, allowed).holds()).isFalse();
    }
}
