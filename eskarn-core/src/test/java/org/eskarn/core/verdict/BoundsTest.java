package org.eskarn.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class BoundsTest {

    @RepeatedTest(20)
    void aWiderUncertaintyNeverTurnsPassIntoFailNorBack(RepetitionInfo info) {
        Random chance = new Random(info.getCurrentRepetition());
        Bounds bounds = Bounds.between(-10 * chance.nextDouble(), 10 * chance.nextDouble());
        double value = 20 * chance.nextDouble() - 10;
        Outcome simple = DecisionRule.SIMPLE.judge(value, bounds, 0);
        for (double expanded = 0; expanded < 15; expanded += 0.5) {
            assertThat(DecisionRule.STRINGENT.judge(value, bounds, expanded)).isIn(simple, Outcome.NOT_PROVEN);
            assertThat(DecisionRule.SIMPLE.judge(value, bounds, expanded)).isEqualTo(simple);
        }
    }

    @Test
    void outsideIsNegativeInsideByTheNearerBound() {
        Bounds bounds = Bounds.between(2, 10);
        assertThat(bounds.outside(3)).isEqualTo(-1);
        assertThat(bounds.outside(8)).isEqualTo(-2);
        assertThat(bounds.outside(12)).isEqualTo(2);
        assertThat(bounds.outside(-1)).isEqualTo(3);
        assertThat(bounds.nearest(3)).isEqualTo(2);
        assertThat(bounds.nearest(9)).isEqualTo(10);
        assertThat(Bounds.OPEN.outside(1e9)).isEqualTo(Double.NEGATIVE_INFINITY);
        assertThat(Bounds.atMost(5).width()).isEqualTo(5);
        assertThat(bounds.width()).isEqualTo(8);
        assertThatThrownBy(() -> Bounds.between(3, 3)).hasMessageContaining("not below");
    }
}
