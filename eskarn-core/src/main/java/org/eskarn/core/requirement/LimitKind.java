package org.eskarn.core.requirement;

import org.eskarn.core.result.Note;

/** How a limit is written. */
public enum LimitKind {
    MAXIMUM(Note.of("core.at-most")),
    BETWEEN(Note.of("core.between-two-limits")),
    PLUS_MINUS(Note.of("core.nominal-with-plus-and-minus")),
    FIT_CODE(Note.of("core.nominal-with-a-fit-code")),
    ANSWER(Note.of("core.every-answer-yes")),
    NONE(Note.of("core.no-limit-measure-and-record"));

    private final Note title;

    LimitKind(Note title) {
        this.title = title;
    }

    public Note title() {
        return title;
    }
}
