package org.eskarn.core.gauge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.DoubleStream;
import org.eskarn.core.gauge.ErrorPlace.Place;
import org.eskarn.core.verdict.Bounds;
import org.eskarn.core.verdict.DecisionRule;
import org.eskarn.core.verdict.RuleKind;
import org.eskarn.core.verdict.TraceBack;
import org.eskarn.core.verdict.Verdict;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How far a gauge is to be trusted. */
class GaugeTrustTest {

    @Test
    void theOddOneOutIsPointedAtAndNothingElse() {
        Repeats good = Repeats.of(1.0, 1.2, 0.9, 1.1, 1.0, 1.1, 0.9);
        assertThat(good.odd()).isEmpty();
        assertThat(good.deviation()).isCloseTo(0.11127, within(1e-5));
        Repeats odd = Repeats.of(1.0, 1.2, 0.9, 1.1, 4.0, 1.1, 0.9);
        assertThat(odd.odd()).contains(4);
        assertThat(odd.weak()).isFalse();
        assertThat(Repeats.of(Repeats.without(new double[] {1, 2, 9}, 2)).mean())
                .isEqualTo(1.5);
        // With three readings even a gross outlier stays below the critical value unless the others agree exactly.
        assertThat(Repeats.of(1, 1.5, 5).odd()).isEmpty();
        assertThat(Repeats.of(1, 1.0001, 50).odd()).contains(2);
        assertThat(Repeats.of(1, 1.5, 5).weak()).isTrue();
        assertThat(Repeats.of(3, 3, 3, 3).odd()).isEmpty();
        assertThat(Repeats.of(3).deviation()).isZero();
    }

    @Test
    void grubbsDoesNotDependOnUnitOrZero() {
        double[] readings = {2, 2.1, 1.9, 2.05, 3.4, 2.0};
        double[] moved =
                java.util.Arrays.stream(readings).map(x -> 25.4 * x - 7).toArray();
        assertThat(Repeats.of(moved).grubbs()).isCloseTo(Repeats.of(readings).grubbs(), within(1e-9));
        assertThat(Repeats.of(moved).odd()).isEqualTo(Repeats.of(readings).odd());
    }

    @Test
    void theErrorOfAStandLivesInFaceSlideOrSeat() {
        assertThat(ErrorPlace.of(new double[] {8, 8.2, 7.9}, new double[] {8, 8.1}, 1)
                        .places())
                .containsExactly(Place.FACE);
        assertThat(ErrorPlace.of(new double[] {-4, 0, 4}, new double[] {0, 0.3}, 1)
                        .places())
                .containsExactly(Place.SLIDE);
        assertThat(ErrorPlace.of(new double[] {0, 2, -2}, new double[] {-3, 3, 0}, 1)
                        .places())
                .containsExactly(Place.SEAT);
        assertThat(ErrorPlace.of(new double[] {0.2, 0.1, -0.2}, new double[] {}, 1)
                        .places())
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"14, 5, false", "14, 6.5, true", "26, 5, false", "26, 6.5, true"})
    void aVerdictIsInQuestionWhenTheErrorCouldHaveTurnedIt(double value, double error, boolean changes) {
        Verdict verdict = Verdict.judge(value, Bounds.atMost(20), 1, DecisionRule.SIMPLE);
        assertThat(TraceBack.changes(verdict, error)).isEqualTo(changes);
        assertThat(TraceBack.changes(verdict, -error)).isEqualTo(changes);
        assertThat(TraceBack.changes(Verdict.recorded(value, 1, 1, DecisionRule.SIMPLE), 100))
                .isFalse();
    }

    /** Trying many errors one after the other finds the same smallest one, by every rule and with bounds on one side or both. */
    @Test
    void theSmallestErrorThatTurnsAVerdictIsTheFirstThatDoes() {
        double step = 0.01;
        for (DecisionRule rule :
                List.of(DecisionRule.SIMPLE, DecisionRule.STRINGENT, new DecisionRule(RuleKind.PROBABILITY, 95))) {
            for (Bounds bounds : List.of(
                    Bounds.atMost(20), new Bounds(10.0, 20.0), new Bounds(10.0, null), new Bounds(10.0, 12.0))) {
                for (double value : new double[] {3, 9.5, 11, 14.9, 19.6, 20, 23, 31}) {
                    Verdict verdict = Verdict.judge(value, bounds, 1.5, 0.8, rule);
                    double first = DoubleStream.iterate(0, error -> error < 40, error -> error + step)
                            .filter(error -> rule.judge(value + error, bounds, 1.5, 0.8) != verdict.outcome()
                                    || rule.judge(value - error, bounds, 1.5, 0.8) != verdict.outcome())
                            .findFirst()
                            .orElseThrow();
                    assertThat(TraceBack.turnsAt(verdict).orElseThrow())
                            .as("%s %s %s", rule, bounds, value)
                            .isBetween(first - step - 1e-6, first + 1e-6);
                }
            }
        }
    }
}
