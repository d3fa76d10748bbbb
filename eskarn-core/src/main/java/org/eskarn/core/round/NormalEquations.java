package org.eskarn.core.round;

/**
 * The three normal equations of the first harmonic, built up reading by reading and solved by eliminating the level:
 * what remains is the 2 × 2 system of cosine and sine about their own means.
 */
final class NormalEquations {

    /** Below this, relative to the number of readings, two columns cannot be told apart in double precision. */
    private static final double SINGULAR = 1e-12;

    private double n;
    private double sumC;
    private double sumS;
    private double sumM;
    private double sumCc;
    private double sumCs;
    private double sumSs;
    private double sumCm;
    private double sumSm;

    void add(double c, double s, double m) {
        n++;
        sumC += c;
        sumS += s;
        sumM += m;
        sumCc += c * c;
        sumCs += c * s;
        sumSs += s * s;
        sumCm += c * m;
        sumSm += s * m;
    }

    boolean nearlySingular() {
        return determinant() <= SINGULAR * n * n;
    }

    /** Only after {@link #nearlySingular()} said no. */
    CovarianceFactors covarianceFactors() {
        double determinant = determinant();
        return new CovarianceFactors(ss() / determinant, -cs() / determinant, cc() / determinant);
    }

    /** Level, cosine, sine; only after {@link #nearlySingular()} said no. */
    double[] solve() {
        double cm = sumCm - sumC * sumM / n;
        double sm = sumSm - sumS * sumM / n;
        double determinant = determinant();
        double cosine = (cm * ss() - sm * cs()) / determinant;
        double sine = (sm * cc() - cm * cs()) / determinant;
        return new double[] {(sumM - cosine * sumC - sine * sumS) / n, cosine, sine};
    }

    private double determinant() {
        return cc() * ss() - cs() * cs();
    }

    private double cc() {
        return sumCc - sumC * sumC / n;
    }

    private double cs() {
        return sumCs - sumC * sumS / n;
    }

    private double ss() {
        return sumSs - sumS * sumS / n;
    }

    /**
     * Solves a symmetric system of normal equations by Cholesky's method.
     *
     * @param squares its lower half; overwritten
     */
    static double[] solve(double[][] squares, double[] right) {
        int n = right.length;
        double[] x = right.clone();
        for (int j = 0; j < n; j++) {
            for (int k = 0; k <= j; k++) {
                double sum = squares[j][k];
                for (int l = 0; l < k; l++) {
                    sum -= squares[j][l] * squares[k][l];
                }
                squares[j][k] = j == k ? Math.sqrt(Math.max(sum, SINGULAR)) : sum / squares[k][k];
            }
            for (int k = 0; k < j; k++) {
                x[j] -= squares[j][k] * x[k];
            }
            x[j] /= squares[j][j];
        }
        for (int j = n - 1; j >= 0; j--) {
            for (int k = j + 1; k < n; k++) {
                x[j] -= squares[k][j] * x[k];
            }
            x[j] /= squares[j][j];
        }
        return x;
    }
}
