package org.eskarn.core.requirement;

import org.eskarn.core.result.Note;

/** How often the gauge is set to zero in a sweep. */
public enum Zeroing {
    ONE_FOR_ALL(Note.of("core.one-zero-for-all")),
    EACH_STEP(Note.of("core.zero-again-at-each-section-or-step"));

    private final Note title;

    Zeroing(Note title) {
        this.title = title;
    }

    public Note title() {
        return title;
    }

    /** Whether the gauge is set to zero again at each section or step. */
    public boolean eachStep() {
        return this == EACH_STEP;
    }
}
