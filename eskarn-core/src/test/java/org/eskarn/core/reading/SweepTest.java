package org.eskarn.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SweepTest {

    private static final RingLayout THREE = RingLayout.equalSteps(3);

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
    void stationsFoundWhileHuntingComeAfterTheOthers() {
        RingLayout hunted = THREE.extended(List.of(new BigDecimal("101.5"), BigDecimal.ZERO));
        assertThat(hunted.stations().subList(0, 3)).isEqualTo(THREE.stations());
        assertThat(hunted.stations().get(3)).isEqualTo(new Station(4, new BigDecimal("101.5")));
        assertThat(hunted.size()).isEqualTo(5);
        assertThat(THREE.extended(List.of())).isEqualTo(THREE);
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
        assertThatThrownBy(() -> new Station(1, BigDecimal.valueOf(360))).hasMessageContaining("360");
        assertThatThrownBy(() -> RingLayout.of(List.of())).hasMessageContaining("at least one station");
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
