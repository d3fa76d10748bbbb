package org.eskarn.core.requirement;

import org.eskarn.core.round.ReferenceCircle;

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
    /** Form as the tolerance defines it. */
    MINIMUM_ZONE(
            "minimum zone", "by the minimum zone", "the thinnest zone that holds all readings, as standards define it"),
    LEAST_SQUARES("least squares", "by least squares", "about the circle, plane or line that fits best"),
    INSCRIBED("inscribed", "by the largest inscribed circle", "for bores that a pin has to enter"),
    CIRCUMSCRIBED("circumscribed", "by the smallest circumscribed circle", "for pins that a bore has to take"),
    /** Pitch from one place to the next. */
    SINGLE_STEP("single step", "error of each single step", "from one place to the next"),
    /** Pitch from the first place on. */
    ACCUMULATED("accumulated", "accumulated error", "from the start to each place"),
    /** An axis in the plane where it is worse. */
    EACH_PLANE("worst plane", "each plane by itself", "the worse of both is judged"),
    /** An axis across both planes. */
    RESULTANT("resultant", "resultant of both planes", "√(x² + y²)"),
    /** How far a second axis lies from the first. */
    OFF_AXIS("off the axis", "distance from the axis of the first bore", "at the worse end of the second bore"),
    /** The same as a tolerance of position states it. */
    ZONE_DIAMETER("zone", "diameter of the zone about the first axis", "twice the distance"),
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

    /** The circle roundness is judged by; without a choice, as it was at first, least squares. */
    public ReferenceCircle.Kind circle() {
        return switch (this) {
            case MINIMUM_ZONE -> ReferenceCircle.Kind.MINIMUM_ZONE;
            case INSCRIBED -> ReferenceCircle.Kind.MAXIMUM_INSCRIBED;
            case CIRCUMSCRIBED -> ReferenceCircle.Kind.MINIMUM_CIRCUMSCRIBED;
            default -> ReferenceCircle.Kind.LEAST_SQUARES;
        };
    }

    /** How many µm of difference between two readings go with one µm of this figure, for a round section. */
    public double movementPerUnit() {
        return this == OFFSET || this == RADIAL ? 2 : this == ZONE_DIAMETER ? 0.5 : 1;
    }
}
