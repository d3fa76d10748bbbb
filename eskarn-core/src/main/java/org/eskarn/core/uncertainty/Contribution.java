package org.eskarn.core.uncertainty;

import org.eskarn.core.result.Note;

/**
 * One named part of an uncertainty.
 *
 * @param source what it comes from
 * @param standard its standard uncertainty in the judged figure, µm
 * @param degreesOfFreedom how well that is known itself: of an estimate from n values n − 1 and alike; infinite for what is stated
 *     or bounded (JCGM 100, G.4)
 */
public record Contribution(Source source, double standard, double degreesOfFreedom) {

    /** Where a part comes from. */
    public enum Source {
        GAUGE_ERROR(Note.of("core.gauge-error-limit")),
        RESOLUTION(Note.of("core.resolution-of-the-dial")),
        RETURN(Note.of("core.return-of-the-zero")),
        FLICKER(Note.of("core.flicker-of-the-needle")),
        FORM(Note.of("core.scatter-about-the-fit")),
        BRACKET(Note.of("core.bracket-of-the-pins")),
        REPEATS(Note.of("core.repeats-do-not-agree")),
        /** Of one sweep alone. */
        CHECKS(Note.of("core.repeatability-in-the-checks-of-the-gauge"));

        private final Note title;

        Source(Note title) {
            this.title = title;
        }

        public Note title() {
            return title;
        }
    }

    /** Half the width of an even distribution has a standard deviation of width/√3 (JCGM 100, 4.3.7). */
    private static final double EVEN = Math.sqrt(3);

    /**
     * @throws IllegalArgumentException if {@code standard} is negative or not finite, or the degrees of freedom are below 1
     */
    public Contribution {
        if (!(standard >= 0) || Double.isInfinite(standard)) {
            throw new IllegalArgumentException("a standard uncertainty is 0 or more, not " + standard);
        }
        if (!(degreesOfFreedom >= 1)) {
            throw new IllegalArgumentException("degrees of freedom are 1 or more, not " + degreesOfFreedom);
        }
    }

    /** A part whose size is stated or bounded, and not estimated from a few values. */
    public Contribution(Source source, double standard) {
        this(source, standard, Double.POSITIVE_INFINITY);
    }

    /**
     * A part known only by its bounds, every value between them as likely: u = sensitivity · halfWidth / √3.
     *
     * @param halfWidth in µm, its sign is ignored
     * @param sensitivity change of the judged figure per change of this quantity
     */
    public static Contribution even(Source source, double halfWidth, double sensitivity) {
        return new Contribution(source, sensitivity * Math.abs(halfWidth) / EVEN);
    }
}
