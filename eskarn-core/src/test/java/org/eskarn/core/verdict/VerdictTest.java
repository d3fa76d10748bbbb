package org.eskarn.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.eskarn.core.verdict.Verdict.Because;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class VerdictTest {

    @ParameterizedTest
    @CsvSource({
        "SIMPLE,    20,   2, PASS",
        "SIMPLE,    20.1, 2, FAIL",
        "SIMPLE,    19,   0, PASS",
        "STRINGENT, 18,   2, PASS",
        "STRINGENT, 18.1, 2, NOT_PROVEN",
        "STRINGENT, 20,   2, NOT_PROVEN",
        "STRINGENT, 22,   2, NOT_PROVEN",
        "STRINGENT, 22.1, 2, FAIL",
        "STRINGENT, 20,   0, PASS"
    })
    void aFigureOnItsBoundIsWithinIt(RuleKind rule, double value, double expanded, Outcome outcome) {
        Verdict verdict = Verdict.judge(value, Bounds.atMost(20), expanded, DecisionRule.of(rule, null));
        assertThat(verdict.outcome()).isEqualTo(outcome);
        assertThat(verdict.because()).isEqualTo(outcome == Outcome.NOT_PROVEN ? Because.WITHIN_UNCERTAINTY : null);
    }

    @ParameterizedTest
    @CsvSource({"0.1, 0.2, 0.3", "0.7, 0.1, 0.8", "5.5, 14.5, 20"})
    void aFigureThatIsExactlyTheLimitInDecimalsDoesNotFailByItsBinaryRounding(double a, double b, double limit) {
        assertThat(DecisionRule.SIMPLE.judge(a + b, Bounds.atMost(limit), 0)).isEqualTo(Outcome.PASS);
    }

    @ParameterizedTest
    @CsvSource({
        "9, FAIL",
        "10, NOT_PROVEN",
        "11.9, NOT_PROVEN",
        "12, PASS",
        "18, PASS",
        "18.1, NOT_PROVEN",
        "22.1, FAIL"
    })
    void betweenTwoBoundsTheNearerOneDecides(double value, Outcome outcome) {
        Verdict verdict = Verdict.judge(value, Bounds.between(10, 20), value < 10 ? 0.5 : 2, DecisionRule.STRINGENT);
        assertThat(verdict.outcome()).isEqualTo(outcome);
    }

    @ParameterizedTest
    @CsvSource({"PASS, UNFINISHED", "FAIL, RETURN_OUT", "NOT_PROVEN,"})
    void aReasonBelongsToNotProvenOnly(Outcome outcome, Because because) {
        assertThatThrownBy(() -> new Verdict(outcome, because, 1.0, Bounds.atMost(2), 0, DecisionRule.SIMPLE))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
