package org.eskarn.core.remedy;

import org.eskarn.core.result.Note;
import org.eskarn.core.result.Refusal;

/** A plan would have more steps than anybody carries out. */
public final class PlanRefused extends Refusal {

    private static final long serialVersionUID = 1L;

    PlanRefused(Note note) {
        super(note);
    }
}
