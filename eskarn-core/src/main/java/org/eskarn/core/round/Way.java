package org.eskarn.core.round;

import org.eskarn.core.result.Note;

/** A direction across a section, clockwise from the top as seen from the stated end, said so that nobody can mistake it. */
public final class Way {

    private static final double FULL_TURN = 2 * Math.PI;
    private static final int HOURS = 12;
    private static final int EIGHTHS = 8;
    private static final Note[] WORDS = {
        Note.of("core.up"),
        Note.of("core.up-and-to-the-right"),
        Note.of("core.to-the-right"),
        Note.of("core.down-and-to-the-right"),
        Note.of("core.down"),
        Note.of("core.down-and-to-the-left"),
        Note.of("core.to-the-left"),
        Note.of("core.up-and-to-the-left")
    };

    private Way() {}

    /** Degrees from 0 to below 360. */
    public static double degrees(double radians) {
        return Math.toDegrees(within(radians));
    }

    /** The nearest hour of a clock face, 1 to 12. */
    public static int clock(double radians) {
        int hour = (int) (Math.round(within(radians) / FULL_TURN * HOURS) % HOURS);
        return hour == 0 ? HOURS : hour;
    }

    /** Up, down, left, right, to the nearest eighth of a turn. */
    public static Note words(double radians) {
        return WORDS[(int) (Math.round(within(radians) / FULL_TURN * EIGHTHS) % EIGHTHS)];
    }

    /** The opposite direction, radians from 0 to below 2π. */
    public static double opposite(double radians) {
        return within(radians + Math.PI);
    }

    /** The same direction, from 0 to below 2π. */
    static double within(double radians) {
        return ((radians % FULL_TURN) + FULL_TURN) % FULL_TURN;
    }
}
