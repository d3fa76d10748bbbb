package org.eskarn.core.pieces;

import java.util.List;
import java.util.Optional;

/**
 * Where several directions point together.
 *
 * <pre>
 * R = |Σ (cos φ, sin φ)| / n        direction = atan2(Σ sin φ, Σ cos φ)        spread = the largest |φ − direction|
 * together by chance: p = exp(−n R²)
 * </pre>
 *
 * <p>Degenerate cases: fewer than two directions, or directions that cancel, have none in common.
 *
 * <p>Source: Mardia and Jupp, Directional Statistics, 6.3.1 (Rayleigh’s test, first approximation).
 *
 * @param degrees 0 to 360
 * @param spread the furthest of them from it, degrees
 * @param chance that directions which have nothing in common lie as close together
 */
public record CommonDirection(double degrees, double spread, double chance) {

    private static final double CANCELLED = 1e-9;

    static Optional<CommonDirection> of(List<Double> directions) {
        double x = 0;
        double y = 0;
        for (double each : directions) {
            x += Math.cos(Math.toRadians(each));
            y += Math.sin(Math.toRadians(each));
        }
        int n = directions.size();
        double together = n == 0 ? 0 : Math.hypot(x, y) / n;
        if (n < 2 || together < CANCELLED) {
            return Optional.empty();
        }
        double mean = (Math.toDegrees(Math.atan2(y, x)) + 360) % 360;
        double spread = directions.stream()
                .mapToDouble(each -> Math.abs(apart(each, mean)))
                .max()
                .orElse(0);
        return Optional.of(new CommonDirection(mean, spread, Math.exp(-n * together * together)));
    }

    /** From −180 to 180. */
    private static double apart(double one, double other) {
        return Math.IEEEremainder(one - other, 360);
    }
}
