package org.eskarn.core.round;

/** The stations read cannot tell where the centre is. The message is one sentence that says what is missing. */
public final class StationsUnfit extends Exception {

    private static final long serialVersionUID = 1L;

    /** What is wrong with the stations. */
    public enum Reason {
        /** Fewer than three angles that differ by more than the width of a stylus. */
        TOO_FEW_ANGLES,
        /** All stations lie within less than half a turn. */
        NARROW_ARC,
        /** Enough angles over enough arc, but bunched so that a small reading error becomes a large offset. */
        BUNCHED
    }

    private final Reason reason;

    StationsUnfit(Reason reason, String sentence) {
        super(sentence);
        this.reason = reason;
    }

    public Reason reason() {
        return reason;
    }
}
