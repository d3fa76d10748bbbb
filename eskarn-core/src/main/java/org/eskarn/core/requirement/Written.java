package org.eskarn.core.requirement;

import java.math.BigDecimal;
import java.math.MathContext;

/** Places as they are named in figures. */
final class Written {

    private static final MathContext DIGITS = new MathContext(6);

    private Written() {}

    static String number(double number) {
        return new BigDecimal(number).round(DIGITS).stripTrailingZeros().toPlainString();
    }
}
