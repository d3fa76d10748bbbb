package org.eskarn.core.requirement;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.eskarn.core.result.Note;
import org.eskarn.core.round.ReferenceCircle;

/** Which of several usual figures a limit speaks of. */
public enum StatedAs {
    /** Highest minus lowest reading. */
    MOVEMENT(Note.of("core.movement-2"), Note.of("core.full-indicator-movement"), Note.of("core.highest-less-lowest")),
    /** How far the centre is off, half the movement of a round section. */
    OFFSET(Note.of("core.offset"), Note.of("core.offset-of-the-centre"), Note.of("core.half-the-movement-if-round")),
    /** The same by the two opposite places that differ most. */
    WORST_DIAMETER(
            Note.of("core.offset-worst-diameter"),
            Note.of("core.offset-by-the-worst-diameter"),
            Note.of("core.half-the-difference-of-its-ends")),
    /** The same as half of what the needle moves. */
    HALF_MOVEMENT(
            Note.of("core.half-the-movement-2"),
            Note.of("core.offset-as-half-the-movement"),
            Note.of("core.half-of-highest-less-lowest")),
    /** Every local size within the limits. */
    WORST_PLACE(
            Note.of("core.worst-place-2"), Note.of("core.every-place"), Note.of("core.the-place-nearest-to-a-limit")),
    /** The mean of all local sizes. */
    MEAN_SIZE(Note.of("core.mean-size"), Note.of("core.the-mean-size"), Note.of("core.of-all-places")),
    /** From the mean of one end section to that of the other. */
    BY_ENDS(Note.of("core.by-the-ends"), Note.of("core.taper-by-its-ends"), Note.of("core.last-section-less-first")),
    /** Along the straight line that fits all sections best. */
    BY_LINE(
            Note.of("core.by-the-line"),
            Note.of("core.taper-by-the-fitted-line"),
            Note.of("core.over-the-same-length")),
    /** Out-of-round as workshops say it. */
    DIAMETERS(
            Note.of("core.difference-of-diameters"),
            Note.of("core.difference-of-diameters"),
            Note.of("core.largest-less-smallest-diameter-of-a-section")),
    /** Out-of-round as standards say it, half of the former for an oval. */
    RADIAL(
            Note.of("core.radial"),
            Note.of("core.radial-out-of-round"),
            Note.of("core.half-the-difference-of-diameters-for-an")),
    /** Form as the tolerance defines it. */
    MINIMUM_ZONE(
            Note.of("core.minimum-zone"),
            Note.of("core.by-the-minimum-zone"),
            Note.of("core.the-thinnest-zone-that-holds-all-readings")),
    LEAST_SQUARES(
            Note.of("core.least-squares"),
            Note.of("core.by-least-squares"),
            Note.of("core.about-the-circle-plane-or-line-that")),
    INSCRIBED(
            Note.of("core.inscribed"),
            Note.of("core.by-the-largest-inscribed-circle"),
            Note.of("core.for-bores-that-a-pin-has-to")),
    CIRCUMSCRIBED(
            Note.of("core.circumscribed"),
            Note.of("core.by-the-smallest-circumscribed-circle"),
            Note.of("core.for-pins-that-a-bore-has-to")),
    /** Pitch from one place to the next. */
    SINGLE_STEP(
            Note.of("core.single-step"),
            Note.of("core.error-of-each-single-step"),
            Note.of("core.from-one-place-to-the-next")),
    /** Pitch from the first place on. */
    ACCUMULATED(
            Note.of("core.accumulated"),
            Note.of("core.accumulated-error"),
            Note.of("core.from-the-start-to-each-place")),
    /** An axis in the plane where it is worse. */
    EACH_PLANE(
            Note.of("core.worst-plane"),
            Note.of("core.each-plane-by-itself"),
            Note.of("core.the-worse-of-both-is-judged")),
    /** An axis across both planes. */
    RESULTANT(Note.of("core.resultant"), Note.of("core.resultant-of-both-planes"), Note.of("core.x-y")),
    /** How far a second axis lies from the first. */
    OFF_AXIS(
            Note.of("core.off-the-axis"),
            Note.of("core.distance-from-the-axis-of-the-first"),
            Note.of("core.at-the-worse-end-of-the-second")),
    /** The same as a tolerance of position states it. */
    ZONE_DIAMETER(
            Note.of("core.zone"),
            Note.of("core.diameter-of-the-zone-about-the-first"),
            Note.of("core.twice-the-distance")),
    /** The figure as it comes; the characteristic leaves no choice. */
    ITSELF(Note.text(""), Note.of("core.the-figure-itself"), Note.text(""));

    private static final List<Set<StatedAs>> SCHOOLS = List.of(
            EnumSet.of(OFFSET, WORST_DIAMETER, HALF_MOVEMENT),
            EnumSet.of(MINIMUM_ZONE, LEAST_SQUARES, INSCRIBED, CIRCUMSCRIBED),
            EnumSet.of(ITSELF, WORST_PLACE, MEAN_SIZE),
            EnumSet.of(ITSELF, BY_ENDS, BY_LINE));

    private final Note word;
    private final Note title;
    private final Note explanation;

    StatedAs(Note word, Note title, Note explanation) {
        this.word = word;
        this.title = title;
        this.explanation = explanation;
    }

    /** The short word beside a figure. */
    public Note word() {
        return word;
    }

    public Note title() {
        return title;
    }

    public Note explanation() {
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
        return switch (this) {
            case OFFSET, WORST_DIAMETER, HALF_MOVEMENT, RADIAL -> 2;
            case ZONE_DIAMETER -> 0.5;
            default -> 1;
        };
    }

    /** Whether two are ways to find one and the same figure, so that near a limit they may decide differently. */
    public boolean sameSchoolAs(StatedAs other) {
        return SCHOOLS.stream().anyMatch(school -> school.contains(this) && school.contains(other));
    }

    /** Whether the characteristic leaves no choice of figure. */
    public boolean itself() {
        return this == ITSELF;
    }
}
