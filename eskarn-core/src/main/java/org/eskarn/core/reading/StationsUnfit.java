package org.eskarn.core.reading;

import org.eskarn.core.result.Note;
import org.eskarn.core.result.Refusal;

/** The stations read cannot show the figure asked for. The note says what is missing. */
public final class StationsUnfit extends Refusal {

    private static final long serialVersionUID = 1L;

    /** What is wrong with the stations. */
    public enum Reason {
        /** Too few for the figure, or all in one place. */
        TOO_FEW,
        /** Two readings of a pair contradict each other. */
        CONTRADICTION,
        /** Fewer than three angles that differ by more than the width of a stylus. */
        TOO_FEW_ANGLES,
        /** All stations lie within less than half a turn. */
        NARROW_ARC,
        /** Enough angles over enough arc, but bunched so that a small reading error becomes a large offset. */
        BUNCHED
    }

    private final Reason reason;

    public StationsUnfit(Reason reason, Note note) {
        super(note);
        this.reason = reason;
    }

    public Reason reason() {
        return reason;
    }
}
