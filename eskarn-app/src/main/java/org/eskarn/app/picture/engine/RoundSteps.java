package org.eskarn.app.picture.engine;

/** Round numbers for scales and magnifications. */
public final class RoundSteps {

    private static final double[] MAGNIFICATIONS = {8, 6, 5, 4, 3, 2, 1.5, 1};
    private static final double[] TICKS = {1, 2, 5, 10};

    private RoundSteps() {}

    /** The largest of 1, 1.5, 2, 3, 4, 5, 6, 8 times a power of ten that is not above {@code most}. */
    public static double atMost(double most) {
        double power = Math.pow(10, Math.floor(Math.log10(most)));
        for (double step : MAGNIFICATIONS) {
            if (step * power <= most * (1 + 1e-9)) {
                return step * power;
            }
        }
        return power;
    }

    /** The smallest of 1, 2, 5 times a power of ten that is not below {@code least}. */
    public static double atLeast(double least) {
        double power = Math.pow(10, Math.floor(Math.log10(least)));
        for (double step : TICKS) {
            if (step * power >= least * (1 - 1e-9)) {
                return step * power;
            }
        }
        return 10 * power;
    }
}
