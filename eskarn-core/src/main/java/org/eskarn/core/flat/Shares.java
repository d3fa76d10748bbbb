package org.eskarn.core.flat;

/**
 * Whose error is it? Two readings of the same place, in two set-ups, between which either the part or what it was measured
 * with was turned over, tell the share of each.
 *
 * <pre>
 * part turned:     first = part + fixture,   second = −part + fixture
 *                  part = (first − second) / 2,   fixture = (first + second) / 2
 * fixture turned:  first = part + fixture,   second = part − fixture
 *                  part = (first + second) / 2,   fixture = (first − second) / 2
 * master first:    first = fixture (the master counts as true),   second = part + fixture
 *                  part = second − first,   fixture = first
 * </pre>
 *
 * <p>Two readings give two shares whatever they are: only a third, in the first set-up again, can show that nothing moved
 * between ({@link #consistent}).
 *
 * <p>Source: any textbook of dimensional metrology (reversal methods).
 *
 * @param part µm
 * @param fixture µm
 */
public record Shares(double part, double fixture) {

    public static Shares of(Reversal reversal, double first, double second) {
        return switch (reversal.unchecked()) {
            case NONE -> new Shares(first, 0);
            case ON_MASTER -> new Shares(second - first, first);
            case PART_TURNED -> new Shares((first - second) / 2, (first + second) / 2);
            case FIXTURE_TURNED -> new Shares((first + second) / 2, (first - second) / 2);
            case PART_TURNED_BACK, FIXTURE_TURNED_BACK ->
                throw new IllegalStateException("unchecked is one of two set-ups");
        };
    }

    /**
     * Whether the first set-up, read again at the end, reads as before.
     *
     * @param allowed difference, µm
     */
    public static boolean consistent(double first, double again, double allowed) {
        return Math.abs(again - first) <= allowed;
    }
}
