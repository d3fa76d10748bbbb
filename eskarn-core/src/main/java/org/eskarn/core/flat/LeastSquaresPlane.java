package org.eskarn.core.flat;

import java.util.Arrays;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.StationsUnfit.Reason;
import org.eskarn.core.result.Note;

/**
 * The least-squares plane through heights: m(x, y) = level + slopeX · (x − x̄) + slopeY · (y − ȳ). The coefficients
 * minimise Σ (mᵢ − m(xᵢ, yᵢ))².
 *
 * <p>Source: any textbook of linear least squares; ISO 12781-1 names it the least squares reference plane.
 *
 * <p>Degenerate cases: three places that are not on a line fit exactly, so the deviation is 0; fewer, or all on a line,
 * are refused.
 *
 * @param level mean height, µm
 * @param slopeX µm for each unit of x
 * @param slopeY µm for each unit of y
 * @param deviation range of the residuals, highest − lowest, µm: the flatness by least squares
 */
public record LeastSquaresPlane(double level, double slopeX, double slopeY, double deviation) {

    /** Places count as being on a line when the normal matrix is this near to singular. */
    private static final double SINGULAR = 1e-9;

    /**
     * @param x places in any one unit
     * @param y places in the same unit, same length and order
     * @param micrometres heights in µm, same length and order
     * @throws StationsUnfit if all places lie on a line, or fewer than three were read
     */
    public static LeastSquaresPlane fit(double[] x, double[] y, double[] micrometres) throws StationsUnfit {
        double middleX = Arrays.stream(x).average().orElse(0);
        double middleY = Arrays.stream(y).average().orElse(0);
        double level = Arrays.stream(micrometres).average().orElse(0);
        double xx = 0;
        double xy = 0;
        double yy = 0;
        double xm = 0;
        double ym = 0;
        for (int i = 0; i < x.length; i++) {
            double dx = x[i] - middleX;
            double dy = y[i] - middleY;
            double dm = micrometres[i] - level;
            xx += dx * dx;
            xy += dx * dy;
            yy += dy * dy;
            xm += dx * dm;
            ym += dy * dm;
        }
        double determinant = xx * yy - xy * xy;
        if (x.length < 3 || !(determinant > SINGULAR * (xx + yy) * (xx + yy))) {
            throw new StationsUnfit(Reason.TOO_FEW, Note.of("core.a-plane-needs-readings-at-three-places"));
        }
        double slopeX = (xm * yy - ym * xy) / determinant;
        double slopeY = (ym * xx - xm * xy) / determinant;
        double highest = Double.NEGATIVE_INFINITY;
        double lowest = Double.POSITIVE_INFINITY;
        for (int i = 0; i < x.length; i++) {
            double residual = micrometres[i] - level - slopeX * (x[i] - middleX) - slopeY * (y[i] - middleY);
            highest = Math.max(highest, residual);
            lowest = Math.min(lowest, residual);
        }
        return new LeastSquaresPlane(level, slopeX, slopeY, highest - lowest);
    }
}
