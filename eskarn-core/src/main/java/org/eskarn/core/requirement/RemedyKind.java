package org.eskarn.core.requirement;

import org.eskarn.core.result.Note;

/** The corrections there are. */
public enum RemedyKind {
    OFFSET(Note.of("remedy.move-it-back"), Note.of("remedy.support-what-hangs-on-the-joint-before")),
    TRUING(Note.of("remedy.true-it"), Note.of("remedy.eye-protection-and-others-clear-strike-with")),
    TAPER(Note.of("remedy.turn-the-taper-out"), Note.of("remedy.isolate-the-lathe-before-the-tailstock-is")),
    CUT(Note.of("remedy.plan-the-cut"), Note.of("remedy.a-part-warm-from-the-cut-burns")),
    SEAT(Note.of("remedy.what-can-be-done"), Note.of("remedy.sleeving-and-plating-change-strength-and-heat")),
    REGRIND(Note.of("remedy.grind-it"), Note.of("remedy.wheel-guarded-and-sound-part-held-so")),
    PACKING(Note.of("remedy.pack-or-screw-it-level"), Note.of("remedy.load-off-before-anything-is-put-under")),
    GUIDE(Note.of("remedy.set-the-guide"), Note.of("remedy.isolate-the-machine-and-lock-it-off")),
    SPRING(Note.of("remedy.spring-it-back"), Note.of("remedy.eyes-protected-others-clear-a-link-that")),
    LEAVE(Note.of("remedy.leave-it-as-it-is"), Note.of("remedy.where-people-rely-on-it-whoever-answers"));

    private final Note title;
    private final Note caution;

    RemedyKind(Note title, Note caution) {
        this.title = title;
        this.caution = caution;
    }

    public Note title() {
        return title;
    }

    /** What can hurt in it; local rules, the drawing and the maker's data come first. */
    public Note caution() {
        return caution;
    }

    /**
     * How far the move that is made may differ from the one that was meant, either way, as a share of it: screws and dowels are set to a
     * tenth, shims and cuts to a twentieth, blows and springing to three tenths. Shares are the program's own; a works that knows its
     * own may find them wide.
     */
    public double settingShare() {
        return switch (this) {
            case OFFSET, TAPER, GUIDE, REGRIND -> 0.1;
            case PACKING, CUT -> 0.05;
            case TRUING, SPRING -> 0.3;
            case SEAT, LEAVE -> 0;
        };
    }

    /** Whether it is known only by its steps, so that there is nothing to decide on before the first. */
    public boolean stepped() {
        return this == TRUING || this == GUIDE;
    }

    /** Whether metal is taken off, pass by pass. */
    public boolean takesOff() {
        return this == CUT || this == REGRIND;
    }

    /** Whether its steps are logged one by one: what it came to after each, or what each took off. */
    public boolean logged() {
        return stepped() || takesOff();
    }

    /** Whether something has to be typed before it can be worked out. */
    public boolean asks() {
        return switch (this) {
            case TAPER, CUT, REGRIND, PACKING, GUIDE, SPRING, LEAVE -> true;
            case OFFSET, TRUING, SEAT -> false;
        };
    }

    /** Whether one of the offsets in the drawer is chosen. */
    public boolean choosesOffset() {
        return this == OFFSET;
    }

    /** Whether a way to save a seat is chosen. */
    public boolean choosesWay() {
        return this == SEAT;
    }

    /** Whether it is struck true, blow by blow. */
    public boolean struck() {
        return this == TRUING;
    }

    /** Whether its picture shows the part after it; that of the others stands above already. */
    public boolean showsAfter() {
        return this != TRUING && this != SPRING;
    }

    /** Whether heights of a face are changed by it. */
    public boolean changesHeights() {
        return this == REGRIND || this == SPRING;
    }
}
