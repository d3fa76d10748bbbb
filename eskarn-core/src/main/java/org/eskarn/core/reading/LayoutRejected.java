package org.eskarn.core.reading;

import org.eskarn.core.result.Note;
import org.eskarn.core.result.Refusal;

/** What was written is no layout. The note says what to enter instead. */
public final class LayoutRejected extends Refusal {

    private static final long serialVersionUID = 1L;

    private final boolean second;

    /** About the second of its two fields. */
    public static LayoutRejected ofSecond(Note note) {
        return new LayoutRejected(true, note);
    }

    LayoutRejected(boolean second, Note note) {
        super(note);
        this.second = second;
    }

    /** Whether the second of the two fields is meant. */
    public boolean second() {
        return second;
    }

    /** More stations than a sweep holds. */
    public static LayoutRejected tooMany(int stations) {
        return new LayoutRejected(false, Note.of("core.that-makes-stations-a-layout-holds-400", stations));
    }
}
