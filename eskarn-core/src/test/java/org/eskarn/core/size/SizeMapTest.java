package org.eskarn.core.size;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class SizeMapTest {

    @RepeatedTest(20)
    void aConstructedShaftShowsItsTaperBarrelAndDifference(RepetitionInfo info) {
        Random chance = new Random(info.getCurrentRepetition());
        double taper = 20 * chance.nextGaussian();
        double barrel = 5 * chance.nextGaussian();
        double oval = 4 * chance.nextDouble();
        double[] at = {10, 10, 60, 60, 110, 110};
        double[] sizes = new double[6];
        for (int i = 0; i < 6; i++) {
            double share = (at[i] - 10) / 100;
            sizes[i] = 45_000 + taper * share + barrel * 4 * share * (1 - share) + (i % 2 == 0 ? oval : -oval) / 2;
        }
        SizeMap map = SizeMap.of(at, sizes);
        assertThat(map.taper()).isCloseTo(taper, within(1e-6));
        assertThat(map.barrel()).isCloseTo(barrel, within(1e-6));
        assertThat(map.leastRound().difference()).isCloseTo(oval, within(1e-6));
        assertThat(map.length()).isEqualTo(100);
    }

    @RepeatedTest(10)
    void theOrderOfReadingDoesNotMatterAndAShiftMovesTheMeansOnly(RepetitionInfo info) {
        Random chance = new Random(info.getCurrentRepetition());
        List<Integer> order =
                new java.util.ArrayList<>(IntStream.range(0, 9).boxed().toList());
        double[] at = IntStream.range(0, 9).mapToDouble(i -> 20.0 * (i / 3)).toArray();
        double[] sizes = IntStream.range(0, 9)
                .mapToDouble(i -> 1000 + 10 * chance.nextGaussian())
                .toArray();
        SizeMap map = SizeMap.of(at, sizes);
        Collections.shuffle(order, chance);
        SizeMap shuffled = SizeMap.of(
                order.stream().mapToDouble(i -> at[i]).toArray(),
                order.stream().mapToDouble(i -> sizes[i] + 7).toArray());
        assertThat(shuffled.taper()).isCloseTo(map.taper(), within(1e-9));
        assertThat(shuffled.barrel()).isCloseTo(map.barrel(), within(1e-9));
        assertThat(shuffled.first().mean()).isCloseTo(map.first().mean() + 7, within(1e-9));
        assertThat(Arrays.stream(sizes).min().orElseThrow())
                .isEqualTo(map.sections().stream()
                        .mapToDouble(SizeMap.Section::smallest)
                        .min()
                        .orElseThrow());
    }

    @Test
    void oneSectionHasNoTaperAndTwoHaveNoBarrel() {
        assertThat(SizeMap.of(new double[] {5, 5}, new double[] {10, 12}).taper())
                .isZero();
        assertThat(SizeMap.of(new double[] {5, 9}, new double[] {10, 12}).barrel())
                .isZero();
        assertThatThrownBy(() -> SizeMap.of(new double[0], new double[0])).hasMessageContaining("at least one");
        assertThatThrownBy(() -> SizeMap.of(new double[] {1}, new double[] {1, 2}))
                .hasMessageContaining("1 and 2");
    }
}
