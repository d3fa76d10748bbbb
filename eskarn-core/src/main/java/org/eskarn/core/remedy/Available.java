package org.eskarn.core.remedy;

import org.eskarn.core.result.Note;
import org.eskarn.core.units.Length;

/**
 * An offset that exists in the drawer.
 *
 * @param amount how far it moves the centre, above 0
 */
public record Available(Kind kind, String name, Length amount) {

    /** What it is. */
    public enum Kind {
        DOWEL(Note.of("core.offset-dowel")),
        BUSH(Note.of("core.eccentric-bush")),
        SHIM(Note.of("core.shim"));

        private final Note title;

        Kind(Note title) {
            this.title = title;
        }

        public Note title() {
            return title;
        }
    }

    /**
     * @throws IllegalArgumentException if the amount is not above 0
     */
    public Available {
        if (amount.amount().signum() <= 0) {
            throw new IllegalArgumentException("an offset is above 0, not " + amount);
        }
    }
}
