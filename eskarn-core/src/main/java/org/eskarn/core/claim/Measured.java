package org.eskarn.core.claim;

/**
 * What was measured of a figure that a maker claims.
 *
 * @param micrometres the figure found, µm
 * @param above how far the true figure may lie above it, µm (expanded)
 * @param below how far it may lie below it, µm (expanded)
 * @param sweeps how many sweeps that count it was found by
 */
public record Measured(double micrometres, double above, double below, int sweeps) {

    /**
     * @throws IllegalArgumentException if an uncertainty is below zero, or no sweep counts
     */
    public Measured {
        if (!(above >= 0) || !(below >= 0)) {
            throw new IllegalArgumentException("an uncertainty is not below zero: +" + above + " / -" + below + " µm");
        }
        if (sweeps < 1) {
            throw new IllegalArgumentException("what was measured rests on a sweep, not on " + sweeps);
        }
    }
}
