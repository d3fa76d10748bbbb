package org.eskarn.core.result;

/** Something cannot be taken as it was given; the note says why, and what would do. */
public abstract class Refusal extends Exception {

    private static final long serialVersionUID = 1L;

    private final transient Note note;

    protected Refusal(Note note) {
        super(note.toString());
        this.note = note;
    }

    public Note note() {
        return note;
    }
}
