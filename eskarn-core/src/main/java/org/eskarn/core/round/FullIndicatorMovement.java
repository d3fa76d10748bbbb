package org.eskarn.core.round;

/**
 * Full indicator movement of one section: movement = highest − lowest reading, in µm (ISO 1101, 17.15, circular
 * run-out). It needs no fit, holds for any stations, and does not depend on the zero. Where several readings are equally
 * high or low, the first taken is named. One reading alone has movement 0.
 *
 * @param amount in µm, never negative
 * @param highest index of the highest reading, in the order taken, from 0
 * @param lowest index of the lowest reading, in the order taken, from 0
 */
public record FullIndicatorMovement(double amount, int highest, int lowest) {

    /**
     * @param micrometres readings in µm, in the order taken
     * @throws IllegalArgumentException if there is no reading
     */
    public static FullIndicatorMovement of(double[] micrometres) {
        return of(micrometres, micrometres);
    }

    /**
     * The movement between the ends of bands: the highest of the highs less the lowest of the lows.
     *
     * @param lows lower ends in µm, in the order taken
     * @param highs upper ends in µm, same length and order
     * @throws IllegalArgumentException if there is no reading, or the lengths differ
     */
    public static FullIndicatorMovement of(double[] lows, double[] highs) {
        if (lows.length == 0) {
            throw new IllegalArgumentException("movement needs at least one reading, there is none");
        }
        if (lows.length != highs.length) {
            throw new IllegalArgumentException(
                    "as many highs as lows are needed; there are " + highs.length + " and " + lows.length);
        }
        int highest = 0;
        int lowest = 0;
        for (int i = 1; i < lows.length; i++) {
            if (highs[i] > highs[highest]) {
                highest = i;
            }
            if (lows[i] < lows[lowest]) {
                lowest = i;
            }
        }
        return new FullIndicatorMovement(highs[highest] - lows[lowest], highest, lowest);
    }
}
