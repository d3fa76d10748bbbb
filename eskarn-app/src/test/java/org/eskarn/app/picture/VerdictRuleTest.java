package org.eskarn.app.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Objects;
import org.eskarn.app.page.Display;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.DecisionRule;
import org.eskarn.core.verdict.Verdict;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class VerdictRuleTest {

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
        VerdictRule rule = VerdictRule.wide(Verdict.judge(value, limit, expanded, DecisionRule.SIMPLE), display);
        assertThat(rule.beyond()).isEqualTo(beyond);
        assertThat(rule.limit()).isBetween(0.1 * rule.width(), 0.9 * rule.width());
        assertThat(rule.shadeFrom()).isGreaterThanOrEqualTo(0);
        assertThat(rule.shadeFrom() + rule.shadeWidth()).isLessThanOrEqualTo(rule.width() + 1e-9);
        double pointer = Objects.requireNonNull(rule.pointer());
        if (!beyond) {
            assertThat(pointer / rule.limit()).isCloseTo(value / limit, within(1e-9));
        }
        assertThat(rule.labels().get(0).figure()).isEqualTo("0");
        assertThat(rule.labels()).hasSizeBetween(3, 8);
        VerdictRule.Label last = rule.labels().get(rule.labels().size() - 1);
        assertThat(last.at()).isCloseTo(rule.width(), within(1e-9));
        assertThat(Double.parseDouble(last.figure()) / display.of(limit))
                .isCloseTo(rule.width() / rule.limit(), within(1e-6));
    }
}
