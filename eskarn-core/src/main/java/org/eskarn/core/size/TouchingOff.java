package org.eskarn.core.size;

/**
 * Centre to edge with an edge finder of diameter d: touching a pin or boss of diameter D their centres are (d + D)/2 apart,
 * touching a flat edge the finder's centre is d/2 from it. Touched from both sides, the middle of both readings is the centre,
 * and half their difference less d/2 is half the width or diameter. All in one unit.
 */
public final class TouchingOff {

    private TouchingOff() {}

    /**
     * @param finder diameter of the edge finder, above 0
     * @param pin diameter of the pin, 0 for a flat edge
     * @throws IllegalArgumentException if a diameter is out of its range
     */
    public static double centreDistance(double finder, double pin) {
        if (!(finder > 0) || !(pin >= 0)) {
            throw new IllegalArgumentException(
                    "an edge finder is above 0 and a pin 0 or more, not " + finder + " and " + pin);
        }
        return (finder + pin) / 2;
    }

    /** The centre between two touches from opposite sides. */
    public static double middle(double first, double second) {
        return (first + second) / 2;
    }

    /** The width between two touches from outside, from opposite sides. */
    public static double width(double first, double second, double finder) {
        return Math.abs(second - first) - finder;
    }
}
