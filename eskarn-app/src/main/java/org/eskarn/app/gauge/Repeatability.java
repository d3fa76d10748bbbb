package org.eskarn.app.gauge;

import java.math.BigDecimal;
import java.util.List;
import org.eskarn.core.uncertainty.Scatter;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * How well a gauge repeated in one check on a master that found it fit.
 *
 * @param sweepId the sweep that was read with it afterwards
 * @param deviation standard deviation of its readings
 * @param readings as they were typed, with a blank between
 * @param odd the one that was left out, from 0; null where none was
 */
record Repeatability(
        long sweepId,
        long gaugeId,
        BigDecimal deviation,
        LengthUnit unit,
        String readings,
        @Nullable Integer odd) {

    /** Of all checks of one gauge together, each with the degrees of freedom of its readings. */
    static Scatter pooled(List<Repeatability> checks) {
        double freedom = checks.stream().mapToDouble(Repeatability::freedom).sum();
        double square = checks.stream()
                .mapToDouble(check -> check.freedom() * Math.pow(check.micrometres(), 2))
                .sum();
        return freedom < 1 ? Scatter.UNKNOWN : Scatter.of(Math.sqrt(square / freedom), freedom);
    }

    private double micrometres() {
        return new Length(deviation, unit).micrometres();
    }

    private int freedom() {
        int count = readings.strip().split("\\s+").length - (odd == null ? 0 : 1);
        return Math.max(0, count - 1);
    }
}
