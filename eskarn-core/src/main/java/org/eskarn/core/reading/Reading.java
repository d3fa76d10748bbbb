package org.eskarn.core.reading;

/**
 * One reading at one station.
 *
 * @param micrometres the reading in µm, plus when the plunger is pushed in
 */
public record Reading(Station station, double micrometres) {

    /**
     * @throws IllegalArgumentException if {@code micrometres} is not finite
     */
    public Reading {
        if (!Double.isFinite(micrometres)) {
            throw new IllegalArgumentException("a reading is a finite number of µm, not " + micrometres);
        }
    }
}
