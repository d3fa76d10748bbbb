package org.eskarn.core.requirement;

import org.eskarn.core.result.Note;
import org.eskarn.core.result.Refusal;

/** A limit makes no sense. The note says why. */
public final class LimitRejected extends Refusal {

    private static final long serialVersionUID = 1L;

    /** The part of the limit that the sentence is about. */
    public enum Field {
        NOMINAL,
        LOWER,
        UPPER,
        UNIT,
        CODE,
        ONLY,
        REASON,
        PER
    }

    private final Field field;

    LimitRejected(Field field, Note note) {
        super(note);
        this.field = field;
    }

    public Field field() {
        return field;
    }
}
