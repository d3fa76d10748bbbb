package org.eskarn.core.requirement;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.Optional;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/** The unit a limit is written in: one of length, or degrees of arc for a phase. */
public enum LimitUnit {
    MILLIMETRE(LengthUnit.MILLIMETRE),
    MICROMETRE(LengthUnit.MICROMETRE),
    INCH(LengthUnit.INCH),
    THOU(LengthUnit.THOU),
    TENTH(LengthUnit.TENTH),
    DEGREE(null);

    private final @Nullable LengthUnit length;

    LimitUnit(@Nullable LengthUnit length) {
        this.length = length;
    }

    /** The unit of length, or empty for degrees. */
    public Optional<LengthUnit> length() {
        return Optional.ofNullable(length);
    }

    public String symbol() {
        return length == null ? "°" : length.symbol();
    }

    public static LimitUnit of(LengthUnit unit) {
        return Arrays.stream(values())
                .filter(each -> each.length == unit)
                .findFirst()
                .orElseThrow();
    }

    /**
     * An amount of this unit in µm.
     *
     * @param radiusUm for degrees: the radius in µm on which the angle stands; sideways error = radius · sin(angle)
     */
    public double micrometres(BigDecimal amount, double radiusUm) {
        return length == null
                ? radiusUm * Math.sin(Math.toRadians(amount.doubleValue()))
                : amount.multiply(length.micrometres()).doubleValue();
    }
}
