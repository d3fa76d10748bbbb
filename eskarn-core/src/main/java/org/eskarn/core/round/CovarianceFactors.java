package org.eskarn.core.round;

/**
 * The 2 × 2 block of (XᵀX)⁻¹ that belongs to (cosine, sine), without unit; X has the rows (1, cos θᵢ, sin θᵢ).
 */
public record CovarianceFactors(double cosineCosine, double cosineSine, double sineSine) {

    /** The variance factor along the direction {@code radians}. */
    double along(double radians) {
        double c = Math.cos(radians);
        double s = Math.sin(radians);
        return c * c * cosineCosine + 2 * c * s * cosineSine + s * s * sineSine;
    }

    double largest() {
        double mean = (cosineCosine + sineSine) / 2;
        return mean + Math.hypot((cosineCosine - sineSine) / 2, cosineSine);
    }
}
