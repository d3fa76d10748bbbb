package org.eskarn.core.requirement;

/** Which of several usual figures a limit speaks of. */
public enum StatedAs {
    /** Highest minus lowest reading. */
    MOVEMENT("movement", "full indicator movement", "highest less lowest"),
    /** How far the centre is off, half the movement of a round section. */
    OFFSET("offset", "offset of the centre", "half the movement if round"),
    /** Out-of-round as workshops say it. */
    DIAMETERS("difference of diameters", "difference of diameters", "largest less smallest diameter of a section"),
    /** Out-of-round as standards say it, half of the former for an oval. */
    RADIAL("radial", "radial out-of-round", "half the difference of diameters, for an oval"),
    /** The figure as it comes; the characteristic leaves no choice. */
    ITSELF("", "the figure itself", "");

    private final String word;
    private final String title;
    private final String explanation;

    StatedAs(String word, String title, String explanation) {
        this.word = word;
        this.title = title;
        this.explanation = explanation;
    }

    /** The short word beside a figure. */
    public String word() {
        return word;
    }

    public String title() {
        return title;
    }

    public String explanation() {
        return explanation;
    }

    /** How many µm of difference between two readings go with one µm of this figure, for a round section. */
    double movementPerUnit() {
        return this == OFFSET || this == RADIAL ? 2 : 1;
    }
}
