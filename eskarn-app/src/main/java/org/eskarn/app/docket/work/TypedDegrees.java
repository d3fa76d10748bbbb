package org.eskarn.app.docket.work;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.eskarn.app.docket.SaidCircumstance;
import org.jspecify.annotations.Nullable;

/**
 * A temperature, or a difference of two, as it was typed: with °C, °F or K, or bare, which means °C on a metric drawing and °F on an
 * inch one.
 *
 * @param amount °C, or K of a difference
 * @param otherwise the number and its unit where it was typed in another than these; null where not
 * @param bare whether no unit was typed with it
 */
record TypedDegrees(BigDecimal amount, @Nullable String otherwise, boolean bare) {

    /** °C; where people measure. A bare number beyond is more likely one of the other unit. */
    private static final double COLD = 5;

    private static final double HOT = 45;

    private static final Pattern DEGREES =
            Pattern.compile("([-+\u2212]?\\d{1,4}(?:[.,]\\d{0,4})?)\\s*°?\\s*([CFK]?)", Pattern.CASE_INSENSITIVE);
    private static final BigDecimal FREEZING = BigDecimal.valueOf(32);
    private static final BigDecimal ZERO = new BigDecimal("273.15");
    private static final BigDecimal FIVE = BigDecimal.valueOf(5);
    private static final BigDecimal NINE = BigDecimal.valueOf(9);
    private static final int DECIMALS = 6;

    /** @param inches whether a bare number is in °F */
    static Optional<TypedDegrees> temperature(String typed, boolean inches) {
        return read(typed, inches, true);
    }

    static Optional<TypedDegrees> difference(String typed, boolean inches) {
        return read(typed, inches, false);
    }

    private static Optional<TypedDegrees> read(String typed, boolean inches, boolean absolute) {
        Matcher parts = DEGREES.matcher(typed.strip());
        if (!parts.matches()) {
            return Optional.empty();
        }
        BigDecimal number = new BigDecimal(parts.group(1).replace(',', '.').replace('\u2212', '-'));
        String written = parts.group(2).toUpperCase(Locale.ROOT);
        boolean bare = written.isEmpty();
        String unit = written.isEmpty() ? (inches ? "F" : "C") : written;
        return Optional.of(
                switch (unit) {
                    case "F" ->
                        new TypedDegrees(
                                fahrenheit(absolute ? number.subtract(FREEZING) : number),
                                number.toPlainString() + " °F",
                                bare);
                    case "K" ->
                        absolute
                                ? new TypedDegrees(number.subtract(ZERO), number.toPlainString() + " K", false)
                                : new TypedDegrees(number, null, false);
                    default -> new TypedDegrees(number, null, bare);
                });
    }

    private static BigDecimal fahrenheit(BigDecimal degrees) {
        return degrees.multiply(FIVE).divide(NINE, DECIMALS, RoundingMode.HALF_UP);
    }

    /** Whether it is so far from where people measure that its unit has to be typed. */
    boolean doubtful() {
        return bare && (amount.doubleValue() < COLD || amount.doubleValue() > HOT);
    }

    /** What stands in the field for a temperature that was said: bare where that means the same. */
    static String shown(@Nullable BigDecimal celsius, @Nullable String otherwise, boolean inches) {
        return shown(celsius, otherwise, inches, " °C");
    }

    /** The same of a difference. */
    static String shownDifference(SaidCircumstance said, boolean inches) {
        return shown(said.celsiusTolerance(), said.toleranceTyped(), inches, " K");
    }

    private static String shown(
            @Nullable BigDecimal amount, @Nullable String otherwise, boolean inches, String metric) {
        if (otherwise != null) {
            return inches ? otherwise.replace(" °F", "") : otherwise;
        }
        return amount == null ? "" : amount.stripTrailingZeros().toPlainString() + (inches ? metric : "");
    }
}
