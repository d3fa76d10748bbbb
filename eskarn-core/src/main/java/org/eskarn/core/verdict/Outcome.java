package org.eskarn.core.verdict;

import org.eskarn.core.result.Note;

/** The words a judgement can end in. */
public enum Outcome {
    PASS(Note.of("core.pass")),
    FAIL(Note.of("core.fail")),
    NOT_PROVEN(Note.of("core.not-proven")),
    /** Nothing is asked of the figure; it was measured and kept. */
    RECORDED(Note.of("core.recorded"));

    private final Note word;

    Outcome(Note word) {
        this.word = word;
    }

    public Note word() {
        return word;
    }
}
