package org.eskarn.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SweepAgreementTest {

    @Test
    void oneOfThreeIsNamedOnlyWhenTheOthersAgreeWithoutIt() {
        assertThat(SweepAgreement.of(new double[] {12, 26, 12.5}, 1).apart()).contains(1);
        assertThat(SweepAgreement.of(new double[] {10, 14, 18}, 1).apart()).isEmpty();
        // Without the first or without the last the others agree: nobody knows which it is.
        assertThat(SweepAgreement.of(new double[] {10, 12, 14}, 1).apart()).isEmpty();
        assertThat(SweepAgreement.of(new double[] {10, 26}, 1).apart()).isEmpty();
        assertThat(SweepAgreement.of(new double[] {10}, 0).agrees()).isTrue();
        assertThat(SweepAgreement.of(new double[] {0, 0, 1}, 0).apart()).contains(2);
        assertThatThrownBy(() -> SweepAgreement.of(new double[0], 1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> SweepAgreement.of(new double[] {1}, Double.NaN))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /** What the factors of the standard stand for: 95 of 100 sets of honest sweeps agree. */
    @ParameterizedTest
    @ValueSource(ints = {2, 3, 4, 5, 8, 12, 20})
    void honestSweepsAgreeInNinetyFiveOfAHundredSets(int sweeps) {
        Random chance = new Random(sweeps);
        int agree = 0;
        int sets = 20_000;
        for (int set = 0; set < sets; set++) {
            double[] figures = chance.doubles(sweeps)
                    .map(unused -> 20 + 1.5 * chance.nextGaussian())
                    .toArray();
            agree += SweepAgreement.of(figures, 1.5).agrees() ? 1 : 0;
        }
        assertThat(agree / (double) sets).isCloseTo(0.95, within(0.008));
    }

    @RepeatedTest(50)
    void orderZeroAndScaleDoNotMatter(RepetitionInfo repetition) {
        Random chance = new Random(repetition.getCurrentRepetition());
        double[] figures = chance.doubles(2 + chance.nextInt(5), -10, 10).toArray();
        double standard = chance.nextDouble(0.1, 4);
        SweepAgreement one = SweepAgreement.of(figures, standard);
        double[] other = Arrays.stream(figures).map(x -> 3 - 2 * x).toArray();
        double last = other[other.length - 1];
        other[other.length - 1] = other[0];
        other[0] = last;
        SweepAgreement turned = SweepAgreement.of(other, 2 * standard);
        assertThat(turned.agrees()).isEqualTo(one.agrees());
        Optional<Integer> moved = one.apart().map(i -> i == 0 ? figures.length - 1 : i == figures.length - 1 ? 0 : i);
        assertThat(turned.apart()).isEqualTo(moved);
    }
}
