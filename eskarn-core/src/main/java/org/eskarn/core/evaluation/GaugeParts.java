package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.core.gauge.CalibrationCurve;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.uncertainty.Contribution;
import org.eskarn.core.uncertainty.Contribution.Source;
import org.eskarn.core.uncertainty.Scatter;
import org.eskarn.core.uncertainty.UncertaintyBudget;
import org.eskarn.core.zone.ThinnestBand;
import org.eskarn.core.zone.ThinnestBand.Contact;

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
 * resolution    d/2, even within ±d/2, of each reading: √2 for a difference of two, √n for a sum of n; nothing where repeats
 *               scatter by more than that, for each of them was rounded too
 * return        what the zero was off at the end, even within ±r; counts as the gauge error does. Where the scatter s of a reading is
 *               known, √(r² − 8 s²): two readings of one place differ by 2 √2 s by chance
 * repeats       s/√n of a mean of n sweeps, or s of one sweep as the checks of the gauge have shown it; as the resolution counts
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
        Optional<CalibrationCurve> curve = dial.curve().filter(found -> covers(found, dial, sweep));
        double error = curve.map(found -> error(found, dial, sweep))
                .orElseGet(() -> dial.errorLimit().micrometres());
        parts.add(Contribution.even(Source.GAUGE_ERROR, error, gauge));
        double expanded = curve.map(CalibrationCurve::expanded).orElse(0.0);
        if (expanded > 0) {
            double readings = dial.from().isPresent() ? 1 : Math.sqrt(2);
            parts.add(new Contribution(Source.CALIBRATION, Math.abs(gauge) * readings * expanded / 2));
        }
        Scatter scatter = dial.scatter();
        Contribution rounded =
                Contribution.even(Source.RESOLUTION, dial.graduation().micrometres() / 2, resolution);
        if (resolution > 0 && rounded.standard() >= resolution * scatter.deviation()) {
            parts.add(rounded);
        }
        sweep.returnError().ifPresent(off -> parts.add(Contribution.even(Source.RETURN, moved(off, scatter), gauge)));
        if (halfBand > 0) {
            parts.add(Contribution.even(Source.FLICKER, halfBand, 1));
        }
        if (scatter.known()) {
            parts.add(new Contribution(
                    scatter.ofSweeps() ? Source.REPEATS : Source.CHECKS,
                    resolution * scatter.ofMean(),
                    scatter.degreesOfFreedom()));
        }
        return parts;
    }

    /** What a return is off beyond what two readings of one place differ by chance. */
    private static double moved(double off, Scatter scatter) {
        double chance = UncertaintyBudget.COVERAGE_FACTOR * Math.sqrt(2) * scatter.ofMean();
        return Math.sqrt(Math.max(0, off * off - chance * chance));
    }

    /** What the calibration found over the stretch that was read. */
    private static double error(CalibrationCurve curve, Dial dial, Sweep sweep) {
        double[] read = sweep.micrometres();
        return dial.from().isPresent()
                ? curve.largestError(lowest(read), highest(read))
                : curve.largestChange(span(read));
    }

    private static boolean covers(CalibrationCurve curve, Dial dial, Sweep sweep) {
        double[] read = sweep.micrometres();
        return dial.from().isPresent() ? curve.covers(lowest(read), highest(read)) : curve.covers(span(read));
    }

    /** The stretch of the dial that was used, its zero in it. */
    private static double span(double[] read) {
        return Math.max(0, highest(read)) - Math.min(0, lowest(read));
    }

    private static double lowest(double[] read) {
        double lowest = read.length == 0 ? 0 : read[0];
        for (double each : read) {
            lowest = Math.min(lowest, each);
        }
        return lowest;
    }

    private static double highest(double[] read) {
        double highest = read.length == 0 ? 0 : read[0];
        for (double each : read) {
            highest = Math.max(highest, each);
        }
        return highest;
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

    /**
     * For the width of a zone: gauge error and return as of a difference, each reading as the contacts weigh it.
     *
     * @param contacts of the zone; of one without width, which anything may hold, as of a plain difference
     */
    static UncertaintyBudget ofZone(
            Requirement requirement, Dial dial, Sweep sweep, double width, List<Contact> contacts) {
        double each = width > 0 ? ThinnestBand.perReading(contacts) : Math.sqrt(2);
        return new UncertaintyBudget(of(dial, sweep, 1, each, each * widest(requirement, sweep)), each);
    }

    /** For the mean of n readings on one zero: the gauge's own error is in all of them alike. */
    static UncertaintyBudget ofMean(Requirement requirement, Dial dial, Sweep sweep, int n) {
        double each = 1 / Math.sqrt(n);
        return new UncertaintyBudget(of(dial, sweep, 1, each, each * widest(requirement, sweep)), each);
    }

    /** For one reading alone. */
    static UncertaintyBudget ofOne(Requirement requirement, Dial dial, Sweep sweep) {
        return new UncertaintyBudget(of(dial, sweep, 1, 1, widest(requirement, sweep)));
    }

    private static double widest(Requirement requirement, Sweep sweep) {
        return requirement.flicker() == FlickerRule.EXTREMES
                ? 0
                : sweep.flickers()
                        ? sweep.readings().stream()
                                .mapToDouble(Reading::halfBand)
                                .max()
                                .orElse(0)
                        : 0;
    }
}
