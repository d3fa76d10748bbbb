package org.eskarn.core.fit;

import org.eskarn.core.fit.Seat.Ring;
import org.eskarn.core.fit.Seat.Turning;

/**
 * The fit of a bearing ring on a seat as it was measured. The ring is only known within its tolerance, so its fit is a range;
 * plus is interference:
 *
 * <pre>
 * inner ring:  least = smallest journal − d,          most = largest journal − (d − Δ)
 * outer ring:  least = (D − Δ) − largest bore,        most = D − smallest bore
 * smoothing    = 0.8 · (Rz seat + Rz ring)             lost of an interference when it is pressed
 * effective    = interference − smoothing, not below 0; a clearance stays as it is
 * clearance lost = 0.8 · effective                     inner ring on a solid steel shaft
 * </pre>
 *
 * <p>Source: ISO 492 for Δ; DIN 7190 for the smoothing; textbooks of rolling bearings for the share of clearance lost.
 *
 * <p>Degenerate cases: a seat of one size has its smallest for its largest.
 *
 * @param least interference, µm
 * @param most interference, µm
 * @param smoothing µm
 */
public record RingFit(Ring ring, double least, double most, double smoothing) {

    /** Share of an effective interference that the raceway of an inner ring grows by. */
    public static final double LOST = 0.8;

    /** Share of the sum of both roughnesses that pressing smooths away. */
    public static final double SMOOTHED = 0.8;

    /** What to expect of a ring under load. */
    public enum Creep {
        HOLDS,
        MAY_CREEP,
        CREEPS,
        MAY_SLIDE,
        NEED_NOT_BE_TIGHT
    }

    /**
     * @param nominal bore or outside diameter of the bearing, µm
     * @param below how far it may lie below, µm
     * @param smallest measured size of the seat, µm
     * @param roughness sum of Rz of seat and ring, µm; 0 for not known
     * @throws IllegalArgumentException if the smallest size is above the largest, or the roughness below 0
     */
    public static RingFit of(
            Ring ring, double nominal, double below, double smallest, double largest, double roughness) {
        if (smallest > largest || !(roughness >= 0)) {
            throw new IllegalArgumentException(
                    "a seat goes from its smallest to its largest size and its roughness is 0 or" + " more, not "
                            + smallest + ", " + largest + " and " + roughness);
        }
        double smoothing = SMOOTHED * roughness;
        return ring == Ring.INNER
                ? new RingFit(ring, smallest - nominal, largest - (nominal - below), smoothing)
                : new RingFit(ring, nominal - below - largest, nominal - smallest, smoothing);
    }

    /** What is left of an interference after smoothing, µm; a clearance as it is, negative. */
    public double effective(double interference) {
        return interference <= 0 ? interference : Math.max(0, interference - smoothing);
    }

    public Creep creep(Turning turning) {
        if (turning == Turning.STANDING) {
            return effective(most) > 0 ? Creep.NEED_NOT_BE_TIGHT : Creep.MAY_SLIDE;
        }
        if (effective(most) <= 0) {
            return Creep.CREEPS;
        }
        return effective(least) > 0 ? Creep.HOLDS : Creep.MAY_CREEP;
    }

    /**
     * Internal clearance left after mounting, µm; negative means preloaded. Of an outer ring nothing is taken off here.
     *
     * @param before internal clearance before mounting
     */
    public Bearing.Range left(Bearing.Range before) {
        return new Bearing.Range(before.least() - lost(most), before.most() - lost(least));
    }

    /** Internal clearance an interference takes, µm. */
    public double lost(double interference) {
        return ring == Ring.OUTER ? 0 : LOST * Math.max(0, effective(interference));
    }
}
