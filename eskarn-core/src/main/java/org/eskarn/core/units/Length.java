package org.eskarn.core.units;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Objects;

/**
 * A length as it was written: an exact decimal amount (its trailing zeros kept) and its unit. Converting never changes
 * the record; it makes a new value for computing or for showing.
 */
public record Length(BigDecimal amount, LengthUnit unit) {

    public Length {
        Objects.requireNonNull(amount, "amount");
        Objects.requireNonNull(unit, "unit");
    }

    /**
     * @throws NumberFormatException if {@code amount} is not a decimal number
     */
    public static Length of(String amount, LengthUnit unit) {
        return new Length(new BigDecimal(amount), unit);
    }

    /** This length in µm, exact. */
    public BigDecimal exactMicrometres() {
        return amount.multiply(unit.micrometres());
    }

    /** This length in µm, for computing. */
    public double micrometres() {
        return exactMicrometres().doubleValue();
    }

    /** This length in mm, for computing. */
    public double millimetres() {
        return micrometres() / 1000;
    }

    /** The amount in another unit, rounded half up to {@code decimals} places, for showing only. */
    public BigDecimal amountIn(LengthUnit other, int decimals) {
        return exactMicrometres().divide(other.micrometres(), decimals, RoundingMode.HALF_UP);
    }

    @Override
    public String toString() {
        boolean one = unit == LengthUnit.TENTH && amount.compareTo(BigDecimal.ONE) == 0;
        return amount.toPlainString() + " " + (one ? "tenth" : unit.symbol());
    }
}
