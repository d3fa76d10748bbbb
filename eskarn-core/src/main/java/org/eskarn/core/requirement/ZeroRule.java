package org.eskarn.core.requirement;

import org.eskarn.core.result.Note;

/** Where the zero is set. */
public enum ZeroRule {
    FIRST_STATION(Note.of("core.on-the-first-station"), Note.of("core.touch-the-first-station-and-turn-the")),
    LOWEST(Note.of("core.on-the-lowest-point"), Note.of("core.find-the-lowest-point-over-the-whole")),
    NEAREST(Note.of("core.on-the-nearest-place"), Note.of("core.turn-the-part-and-stop-where-it-is-nearest")),
    MASTER(Note.of("core.on-a-master"), Note.of("core.set-the-gauge-on-its-master-and"));

    private final Note title;
    private final Note instruction;

    ZeroRule(Note title, Note instruction) {
        this.title = title;
        this.instruction = instruction;
    }

    public Note title() {
        return title;
    }

    public Note instruction() {
        return instruction;
    }

    /** Whether the first station itself is the zero. */
    public boolean onFirstStation() {
        return this == FIRST_STATION;
    }
}
