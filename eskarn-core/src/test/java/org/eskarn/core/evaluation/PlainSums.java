package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;

/** Sums written from the definitions, with plain loops and by trying everything, to hold the core against. All in µm. */
final class PlainSums {

    private PlainSums() {}

    static double range(List<Double> values) {
        double highest = values.get(0);
        double lowest = values.get(0);
        for (double value : values) {
            highest = Math.max(highest, value);
            lowest = Math.min(lowest, value);
        }
        return highest - lowest;
    }

    static double mean(List<Double> values) {
        double sum = 0;
        for (double value : values) {
            sum += value;
        }
        return sum / values.size();
    }

    /** Solves a small system by elimination; null where it is singular. */
    static double[] solved(double[][] rows, double[] right) {
        int n = right.length;
        double[][] a = new double[n][n + 1];
        for (int i = 0; i < n; i++) {
            System.arraycopy(rows[i], 0, a[i], 0, n);
            a[i][n] = right[i];
        }
        for (int k = 0; k < n; k++) {
            int best = k;
            for (int i = k + 1; i < n; i++) {
                best = Math.abs(a[i][k]) > Math.abs(a[best][k]) ? i : best;
            }
            if (Math.abs(a[best][k]) < 1e-9) {
                return new double[0];
            }
            double[] swap = a[k];
            a[k] = a[best];
            a[best] = swap;
            for (int i = 0; i < n; i++) {
                double times = i == k ? 0 : a[i][k] / a[k][k];
                for (int j = k; j <= n; j++) {
                    a[i][j] -= times * a[k][j];
                }
            }
        }
        double[] x = new double[n];
        for (int i = 0; i < n; i++) {
            x[i] = a[i][n] / a[i][i];
        }
        return x;
    }

    /** Coefficients of the least squares fit of values to the columns of a form. */
    static double[] leastSquares(double[][] form, List<Double> values) {
        int n = form[0].length;
        double[][] squares = new double[n][n];
        double[] right = new double[n];
        for (int i = 0; i < form.length; i++) {
            for (int j = 0; j < n; j++) {
                right[j] += form[i][j] * values.get(i);
                for (int k = 0; k < n; k++) {
                    squares[j][k] += form[i][j] * form[i][k];
                }
            }
        }
        return solved(squares, right);
    }

    static List<Double> left(double[][] form, List<Double> values, double[] coefficients) {
        List<Double> left = new ArrayList<>();
        for (int i = 0; i < form.length; i++) {
            double fitted = 0;
            for (int j = 0; j < coefficients.length; j++) {
                fitted += form[i][j] * coefficients[j];
            }
            left.add(values.get(i) - fitted);
        }
        return left;
    }

    /** 1, cos, sin of angles in degrees. */
    static double[][] circle(List<Double> degrees) {
        double[][] form = new double[degrees.size()][];
        for (int i = 0; i < form.length; i++) {
            double angle = degrees.get(i) * Math.PI / 180;
            form[i] = new double[] {1, Math.cos(angle), Math.sin(angle)};
        }
        return form;
    }

    /** Off-centre and its standard uncertainty from what is left over, s √(dᵀ Q d). */
    static double[] offset(List<Double> degrees, List<Double> values) {
        double[][] form = circle(degrees);
        double[] fit = leastSquares(form, values);
        double amount = Math.sqrt(fit[1] * fit[1] + fit[2] * fit[2]);
        int freedom = values.size() - 3;
        double squares = 0;
        for (double each : left(form, values, fit)) {
            squares += each * each;
        }
        if (freedom < 1 || amount == 0) {
            return new double[] {amount, 0};
        }
        double[][] normal = new double[3][3];
        for (double[] row : form) {
            for (int j = 0; j < 3; j++) {
                for (int k = 0; k < 3; k++) {
                    normal[j][k] += row[j] * row[k];
                }
            }
        }
        double[] along = {0, fit[1] / amount, fit[2] / amount};
        double[] q = solved(normal, along);
        double variance = q[1] * along[1] + q[2] * along[2];
        return new double[] {amount, Math.sqrt(squares / freedom * variance)};
    }

    /** The thinnest zone along a form of n columns: every choice of n + 1 contacts, above or below, is tried. */
    static double thinnest(double[][] form, List<Double> values) {
        int n = form[0].length;
        double[] best = {Double.POSITIVE_INFINITY};
        choose(form.length, n + 1, chosen -> {
            for (int signs = 1; signs < (1 << (n + 1)) - 1; signs++) {
                double[][] rows = new double[n + 1][n + 1];
                double[] right = new double[n + 1];
                for (int i = 0; i <= n; i++) {
                    System.arraycopy(form[chosen[i]], 0, rows[i], 0, n);
                    rows[i][n] = (signs >> i & 1) == 1 ? 0.5 : -0.5;
                    right[i] = values.get(chosen[i]);
                }
                double[] solved = solved(rows, right);
                if (solved.length > 0 && solved[n] >= 0) {
                    double[] coefficients = new double[n];
                    System.arraycopy(solved, 0, coefficients, 0, n);
                    double width = range(left(form, values, coefficients));
                    best[0] = Math.min(best[0], width);
                }
            }
        });
        return best[0];
    }

    /** The circle that all values lie outside of, or inside of, by every three contacts; its roundness. */
    static double held(double[][] form, List<Double> values, boolean inscribed) {
        double[] best = {inscribed ? Double.NEGATIVE_INFINITY : Double.POSITIVE_INFINITY, 0};
        choose(form.length, 3, chosen -> {
            double[] fit = solved(
                    new double[][] {form[chosen[0]], form[chosen[1]], form[chosen[2]]},
                    new double[] {values.get(chosen[0]), values.get(chosen[1]), values.get(chosen[2])});
            if (fit.length == 0) {
                return;
            }
            List<Double> left = left(form, values, fit);
            IntPredicate good = i -> inscribed ? left.get(i) > -1e-7 : left.get(i) < 1e-7;
            for (int i = 0; i < left.size(); i++) {
                if (!good.test(i)) {
                    return;
                }
            }
            // Where the circle can slide, the largest roundness counts.
            if (inscribed ? fit[0] > best[0] + 1e-7 : fit[0] < best[0] - 1e-7) {
                best[0] = fit[0];
                best[1] = range(left);
            } else if (Math.abs(fit[0] - best[0]) <= 1e-7) {
                best[1] = Math.max(best[1], range(left));
            }
        });
        return best[1];
    }

    interface Chosen {
        void take(int[] chosen);
    }

    static void choose(int n, int k, Chosen taken) {
        choose(n, k, 0, new int[k], 0, taken);
    }

    private static void choose(int n, int k, int from, int[] chosen, int count, Chosen taken) {
        if (count == k) {
            taken.take(chosen);
            return;
        }
        for (int i = from; i < n; i++) {
            chosen[count] = i;
            choose(n, k, i + 1, chosen, count + 1, taken);
        }
    }
}
