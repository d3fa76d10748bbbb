package org.eskarn.core.round;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class FullIndicatorMovementTest {

    @RepeatedTest(20)
    void isTheLargestDifferenceOfAnyTwoReadings(RepetitionInfo run) {
        double[] readings = Rings.random(run.getCurrentRepetition(), 12).micrometres();
        double largest = 0;
        for (double a : readings) {
            for (double b : readings) {
                largest = Math.max(largest, a - b);
            }
        }
        FullIndicatorMovement movement = FullIndicatorMovement.of(readings);
        assertThat(movement.amount()).isCloseTo(largest, within(1e-12));
        assertThat(readings[movement.highest()] - readings[movement.lowest()]).isEqualTo(movement.amount());
    }

    @Test
    void namesTheFirstOfEquals() {
        assertThat(FullIndicatorMovement.of(new double[] {2, 5, 5, 2})).isEqualTo(new FullIndicatorMovement(3, 1, 0));
    }

    @Test
    void needsAReading() {
        assertThatThrownBy(() -> FullIndicatorMovement.of(new double[0])).hasMessageContaining("there is none");
    }
}
