package org.eskarn.app.picture.engine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Objects;
import org.eskarn.app.page.Display;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.Bounds;
import org.eskarn.core.verdict.DecisionRule;
import org.eskarn.core.verdict.Verdict;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class VerdictRuleTest {

    /** A bar from the tightest to the loosest, the pointer at the end that is judged. */
    @Test
    void severalValuesAreABar() {
        Verdict verdict = Verdict.judge(39.5, Bounds.between(9, 50), 1, DecisionRule.SIMPLE);
        VerdictRule rule = VerdictRule.wide(verdict, new Display(LengthUnit.MICROMETRE), 22, 39.5);
        VerdictRule.Stretch bar = Objects.requireNonNull(rule.range());
        assertThat(bar.from() + bar.width()).isCloseTo(Objects.requireNonNull(rule.pointer()), within(1e-9));
        double perMicrometre =
                (rule.notches().get(1).at() - rule.notches().get(0).at()) / 41;
        assertThat(bar.width()).isCloseTo(17.5 * perMicrometre, within(1e-6));
        VerdictRule far = VerdictRule.wide(verdict, new Display(LengthUnit.MICROMETRE), -5000, 39.5);
        assertThat(Objects.requireNonNull(far.range()).from()).isZero();
    }

    /** The label of a limit stands where the pointer is not, as far as there is room between both. */
    @ParameterizedTest
    @CsvSource({"-45, false, false", "45, true, true", "0, true, false", "-90, true, false"})
    void aLabelOfTwoLimitsKeepsClearOfThePointer(double value, boolean lowerLeft, boolean upperLeft) {
        Verdict verdict = Verdict.judge(value, Bounds.between(-30, 30), 4, DecisionRule.SIMPLE);
        VerdictRule rule = VerdictRule.wide(verdict, new Display(LengthUnit.MICROMETRE));
        assertThat(rule.notches()).extracting(VerdictRule.Notch::left).containsExactly(lowerLeft, upperLeft);
    }

    @ParameterizedTest
    @CsvSource({
        "20, 14.5, 2, MICROMETRE, false",
        "20, 0, 2, MICROMETRE, false",
        "20, 79, 2, MICROMETRE, false",
        "20, 4000, 2, MICROMETRE, true",
        "38.1, 36.8, 3, TENTH, false",
        "0.4, 0.3, 0.1, MILLIMETRE, false"
    })
    void valueLimitAndUncertaintyStandInTrueProportion(
            double limit, double value, double expanded, LengthUnit unit, boolean beyond) {
        Display display = new Display(unit);
        VerdictRule rule =
                VerdictRule.wide(Verdict.judge(value, Bounds.atMost(limit), expanded, DecisionRule.SIMPLE), display);
        assertThat(rule.beyond()).isEqualTo(beyond);
        assertThat(rule.notches().get(0).at()).isBetween(0.1 * rule.width(), 0.9 * rule.width());
        assertThat(rule.shadeFrom()).isGreaterThanOrEqualTo(0);
        assertThat(rule.shadeFrom() + rule.shadeWidth()).isLessThanOrEqualTo(rule.width() + 1e-9);
        double pointer = Objects.requireNonNull(rule.pointer());
        if (!beyond) {
            assertThat(pointer / rule.notches().get(0).at()).isCloseTo(value / limit, within(1e-9));
        }
        assertThat(rule.labels().get(0).figure()).isEqualTo("0");
        assertThat(rule.labels()).hasSizeBetween(3, 8);
        VerdictRule.Label last = rule.labels().get(rule.labels().size() - 1);
        assertThat(last.at()).isCloseTo(rule.width(), within(1e-9));
        assertThat(Double.parseDouble(last.figure()) / display.of(limit))
                .isCloseTo(rule.width() / rule.notches().get(0).at(), within(1e-6));
    }

    @ParameterizedTest
    @CsvSource({"45010, false", "45002, false", "45030, false", "45100, true", "44900, true"})
    void betweenTwoLimitsTheScaleStandsAboutThem(double value, boolean beyond) {
        Verdict verdict = Verdict.judge(value, Bounds.between(45002, 45018), 2, DecisionRule.SIMPLE);
        VerdictRule rule = VerdictRule.wide(verdict, new Display(LengthUnit.MILLIMETRE));
        assertThat(rule.beyond()).isEqualTo(beyond);
        double lower = rule.notches().get(0).at();
        double upper = rule.notches().get(1).at();
        assertThat(upper - lower).isGreaterThan(0.15 * rule.width());
        double pointer = Objects.requireNonNull(rule.pointer());
        if (!beyond) {
            assertThat((pointer - lower) / (upper - lower)).isCloseTo((value - 45002) / 16, within(1e-6));
        }
        assertThat(rule.labels())
                .hasSizeBetween(3, 9)
                .allMatch(label -> label.figure().matches("4[45]\\.?\\d*"));
    }

    @Test
    void aFigureOfWhichNothingIsAskedStandsInTheMiddleWithoutANotch() {
        VerdictRule rule =
                VerdictRule.wide(Verdict.recorded(12, 2, 2, DecisionRule.SIMPLE), new Display(LengthUnit.MICROMETRE));
        assertThat(rule.notches()).isEmpty();
        assertThat(Objects.requireNonNull(rule.pointer())).isBetween(0.3 * rule.width(), 0.7 * rule.width());
        assertThat(VerdictRule.wide(Verdict.answered(true, DecisionRule.SIMPLE), new Display(LengthUnit.MILLIMETRE))
                        .drawn())
                .isFalse();
    }
}
