package org.eskarn.core.claim;

/**
 * What was measured set against what the maker claims. It is a finding of its own, beside the verdict by the limit: a piece inside its limit
 * may contradict its certificate, and is not rejected for it.
 *
 * <pre>
 * d = m − c          U(d) = √(U² + u²)
 * upheld:        |d| ≤ U(d)
 * contradicted:  d &gt; U(d), found by two sweeps or more
 * better:        d &lt; −U(d)
 * </pre>
 *
 * <p>m: what was measured, µm; c: the claim, µm; U: expanded uncertainty of m towards the claim, µm; u: the claim's own uncertainty, µm.
 * Of an error, which is better the smaller it is, m and c are amounts. Of a size neither side is better: either way contradicts.
 *
 * <p>What is found once may be the holder that gave way: it is repeated before it counts.
 *
 * <p>Degenerate cases: a difference of exactly U(d) contradicts nothing; a claim with an uncertainty of 0 is taken as exact.
 *
 * <p>Source: JCGM 106:2012 on judging with uncertainty; ISO 14253-1:2017, clause 6, on proving the other side wrong.
 *
 * @param finding upheld, contradicted, to be repeated or better
 * @param difference d, µm; positive is worse, or larger
 * @param expanded U(d), µm
 */
public record ClaimCompared(ClaimFinding finding, double difference, double expanded) {

    /** What it takes for a contradiction to count. */
    public static final int SWEEPS = 2;

    /** µm; two figures that differ by less than the computer rounds are the same. */
    private static final double SAME = 1e-9;

    /** Of an error: the smaller, the better; its sign says only where it points. */
    public static ClaimCompared ofError(Claim claim, Measured measured) {
        double difference = Math.abs(measured.micrometres()) - Math.abs(claim.micrometres());
        // An error that points the other way grows where its figure falls.
        boolean turned = measured.micrometres() < 0;
        double towards = (difference > 0) != turned ? measured.below() : measured.above();
        double expanded = Math.hypot(towards, claim.uncertainty());
        return new ClaimCompared(
                difference < -expanded - SAME ? ClaimFinding.BETTER : worse(difference, expanded, measured),
                difference,
                expanded);
    }

    /** Of a size: too large contradicts the claim as much as too small. */
    public static ClaimCompared ofSize(Claim claim, Measured measured) {
        double difference = measured.micrometres() - claim.micrometres();
        double expanded = Math.hypot(difference > 0 ? measured.below() : measured.above(), claim.uncertainty());
        return new ClaimCompared(worse(Math.abs(difference), expanded, measured), difference, expanded);
    }

    private static ClaimFinding worse(double difference, double expanded, Measured measured) {
        if (difference <= expanded + SAME) {
            return ClaimFinding.UPHELD;
        }
        return measured.sweeps() < SWEEPS ? ClaimFinding.REPEAT : ClaimFinding.CONTRADICTED;
    }

    /** How many times its uncertainty the difference is; infinite where that is 0. */
    public double times() {
        return Math.abs(difference) / expanded;
    }
}
