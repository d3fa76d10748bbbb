package org.eskarn.app.docket.work;

import org.eskarn.app.docket.ReadingSource;

/**
 * One reading as it was sent, whatever sent it: the keypad, a gauge that types like a keyboard, a paste, or the simulated
 * indicator. All go the same way.
 *
 * @param sweepId the sweep the page showed
 * @param place the place the page meant it for
 * @param typed what was typed or sent: a number, and a unit where it has one
 * @param key made for this reading, so that one sent twice is taken once
 * @param meant what a number that looks like a whole size means
 */
public record TypedReading(long sweepId, int place, String typed, String key, ReadingSource source, Meant meant) {

    /** What a number means where the gauge reads deviations from a master. */
    public enum Meant {
        /** Whoever typed it is asked where it looks like a whole size. */
        ASK,
        DEVIATION,
        SIZE
    }

    public TypedReading(long sweepId, int place, String typed, String key, ReadingSource source) {
        this(sweepId, place, typed, key, source, source == ReadingSource.SIMULATED ? Meant.DEVIATION : Meant.ASK);
    }

    /** A reading from the keypad, or from a gauge that types like one. */
    public static TypedReading ofKeypad(long sweepId, int place, String typed, String key) {
        return new TypedReading(sweepId, place, typed, key, ReadingSource.KEYPAD);
    }
}
