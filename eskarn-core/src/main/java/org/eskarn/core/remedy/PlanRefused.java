package org.eskarn.core.remedy;

import org.eskarn.core.result.Note;
import org.eskarn.core.result.Refusal;

/** A plan cannot be made as asked: it would have more steps than anybody carries out, or not keep what was asked for. */
public final class PlanRefused extends Refusal {

    private static final long serialVersionUID = 1L;

    /** Which of the things asked for has to be changed. */
    public enum Field {
        /** The depth of one pass or downfeed. */
        DEPTH,
        PASSES,
        LAST,
        GRADUATION
    }

    private final Field field;

    PlanRefused(Field field, Note note) {
        super(note);
        this.field = field;
    }

    public Field field() {
        return field;
    }
}
