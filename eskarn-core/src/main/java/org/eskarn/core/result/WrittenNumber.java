package org.eskarn.core.result;

import java.math.BigDecimal;
import java.math.MathContext;

/** Places as they are named in figures. */
public final class WrittenNumber {

    private static final MathContext DIGITS = new MathContext(6);

    private WrittenNumber() {}

    public static String number(double number) {
        return new BigDecimal(number).round(DIGITS).stripTrailingZeros().toPlainString();
    }
}
