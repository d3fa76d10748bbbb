package org.eskarn.core.flat;

import java.util.Optional;

/**
 * What changed on a face between two sweeps of the same places: as found and as left, this year and last.
 *
 * <pre>change = second − first, as read on their zeros, or each against the plane of its own border first</pre>
 *
 * Against its border the change is that of the inside alone, whatever zero and tilt each sweep had: wear, if the border is not
 * worn ({@link Wear}).
 *
 * <p>Degenerate cases: without a place inside the border, the sweeps are compared as read.
 *
 * @param change µm, in the order read
 * @param largest index of the largest amount, the first of equal ones
 * @param mean µm
 * @param onBorder whether each was levelled to its border
 */
public record Difference(double[] change, int largest, double mean, boolean onBorder) {

    /**
     * Of places that lie on no plane, as read.
     *
     * @throws IllegalArgumentException if the lengths differ or there is no place
     */
    public static Difference of(double[] first, double[] second) {
        return of(new double[first.length], new double[first.length], first, second, false);
    }

    /**
     * @param x places in any one unit
     * @param y places in the same unit, same length and order
     * @param first heights in µm, same length and order
     * @param second the same later
     * @throws IllegalArgumentException if the lengths differ or there is no place
     */
    public static Difference of(double[] x, double[] y, double[] first, double[] second, boolean onBorder) {
        if (first.length == 0 || first.length != second.length || first.length != x.length || x.length != y.length) {
            throw new IllegalArgumentException(
                    "two sweeps of the same places are compared, not of " + first.length + " and " + second.length);
        }
        Optional<Wear> before = onBorder ? Wear.of(x, y, first) : Optional.empty();
        Optional<Wear> after = onBorder ? Wear.of(x, y, second) : Optional.empty();
        boolean levelled = before.isPresent() && after.isPresent();
        double[] change = new double[first.length];
        int largest = 0;
        double mean = 0;
        for (int i = 0; i < change.length; i++) {
            change[i] = levelled ? before.get().depths()[i] - after.get().depths()[i] : second[i] - first[i];
            largest = Math.abs(change[i]) > Math.abs(change[largest]) ? i : largest;
            mean += change[i] / change.length;
        }
        return new Difference(change, largest, mean, levelled);
    }
}
