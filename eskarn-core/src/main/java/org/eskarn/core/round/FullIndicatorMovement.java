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
        if (micrometres.length == 0) {
            throw new IllegalArgumentException("movement needs at least one reading, there is none");
        }
        int highest = 0;
        int lowest = 0;
        for (int i = 1; i < micrometres.length; i++) {
            if (micrometres[i] > micrometres[highest]) {
                highest = i;
            }
            if (micrometres[i] < micrometres[lowest]) {
                lowest = i;
            }
        }
        return new FullIndicatorMovement(micrometres[highest] - micrometres[lowest], highest, lowest);
    }
}
