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
     * @param riseUm second side less first, µm over the span
     * @param spanMm over which it was read
     * @param lengthMm over which it is sprung
     * @param mostUm the most that may be sprung over that length, µm; 0 or less for nothing said
     * @throws IllegalArgumentException if a length is not above 0
     */
    public static SpringBack of(double riseUm, double spanMm, double lengthMm, double mostUm) {
        if (!(spanMm > 0) || !(lengthMm > 0)) {
            throw new IllegalArgumentException("lengths are above zero, not " + spanMm + " and " + lengthMm);
        }
        double amount = Math.abs(riseUm) * lengthMm / spanMm;
        return new SpringBack(amount, riseUm < 0, mostUm > 0 && amount > mostUm);
    }
}
