package org.eskarn.core.remedy;

/**
 * Turning a taper out between centres: the tailstock moves across by
 *
 * <pre>move = (d₂ − d₁) / 2 · centres / measured</pre>
 *
 * with d₁ the diameter nearer to the headstock and d₂ the one nearer to the tailstock in µm, and both lengths in one unit.
 * Where the tailstock end is small, the tool cut too deep there and the tailstock moves away from the tool; where it is large,
 * towards it. Equal diameters need no move.
 *
 * @param amount in µm, never negative
 * @param away whether away from the tool, rather than towards it
 * @param taper d₂ − d₁, µm
 */
public record TailstockMove(double amount, boolean away, double taper) {

    /**
     * @param measured distance between the two diameters, above 0
     * @param centres distance between the centres, at least the measured length, same unit
     * @throws IllegalArgumentException if a length is out of its range
     */
    public static TailstockMove of(double headstockUm, double tailstockUm, double measured, double centres) {
        if (!(measured > 0) || !(centres >= measured)) {
            throw new IllegalArgumentException(
                    "the distance between centres is at least the length measured, which is above" + " 0; there are "
                            + centres + " and " + measured);
        }
        double taper = tailstockUm - headstockUm;
        return new TailstockMove(Math.abs(taper) / 2 * centres / measured, taper < 0, taper);
    }
}
