package org.eskarn.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What each rule makes of a figure and its uncertainty. */
class DecisionRuleTest {

    private static final DecisionRule PROBABLE = DecisionRule.of(RuleKind.PROBABILITY, null);

    /** One limit at 20 µm, U = 4 µm: z(95 %) = 1.645, so that up to 20 − 3.29 passes and from 20 + 3.29 on fails. */
    @ParameterizedTest
    @CsvSource({
        "15.9, PASS, PASS, PASS",
        "16.0, PASS, PASS, PASS",
        "16.7, PASS, NOT_PROVEN, PASS",
        "16.8, PASS, NOT_PROVEN, NOT_PROVEN",
        "20.0, PASS, NOT_PROVEN, NOT_PROVEN",
        "20.1, FAIL, NOT_PROVEN, NOT_PROVEN",
        "23.2, FAIL, NOT_PROVEN, NOT_PROVEN",
        "23.3, FAIL, NOT_PROVEN, FAIL",
        "24.1, FAIL, FAIL, FAIL"
    })
    void eachRuleDecidesFromItsOwnDistance(double value, Outcome simple, Outcome stringent, Outcome probable) {
        Bounds most = Bounds.atMost(20);
        assertThat(DecisionRule.SIMPLE.judge(value, most, 4)).isEqualTo(simple);
        assertThat(DecisionRule.STRINGENT.judge(value, most, 4)).isEqualTo(stringent);
        assertThat(PROBABLE.judge(value, most, 4)).isEqualTo(probable);
    }

    /** JCGM 106, 7.3 and 7.4: of a figure half a standard uncertainty inside one limit Φ(0.5); in the middle of two 2 Φ(3) − 1. */
    @Test
    void theProbabilityOfConformityIsThatOfTheNormalDistribution() {
        assertThat(DecisionRule.conformity(19, Bounds.atMost(20), 4)).isCloseTo(0.6915, within(5e-5));
        assertThat(DecisionRule.conformity(20, Bounds.atMost(20), 4)).isCloseTo(0.5, within(1e-12));
        assertThat(DecisionRule.conformity(0, Bounds.between(-6, 6), 4)).isCloseTo(0.9973, within(5e-5));
        assertThat(DecisionRule.conformity(21, Bounds.atMost(20), 0)).isZero();
        assertThat(DecisionRule.conformity(20, Bounds.atMost(20), 0)).isEqualTo(1);
        assertThat(DecisionRule.conformity(3, new Bounds(1.0, null), 4)).isCloseTo(0.8413, within(5e-5));
    }

    /** However narrow the limits, what passes conforms as probably as required, and nothing passes and fails at once. */
    @Test
    void whatPassesConformsAsProbablyAsIsRequired() {
        SplittableRandom chance = new SplittableRandom(17);
        for (int i = 0; i < 2000; i++) {
            DecisionRule rule = DecisionRule.of(RuleKind.PROBABILITY, BigDecimal.valueOf(51 + chance.nextInt(49)));
            Bounds bounds = Bounds.between(-chance.nextDouble() * 10, chance.nextDouble() * 10 + 0.01);
            double value = chance.nextDouble() * 40 - 20;
            double expanded = chance.nextDouble() * 20;
            double conforms = DecisionRule.conformity(value, bounds, expanded);
            assertThat(conforms).isBetween(0.0, 1.0);
            switch (rule.judge(value, bounds, expanded)) {
                case PASS -> assertThat(conforms).isGreaterThanOrEqualTo(rule.figure() / 100 - 1e-8);
                case FAIL -> assertThat(conforms).isLessThanOrEqualTo(1 - rule.figure() / 100 + 1e-8);
                default -> assertThat(Math.abs(conforms - 0.5)).isLessThan(rule.figure() / 100 - 0.5 + 1e-8);
            }
        }
    }

    @Test
    void simpleAcceptanceNeedsItsRatioAndSaysWhatDecidesInstead() {
        Bounds most = Bounds.atMost(20);
        assertThat(DecisionRule.SIMPLE.applied(most, 5)).isEqualTo(DecisionRule.SIMPLE);
        DecisionRule instead = DecisionRule.SIMPLE.applied(most, 5.01);
        assertThat(instead.kind()).isEqualTo(RuleKind.STRINGENT);
        assertThat(instead.insteadOfSimple()).isTrue();
        DecisionRule ten = DecisionRule.of(RuleKind.SIMPLE, BigDecimal.TEN);
        assertThat(ten.applied(Bounds.between(-10, 10), 2)).isEqualTo(ten);
        assertThat(ten.applied(Bounds.between(-10, 10), 2.1).insteadOfSimple()).isTrue();
        assertThat(DecisionRule.STRINGENT.applied(most, 50).insteadOfSimple()).isFalse();
        assertThat(PROBABLE.applied(most, 50)).isEqualTo(PROBABLE);
        assertThat(DecisionRule.SIMPLE.applied(Bounds.OPEN, 50)).isEqualTo(DecisionRule.SIMPLE);
    }

    @ParameterizedTest
    @CsvSource({"SIMPLE, 0.9", "SIMPLE, 101", "PROBABILITY, 50", "PROBABILITY, 100"})
    void aFigureThatIsNoneIsRefused(RuleKind kind, BigDecimal figure) {
        assertThatThrownBy(() -> DecisionRule.of(kind, figure)).isInstanceOf(IllegalArgumentException.class);
    }
}
