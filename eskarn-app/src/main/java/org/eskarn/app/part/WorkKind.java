package org.eskarn.app.part;

import org.eskarn.app.page.Words;
import org.eskarn.core.requirement.Characteristic;

/** Where and how a part is held while it is measured. */
public enum WorkKind {
    BETWEEN_CENTRES(Words.say("part.between-centres")),
    ON_THE_PLATE(Words.say("part.on-the-plate")),
    IN_A_FIXTURE(Words.say("part.in-a-fixture")),
    ON_THE_MACHINE(Words.say("part.on-the-machine")),
    IN_THE_ASSEMBLY(Words.say("part.in-the-vehicle-or-assembly")),
    IN_THE_HAND(Words.say("part.in-the-hand"));

    private final String title;

    WorkKind(String title) {
        this.title = title;
    }

    /** How a part is usually held for a characteristic. */
    public static WorkKind usual(Characteristic what) {
        return switch (what) {
            case FLATNESS, PARALLELISM_OF_FACES, PARALLELISM_OF_AXIS, SQUARENESS, STRAIGHTNESS, BEND_AND_TWIST ->
                ON_THE_PLATE;
            case OUTSIDE_SIZE, BORE_SIZE, OUT_OF_ROUND, TAPER, PIN_CHECK, FIT_OF_PAIR, DEPTH_AND_PITCH -> IN_THE_HAND;
            case PARALLELISM_OF_LINES, BORES_IN_LINE, PITCH -> ON_THE_MACHINE;
            case PLAY, FUNCTIONAL_FIT -> IN_THE_ASSEMBLY;
            case GAP, HEIGHT_DIFFERENCE -> ON_THE_PLATE;
            default -> BETWEEN_CENTRES;
        };
    }

    public String title() {
        return title;
    }
}
