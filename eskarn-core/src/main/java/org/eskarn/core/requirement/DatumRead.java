package org.eskarn.core.requirement;

import org.eskarn.core.result.Note;

/** How the datum is had that a parallelism or squareness is held against. */
public enum DatumRead {
    /** It is what part and gauge stand on. */
    ASSUMED(Note.of("core.the-plate-or-fixture")),
    /** Its own points are read in the same set-up; the plane or line that touches it outside, by the minimum zone. */
    CONTACTING(Note.of("core.read-by-the-contacting-plane")),
    /** Its own points are read in the same set-up; the plane or line that fits them best. */
    LEAST_SQUARES(Note.of("core.read-by-least-squares"));

    private final Note title;

    DatumRead(Note title) {
        this.title = title;
    }

    public Note title() {
        return title;
    }

    public boolean read() {
        return this != ASSUMED;
    }
}
