package org.eskarn.app.page;

import java.math.BigDecimal;
import java.math.RoundingMode;
import org.eskarn.core.uncertainty.UncertaintyBudget;
import org.jspecify.annotations.Nullable;

/** How a coverage factor is said: k = 1.8, and with its degrees of freedom where they are few. */
public final class Coverage {

    private static final int DECIMALS = 2;

    private Coverage() {}

    public static String said(UncertaintyBudget budget) {
        return said(factor(budget), freedom(budget));
    }

    /**
     * @param factor as {@link #factor} writes it
     * @param freedom null where they are infinitely many
     */
    public static String said(String factor, @Nullable String freedom) {
        return freedom == null
                ? Words.say("page.coverage", factor)
                : Words.say("page.coverage-with-degrees-of-freedom", factor, Integer.valueOf(freedom));
    }

    public static String factor(UncertaintyBudget budget) {
        BigDecimal factor = BigDecimal.valueOf(budget.coverageFactor()).setScale(DECIMALS, RoundingMode.HALF_UP);
        return factor.compareTo(BigDecimal.valueOf(2)) == 0 ? "2" : factor.toPlainString();
    }

    /** Null where they are infinitely many. */
    public static @Nullable String freedom(UncertaintyBudget budget) {
        double freedom = budget.degreesOfFreedom();
        return Double.isInfinite(freedom) ? null : Integer.toString((int) freedom);
    }
}
