package org.eskarn.core.simulate;

import java.util.SplittableRandom;

/**
 * The errors a virtual part hides, in µm of indicator reading.
 *
 * @param offset amplitude of the first harmonic round a section
 * @param towards its direction, radians from the top
 * @param oval amplitude of the second harmonic
 * @param lobes amplitude of the third harmonic
 * @param tilt rise over the whole length
 * @param bow rise of the middle over the ends
 * @param noise standard deviation of a reading
 * @param drift rise from one reading to the next
 * @param burr height of a burr, 0 for none
 * @param burrAt place of the burr round the section or along the length, from 0 to 1
 */
public record HiddenErrors(
        double offset,
        double towards,
        double oval,
        double lobes,
        double tilt,
        double bow,
        double noise,
        double drift,
        double burr,
        double burrAt) {

    /** Half the width of a burr, as a share of the turn or the length. */
    private static final double BURR_WIDTH = 0.012;

    /**
     * Errors drawn from a seed so that the movement is of the order of a scale: most parts lie within it, some beyond.
     *
     * @param scale in µm, for instance the movement allowed
     */
    public static HiddenErrors of(long seed, double scale) {
        SplittableRandom chance = new SplittableRandom(seed);
        double size = scale * (0.25 + 0.9 * chance.nextDouble());
        return new HiddenErrors(
                size * (0.25 + 0.15 * chance.nextDouble()),
                2 * Math.PI * chance.nextDouble(),
                size * 0.10 * chance.nextDouble(),
                size * 0.06 * chance.nextDouble(),
                size * (chance.nextDouble() - 0.5),
                size * 0.4 * (chance.nextDouble() - 0.5),
                scale * 0.006,
                scale * 0.004 * (chance.nextDouble() - 0.5),
                chance.nextInt(6) == 0 ? scale * 0.8 : 0,
                chance.nextDouble());
    }

    /**
     * The surface at a place, µm, without noise and drift.
     *
     * @param turn place round the section, from 0 to 1
     * @param along place along the length, from 0 to 1
     */
    double surface(double turn, double along) {
        double angle = 2 * Math.PI * turn;
        double round = offset * Math.cos(angle - towards)
                + oval * Math.cos(2 * (angle + towards))
                + lobes * Math.cos(3 * angle - towards);
        double line = tilt * along + bow * 4 * along * (1 - along);
        double near = Math.abs(turn + along - burrAt);
        double distance = Math.min(near, Math.abs(1 - near));
        return round + line + (distance < BURR_WIDTH ? burr : 0);
    }
}
