package org.eskarn.core.units;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.Optional;

/**
 * A unit of length used on drawings and dials, with its exact size in micrometres. The inch is exactly 25.4 mm
 * (ISO 31-1, annex A; the international inch of 1959).
 */
public enum LengthUnit {
    MILLIMETRE("mm", "1000"),
    MICROMETRE("µm", "1"),
    INCH("in", "25400"),
    /** One thousandth of an inch. */
    THOU("thou", "25.4"),
    /** One ten-thousandth of an inch. */
    TENTH("tenths", "2.54");

    private final String symbol;
    private final BigDecimal micrometres;

    LengthUnit(String symbol, String micrometres) {
        this.symbol = symbol;
        this.micrometres = new BigDecimal(micrometres);
    }

    /** How the unit is written on a page, for example {@code µm}. */
    public String symbol() {
        return symbol;
    }

    /** The exact size of one unit, in µm. */
    public BigDecimal micrometres() {
        return micrometres;
    }

    /** The size of one unit in mm, for computing. */
    public double millimetres() {
        return micrometres.doubleValue() / 1000;
    }

    public boolean metric() {
        return this == MILLIMETRE || this == MICROMETRE;
    }

    /** The unit of like size in the other system, shown small beside this one: mm and in, µm and tenth. */
    public LengthUnit companion() {
        return switch (this) {
            case MILLIMETRE -> INCH;
            case MICROMETRE -> TENTH;
            case INCH -> MILLIMETRE;
            case THOU, TENTH -> MICROMETRE;
        };
    }

    /**
     * The unit that a written symbol names, or empty when it names none. Case does not matter; the micro sign may be
     * either of its two characters or a plain {@code u}.
     */
    public static Optional<LengthUnit> named(String written) {
        return switch (written.strip().toLowerCase(Locale.ROOT)) {
            case "mm" -> Optional.of(MILLIMETRE);
            case "\u00b5m", "\u03bcm", "um", "micron", "microns" -> Optional.of(MICROMETRE);
            case "in", "inch", "inches", "\"" -> Optional.of(INCH);
            case "thou" -> Optional.of(THOU);
            case "tenth", "tenths" -> Optional.of(TENTH);
            default -> Optional.empty();
        };
    }
}
