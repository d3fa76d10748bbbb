package org.eskarn.core.fit;

import java.math.BigDecimal;
import org.eskarn.core.units.LengthUnit;

/**
 * What a size may deviate from its nominal, with signs, exact in the unit of the table it comes from.
 *
 * @param unit µm for classes in millimetres, thou for those in inches
 */
public record Deviations(BigDecimal lower, BigDecimal upper, LengthUnit unit) {

    /**
     * @throws IllegalArgumentException if the lower is above the upper
     */
    public Deviations {
        if (lower.compareTo(upper) > 0) {
            throw new IllegalArgumentException("the lower deviation " + lower + " is above the upper " + upper);
        }
    }

    /** In µm, for computing. */
    public double lowerMicrometres() {
        return lower.doubleValue() * unit.micrometres().doubleValue();
    }

    /** In µm, for computing. */
    public double upperMicrometres() {
        return upper.doubleValue() * unit.micrometres().doubleValue();
    }

    /** The tolerance, µm. */
    public double width() {
        return upperMicrometres() - lowerMicrometres();
    }

    /** The lower deviation in another unit, exact where the units are of one system. */
    public BigDecimal lowerIn(LengthUnit other) {
        return in(lower, other);
    }

    public BigDecimal upperIn(LengthUnit other) {
        return in(upper, other);
    }

    private BigDecimal in(BigDecimal amount, LengthUnit other) {
        return amount.multiply(unit.micrometres())
                .divide(other.micrometres(), 9, java.math.RoundingMode.HALF_UP)
                .stripTrailingZeros();
    }
}
