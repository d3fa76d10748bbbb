package org.eskarn.core.size;

/**
 * Single and accumulated errors of a row or ring of places that should be equally spaced, by comparison.
 *
 * <p>With one zero for all, reading i is the accumulated error of place i, and the single error of step i is its
 * difference from the reading before. Re-zeroed at each step, reading i is the single error of step i, and the accumulated
 * error is the sum of all steps so far. Round a closed ring the steps sum to 0; what is left over is the closing error of
 * the measurement.
 *
 * <p>Degenerate cases: one reading is a single step of itself; equal readings give no single error on one zero.
 *
 * @param single error of each step, µm, in the order read
 * @param accumulated error up to each place, µm, same order
 */
public record Pitches(double[] single, double[] accumulated) {

    /** All places read on one zero. */
    public static Pitches onOneZero(double[] micrometres) {
        double[] single = new double[micrometres.length];
        for (int i = 0; i < single.length; i++) {
            single[i] = i == 0 ? micrometres[0] : micrometres[i] - micrometres[i - 1];
        }
        return new Pitches(single, micrometres.clone());
    }

    /** Each place read from the one before. */
    public static Pitches stepByStep(double[] micrometres) {
        double[] accumulated = new double[micrometres.length];
        double sum = 0;
        for (int i = 0; i < accumulated.length; i++) {
            sum += micrometres[i];
            accumulated[i] = sum;
        }
        return new Pitches(micrometres.clone(), accumulated);
    }

    /** Largest less smallest accumulated error, the start counted as 0: the worst error between any two places, µm. */
    public double betweenAny() {
        double highest = 0;
        double lowest = 0;
        for (double each : accumulated) {
            highest = Math.max(highest, each);
            lowest = Math.min(lowest, each);
        }
        return highest - lowest;
    }

    /** Index of the largest amount. */
    public static int worst(double[] errors) {
        int worst = 0;
        for (int i = 1; i < errors.length; i++) {
            if (Math.abs(errors[i]) > Math.abs(errors[worst])) {
                worst = i;
            }
        }
        return worst;
    }
}
