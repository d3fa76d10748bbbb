package org.eskarn.core.reading;

/**
 * One reading at one station.
 *
 * @param micrometres the reading in µm, plus when the plunger is pushed in; the middle of the band of a needle that
 *     flickers
 * @param halfBand half the width of that band in µm; 0 where the needle stood still
 */
public record Reading(Station station, double micrometres, double halfBand) {

    /**
     * @throws IllegalArgumentException if {@code micrometres} is not finite, or {@code halfBand} is negative or not
     *     finite
     */
    public Reading {
        if (!Double.isFinite(micrometres)) {
            throw new IllegalArgumentException("a reading is a finite number of µm, not " + micrometres);
        }
        if (!(halfBand >= 0) || Double.isInfinite(halfBand)) {
            throw new IllegalArgumentException("half a band is 0 µm or more, not " + halfBand);
        }
    }

    /** A reading of a needle that stood still. */
    public static Reading still(Station station, double micrometres) {
        return new Reading(station, micrometres, 0);
    }

    public double low() {
        return micrometres - halfBand;
    }

    public double high() {
        return micrometres + halfBand;
    }
}
