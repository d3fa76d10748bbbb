package org.eskarn.core.uncertainty;

import org.hipparchus.distribution.continuous.NormalDistribution;
import org.hipparchus.special.Gamma;

/**
 * Student's t of a whole number ν of degrees of freedom, or the normal distribution where ν is infinite: the probability of lying
 * below z, its density, and what the probability adds up to, which a sum with an even error needs.
 *
 * <pre>
 * θ = atan(z/√ν)
 * 2 F(z) − 1 = 2/π (θ + sin θ (cos θ + 2/3 cos³ θ + … + 2·4…(ν−3)/(3·5…(ν−2)) cos^(ν−2) θ))   ν odd; 2θ/π for ν = 1
 * 2 F(z) − 1 = sin θ (1 + 1/2 cos² θ + … + 1·3…(ν−3)/(2·4…(ν−2)) cos^(ν−2) θ)                  ν even
 * H(z) = ∫ F(z) dz = z F(z) + f(z) (ν + z²)/(ν − 1);  ν = 1: z F(z) − ln(1 + z²)/(2π);  normal: z Φ(z) + φ(z)
 * </pre>
 *
 * <p>Source: Abramowitz and Stegun, Handbook of Mathematical Functions, 26.7.3 and 26.7.4. H differs from the integral by a
 * constant, which differences of it do not see.
 */
final class StudentsT {

    private static final NormalDistribution NORMAL = new NormalDistribution();

    private final double freedom;

    /** f(0). */
    private final double highest;

    /**
     * @param freedom ν, a whole number of 1 or more, or infinite
     * @throws IllegalArgumentException if it is neither
     */
    StudentsT(double freedom) {
        if (!(freedom >= 1) || (freedom != Math.rint(freedom))) {
            throw new IllegalArgumentException("degrees of freedom are a whole number of 1 or more, not " + freedom);
        }
        this.freedom = freedom;
        this.highest = normal()
                ? NORMAL.density(0)
                : Math.exp(Gamma.logGamma((freedom + 1) / 2) - Gamma.logGamma(freedom / 2))
                        / Math.sqrt(freedom * Math.PI);
    }

    private boolean normal() {
        return Double.isInfinite(freedom);
    }

    /** F(z). */
    double below(double z) {
        if (normal()) {
            return NORMAL.cumulativeProbability(z);
        }
        double angle = Math.atan(z / Math.sqrt(freedom));
        double cosine = Math.sqrt(freedom / (freedom + z * z));
        double sine = z / Math.sqrt(freedom + z * z);
        boolean odd = freedom % 2 == 1;
        double term = odd ? cosine : 1;
        double sum = freedom == 1 ? 0 : term;
        for (int k = odd ? 3 : 2; k <= freedom - 2; k += 2) {
            term *= cosine * cosine * (k - 1) / k;
            sum += term;
        }
        double within = odd ? 2 / Math.PI * (angle + sine * sum) : sine * sum;
        return (1 + within) / 2;
    }

    /** f(z). */
    double density(double z) {
        return normal() ? NORMAL.density(z) : highest * Math.pow(1 + z * z / freedom, -(freedom + 1) / 2);
    }

    /**
     * H(z).
     *
     * @param below F(z)
     */
    double sum(double z, double below) {
        if (normal()) {
            return z * below + density(z);
        }
        double beside =
                freedom == 1 ? -Math.log1p(z * z) / (2 * Math.PI) : density(z) * (freedom + z * z) / (freedom - 1);
        return z * below + beside;
    }
}
