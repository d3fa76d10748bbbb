package org.eskarn.core.reading;

import java.math.BigDecimal;

/**
 * A marked place to touch on a ring.
 *
 * @param number 1 for the station the sweep starts and ends at, counting on in the order of reading
 * @param angle degrees from the top, clockwise as seen from the stated end of the part, at least 0 and below 360
 */
public record Station(int number, BigDecimal angle) {

    private static final BigDecimal FULL_TURN = BigDecimal.valueOf(360);

    public Station {
        if (number < 1) {
            throw new IllegalArgumentException("a station's number starts at 1, not " + number);
        }
        if (angle.signum() < 0 || angle.compareTo(FULL_TURN) >= 0) {
            throw new IllegalArgumentException("a station's angle is from 0 to below 360 degrees, not " + angle);
        }
    }

    public double radians() {
        return Math.toRadians(angle.doubleValue());
    }
}
