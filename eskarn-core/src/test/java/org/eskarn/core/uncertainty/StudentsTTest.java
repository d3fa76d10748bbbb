package org.eskarn.core.uncertainty;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.distribution.continuous.TDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class StudentsTTest {

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 9, 20, 101, 1000})
    void agreesWithAnotherWayOfWorkingItOut(int freedom) {
        StudentsT law = new StudentsT(freedom);
        TDistribution other = new TDistribution(freedom);
        for (double z = -15; z <= 15; z += 0.37) {
            assertThat(law.below(z)).isCloseTo(other.cumulativeProbability(z), within(1e-11));
            assertThat(law.density(z)).isCloseTo(other.density(z), within(1e-11));
        }
    }

    /** The slope of H is F. */
    @ParameterizedTest
    @ValueSource(doubles = {1, 2, 7, 40, Double.POSITIVE_INFINITY})
    void theSumRisesByTheProbability(double freedom) {
        StudentsT law = new StudentsT(freedom);
        double step = 1e-4;
        for (double z = -8; z <= 8; z += 0.5) {
            double slope =
                    (law.sum(z + step, law.below(z + step)) - law.sum(z - step, law.below(z - step))) / (2 * step);
            assertThat(slope).isCloseTo(law.below(z), within(1e-7));
        }
    }

    @Test
    void partOfADegreeIsRefused() {
        assertThatThrownBy(() -> new StudentsT(2.5)).hasMessageContaining("2.5");
        assertThatThrownBy(() -> new StudentsT(0)).hasMessageContaining("0.0");
    }
}
