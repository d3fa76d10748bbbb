package org.eskarn.core.remedy;

/**
 * Springing a small bend or twist back: against its direction, by as much as it is at the far end, and a little at a time, for
 * metal springs back too. Beyond what is allowed to be sprung the piece is rejected.
 *
 * <pre>amount at the far end = slope · length between the eyes</pre>
 *
 * @param amount at the far end, µm, without a sign
 * @param raise whether the other side has to come up
 * @param reject whether it is more than may be sprung
 */
public record SpringBack(double amount, boolean raise, boolean reject) {

    /**
     * @param rise second side less first, µm over the span
     * @param span over which it was read
     * @param length over which it is sprung, in the same unit
     * @param most the most that may be sprung over that length, µm; 0 or less for nothing said
     * @throws IllegalArgumentException if a length is not above 0
     */
    public static SpringBack of(double rise, double span, double length, double most) {
        if (!(span > 0) || !(length > 0)) {
            throw new IllegalArgumentException("lengths are above zero, not " + span + " and " + length);
        }
        double amount = Math.abs(rise) * length / span;
        return new SpringBack(amount, rise < 0, most > 0 && amount > most);
    }
}
