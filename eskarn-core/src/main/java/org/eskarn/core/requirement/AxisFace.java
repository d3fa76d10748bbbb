package org.eskarn.core.requirement;

import org.eskarn.core.result.Note;

/** Of a face held to the axis of two rings: what the rings are read on, and which way the face looks; both decide the sign of its lean. */
public enum AxisFace {
    SHAFT_AWAY(false, false, Note.of("core.rings-on-a-shaft-face-away")),
    SHAFT_TOWARDS(false, true, Note.of("core.rings-on-a-shaft-face-towards")),
    BORE_AWAY(true, false, Note.of("core.rings-in-a-bore-face-away")),
    BORE_TOWARDS(true, true, Note.of("core.rings-in-a-bore-face-towards"));

    private final boolean bore;
    private final boolean towards;
    private final Note title;

    AxisFace(boolean bore, boolean towards, Note title) {
        this.bore = bore;
        this.towards = towards;
        this.title = title;
    }

    /** Whether a reading on a ring is higher where the wall is nearer to the axis. */
    public boolean bore() {
        return bore;
    }

    /** Whether the face looks at the rings. */
    public boolean towards() {
        return towards;
    }

    public Note title() {
        return title;
    }
}
