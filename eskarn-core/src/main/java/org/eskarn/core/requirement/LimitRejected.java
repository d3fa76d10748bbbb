package org.eskarn.core.requirement;

/** A limit makes no sense. The message is one sentence that says why. */
public final class LimitRejected extends Exception {

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

    LimitRejected(Field field, String sentence) {
        super(sentence);
        this.field = field;
    }

    public Field field() {
        return field;
    }
}
