package org.eskarn.core.round;

import org.eskarn.core.reading.StationsUnfit;

/**
 * The least-squares first harmonic of readings round a section, at any set of angles:
 *
 * <pre>m(θ) = level + cosine · cos θ + sine · sin θ</pre>
 *
 * with m and the three coefficients in µm and θ in radians. The coefficients minimise Σ (mᵢ − m(θᵢ))². Its amplitude
 * √(cosine² + sine²) is the eccentricity of a round section. What is left after taking it out is form.
 *
 * <p>Source: any textbook of linear least squares; for roundness data, ISO 6318 and ISO 12181-1 (least squares
 * reference circle in its limaçon form).
 *
 * <p>Degenerate cases: repeated angles count as they are; three stations fit exactly and leave no residual to judge by,
 * so the residual deviation is 0 with 0 degrees of freedom; equal readings give an amplitude of 0. Stations that cannot
 * show the centre are refused.
 *
 * @param level mean level, µm
 * @param cosine coefficient of cos θ, µm
 * @param sine coefficient of sin θ, µm
 * @param formPart range of the residuals, highest − lowest, µm
 * @param residualDeviation standard deviation of the residuals, √(Σ r² / degreesOfFreedom), µm
 * @param degreesOfFreedom readings − 3
 * @param spread the covariance factors of (cosine, sine); times residualDeviation² they are their covariance
 */
public record FirstHarmonic(
        double level,
        double cosine,
        double sine,
        double formPart,
        double residualDeviation,
        int degreesOfFreedom,
        CovarianceFactors spread) {

    /**
     * How much larger than a reading's error the error of the offset may be before the stations count as bunched. Three
     * equal steps give 0.8; half a turn in three steps gives 1.2.
     */
    private static final double LARGEST_MAGNIFICATION = 4;

    /**
     * @param radians station angles, in any order
     * @param micrometres the reading at each of them, same length and order
     * @throws StationsUnfit if there are fewer than three distinct angles, all lie within less than half a turn, or
     *     they are bunched
     * @throws IllegalArgumentException if the lengths differ or there is no reading
     */
    public static FirstHarmonic fit(double[] radians, double[] micrometres) throws StationsUnfit {
        if (radians.length != micrometres.length || radians.length == 0) {
            throw new IllegalArgumentException("as many angles as readings are needed, at least one; there are "
                    + radians.length + " and " + micrometres.length);
        }
        StationSpread stations = StationSpread.of(radians);
        stations.requireEnough();

        // The mean is taken off first, so that a large common reading costs no digits.
        double mean = 0;
        for (double m : micrometres) {
            mean += m / micrometres.length;
        }
        double[] cosines = new double[radians.length];
        double[] sines = new double[radians.length];
        NormalEquations sums = new NormalEquations();
        for (int i = 0; i < radians.length; i++) {
            cosines[i] = Math.cos(radians[i]);
            sines[i] = Math.sin(radians[i]);
            sums.add(cosines[i], sines[i], micrometres[i] - mean);
        }
        if (sums.nearlySingular()) {
            throw stations.bunched();
        }
        CovarianceFactors factors = sums.covarianceFactors();
        if (Math.sqrt(factors.largest()) > LARGEST_MAGNIFICATION) {
            throw stations.bunched();
        }
        double[] solved = sums.solve();
        return withResiduals(cosines, sines, micrometres, mean + solved[0], solved[1], solved[2], factors);
    }

    private static FirstHarmonic withResiduals(
            double[] cosines,
            double[] sines,
            double[] micrometres,
            double level,
            double cosine,
            double sine,
            CovarianceFactors factors) {
        double highest = Double.NEGATIVE_INFINITY;
        double lowest = Double.POSITIVE_INFINITY;
        double squares = 0;
        for (int i = 0; i < micrometres.length; i++) {
            double residual = micrometres[i] - level - cosine * cosines[i] - sine * sines[i];
            highest = Math.max(highest, residual);
            lowest = Math.min(lowest, residual);
            squares += residual * residual;
        }
        int freedom = micrometres.length - 3;
        double deviation = freedom > 0 ? Math.sqrt(squares / freedom) : 0;
        return new FirstHarmonic(level, cosine, sine, highest - lowest, deviation, freedom, factors);
    }

    /** The fitted reading at an angle, in µm. */
    public double at(double radians) {
        return level + cosine * Math.cos(radians) + sine * Math.sin(radians);
    }

    /** The variance factor of the amplitude: that of the harmonic along its own direction, without unit. */
    public double varianceFactor() {
        return spread.along(Math.atan2(sine, cosine));
    }

    /** √(cosine² + sine²), in µm. */
    public double amplitude() {
        return Math.hypot(cosine, sine);
    }
}
