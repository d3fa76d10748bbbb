package org.eskarn.core.claim;

import java.math.BigDecimal;

/**
 * A figure that a maker claims on a certificate.
 *
 * @param micrometres the claimed figure, µm
 * @param uncertainty how far it may lie from what the maker found, µm, at least 0
 */
public record Claim(double micrometres, double uncertainty) {

    private static final BigDecimal TWO = BigDecimal.valueOf(2);

    /**
     * @throws IllegalArgumentException if the figure is no number, or the uncertainty is none or below zero
     */
    public Claim {
        if (!Double.isFinite(micrometres)) {
            throw new IllegalArgumentException("a claim of " + micrometres + " µm is no figure");
        }
        if (!Double.isFinite(uncertainty) || uncertainty < 0) {
            throw new IllegalArgumentException("the uncertainty of a claim is not " + uncertainty + " µm");
        }
    }

    /** A claim with an uncertainty of its own, both in µm. */
    public static Claim of(double micrometres, double uncertainty) {
        return new Claim(micrometres, uncertainty);
    }

    /**
     * Half the last digit of a figure as it is written, in its own unit: 0.5 of “2”, 0.05 of “2.0”, 5 of “1E+1”. That is what rounding
     * leaves open where nothing else is stated.
     */
    public static BigDecimal halfLastDigit(BigDecimal written) {
        return BigDecimal.ONE.scaleByPowerOfTen(-written.scale()).divide(TWO);
    }
}
