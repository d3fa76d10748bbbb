package org.eskarn.core.uncertainty;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ScatterTest {

    @Test
    void sweepsAndChecksAreTakenTogether() {
        Scatter both = Scatter.of(1, 2).with(Scatter.of(0.8, 8));
        assertThat(both.degreesOfFreedom()).isEqualTo(10);
        assertThat(both.deviation()).isCloseTo(Math.sqrt((2 + 8 * 0.64) / 10), within(1e-12));
        // Sweeps that chance brought close do not make the gauge better than it is.
        assertThat(Scatter.of(0, 2).with(Scatter.of(0.8, 8)).deviation()).isGreaterThan(0.7);
    }

    /** F at 5 % for 1 and 9, 4 and 20 degrees of freedom is 5.12 and 2.87. */
    @ParameterizedTest
    @CsvSource({"2.26, 1, 9, true", "2.27, 1, 9, false", "1.69, 4, 20, true", "1.70, 4, 20, false"})
    void sweepsThatScatterByMoreThanChanceStandAlone(double deviation, double own, double before, boolean together) {
        Scatter sweeps = Scatter.of(deviation, own);
        assertThat(sweeps.with(Scatter.of(1, before)).degreesOfFreedom()).isEqualTo(together ? own + before : own);
    }

    @Test
    void theMeanOfSeveralScattersLess() {
        Scatter mean = Scatter.of(2, 3).ofMean(4, 1);
        assertThat(mean.ofMean()).isEqualTo(1);
        assertThat(mean.deviation()).isEqualTo(2);
        assertThat(Scatter.of(2, 3).with(Scatter.UNKNOWN)).isEqualTo(Scatter.of(2, 3));
    }

    @ParameterizedTest
    @CsvSource({"-1, 2, deviation", "NaN, 2, deviation", "1, 0, degrees of freedom"})
    void whatIsNoScatterIsRefused(double deviation, double freedom, String named) {
        assertThatThrownBy(() -> Scatter.of(deviation, freedom))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(named);
    }
}
