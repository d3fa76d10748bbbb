package org.eskarn.core.zone;

/**
 * The exchange method for linear programs with few unknowns and very many constraints:
 *
 * <pre>minimise f · x   where   gⱼ · x ≥ bⱼ for every j</pre>
 *
 * It holds d constraints tight, d the number of unknowns, and exchanges one of them for the constraint that is broken
 * most until none is broken. The tight constraints carry weights λ ≥ 0 with Σ λᵢ gᵢ = f, and Σ λᵢ bᵢ is a lower bound of
 * f · x for every x that keeps the constraints; at the end both are equal, which proves the optimum. This is the dual
 * simplex method; on a single unknown function it is the exchange of E. Remez.
 *
 * <p>Degenerate cases: where an exchange brings no gain, the first broken constraint is taken instead of the worst one
 * and the first of equal places left (R. G. Bland, Math. Oper. Res. 2, 1977), so that it cannot go round in circles.
 *
 * <p>Source: any textbook of linear programming; for zones of form, ISO 12181-1 and ISO 12781-1 name the zone and leave
 * the method open.
 */
final class DualSimplex {

    /** The constraints, asked one question at a time so that they need not be written out. */
    interface Constraints {
        /** The constraint that {@code x} breaks most, or −1 if it breaks none by more than the tolerance. */
        int worst(double[] x);

        /** The first constraint that {@code x} breaks by more than the tolerance, or −1. */
        int first(double[] x);

        /** Writes the row gⱼ and returns bⱼ. */
        double row(int constraint, double[] into);
    }

    private static final double PIVOT = 1e-12;
    /** Enough for any set met in tests by a factor of twenty; the gap tells if it ever was not. */
    private static final int MOST_EXCHANGES = 4000;

    private final int size;
    private final double[] objective;
    private final Constraints constraints;
    private final int[] tight;
    private final double[][] rows;
    private final double[] bounds;

    /**
     * @param tight d constraints to begin with, whose weights are all 0 or more
     */
    DualSimplex(double[] objective, Constraints constraints, int[] tight) {
        this.size = objective.length;
        this.objective = objective;
        this.constraints = constraints;
        this.tight = tight.clone();
        this.rows = new double[size][size];
        this.bounds = new double[size];
        for (int i = 0; i < size; i++) {
            bounds[i] = constraints.row(tight[i], rows[i]);
        }
    }

    /**
     * @param x the optimum
     * @param tight the constraints that hold it
     * @param weights λ of each of them
     */
    record Optimum(double[] x, int[] tight, double[] weights) {}

    Optimum run() {
        double[] entering = new double[size];
        boolean stalled = false;
        double[] x = solve(rows, bounds);
        for (int step = 0; step < MOST_EXCHANGES; step++) {
            int broken = stalled ? constraints.first(x) : constraints.worst(x);
            if (broken < 0) {
                break;
            }
            double bound = constraints.row(broken, entering);
            int leaving = leaving(entering);
            if (leaving < 0) {
                break;
            }
            double before = dot(objective, x);
            System.arraycopy(entering, 0, rows[leaving], 0, size);
            bounds[leaving] = bound;
            tight[leaving] = broken;
            x = solve(rows, bounds);
            stalled = !(dot(objective, x) > before + Math.abs(before) * PIVOT);
        }
        return new Optimum(x, tight.clone(), weights(objective));
    }

    /** The tight constraint that gives way: the one whose weight the entering one uses up first. */
    private int leaving(double[] entering) {
        double[] weight = weights(objective);
        double[] use = weights(entering);
        int leaving = -1;
        double smallest = Double.POSITIVE_INFINITY;
        for (int i = 0; i < size; i++) {
            if (use[i] > PIVOT) {
                double ratio = Math.max(0, weight[i]) / use[i];
                boolean equal = Math.abs(ratio - smallest) <= PIVOT;
                if (ratio < smallest - PIVOT || equal && tight[i] < tight[leaving]) {
                    smallest = ratio;
                    leaving = i;
                }
            }
        }
        return leaving;
    }

    /** The weights λ with Σ λᵢ gᵢ = target. */
    private double[] weights(double[] target) {
        double[][] turned = new double[size][size];
        for (int i = 0; i < size; i++) {
            for (int k = 0; k < size; k++) {
                turned[k][i] = rows[i][k];
            }
        }
        return solve(turned, target);
    }

    /** Gaussian elimination with the largest pivot of each column; an unknown without a pivot is 0. */
    static double[] solve(double[][] matrix, double[] right) {
        int n = right.length;
        double[][] a = new double[n][];
        for (int i = 0; i < n; i++) {
            a[i] = java.util.Arrays.copyOf(matrix[i], n + 1);
            a[i][n] = right[i];
        }
        for (int column = 0; column < n; column++) {
            int pivot = column;
            for (int i = column + 1; i < n; i++) {
                if (Math.abs(a[i][column]) > Math.abs(a[pivot][column])) {
                    pivot = i;
                }
            }
            double[] swapped = a[pivot];
            a[pivot] = a[column];
            a[column] = swapped;
            for (int i = column + 1; i < n && swapped[column] != 0; i++) {
                double factor = a[i][column] / swapped[column];
                for (int k = column; k <= n; k++) {
                    a[i][k] -= factor * swapped[k];
                }
            }
        }
        double[] x = new double[n];
        for (int i = n - 1; i >= 0; i--) {
            double rest = a[i][n];
            for (int k = i + 1; k < n; k++) {
                rest -= a[i][k] * x[k];
            }
            x[i] = a[i][i] == 0 ? 0 : rest / a[i][i];
        }
        return x;
    }

    static double dot(double[] a, double[] b) {
        double sum = 0;
        for (int i = 0; i < a.length; i++) {
            sum += a[i] * b[i];
        }
        return sum;
    }
}
