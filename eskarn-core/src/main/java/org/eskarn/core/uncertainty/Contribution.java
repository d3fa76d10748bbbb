package org.eskarn.core.uncertainty;

import java.util.Optional;
import org.eskarn.core.result.Note;

/**
 * One named part of an uncertainty.
 *
 * @param source what it comes from
 * @param standard its standard uncertainty in the judged figure, µm
 * @param degreesOfFreedom how well that is known itself: of an estimate from n values n − 1 and alike; infinite for what is stated
 *     or bounded (JCGM 100, G.4)
 * @param even how it came of bounds; empty of one that is estimated, or stated as an uncertainty
 */
public record Contribution(Source source, double standard, double degreesOfFreedom, Optional<Even> even) {

    /**
     * Bounds between which every value is as likely.
     *
     * @param halfWidth µm
     * @param sensitivity change of the judged figure per change of this quantity
     * @param atLeast of a part that can only make the true figure larger: by how much it does at least, µm of the judged figure
     */
    public record Even(double halfWidth, double sensitivity, double atLeast) {

        /** Half the width in the judged figure, µm. */
        public double inFigure() {
            return Math.abs(sensitivity) * halfWidth;
        }
    }

    /** Where a part comes from. */
    public enum Source {
        GAUGE_ERROR(Note.of("core.gauge-error-limit"), Note.of("core.smaller-with-a-gauge-of-smaller-error")),
        CALIBRATION(Note.of("core.calibration-of-the-gauge"), Note.of("core.smaller-with-a-better-calibration")),
        MASTER(Note.of("core.master-of-the-zero"), Note.of("core.smaller-with-a-better-master")),
        TEMPERATURE(Note.of("core.temperature-of-part-and-gauge"), Note.of("core.smaller-with-a-known-temperature")),
        FLEX(Note.of("core.flex-of-the-holder"), Note.of("core.smaller-with-a-stiffer-holder")),
        PLATE(Note.of("core.plate-under-part-and-gauge"), Note.of("core.smaller-on-a-better-plate")),
        LEVER(Note.of("core.angle-of-the-lever"), Note.of("core.smaller-with-the-lever-along-the-surface")),
        RESOLUTION(Note.of("core.resolution-of-the-dial"), Note.of("core.smaller-with-a-finer-graduation")),
        RETURN(Note.of("core.return-of-the-zero"), Note.of("core.smaller-with-a-steadier-zero")),
        FLICKER(Note.of("core.flicker-of-the-needle"), Note.of("core.smaller-with-a-steadier-needle")),
        FORM(Note.of("core.scatter-about-the-fit"), Note.of("core.smaller-with-more-stations")),
        BETWEEN(Note.of("core.between-the-stations"), Note.of("core.smaller-with-more-stations-or-a-watched-turn")),
        BRACKET(Note.of("core.bracket-of-the-pins"), Note.of("core.smaller-with-closer-pins")),
        REPEATS(Note.of("core.repeats-do-not-agree"), Note.of("core.smaller-with-more-sweeps")),
        /** Of one sweep alone. */
        CHECKS(
                Note.of("core.repeatability-in-the-checks-of-the-gauge"),
                Note.of("core.smaller-with-sweeps-of-its-own"));

        private final Note title;
        private final Note smaller;

        Source(Note title, Note smaller) {
            this.title = title;
            this.smaller = smaller;
        }

        public Note title() {
            return title;
        }

        /** Whether it can only make the true figure larger: what stations miss of a movement is never less than nothing. */
        public boolean upwards() {
            return this == BETWEEN;
        }

        /** What would make it smaller. */
        public Note smaller() {
            return smaller;
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

    /** A part whose size is stated as an uncertainty, and not estimated from a few values. */
    public Contribution(Source source, double standard) {
        this(source, standard, Double.POSITIVE_INFINITY);
    }

    /** A part of a normal distribution. */
    public Contribution(Source source, double standard, double degreesOfFreedom) {
        this(source, standard, degreesOfFreedom, Optional.empty());
    }

    /** Whether it was evaluated from a series of readings (kind A), and not by other means (kind B; JCGM 100, 2.3.2 and 2.3.3). */
    public boolean ofReadings() {
        return source == Source.REPEATS || source == Source.CHECKS || source == Source.FORM;
    }

    /**
     * A part known only by its bounds, every value between them as likely: u = sensitivity · halfWidth / √3.
     *
     * @param halfWidth in µm, its sign is ignored
     * @param sensitivity change of the judged figure per change of this quantity
     */
    public static Contribution even(Source source, double halfWidth, double sensitivity) {
        return new Contribution(
                source,
                sensitivity * Math.abs(halfWidth) / EVEN,
                Double.POSITIVE_INFINITY,
                Optional.of(new Even(Math.abs(halfWidth), sensitivity, 0)));
    }

    /**
     * A part that can only make the true figure larger, by up to its half width.
     *
     * @param atLeast by how much it does at least, µm
     */
    public static Contribution upwards(Source source, double most, double atLeast, double sensitivity) {
        return new Contribution(
                source,
                sensitivity * most / EVEN,
                Double.POSITIVE_INFINITY,
                Optional.of(new Even(most, sensitivity, sensitivity * atLeast)));
    }
}
