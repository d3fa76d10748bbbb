package org.eskarn.core.round;

/**
 * The tilt of a face from its axial runout on a radius: the first harmonic of the readings is a plane, which leans by
 *
 * <pre>angle = atan(e / r)</pre>
 *
 * with e its amplitude and r the radius, both in µm. What is left over is the face's own form. e = 0 gives 0.
 *
 * @param degrees of the face against the plane square to the axis
 * @param slope µm for each mm across the face
 */
public record FaceWobble(double degrees, double slope) {

    private static final double UM_PER_MM = 1000;

    /**
     * @throws IllegalArgumentException if the radius is not above 0
     */
    public static FaceWobble of(FirstHarmonic fit, double radiusUm) {
        if (!(radiusUm > 0)) {
            throw new IllegalArgumentException("a face is read on a radius above 0, not " + radiusUm + " µm");
        }
        double slope = fit.amplitude() / radiusUm;
        return new FaceWobble(Math.toDegrees(Math.atan(slope)), slope * UM_PER_MM);
    }
}
