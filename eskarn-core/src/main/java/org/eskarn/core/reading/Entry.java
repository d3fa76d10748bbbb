package org.eskarn.core.reading;

import java.math.BigDecimal;
import java.util.function.BinaryOperator;
import org.eskarn.core.units.Length;
import org.jspecify.annotations.Nullable;

/**
 * What was typed for one station: the text itself, the exact decimal read from it, and its unit. A needle that flickers
 * is typed as a band, {@code 3/5}; then there is a second decimal, the other end of the band.
 *
 * @param typed the text as typed, outer blanks removed
 * @param amount the number in it, or the end of the band typed first; sign and trailing zeros kept
 * @param bandEnd the end of the band typed second, in either order of size; null where no band was typed
 * @param unit the unit typed with it, or else the unit the dial is read in
 * @param noted where it was seen, in degrees from 0 to below 360; null where that was not typed
 */
public record Entry(
        String typed,
        BigDecimal amount,
        @Nullable BigDecimal bandEnd,
        ReadingUnit unit,
        @Nullable BigDecimal noted) {

    public Entry(String typed, BigDecimal amount, @Nullable BigDecimal bandEnd, ReadingUnit unit) {
        this(typed, amount, bandEnd, unit, null);
    }

    private static final BigDecimal TWO = BigDecimal.valueOf(2);

    /** The middle of the band, or the number itself; exact, for halving a decimal ends. */
    public Length middle(Length graduation) {
        return length(bandEnd == null ? amount : amount.add(bandEnd).divide(TWO), graduation);
    }

    /** The lower end of the band, or the number itself. */
    public Length low(Length graduation) {
        return length(end(BigDecimal::min), graduation);
    }

    /** The upper end of the band, or the number itself. */
    public Length high(Length graduation) {
        return length(end(BigDecimal::max), graduation);
    }

    private BigDecimal end(BinaryOperator<BigDecimal> choice) {
        return bandEnd == null ? amount : choice.apply(amount, bandEnd);
    }

    /**
     * @param graduation the size of one division of the gauge that was read
     */
    private Length length(BigDecimal amount, Length graduation) {
        return unit.length()
                .map(length -> new Length(amount, length))
                .orElseGet(() -> new Length(amount.multiply(graduation.amount()), graduation.unit()));
    }
}
