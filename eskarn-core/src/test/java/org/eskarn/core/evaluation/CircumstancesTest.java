package org.eskarn.core.evaluation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.eskarn.core.reading.LayoutKind.PAIRS;
import static org.eskarn.core.reading.LayoutKind.POINTS;
import static org.eskarn.core.reading.LayoutKind.RING;
import static org.eskarn.core.requirement.Characteristic.CIRCULAR_RUNOUT_RADIAL;
import static org.eskarn.core.requirement.Characteristic.FIT_OF_PAIR;
import static org.eskarn.core.requirement.Characteristic.OUTSIDE_SIZE;

import java.util.List;
import java.util.Optional;
import org.eskarn.core.gauge.CalibrationCurve;
import org.eskarn.core.gauge.CalibrationCurve.Point;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.Corrections;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.LimitUnit;
import org.eskarn.core.uncertainty.Contribution;
import org.eskarn.core.uncertainty.Contribution.Source;
import org.eskarn.core.uncertainty.UncertaintyBudget;
import org.junit.jupiter.api.Test;

/** What a figure rests on beside its gauge. */
class CircumstancesTest {

    private static final Circumstances ALL = new Circumstances(0.8, 0.6, 1.2, 1, 2, 20);

    private static final Given RUNOUT = Given.of(
            CIRCULAR_RUNOUT_RADIAL, Given.atMost("0.050"), Given.layout(CIRCULAR_RUNOUT_RADIAL, RING, "8", ""));
    private static final Given SIZE = Given.of(
            OUTSIDE_SIZE,
            Limit.between("29.980", "30.010", LimitUnit.MILLIMETRE),
            Given.layout(OUTSIDE_SIZE, POINTS, "a", ""));

    private static UncertaintyBudget budget(Given given, Dial dial, Circumstances circumstances, double... read) {
        Double back = given.requirement().layout().returns() ? (Double) read[0] : null;
        return Assessment.of(
                        given.requirement(),
                        dial,
                        Given.sweep(given.requirement().layout(), back, read),
                        Corrections.NONE,
                        circumstances)
                .budget()
                .orElseThrow();
    }

    private static double part(UncertaintyBudget budget, Source source) {
        return budget.parts().stream()
                .filter(each -> each.source() == source)
                .mapToDouble(Contribution::standard)
                .findFirst()
                .orElse(0);
    }

    /** Of a difference the master and the warmth cancel; plate, holder and lever count with each of its two readings. */
    @Test
    void aDifferenceRestsOnHolderPlateAndLeverOnly() {
        UncertaintyBudget runout = budget(RUNOUT, Given.MICRON, ALL, 0, 4, 10, 14, 18, 14, 8, 2);
        assertThat(part(runout, Source.MASTER)).isZero();
        assertThat(part(runout, Source.TEMPERATURE)).isZero();
        assertThat(part(runout, Source.FLEX)).isCloseTo(0.5 * Math.sqrt(2) / Math.sqrt(3), within(1e-12));
        assertThat(part(runout, Source.PLATE)).isCloseTo(1 * Math.sqrt(2) / Math.sqrt(3), within(1e-12));
        double tilt = Math.tan(Math.toRadians(20)) * Math.toRadians(2);
        assertThat(part(runout, Source.LEVER)).isCloseTo(18 * tilt / Math.sqrt(3), within(1e-12));
    }

    @Test
    void aSizeRestsOnItsMasterAndOnWarmth() {
        UncertaintyBudget size = budget(SIZE, Given.MICRON, ALL, 29_995);
        assertThat(part(size, Source.MASTER)).isCloseTo(0.4, within(1e-12));
        assertThat(part(size, Source.TEMPERATURE)).isCloseTo(1.2 / Math.sqrt(3), within(1e-12));
        Given pair = Given.of(
                FIT_OF_PAIR,
                Limit.between("0.010", "0.050", LimitUnit.MILLIMETRE),
                Given.layout(FIT_OF_PAIR, PAIRS, "1", ""));
        assertThat(part(budget(pair, Given.MICRON, ALL, 30_030, 30_000), Source.MASTER))
                .isCloseTo(0.5, within(1e-12));
    }

    @Test
    void withoutCircumstancesTheBudgetIsThatOfTheGauge() {
        UncertaintyBudget plain = budget(SIZE, Given.MICRON, Circumstances.NONE, 29_995);
        assertThat(plain.parts()).extracting("source").containsExactly(Source.GAUGE_ERROR, Source.RESOLUTION);
        assertThatThrownBy(() -> new Circumstances(-1, 0, 0, 0, 0, 0)).hasMessageContaining("0 µm or more");
    }

    /** A dial whose points differ by 0.4 over the stretch that was read errs by that, not by its limit of 1.5. */
    @Test
    void theCurveStandsForTheErrorLimitWhereItCoversWhatWasRead() {
        CalibrationCurve curve =
                new CalibrationCurve(List.of(new Point(-100, 0.2), new Point(0, 0), new Point(100, 0.4)), 0.3);
        Dial known = Given.MICRON.calibrated(Optional.of(curve));
        UncertaintyBudget runout = budget(RUNOUT, known, Circumstances.NONE, 0, 4, 10, 14, 18, 14, 8, 2);
        assertThat(part(runout, Source.GAUGE_ERROR)).isCloseTo(0.4 * 0.18 / Math.sqrt(3), within(1e-12));
        assertThat(part(runout, Source.CALIBRATION)).isCloseTo(0.15 * Math.sqrt(2), within(1e-12));
        UncertaintyBudget beyond = budget(RUNOUT, known, Circumstances.NONE, 0, 4, 10, 14, 190, 14, 8, -40);
        assertThat(part(beyond, Source.GAUGE_ERROR)).isCloseTo(1.5 / Math.sqrt(3), within(1e-12));
        assertThat(part(beyond, Source.CALIBRATION)).isZero();
    }
}
