package org.eskarn.app.page;

import java.math.BigDecimal;
import java.math.RoundingMode;
import org.eskarn.core.uncertainty.UncertaintyBudget;

/** How a coverage factor is said: k = 2, or a larger one with its degrees of freedom. */
public final class Coverage {

    private static final int DECIMALS = 2;

    private Coverage() {}

    public static String said(UncertaintyBudget budget) {
        return Double.isInfinite(budget.degreesOfFreedom())
                ? Words.say("page.coverage-of-2")
                : said(factor(budget), freedom(budget));
    }

    /** @param factor as {@link #factor} writes it */
    public static String said(String factor, String freedom) {
        return Words.say("page.coverage-with-degrees-of-freedom", factor, Integer.valueOf(freedom));
    }

    public static String factor(UncertaintyBudget budget) {
        return BigDecimal.valueOf(budget.coverageFactor())
                .setScale(DECIMALS, RoundingMode.HALF_UP)
                .toPlainString();
    }

    /** @throws ArithmeticException if they are infinite */
    public static String freedom(UncertaintyBudget budget) {
        return Integer.toString(Math.toIntExact((long) budget.degreesOfFreedom()));
    }
}
