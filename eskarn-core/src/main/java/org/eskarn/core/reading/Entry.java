package org.eskarn.core.reading;

import java.math.BigDecimal;
import org.eskarn.core.units.Length;

/**
 * One number as it was typed: the text itself, the exact decimal read from it, and its unit.
 *
 * @param typed the text as typed, outer blanks removed
 * @param number the number in it, sign and trailing zeros kept
 * @param unit the unit typed with it, or else the unit the dial is read in
 */
public record Entry(String typed, BigDecimal number, ReadingUnit unit) {

    /**
     * The length this entry stands for.
     *
     * @param graduation the size of one division of the gauge that was read
     */
    public Length length(Length graduation) {
        return unit.length()
                .map(length -> new Length(number, length))
                .orElseGet(() -> new Length(number.multiply(graduation.amount()), graduation.unit()));
    }
}
