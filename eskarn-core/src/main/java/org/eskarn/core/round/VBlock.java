package org.eskarn.core.round;

/**
 * What an indicator above a V-block shows of lobes. The part is turned in a V of included angle 2α and read on the line
 * that halves it. A wave of order n and height 1 round the part moves the needle by
 *
 * <pre>F(n) = 1 + (−1)ⁿ · cos(n β) / cos β,   β = 90° − α</pre>
 *
 * times its height: the first term is the surface under the stylus, the second the rise of the part on its two lines of
 * contact. |F| below 1 hides lobes, above 1 magnifies them; F(1) = 0, off-centre does not matter.
 *
 * <p>Source: geometry of two contacts; the factors agree with those of ISO 4292 for the summit method.
 *
 * @param included 2α in degrees, above 0 and below 180
 */
public record VBlock(double included) {

    /**
     * @throws IllegalArgumentException if the angle is out of its range
     */
    public VBlock {
        if (!(included > 0 && included < 180)) {
            throw new IllegalArgumentException(
                    "a V has an included angle above 0 and below 180 degrees, not " + included);
        }
    }

    /** F(n), without unit, with its sign. */
    public double factor(int order) {
        double beta = Math.toRadians(90 - included / 2);
        double rise = Math.cos(order * beta) / Math.cos(beta);
        return order % 2 == 0 ? 1 + rise : 1 - rise;
    }

    /** The movement an indicator shows for waves of a height from crest to trough, µm. */
    public double shows(int order, double height) {
        return Math.abs(factor(order)) * height;
    }
}
