package org.eskarn.core.fit;

import java.util.List;
import org.eskarn.core.result.Note;
import org.eskarn.core.result.Refusal;

/** A fit code that cannot be read or is not defined for a size. The note is for whoever typed it. */
public final class FitUndefined extends Refusal {

    private static final long serialVersionUID = 1;

    private final transient List<String> neighbours;

    FitUndefined(Note note) {
        this(note, List.of());
    }

    /** @param neighbours the codes nearest to it that are defined */
    FitUndefined(Note note, List<String> neighbours) {
        super(neighbours.isEmpty() ? note : Note.of("core.near-it", note, String.join(", ", neighbours)));
        this.neighbours = List.copyOf(neighbours);
    }

    public List<String> neighbours() {
        return neighbours;
    }
}
