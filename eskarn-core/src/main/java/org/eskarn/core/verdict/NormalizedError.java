package org.eskarn.core.verdict;

/**
 * Two independent results of one figure compared: Eₙ = |a − b| / √(Uₐ² + U_b²). They agree when Eₙ is 1 or less
 * (ISO 13528:2022, 9.7). Without any uncertainty they agree only when they are equal.
 *
 * @param difference b − a, µm
 * @param combined √(Uₐ² + U_b²), µm
 */
public record NormalizedError(double difference, double combined) {

    /** µm; figures typed as decimals differ by some 1e-13 in binary. */
    private static final double ROUNDING = 1e-9;

    /**
     * @param a first result, µm
     * @param expandedA its expanded uncertainty, µm
     * @param b second result, µm
     * @param expandedB its expanded uncertainty, µm
     */
    public static NormalizedError of(double a, double expandedA, double b, double expandedB) {
        return new NormalizedError(b - a, Math.hypot(expandedA, expandedB));
    }

    /** Eₙ; infinite where two results without uncertainty differ. */
    public double amount() {
        double apart = Math.abs(difference);
        return combined > 0 ? apart / combined : apart <= ROUNDING ? 0 : Double.POSITIVE_INFINITY;
    }

    public boolean agrees() {
        return Math.abs(difference) <= combined + ROUNDING;
    }
}
