package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.StationsUnfit.Reason;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.result.Details;
import org.eskarn.core.result.Figure;
import org.eskarn.core.result.Note;
import org.eskarn.core.uncertainty.UncertaintyBudget;

/**
 * The fit of a pair: at each place a hole and its shaft, clearance = hole − shaft, negative for interference. The clearance
 * worst placed is judged; the tightest and the loosest are told.
 *
 * <p>Budget: the difference of a hole and a shaft ({@link GaugeParts#ofDifference}, factor 1), the dial standing for both gauges
 * where there are two ({@link org.eskarn.core.gauge.Dial#ofPair}).
 *
 * <p>Degenerate cases: a hole without its shaft is left out until both are read.
 *
 * <p>Source: ISO 286-1 (clearance and interference).
 *
 * @param holes sizes in µm, in the order read
 * @param shafts the same of the shafts that were read already
 */
public record FitReduction(
        double judged, UncertaintyBudget budget, double[] holes, double[] shafts, Details told, List<Figure> each)
        implements Reduction {

    static Reduction of(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        double[] sizes = SizeReductions.sizesOf(requirement, sweep);
        if (sizes.length < 2) {
            throw new StationsUnfit(Reason.TOO_FEW, Note.of("core.a-pair-needs-both-its-readings"));
        }
        int pairs = sizes.length / 2;
        double[] holes = new double[pairs];
        double[] shafts = new double[pairs];
        double[] clearances = new double[pairs];
        List<Figure> figures = new ArrayList<>();
        List<Figure> each = new ArrayList<>();
        int tightest = 0;
        int loosest = 0;
        for (int i = 0; i < pairs; i++) {
            holes[i] = sizes[2 * i];
            shafts[i] = sizes[2 * i + 1];
            clearances[i] = holes[i] - shafts[i];
            figures.add(Figure.deviation(Note.of("core.clearance", place(sweep, i)), clearances[i]));
            each.add(Figure.deviation(Note.text(place(sweep, i)), clearances[i]));
            tightest = clearances[i] < clearances[tightest] ? i : tightest;
            loosest = clearances[i] > clearances[loosest] ? i : loosest;
        }
        if (pairs > 1) {
            figures.add(Figure.deviation(Note.of("core.tightest", place(sweep, tightest)), clearances[tightest]));
            figures.add(Figure.deviation(Note.of("core.loosest", place(sweep, loosest)), clearances[loosest]));
        }
        List<String> names =
                IntStream.range(0, pairs).mapToObj(i -> place(sweep, i)).toList();
        UncertaintyBudget budget = GaugeParts.ofDifference(requirement, dial, sweep, 1);
        return new FitReduction(
                SizeReductions.worst(clearances, requirement.bounds()),
                budget,
                holes,
                shafts,
                new Details(
                        figures,
                        List.of(),
                        BetterOf.ofPieces(
                                        names,
                                        clearances,
                                        Figure.Kind.DEVIATION,
                                        requirement.bounds(),
                                        budget.expanded())
                                .stream()
                                .toList()),
                each);
    }

    private static String place(Sweep sweep, int pair) {
        return String.valueOf(sweep.readings().get(2 * pair).station().line());
    }

    /** The tightest that was read, µm. */
    public double tightest() {
        return IntStream.range(0, holes.length)
                .mapToDouble(i -> holes[i] - shafts[i])
                .min()
                .orElseThrow();
    }

    /** The loosest that was read, µm. */
    public double loosest() {
        return IntStream.range(0, holes.length)
                .mapToDouble(i -> holes[i] - shafts[i])
                .max()
                .orElseThrow();
    }
}
