package org.eskarn.core.evaluation;

import java.util.Arrays;
import java.util.stream.IntStream;
import org.eskarn.core.flat.LeastSquaresPlane;
import org.eskarn.core.flat.MinimumZonePlane;
import org.eskarn.core.reading.PlaceName;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Station;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.StationsUnfit.Reason;
import org.eskarn.core.requirement.DatumRead;
import org.eskarn.core.result.Note;

/**
 * A datum that was read in the same set-up: its points bear the name {@code datum} before a colon, its line that name.
 *
 * <p>Of a plane, and of a line alike, the direction counts, not the height: by the minimum zone, which the outer contacting element
 * lies parallel to where it does not rock (ISO 5459), or by least squares.
 *
 * <p>What its direction is known to: the two places furthest apart, by d, on the face are held against it with the variance
 * σ² (2 + dᵀ (Σ q qᵀ)⁻¹ d), q the places of the datum about their middle, as in least squares; of a line σ² (2 + d²/Σ q²). The same is taken
 * for the contacting element.
 *
 * @param slopeX µm for each mm to the right
 * @param slopeY µm for each mm upwards
 * @param xx elements of (Σ q qᵀ)⁻¹, 1/mm²
 */
record DatumPlane(double slopeX, double slopeY, double xx, double xy, double yy) {

    private static final String NAME = "datum";

    /** Whether a place belongs to the datum. */
    static boolean holds(Station station) {
        return PlaceName.of(station.name()).group().equalsIgnoreCase(NAME) || lineOf(station.line());
    }

    static boolean lineOf(@org.jspecify.annotations.Nullable String line) {
        return NAME.equalsIgnoreCase(line);
    }

    /**
     * @param x places of the datum, mm
     * @param heights µm
     * @throws StationsUnfit if they show no plane
     */
    static DatumPlane of(DatumRead how, double[] x, double[] y, double[] heights) throws StationsUnfit {
        if (x.length < 3) {
            throw new StationsUnfit(Reason.TOO_FEW, Note.of("core.a-datum-face-needs-three-points"));
        }
        double mx = Arrays.stream(x).average().orElseThrow();
        double my = Arrays.stream(y).average().orElseThrow();
        double sxx = IntStream.range(0, x.length)
                .mapToDouble(i -> (x[i] - mx) * (x[i] - mx))
                .sum();
        double sxy = IntStream.range(0, x.length)
                .mapToDouble(i -> (x[i] - mx) * (y[i] - my))
                .sum();
        double syy = IntStream.range(0, x.length)
                .mapToDouble(i -> (y[i] - my) * (y[i] - my))
                .sum();
        double determinant = sxx * syy - sxy * sxy;
        double slopeX;
        double slopeY;
        if (how == DatumRead.LEAST_SQUARES) {
            LeastSquaresPlane plane = LeastSquaresPlane.fit(x, y, heights);
            slopeX = plane.slopeX();
            slopeY = plane.slopeY();
        } else {
            MinimumZonePlane zone = MinimumZonePlane.fit(x, y, heights);
            slopeX = zone.at(1, 0) - zone.at(0, 0);
            slopeY = zone.at(0, 1) - zone.at(0, 0);
        }
        return new DatumPlane(slopeX, slopeY, syy / determinant, -sxy / determinant, sxx / determinant);
    }

    /** How far above the direction of the datum a place lies, µm, but for a constant. */
    double above(double x, double y, double height) {
        return height - slopeX * x - slopeY * y;
    }

    /** What the datum's own readings add to the variance of a difference over (dx, dy) mm, in variances of one reading. */
    double adds(double dx, double dy) {
        return dx * dx * xx + 2 * dx * dy * xy + dy * dy * yy;
    }

    static boolean any(java.util.List<Reading> readings) {
        return readings.stream().anyMatch(reading -> holds(reading.station()));
    }
}
