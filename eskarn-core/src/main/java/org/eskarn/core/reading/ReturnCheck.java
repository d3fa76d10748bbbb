package org.eskarn.core.reading;

/**
 * Whether the first station read the same again at the end of a sweep. Return error = last − first. Beyond the allowed
 * return the gauge, its stand or the part moved, and the sweep proves nothing.
 *
 * @param error in µm, signed
 * @param allowed in µm, either way
 */
public record ReturnCheck(double error, double allowed) {

    /** The share of the tolerance that a return may be off by default. */
    private static final double SHARE_OF_TOLERANCE = 0.10;

    /**
     * Readings come from decimal entries, so a return that is exactly the allowed one on the dial may be some 1e-13 µm
     * beyond it in binary.
     */
    private static final double ROUNDING = 1e-9;

    /**
     * The return allowed when the requirement states none: the larger of half a graduation and a tenth of the
     * tolerance.
     *
     * @param graduationUm in µm
     * @param toleranceUm in µm of movement
     */
    public static double usuallyAllowed(double graduationUm, double toleranceUm) {
        return Math.max(graduationUm / 2, SHARE_OF_TOLERANCE * toleranceUm);
    }

    public boolean holds() {
        return Math.abs(error) <= allowed + ROUNDING;
    }
}
