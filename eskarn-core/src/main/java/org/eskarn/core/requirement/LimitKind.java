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

    /** Whether it is a largest figure alone. */
    public boolean maximum() {
        return this == MAXIMUM;
    }

    /** Whether it names a lower and an upper size. */
    public boolean between() {
        return this == BETWEEN;
    }

    /** Whether it is a nominal with deviations. */
    public boolean plusMinus() {
        return this == PLUS_MINUS;
    }

    /** Whether it is a nominal with a tolerance class. */
    public boolean fitCode() {
        return this == FIT_CODE;
    }

    /** Whether both of its ends are typed. */
    public boolean twoSided() {
        return this == BETWEEN || this == PLUS_MINUS;
    }

    /** Whether it starts from a nominal size. */
    public boolean ofNominal() {
        return this == PLUS_MINUS || this == FIT_CODE;
    }

    /** Whether it is stated in figures at all. */
    public boolean figured() {
        return this != NONE && this != ANSWER;
    }
}
