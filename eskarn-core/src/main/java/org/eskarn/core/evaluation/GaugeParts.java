package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.eskarn.core.gauge.CalibrationCurve;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.uncertainty.Contribution;
import org.eskarn.core.uncertainty.Contribution.Source;
import org.eskarn.core.uncertainty.UncertaintyBudget;

/**
 * The parts of an uncertainty that come from the gauge and the way it was read, the same for every figure. All lengths in µm.
 *
 * <pre>
 * gauge error   E, even within ±E: the maximum permissible error is stated for the change of indication, so that a
 *               difference of two readings counts it once (factor 1), and a sum of n readings, each on a zero of its own,
 *               by √n, as independent errors add in squares
 *               Where its calibration has points, E is what they show: the largest change of error over the span that was read,
 *               or of whole sizes the largest error there
 * calibration   U/2, normal, of those points: √2 of a difference
 * resolution    d/2, even within ±d/2, of each reading: √2 for a difference of two, √n for a sum of n
 * return        what the zero was off at the end, even within ±r; counts as the gauge error does
 * flicker       half the widest band, even, of each reading: √2 for a difference, √n for a sum; nothing where the ends of
 *               bands are judged, for then the band is in the figure
 * </pre>
 *
 * <p>Degenerate cases: without a return there is no such part; a still needle adds none.
 *
 * <p>Source: JCGM 100, 4.3.7 (even distributions) and 5.1.2 (independent parts).
 */
final class GaugeParts {

    private GaugeParts() {}

    /**
     * @param gauge change of the figure per change of the gauge's error, within ±E
     * @param resolution change of the figure per change of one reading within half a graduation; 0 where the figure
     *     has a resolution of its own
     * @param halfBand half the band of the needle as it enters the figure, µm; named only where it is not 0
     */
    static List<Contribution> of(Dial dial, Sweep sweep, double gauge, double resolution, double halfBand) {
        List<Contribution> parts = new ArrayList<>();
        parts.add(Contribution.even(Source.GAUGE_ERROR, error(dial, sweep), gauge));
        dial.curve()
                .filter(curve -> onCurve(dial, sweep))
                .map(curve -> new Contribution(
                        Source.CALIBRATION,
                        Math.abs(gauge) * curve.expanded() / 2 * (dial.from().isPresent() ? 1 : Math.sqrt(2))))
                .filter(part -> part.standard() > 0)
                .ifPresent(parts::add);
        if (resolution > 0) {
            parts.add(Contribution.even(Source.RESOLUTION, dial.graduation().micrometres() / 2, resolution));
        }
        sweep.returnError().ifPresent(error -> parts.add(Contribution.even(Source.RETURN, error, gauge)));
        if (halfBand > 0) {
            parts.add(Contribution.even(Source.FLICKER, halfBand, 1));
        }
        return parts;
    }

    /** E: the error limit, or what the calibration found over the stretch that was read. */
    private static double error(Dial dial, Sweep sweep) {
        if (!onCurve(dial, sweep)) {
            return dial.errorLimit().micrometres();
        }
        CalibrationCurve curve = dial.curve().orElseThrow();
        double[] read = sweep.micrometres();
        return dial.from().isPresent()
                ? curve.largestError(lowest(read), highest(read))
                : curve.largestChange(Math.max(0, highest(read)) - Math.min(0, lowest(read)));
    }

    private static boolean onCurve(Dial dial, Sweep sweep) {
        double[] read = sweep.micrometres();
        return dial.curve()
                .filter(curve -> dial.from().isPresent()
                        ? curve.covers(lowest(read), highest(read))
                        : curve.covers(Math.max(0, highest(read)) - Math.min(0, lowest(read))))
                .isPresent();
    }

    private static double lowest(double[] read) {
        return Arrays.stream(read).min().orElse(0);
    }

    private static double highest(double[] read) {
        return Arrays.stream(read).max().orElse(0);
    }

    /**
     * For the difference of two readings, times a factor: gauge error and return by |factor|, resolution and band by
     * √2 · |factor|, each of the two readings having its own.
     *
     * @param factor 1 for the plain difference
     */
    static UncertaintyBudget ofDifference(Requirement requirement, Dial dial, Sweep sweep, double factor) {
        double halfBand = Math.sqrt(2) * factor * widest(requirement, sweep);
        return new UncertaintyBudget(
                of(dial, sweep, Math.abs(factor), Math.sqrt(2) * Math.abs(factor), Math.abs(halfBand)),
                Math.sqrt(2) * Math.abs(factor));
    }

    /** For the sum of n readings, each on a zero of its own: every part by √n, as their errors are independent. */
    static UncertaintyBudget ofSum(Requirement requirement, Dial dial, Sweep sweep, int n) {
        return ofSum(requirement, dial, sweep, n, 1);
    }

    /**
     * The same of readings that each count by a factor.
     *
     * @param factor above 0
     */
    static UncertaintyBudget ofSum(Requirement requirement, Dial dial, Sweep sweep, int n, double factor) {
        double root = factor * Math.sqrt(n);
        return new UncertaintyBudget(of(dial, sweep, root, root, root * widest(requirement, sweep)), root);
    }

    /** For one reading alone. */
    static UncertaintyBudget ofOne(Requirement requirement, Dial dial, Sweep sweep) {
        return new UncertaintyBudget(of(dial, sweep, 1, 1, widest(requirement, sweep)));
    }

    private static double widest(Requirement requirement, Sweep sweep) {
        return requirement.flicker() == FlickerRule.EXTREMES
                ? 0
                : sweep.readings().stream().mapToDouble(Reading::halfBand).max().orElse(0);
    }
}
