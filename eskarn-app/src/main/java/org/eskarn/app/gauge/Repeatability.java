package org.eskarn.app.gauge;

import java.math.BigDecimal;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;

/**
 * How well a gauge repeats, from its last check on a master that found it fit.
 *
 * @param deviation standard deviation of its readings
 */
record Repeatability(long gaugeId, BigDecimal deviation, LengthUnit unit) {

    double micrometres() {
        return new Length(deviation, unit).micrometres();
    }
}
