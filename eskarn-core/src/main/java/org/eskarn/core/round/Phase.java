package org.eskarn.core.round;

/**
 * The angle a pin or keyway is out of line by, from how far it stands sideways on its radius: angle = asin(x / R), with x and
 * R in µm, x with its sign. x = 0 gives 0.
 */
public final class Phase {

    private Phase() {}

    /**
     * @return degrees, with the sign of {@code sidewaysUm}
     * @throws IllegalArgumentException if the radius is not above 0, or is smaller than the sideways error
     */
    public static double degrees(double sidewaysUm, double radiusUm) {
        if (!(radiusUm > 0) || Math.abs(sidewaysUm) > radiusUm) {
            throw new IllegalArgumentException(
                    "a sideways error of " + sidewaysUm + " µm does not lie on a radius of " + radiusUm + " µm");
        }
        return Math.toDegrees(Math.asin(sidewaysUm / radiusUm));
    }
}
