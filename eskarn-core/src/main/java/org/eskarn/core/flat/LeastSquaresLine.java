package org.eskarn.core.flat;

import java.util.Arrays;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.StationsUnfit.Reason;
import org.eskarn.core.result.Note;

/**
 * The least-squares line through readings along a length: m(x) = level + slope · (x − mean of x). The coefficients
 * minimise Σ (mᵢ − m(xᵢ))².
 *
 * <p>Source: any textbook of linear least squares; ISO 12780-1 names it the least squares reference line.
 *
 * <p>Degenerate cases: two different places fit exactly, so the deviation is 0; fewer are refused.
 *
 * @param level mean reading, µm
 * @param slope µm for each unit of x
 * @param deviation range of the residuals, highest − lowest, µm: the straightness by least squares
 */
public record LeastSquaresLine(double level, double slope, double deviation) {

    /**
     * @param x places in any one unit
     * @param micrometres readings in µm, same length and order
     * @throws StationsUnfit if fewer than two different places were read
     */
    public static LeastSquaresLine fit(double[] x, double[] micrometres) throws StationsUnfit {
        double middle = Arrays.stream(x).average().orElse(0);
        double level = Arrays.stream(micrometres).average().orElse(0);
        double squares = 0;
        double products = 0;
        for (int i = 0; i < x.length; i++) {
            squares += (x[i] - middle) * (x[i] - middle);
            products += (x[i] - middle) * (micrometres[i] - level);
        }
        if (!(squares > 0)) {
            throw new StationsUnfit(Reason.TOO_FEW, Note.of("core.a-line-needs-readings-at-two-different"));
        }
        double slope = products / squares;
        double highest = Double.NEGATIVE_INFINITY;
        double lowest = Double.POSITIVE_INFINITY;
        for (int i = 0; i < x.length; i++) {
            double residual = micrometres[i] - level - slope * (x[i] - middle);
            highest = Math.max(highest, residual);
            lowest = Math.min(lowest, residual);
        }
        return new LeastSquaresLine(level, slope, highest - lowest);
    }
}
