package org.eskarn.core.size;

import org.eskarn.core.verdict.Bounds;

/**
 * Single and accumulated errors of a row or ring of places that should be equally spaced, by comparison.
 *
 * <p>With one zero for all, reading i is the error of place i against the zero, wherever that was set: the error of the step
 * from place i − 1 to place i is rᵢ − rᵢ₋₁, round a closed ring that of the last step r₀ − rₙ₋₁ too. Re-zeroed at each step,
 * reading i is the error of the step that ends at place i. The accumulated error from one place to another is the sum of the
 * steps between them, in the order of the row; round a ring it can be taken either way. Round a closed ring the steps sum to
 * 0; read step by step, what is left over is the closing error of the measurement.
 *
 * <p>Degenerate cases: on one zero a single place has no step; equal readings there give no error.
 *
 * @param places error of each place against the start, µm, in the order of the row; read step by step the start itself, which
 *     is 0, is the first of them and not read
 * @param steps error of each step, µm; step i ends at place i + 1, the closing step of a ring at its first
 * @param ring whether a pair of places can be taken either way
 */
public record Pitches(double[] places, double[] steps, boolean ring) {

    /**
     * All places read on one zero.
     *
     * @param micrometres in the order of the row
     * @param closed whether it is a ring of which all places are read
     */
    public static Pitches onOneZero(double[] micrometres, boolean closed) {
        int n = micrometres.length;
        double[] places = new double[n];
        double[] steps = new double[Math.max(0, closed && n > 1 ? n : n - 1)];
        for (int i = 0; i < n; i++) {
            places[i] = micrometres[i] - micrometres[0];
        }
        for (int i = 0; i < steps.length; i++) {
            steps[i] = micrometres[(i + 1) % n] - micrometres[i];
        }
        return new Pitches(places, steps, closed);
    }

    /** Each place read from the one before. */
    public static Pitches stepByStep(double[] micrometres, boolean ring) {
        double[] places = new double[micrometres.length + 1];
        for (int i = 0; i < micrometres.length; i++) {
            places[i + 1] = places[i] + micrometres[i];
        }
        return new Pitches(places, micrometres.clone(), ring);
    }

    /**
     * The accumulated error between two places.
     *
     * @param from index of the one place
     * @param to index of the other, further on
     * @param error µm
     */
    public record Between(int from, int to, double error) {

        /** How many steps lie between. */
        public int steps() {
            return to - from;
        }
    }

    /** Of all pairs of places the one worst placed; without bounds the one of the largest amount. At least two places. */
    public Between worstBetween(Bounds bounds) {
        Between worst = null;
        for (int from = 0; from < places.length; from++) {
            for (int to = from + 1; to < places.length; to++) {
                double forwards = places[to] - places[from];
                for (double error : ring ? new double[] {forwards, -forwards} : new double[] {forwards}) {
                    if (worst == null || placed(error, bounds) > placed(worst.error(), bounds)) {
                        worst = new Between(from, to, error);
                    }
                }
            }
        }
        return java.util.Objects.requireNonNull(worst, "two places at least have an error between them");
    }

    /** Index of the step worst placed; without bounds of the largest amount. At least one step. */
    public int worstStep(Bounds bounds) {
        int worst = 0;
        for (int i = 1; i < steps.length; i++) {
            if (placed(steps[i], bounds) > placed(steps[worst], bounds)) {
                worst = i;
            }
        }
        return worst;
    }

    private static double placed(double error, Bounds bounds) {
        return bounds.open() ? Math.abs(error) : bounds.outside(error);
    }
}
