package org.eskarn.core.gauge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.List;
import java.util.Random;
import org.eskarn.core.gauge.BlockSet.Template;
import org.eskarn.core.units.LengthUnit;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BlockSetTest {

    private static BlockSet set(Template template) {
        return BlockSet.of(
                template.unit(),
                template.nominals().stream().map(n -> new Block(n, 0, 0)).toList());
    }

    @ParameterizedTest
    @CsvSource({"METRIC_88, 88", "METRIC_112, 112", "INCH_81, 81"})
    void theUsualSetsHaveTheirPieces(Template template, int pieces) {
        assertThat(set(template).size()).isEqualTo(pieces);
    }

    @ParameterizedTest
    @CsvSource({
        "METRIC_88, 38.7745, 5", // 1.0005 + 1.004 + 1.27 + 5.5 + 30, worked by the usual way of the last digit
        "METRIC_88, 10, 1",
        "METRIC_112, 41.125, 4",
        "INCH_81, 0.7503, 2",
        "INCH_81, 1.0001, 2"
    })
    void theFewestBlocksAreFound(Template template, BigDecimal wanted, int count) {
        List<BlockStack> stacks = set(template).fewest(wanted, List.of());
        assertThat(stacks).isNotEmpty().allSatisfy(stack -> {
            assertThat(stack.nominal()).isEqualByComparingTo(wanted);
            assertThat(stack.count()).isEqualTo(count);
        });
    }

    @RepeatedTest(40)
    void noFewerBlocksWouldDoAndNoneIsUsedTwice(RepetitionInfo info) {
        Random chance = new Random(info.getCurrentRepetition());
        List<Block> blocks = java.util.stream.IntStream.range(0, 11)
                .mapToObj(i -> Block.of(
                        BigDecimal.valueOf(1 + chance.nextInt(40) + 41L * i, 1).toPlainString()))
                .toList();
        BigDecimal wanted = BigDecimal.valueOf(1 + chance.nextInt(1500), 1);
        List<BlockStack> stacks = BlockSet.of(LengthUnit.MILLIMETRE, blocks).fewest(wanted, List.of());
        int fewest = Integer.MAX_VALUE;
        for (int chosen = 1; chosen < 1 << blocks.size(); chosen++) {
            BigDecimal sum = BigDecimal.ZERO;
            for (int i = 0; i < blocks.size(); i++) {
                sum = (chosen >> i & 1) == 1 ? sum.add(blocks.get(i).nominal()) : sum;
            }
            if (sum.compareTo(wanted) == 0) {
                fewest = Math.min(fewest, Integer.bitCount(chosen));
            }
        }
        if (fewest > BlockSet.MOST) {
            assertThat(stacks).isEmpty();
        } else {
            int expected = fewest;
            assertThat(stacks).isNotEmpty().allSatisfy(stack -> {
                assertThat(stack.count()).isEqualTo(expected);
                assertThat(stack.blocks()).doesNotHaveDuplicates();
                assertThat(stack.nominal()).isEqualByComparingTo(wanted);
            });
        }
    }

    @Test
    void aSizeThatCannotBeBuiltNamesItsNeighbours() {
        BlockSet set = set(Template.METRIC_88);
        assertThat(set.fewest(new BigDecimal("25.00025"), List.of())).isEmpty();
        BlockSet.Neighbours near = set.neighbours(new BigDecimal("25.00025"), List.of());
        assertThat(near.below().orElseThrow()).isEqualByComparingTo("25");
        assertThat(near.above().orElseThrow()).isEqualByComparingTo("25.0005");
        BlockSet.Neighbours small = set.neighbours(new BigDecimal("0.3"), List.of());
        assertThat(small.below()).isEmpty();
        assertThat(small.above().orElseThrow()).isEqualByComparingTo("0.5");
    }

    @Test
    void protectorsStandAtBothEndsAndTheBlocksDeviationsAddUp() {
        Block protector = new Block(new BigDecimal("2"), 0.1, 0.1);
        BlockSet set = BlockSet.of(
                LengthUnit.MILLIMETRE,
                List.of(new Block(new BigDecimal("1.01"), 0.2, 0.3), new Block(new BigDecimal("10"), -0.05, 0.4)));
        BlockStack stack = set.fewest(new BigDecimal("15.01"), List.of(protector, protector))
                .get(0);
        assertThat(stack.blocks().get(0)).isEqualTo(protector);
        assertThat(stack.blocks().get(3)).isEqualTo(protector);
        assertThat(stack.deviation()).isCloseTo(0.35, within(1e-12));
        assertThat(stack.uncertainty()).isCloseTo(Math.sqrt(0.01 + 0.01 + 0.09 + 0.16), within(1e-12));
    }

    @Test
    void aDoubledBlockIsRefused() {
        assertThatThrownBy(() -> BlockSet.of(LengthUnit.MILLIMETRE, List.of(Block.of("1.1"), Block.of("1.10"))))
                .hasMessageContaining("stands there twice");
    }
}
