package org.eskarn.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import org.eskarn.core.verdict.Verdict.Because;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class IndependentResultsTest {

    private static Verdict figure(double value) {
        return Verdict.judge(value, Bounds.atMost(20), 1.5, DecisionRule.SIMPLE);
    }

    private static IndependentResults of(String figures) {
        return IndependentResults.of(Arrays.stream(figures.split(" "))
                .map(value -> figure(Double.parseDouble(value)))
                .toList());
    }

    /** U = 1.5 each, so 2.12 apart is just allowed; at most 20. */
    @ParameterizedTest
    @CsvSource({
        "14 16.1, 14, PASS, 0",
        "16.1 14, 16.1, PASS, 0",
        "26 27, 26, FAIL, 0",
        "14 16.2, 14, INSPECTORS_DISAGREE,",
        "26 14, 26, INSPECTORS_DISAGREE,",
        "19.5 21, 19.5, INSPECTORS_DIVIDED,",
        "21 19.5, 21, INSPECTORS_DIVIDED,",
        "26 14 26.5, 26, FAIL, 0",
        "26 14 14.5, 14, PASS, 1",
        "26 14 20, 26, INSPECTORS_DISAGREE,",
        "14 14 26, 14, INSPECTORS_DISAGREE,",
        "18 21 19.5, 18, INSPECTORS_DIVIDED,",
        "18 15 16.5, 18, PASS, 0"
    })
    void theLastConfirmsTheEarliestItAgreesWith(String figures, double value, String result, Integer confirmed) {
        IndependentResults results = of(figures);
        assertThat(results.verdict().value()).isEqualTo(value);
        Because because = results.verdict().because();
        assertThat(because == null ? results.verdict().outcome().name() : because.name())
                .isEqualTo(result);
        assertThat(results.confirmed().orElse(null)).isEqualTo(confirmed);
    }

    @Test
    void theDifferenceIsAgainstTheCombinedUncertainty() {
        NormalizedError error = NormalizedError.of(10, 3, 15, 4);
        assertThat(error.difference()).isEqualTo(5);
        assertThat(error.amount()).isCloseTo(1, within(1e-12));
        assertThat(error.agrees()).isTrue();
        assertThat(NormalizedError.of(1, 0, 1, 0).amount()).isZero();
        assertThat(NormalizedError.of(1, 0, 1.001, 0).amount()).isInfinite();
    }

    @Test
    void answersHaveNoFigureAndAgreeWhenTheyAreTheSame() {
        Verdict yes = Verdict.answered(true, DecisionRule.SIMPLE);
        Verdict no = Verdict.answered(false, DecisionRule.SIMPLE);
        assertThat(IndependentResults.of(List.of(yes, yes)).verdict().outcome()).isEqualTo(Outcome.PASS);
        IndependentResults apart = IndependentResults.of(List.of(no, yes));
        assertThat(apart.verdict().because()).isEqualTo(Because.INSPECTORS_DISAGREE);
        assertThat(apart.comparison()).isEmpty();
        assertThatThrownBy(() -> IndependentResults.of(List.of(yes))).isInstanceOf(IllegalArgumentException.class);
    }
}
