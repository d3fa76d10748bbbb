package org.eskarn.core.reading;

import java.math.BigDecimal;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * One reading at one station.
 *
 * @param micrometres the reading in µm, plus when the plunger is pushed in; the middle of the band of a needle that
 *     flickers
 * @param halfBand half the width of that band in µm; 0 where the needle stood still
 * @param noted where it was seen, in degrees, where the station itself is no place; null where nobody noted it
 */
public record Reading(
        Station station,
        double micrometres,
        double halfBand,
        @Nullable BigDecimal noted) {

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

    public Reading(Station station, double micrometres, double halfBand) {
        this(station, micrometres, halfBand, null);
    }

    /** The same reading of a station that is called otherwise. */
    public Reading at(Station other) {
        return new Reading(other, micrometres, halfBand, noted);
    }

    /** The same place and band with another figure, µm. */
    Reading with(double other) {
        return new Reading(station, other, halfBand, noted);
    }

    /** Where round the part it was read, in radians: at its station, or where it was noted. */
    public Optional<Double> radians() {
        BigDecimal degrees = station.angle() == null ? noted : station.angle();
        return Optional.ofNullable(degrees).map(known -> Math.toRadians(known.doubleValue()));
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
