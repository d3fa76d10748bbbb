package org.eskarn.core.evaluation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.eskarn.core.reading.LayoutKind.GRID;
import static org.eskarn.core.reading.LayoutKind.RING;
import static org.eskarn.core.requirement.Characteristic.CIRCULAR_RUNOUT_RADIAL;
import static org.eskarn.core.requirement.Characteristic.FLATNESS;

import java.util.stream.IntStream;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.DecisionRule;
import org.eskarn.core.verdict.Outcome;
import org.junit.jupiter.api.Test;

/** What a gauge can decide, foreseen. */
class SuitabilityTest {

    private static final Layout EIGHT = Given.layout(CIRCULAR_RUNOUT_RADIAL, RING, "8", "");

    private static Dial dial(String graduation, String error) {
        return new Dial(
                Length.of(graduation, LengthUnit.MICROMETRE),
                Length.of(error, LengthUnit.MICROMETRE),
                Length.of("1000", LengthUnit.MICROMETRE));
    }

    @Test
    void theForeseenUncertaintyIsThatOfSteadyReadings() {
        Requirement runout =
                Given.of(CIRCULAR_RUNOUT_RADIAL, Given.atMost("0.020"), EIGHT).requirement();
        Dial fine = dial("1", "1.5");
        double[] still = new double[EIGHT.size()];
        double read = Assessment.of(
                        runout, fine, Given.sweep(EIGHT, 0.0, still), org.eskarn.core.reading.Corrections.NONE)
                .budget()
                .orElseThrow()
                .expanded();
        Suitability suitability = Suitability.of(runout, fine);
        assertThat(suitability.expanded()).isCloseTo(read, within(1e-12));
        assertThat(suitability.good()).isTrue();
        assertThat(suitability.coarse()).isFalse();
        assertThat(suitability.undecided()).isZero();
    }

    /** Readings of 20 against a limit of 3 fail with any dial; near the limit a coarse one proves nothing. */
    @Test
    void aCoarseDialDecidesFarFromTheLimitAndNothingNearIt() {
        Given tight = Given.of(CIRCULAR_RUNOUT_RADIAL, Given.atMost("0.003"), EIGHT);
        Dial coarse = dial("10", "15");
        Suitability suitability = Suitability.of(tight.requirement(), coarse);
        assertThat(suitability.coarse()).isTrue();
        assertThat(suitability.undecided()).isCloseTo(suitability.expanded(), within(1e-12));
        assertThat(outcome(tight, coarse, 40)).isEqualTo(Outcome.FAIL);
        assertThat(outcome(tight, coarse, 10)).isEqualTo(Outcome.NOT_PROVEN);
        assertThat(outcome(tight, coarse, 0)).isEqualTo(Outcome.NOT_PROVEN);
        assertThat(outcome(tight, dial("1", "0.5"), 0)).isNotEqualTo(Outcome.FAIL);
    }

    private static Outcome outcome(Given given, Dial dial, double high) {
        double[] readings = IntStream.range(0, EIGHT.size())
                .mapToDouble(i -> high * (1 - Math.cos(Math.PI * i / 4)) / 2)
                .toArray();
        return Assessment.of(
                        given.requirement(),
                        dial,
                        Given.sweep(EIGHT, 0.0, readings),
                        org.eskarn.core.reading.Corrections.NONE)
                .verdict()
                .outcome();
    }

    @Test
    void whereNothingIsLimitedEveryGaugeWillDo() {
        Requirement record = Given.of(
                        FLATNESS,
                        org.eskarn.core.requirement.Limit.none(org.eskarn.core.requirement.LimitUnit.MILLIMETRE),
                        Given.layout(FLATNESS, GRID, "0 50 100", "0 40"))
                .requirement();
        Suitability suitability = Suitability.of(record, dial("50", "50"));
        assertThat(suitability.share()).isZero();
        assertThat(suitability.undecided()).isZero();
        assertThat(suitability.rule()).isEqualTo(DecisionRule.SIMPLE);
    }
}
