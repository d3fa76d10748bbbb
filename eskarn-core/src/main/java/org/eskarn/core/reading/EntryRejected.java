package org.eskarn.core.reading;

import org.eskarn.core.result.Note;
import org.eskarn.core.result.Refusal;

/** What was typed cannot be taken as a reading. The note says what to type instead. */
public class EntryRejected extends Refusal {

    private static final long serialVersionUID = 1L;

    /** Why an entry was not taken. */
    public enum Reason {
        EMPTY,
        TWO_SIGNS,
        TWO_DECIMAL_MARKS,
        SEVERAL_NUMBERS,
        NOT_A_NUMBER,
        NOT_AN_ANSWER,
        UNKNOWN_UNIT,
        TOO_LONG,
        BAND_INCOMPLETE,
        TWO_UNITS,
        BEYOND_TRAVEL,
        WHOLE_SIZE
    }

    private final Reason reason;

    public EntryRejected(Reason reason, Note note) {
        super(note);
        this.reason = reason;
    }

    public Reason reason() {
        return reason;
    }
}
