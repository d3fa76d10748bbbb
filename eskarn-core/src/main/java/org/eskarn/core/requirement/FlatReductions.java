package org.eskarn.core.requirement;

import java.util.ArrayList;
import java.util.List;
import org.eskarn.core.flat.LeastSquaresLine;
import org.eskarn.core.flat.LeastSquaresPlane;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.round.FullIndicatorMovement;
import org.eskarn.core.units.Length;

/** Reductions of heights over a plane and readings along a line. */
final class FlatReductions {

    private FlatReductions() {}

    /** Flatness by the least squares plane = range of the heights after their tilt is taken out. */
    static Reduction flatness(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        LeastSquaresPlane plane = planeOf(sweep);
        return new Figures(
                plane.deviation(),
                GaugeParts.ofDifference(requirement, dial, sweep, 1),
                heights(sweep, raw(requirement, sweep), plane));
    }

    /** Parallelism to the plate = highest − lowest of the raw heights. */
    static Reduction parallelism(Requirement requirement, Dial dial, Sweep sweep) {
        double raw = raw(requirement, sweep);
        List<Figure> figures = new ArrayList<>();
        try {
            figures.addAll(heights(sweep, raw, planeOf(sweep)));
        } catch (StationsUnfit e) {
            // So far the heights lie on a line; the raw range stands without a plane.
            figures.add(Figure.deviation("highest less lowest", raw));
        }
        return new Figures(raw, GaugeParts.ofDifference(requirement, dial, sweep, 1), figures);
    }

    private static List<Figure> heights(Sweep sweep, double raw, LeastSquaresPlane plane) {
        double hundred = 100_000 / sweep.layout().unit().micrometres().doubleValue();
        return List.of(
                Figure.deviation("highest less lowest", raw),
                Figure.deviation("flatness, tilt taken out", plane.deviation()),
                Figure.deviation("tilt to the right, per 100 mm", plane.slopeX() * hundred),
                Figure.deviation("tilt upwards, per 100 mm", plane.slopeY() * hundred));
    }

    private static LeastSquaresPlane planeOf(Sweep sweep) throws StationsUnfit {
        double[] x = sweep.readings().stream()
                .mapToDouble(r -> r.station().along() == null ? 0 : r.station().distance())
                .toArray();
        double[] y = sweep.readings().stream()
                .mapToDouble(r -> r.station().across() == null ? 0 : r.station().height())
                .toArray();
        return LeastSquaresPlane.fit(x, y, sweep.micrometres());
    }

    /** Straightness by the least squares line = range of the readings after their slope is taken out. */
    static Reduction straightness(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        LeastSquaresLine line = LeastSquaresLine.fit(sweep.distances(), sweep.micrometres());
        return new Figures(
                line.deviation(),
                GaugeParts.ofDifference(requirement, dial, sweep, 1),
                List.of(
                        Figure.deviation("highest less lowest", raw(requirement, sweep)),
                        Figure.deviation("slope per 100 mm", slopePer100(sweep, line))));
    }

    /**
     * Squareness over a height = highest − lowest reading along the upright, scaled to the length the limit is stated
     * over; the slope is told beside it.
     */
    static Reduction squareness(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        LeastSquaresLine line = LeastSquaresLine.fit(sweep.distances(), sweep.micrometres());
        double raw = raw(requirement, sweep);
        double[] places = sweep.distances();
        double height = FullIndicatorMovement.of(places).amount()
                * sweep.layout().unit().micrometres().doubleValue();
        Length per = requirement.limit().per();
        double factor = per == null ? 1 : per.micrometres() / height;
        return new Figures(
                raw * factor,
                GaugeParts.ofDifference(requirement, dial, sweep, factor),
                List.of(
                        Figure.deviation("highest less lowest", raw),
                        Figure.deviation("slope per 100 mm", slopePer100(sweep, line)),
                        Figure.deviation("bow, slope taken out", line.deviation())));
    }

    private static double slopePer100(Sweep sweep, LeastSquaresLine line) {
        return line.slope() * 100_000 / sweep.layout().unit().micrometres().doubleValue();
    }

    private static double raw(Requirement requirement, Sweep sweep) {
        return (requirement.flicker() == FlickerRule.EXTREMES
                        ? FullIndicatorMovement.of(sweep.lows(), sweep.highs())
                        : FullIndicatorMovement.of(sweep.micrometres()))
                .amount();
    }
}
