package org.eskarn.core.line;

import org.eskarn.core.result.Note;
import org.eskarn.core.result.Refusal;

/** A line cannot be read as a requirement. The note says which word of it, and what would do. */
public final class LineRejected extends Refusal {

    private static final long serialVersionUID = 1L;

    LineRejected(Note note) {
        super(note);
    }
}
