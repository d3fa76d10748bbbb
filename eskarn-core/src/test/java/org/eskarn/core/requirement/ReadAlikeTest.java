package org.eskarn.core.requirement;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ReadAlikeTest {

    @ParameterizedTest
    @EnumSource
    void whatIsReadForOneMeansTheSameEitherWayAndToEachOfAGroup(Characteristic one) {
        assertThat(one.readAs(one)).isTrue();
        for (Characteristic other : Characteristic.values()) {
            assertThat(one.readAs(other)).isEqualTo(other.readAs(one));
            if (one.readAs(other)) {
                assertThat(one.readsSizes()).isEqualTo(other.readsSizes());
                for (Characteristic third : Characteristic.values()) {
                    assertThat(one.readAs(third)).isEqualTo(other.readAs(third));
                }
            }
        }
    }

    /** Both read along a line in steps: of one a step is where the near foot stood, of the other a distance. */
    @Test
    void stepsMeanSomethingToTheirCharacteristicAlone() {
        assertThat(Characteristic.STRAIGHTNESS.readAs(Characteristic.PITCH)).isFalse();
        assertThat(Characteristic.FLATNESS.readAs(Characteristic.STRAIGHTNESS)).isFalse();
        assertThat(Characteristic.CIRCULAR_RUNOUT_RADIAL.readAs(Characteristic.ROUNDNESS))
                .isTrue();
    }
}
