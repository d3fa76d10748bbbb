package org.eskarn.core.zone;

/** Values less a linear function of their columns, written into one buffer again and again. */
final class Residuals {

    private static final double OF_RANGE = 1e-12;
    private static final double OF_VALUES = 1e-14;
    private static final int CANDIDATES = 60;

    private final double[] values;
    private final double[][] columns;
    private final double[] left;
    private final double range;
    /** The largest amounts of the values and of each column. */
    private final double[] reach;

    Residuals(double[] values, double[][] columns) {
        for (double[] column : columns) {
            if (column.length != values.length) {
                throw new IllegalArgumentException(
                        "as many places as values are needed; there are " + column.length + " and " + values.length);
            }
        }
        if (values.length == 0) {
            throw new IllegalArgumentException("a zone needs at least one value, there is none");
        }
        this.values = values;
        this.columns = columns;
        this.left = new double[values.length];
        this.reach = new double[columns.length + 1];
        reach[0] = reach(values);
        for (int k = 0; k < columns.length; k++) {
            reach[k + 1] = reach(columns[k]);
        }
        double highest = values[0];
        double lowest = values[0];
        for (double value : values) {
            if (value > highest) {
                highest = value;
            } else if (value < lowest) {
                lowest = value;
            }
        }
        this.range = highest - lowest;
    }

    private static double reach(double[] amounts) {
        double largest = 0;
        for (double amount : amounts) {
            if (Math.abs(amount) > largest) {
                largest = Math.abs(amount);
            }
        }
        return largest;
    }

    int size() {
        return values.length;
    }

    double value(int i) {
        return values[i];
    }

    /** The row (1, v₁ᵢ, v₂ᵢ …) times a factor. */
    void row(int i, double factor, double[] into) {
        into[0] = factor;
        for (int k = 0; k < columns.length; k++) {
            into[k + 1] = factor * columns[k][i];
        }
    }

    /** values − (x₀ + x₁ v₁ + …), in the buffer that every call shares. */
    double[] of(double[] x) {
        double level = x[0];
        for (int i = 0; i < left.length; i++) {
            left[i] = values[i] - level;
        }
        for (int k = 0; k < columns.length; k++) {
            double[] column = columns[k];
            double slope = x[k + 1];
            for (int i = 0; i < left.length; i++) {
                left[i] -= slope * column[i];
            }
        }
        return left;
    }

    /** How far the values reach, highest − lowest. */
    double range() {
        return range;
    }

    /** Of the function x: less than this is rounding. */
    double rounding(double[] x) {
        double largest = reach[0] + Math.abs(x[0]);
        for (int k = 0; k < columns.length; k++) {
            largest += Math.abs(x[k + 1]) * reach[k + 1];
        }
        return OF_RANGE * range + OF_VALUES * largest;
    }

    /**
     * As many rows as there are unknowns, chosen to be as independent as they can be: each time the one that reaches
     * furthest out of the space of those chosen before.
     *
     * @throws IllegalArgumentException if the places are too few for the unknowns, or lie all on one line or point
     */
    int[] independent() {
        // A few rows evenly taken do as well as all of them, unless they happen to lie in line.
        int[] few = chosen(Math.max(1, values.length / CANDIDATES));
        if (few.length == 0) {
            few = chosen(1);
        }
        if (few.length == 0) {
            throw new IllegalArgumentException("the places lie all on one line or in one point");
        }
        return few;
    }

    /** The most independent rows among every n-th one; none if they are not independent. */
    private int[] chosen(int every) {
        int unknowns = columns.length + 1;
        int candidates = (values.length + every - 1) / every;
        double[][] rest = new double[unknowns][candidates];
        java.util.Arrays.fill(rest[0], 1);
        for (int k = 1; k < unknowns; k++) {
            for (int i = 0; i < candidates && reach[k] > 0; i++) {
                rest[k][i] = columns[k - 1][i * every] / reach[k];
            }
        }
        int[] chosen = new int[unknowns];
        for (int step = 0; step < unknowns; step++) {
            int next = furthest(rest);
            if (next < 0) {
                return new int[0];
            }
            chosen[step] = next * every;
            takeOut(rest, next);
        }
        return chosen;
    }

    /** −1 if none reaches out at all. */
    private static int furthest(double[][] rest) {
        int furthest = 0;
        double largest = 0;
        for (int i = 0; i < rest[0].length; i++) {
            double square = 0;
            for (double[] column : rest) {
                square += column[i] * column[i];
            }
            // The first of nearly equal ones, so that rounding does not choose.
            if (square > largest * (1 + 1e-9)) {
                largest = square;
                furthest = i;
            }
        }
        return largest < 1e-18 ? -1 : furthest;
    }

    private static void takeOut(double[][] rest, int chosen) {
        double[] direction = new double[rest.length];
        double length = 0;
        for (int k = 0; k < rest.length; k++) {
            direction[k] = rest[k][chosen];
            length += direction[k] * direction[k];
        }
        for (int i = 0; i < rest[0].length; i++) {
            double along = 0;
            for (int k = 0; k < rest.length; k++) {
                along += direction[k] * rest[k][i];
            }
            for (int k = 0; k < rest.length; k++) {
                rest[k][i] -= along / length * direction[k];
            }
        }
    }
}
