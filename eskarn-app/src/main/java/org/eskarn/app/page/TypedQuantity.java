package org.eskarn.app.page;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;

/**
 * Lengths, temperatures and speeds as people type them: with a unit of their own, or else in the usual one. “2 thou”, “0,05 mm”,
 * “350 F”, “450 rpm”.
 */
public final class TypedQuantity {

    private static final Pattern DECIMAL = Pattern.compile("[+-]?(\\d{1,9}(\\.\\d{0,9})?|\\.\\d{1,9})");
    private static final Pattern NUMBER_AND_UNIT = Pattern.compile("([-+−]?[\\d.,]+)\\s*(\\D*)");
    private static final Pattern UNIT_AFTER_A_BLANK = Pattern.compile(
            "(?<=\\d)\\s+(?=(?:mm|µm|μm|um|micron|microns|in|inch|inches|\"|thou|tenth|tenths)(?:[\\s;:/]|$))",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern PER_MINUTE = Pattern.compile("|rpm|/min|r/min");

    /** Decimals that no conversion of a typed length needs more than. */
    private static final int EXACT = 18;

    private static final BigDecimal KELVIN_OF_ZERO = new BigDecimal("273.15");
    private static final BigDecimal FREEZING = BigDecimal.valueOf(32);
    private static final BigDecimal NINE = BigDecimal.valueOf(9);
    private static final BigDecimal FIVE = BigDecimal.valueOf(5);

    private TypedQuantity() {}

    /** A number, with a point or comma; empty where it is none. */
    static Optional<BigDecimal> decimal(String typed) {
        String text = typed.replace(',', '.').replace('\u2212', '-');
        return DECIMAL.matcher(text).matches() ? Optional.of(new BigDecimal(text)) : Optional.empty();
    }

    /** A length, in the unit usual here whatever it was typed in; empty where it is none. */
    public static Optional<Length> length(String typed, LengthUnit usual) {
        return parts(typed).flatMap(parts -> {
            Optional<LengthUnit> unit = parts.unit().isEmpty() ? Optional.of(usual) : LengthUnit.named(parts.unit());
            return unit.map(each -> in(new Length(parts.number(), each), usual));
        });
    }

    /** °C; F and K are told by their letter. Empty where it is no temperature. */
    public static Optional<BigDecimal> celsius(String typed) {
        return parts(typed).flatMap(parts -> switch (parts.unit()
                .replace("°", "")
                .strip()
                .toUpperCase(Locale.ROOT)) {
            case "", "C" -> Optional.of(parts.number());
            case "F" ->
                Optional.of(parts.number().subtract(FREEZING).multiply(FIVE).divide(NINE, EXACT, RoundingMode.HALF_UP));
            case "K" -> Optional.of(parts.number().subtract(KELVIN_OF_ZERO));
            default -> Optional.empty();
        });
    }

    /** Turns a minute; empty where it is no speed. */
    public static Optional<BigDecimal> turnsPerMinute(String typed) {
        return parts(typed.replace("1/min", "/min"))
                .filter(parts -> PER_MINUTE
                        .matcher(parts.unit().toLowerCase(Locale.ROOT).replace(" ", ""))
                        .matches())
                .map(Parts::number);
    }

    /** Several lengths with every unit joined to its number, so that blanks stand between lengths only. */
    public static String joined(String typed) {
        return UNIT_AFTER_A_BLANK.matcher(typed).replaceAll("");
    }

    private record Parts(BigDecimal number, String unit) {}

    private static Optional<Parts> parts(String typed) {
        Matcher parts = NUMBER_AND_UNIT.matcher(typed.strip());
        if (!parts.matches()) {
            return Optional.empty();
        }
        return decimal(parts.group(1))
                .map(number -> new Parts(number, parts.group(2).strip()));
    }

    private static Length in(Length length, LengthUnit unit) {
        if (length.unit() == unit) {
            return length;
        }
        BigDecimal amount = length.amountIn(unit, EXACT).stripTrailingZeros();
        return new Length(amount.scale() < 0 ? amount.setScale(0) : amount, unit);
    }
}
