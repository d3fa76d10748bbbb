package org.eskarn.core.reading;

/** What was typed cannot be taken as a reading. The message is one sentence that says what to type instead. */
public class EntryRejected extends Exception {

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

    public EntryRejected(Reason reason, String sentence) {
        super(sentence);
        this.reason = reason;
    }

    public Reason reason() {
        return reason;
    }
}
