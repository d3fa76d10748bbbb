package org.eskarn.core.round;

/**
 * How far and which way the centre of a section lies from the axis it was swept about, from the least-squares first
 * harmonic:
 *
 * <pre>e = √(a² + b²),   φ = atan2(b, a), and φ + 180° for an inside surface</pre>
 *
 * with a and b the cosine and sine coefficients in µm. The standard uncertainty of e is that of the harmonic along φ,
 * from the residuals: s · √(dᵀ Q d), d = (cos φ, sin φ). For a round section e is half the movement.
 *
 * @param amount e in µm, never negative
 * @param direction φ in radians from 0 to below 2π, clockwise from the top as seen from the stated end
 * @param standardUncertainty of e from the residuals, µm; 0 when there are no more than three readings
 * @param directionUncertainty standard uncertainty of φ in radians; at most π
 */
public record Offset(double amount, double direction, double standardUncertainty, double directionUncertainty) {

    public static Offset of(FirstHarmonic fit, SurfaceSide side) {
        double amount = fit.amplitude();
        double towardsPlus = Math.atan2(fit.sine(), fit.cosine());
        double along = fit.residualDeviation() * Math.sqrt(fit.spread().along(towardsPlus));
        double across = fit.residualDeviation() * Math.sqrt(fit.spread().along(towardsPlus + Math.PI / 2));
        double turned = side == SurfaceSide.INSIDE ? towardsPlus + Math.PI : towardsPlus;
        return new Offset(amount, Way.within(turned), along, amount > 0 ? Math.min(Math.PI, across / amount) : Math.PI);
    }

    /** The direction in degrees, from 0 to below 360. */
    public double degrees() {
        return Way.degrees(direction);
    }

    /** The direction as the nearest hour of a clock face seen from the stated end, 1 to 12. */
    public int clock() {
        return Way.clock(direction);
    }

    /** Whether the offset stands clear of its own uncertainty (k = 2), so that its direction means something. */
    public boolean directed() {
        return amount > 0 && amount > 2 * standardUncertainty;
    }
}
