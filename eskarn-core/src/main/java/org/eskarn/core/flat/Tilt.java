package org.eskarn.core.flat;

import org.eskarn.core.result.Note;
import org.eskarn.core.round.Way;

/**
 * The slope of a plane as people say it: how much, and which way is downhill.
 *
 * @param slopeX µm for each mm to the right
 * @param slopeY µm for each mm upwards on the plan
 */
public record Tilt(double slopeX, double slopeY) {

    /** µm for each mm along the steepest way. */
    public double steepest() {
        return Math.hypot(slopeX, slopeY);
    }

    /** The way water would run, radians clockwise from the top of the plan; without a tilt any. */
    public double downhill() {
        return Way.opposite(Math.atan2(slopeX, slopeY));
    }

    /** The same in words, as seen on the plan from above. */
    public Note words() {
        return Way.words(downhill());
    }
}
