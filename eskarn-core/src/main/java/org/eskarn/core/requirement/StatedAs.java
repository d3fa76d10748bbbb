package org.eskarn.core.requirement;

/** Which of the two usual figures of a ring a limit speaks of. */
public enum StatedAs {
    /** Highest minus lowest reading over the turn. */
    MOVEMENT("movement", "full indicator movement"),
    /** How far the centre is off, half the movement of a round section. */
    OFFSET("offset", "offset of the centre");

    private final String word;
    private final String title;

    StatedAs(String word, String title) {
        this.word = word;
        this.title = title;
    }

    /** The short word beside a figure. */
    public String word() {
        return word;
    }

    public String title() {
        return title;
    }

    /** How many µm of movement go with one µm of this figure, for a round section. */
    double movementPerUnit() {
        return this == MOVEMENT ? 1 : 2;
    }
}
