package org.eskarn.core.line;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.eskarn.core.result.Note;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * A number as it is written in a line, with the unit that is written on it.
 *
 * @param written with a point, and with its sign where it has one
 */
record Amount(String written, @Nullable LengthUnit unit) {

    static final String NUMBER = "(?:\\d{1,6}(?:[.,]\\d{0,6})?|[.,]\\d{1,6})";
    private static final Pattern WITH_UNIT = Pattern.compile("([+\\-]?" + NUMBER + ")\\s*([\\p{L}\"\u00b5]*)");
    private static final int DECIMALS = 9;

    /** Empty where the word is no number without a sign, or what stands on it no unit. */
    static Optional<Amount> of(String word) {
        return withSign(word) ? Optional.empty() : signed(word);
    }

    static boolean withSign(String word) {
        return word.startsWith("+") || word.startsWith("-");
    }

    /** The same with a sign or without. */
    static Optional<Amount> signed(String word) {
        Matcher matcher = WITH_UNIT.matcher(word);
        if (!matcher.matches()) {
            return Optional.empty();
        }
        String number = matcher.group(1).replace(',', '.').replaceFirst("\\.$", "");
        String symbol = matcher.group(2);
        return symbol.isEmpty()
                ? Optional.of(new Amount(number, null))
                : LengthUnit.named(symbol).map(unit -> new Amount(number, unit));
    }

    BigDecimal number() {
        return new BigDecimal(written);
    }

    LengthUnit unitOr(LengthUnit usual) {
        return unit == null ? usual : unit;
    }

    /** A whole number with nothing on it: it may be how many. */
    boolean bare() {
        return unit == null && written.matches("\\d+");
    }

    int count() {
        return Integer.parseInt(written);
    }

    /**
     * The same in another unit of its system, as it is where none is written on it.
     *
     * @throws LineRejected if the other is not of its system
     */
    Amount in(LengthUnit other) throws LineRejected {
        if (unit != null && unit.metric() != other.metric()) {
            throw new LineRejected(Note.of("core.line-two-systems", written, unit.symbol(), other.symbol()));
        }
        return unit == null || unit == other
                ? this
                : new Amount(
                        new Length(number(), unit)
                                .amountIn(other, DECIMALS)
                                .stripTrailingZeros()
                                .toPlainString(),
                        other);
    }
}
