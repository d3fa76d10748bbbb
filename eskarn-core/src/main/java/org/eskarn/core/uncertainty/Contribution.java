package org.eskarn.core.uncertainty;

/**
 * One named part of an uncertainty.
 *
 * @param source what it comes from
 * @param standard its standard uncertainty in the judged figure, µm
 */
public record Contribution(Source source, double standard) {

    /** Where a part comes from. */
    public enum Source {
        GAUGE_ERROR("gauge error limit"),
        RESOLUTION("resolution of the dial"),
        RETURN("return of the zero"),
        FLICKER("flicker of the needle"),
        FORM("scatter about the fit"),
        BRACKET("bracket of the pins"),
        REPEATS("repeats do not agree");

        private final String title;

        Source(String title) {
            this.title = title;
        }

        public String title() {
            return title;
        }
    }

    /** Half the width of an even distribution has a standard deviation of width/√3 (JCGM 100, 4.3.7). */
    private static final double EVEN = Math.sqrt(3);

    /**
     * @throws IllegalArgumentException if {@code standard} is negative or not finite
     */
    public Contribution {
        if (!(standard >= 0) || Double.isInfinite(standard)) {
            throw new IllegalArgumentException("a standard uncertainty is 0 or more, not " + standard);
        }
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
