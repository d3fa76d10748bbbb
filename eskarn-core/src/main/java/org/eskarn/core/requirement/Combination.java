package org.eskarn.core.requirement;

import org.eskarn.core.result.Note;

/** What is judged when several sweeps count. */
public enum Combination {
    MEAN(Note.of("core.mean"), Note.of("core.the-mean-of-all-valid-sweeps-place")),
    MEDIAN(Note.of("core.median"), Note.of("core.the-median-of-all-valid-sweeps-place")),
    WORST(Note.of("core.worst"), Note.of("core.the-worst-of-all-valid-sweeps"));

    private final Note title;
    private final Note explanation;

    Combination(Note title, Note explanation) {
        this.title = title;
        this.explanation = explanation;
    }

    /** The short word beside a figure. */
    public Note title() {
        return title;
    }

    public Note explanation() {
        return explanation;
    }
}
