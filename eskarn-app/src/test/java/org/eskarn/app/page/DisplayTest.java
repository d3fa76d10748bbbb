package org.eskarn.app.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.Random;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.Bounds;
import org.eskarn.core.verdict.DecisionRule;
import org.eskarn.core.verdict.Outcome;
import org.eskarn.core.verdict.Verdict;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class DisplayTest {

    @ParameterizedTest
    @CsvSource({
        "14.5,   MICROMETRE, +14.5",
        "-0.04,  MICROMETRE, 0.0",
        "-2.5,   MICROMETRE, −2.5",
        "36.83,  TENTH,      +14.5",
        "-76.2,  THOU,       −3.00",
        "20,     MILLIMETRE, +0.0200",
        "0,      INCH,       0.00000"
    })
    void saysReadingsWithTheirSignAndOneNumberOfDecimals(double micrometres, LengthUnit unit, String said) {
        assertThat(new Display(unit).signed(micrometres)).isEqualTo(said);
        assertThat(new Display(unit).amount(micrometres)).isEqualTo(said.replace("+", ""));
    }

    @ParameterizedTest
    @EnumSource
    void goesThereAndBack(LengthUnit unit) {
        Display display = new Display(unit);
        assertThat(display.micrometres(display.of(12.7))).isCloseTo(12.7, within(1e-12));
        assertThat(display.companion().unit().metric()).isNotEqualTo(unit.metric());
    }

    /** A figure that is not the limit never looks like it, and one that is has no more decimals than others. */
    @RepeatedTest(60)
    void aJudgedFigureIsToldFromItsLimit(RepetitionInfo info) {
        Random chance = new Random(info.getCurrentRepetition());
        Display display = new Display(LengthUnit.values()[chance.nextInt(LengthUnit.values().length)]);
        double limit = 10 + chance.nextInt(50);
        double off = Math.pow(10, -1 - chance.nextInt(4)) * (chance.nextBoolean() ? 1 : -1);
        Verdict near = Verdict.judge(limit + off, Bounds.atMost(limit), 0, DecisionRule.SIMPLE);
        String figure = display.judged(near);
        BigDecimal said = new BigDecimal(figure.replace('−', '-'));
        assertThat(said.compareTo(new BigDecimal(display.limit(near, limit))))
                .as(figure)
                .isEqualTo(off > 0 ? 1 : -1);
        assertThat(near.outcome()).isEqualTo(off > 0 ? Outcome.FAIL : Outcome.PASS);
        Verdict on = Verdict.judge(limit, Bounds.atMost(limit), 0, DecisionRule.SIMPLE);
        assertThat(display.judged(on)).isEqualTo(display.amount(limit));
    }

    @Test
    void twoLimitsAreBothToldApart() {
        Display micrometres = new Display(LengthUnit.MICROMETRE);
        Bounds bounds = Bounds.between(10, 21);
        assertThat(micrometres.judged(Verdict.judge(21.04, bounds, 0, DecisionRule.SIMPLE)))
                .isEqualTo("21.04");
        assertThat(micrometres.judged(Verdict.judge(9.996, bounds, 0, DecisionRule.SIMPLE)))
                .isEqualTo("9.996");
        assertThat(micrometres.judged(Verdict.judge(15.04, bounds, 0, DecisionRule.SIMPLE)))
                .isEqualTo("15.0");
    }
}
