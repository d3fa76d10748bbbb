package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.StationsUnfit.Reason;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.LimitKind;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.requirement.Zeroing;
import org.eskarn.core.result.Details;
import org.eskarn.core.result.Figure;
import org.eskarn.core.result.FigureTable;
import org.eskarn.core.result.FigureTable.Row;
import org.eskarn.core.result.Note;
import org.eskarn.core.size.Pitches;
import org.eskarn.core.size.Pitches.Between;
import org.eskarn.core.uncertainty.UncertaintyBudget;
import org.eskarn.core.verdict.Bounds;

/**
 * Pitch errors of a row or ring: the worst single step or the worst error between any two places is judged, as the
 * requirement says. Read step by step, an error over n steps rests on n readings, and its uncertainty grows as √n; on one
 * zero every error is the difference of two readings.
 *
 * <pre>
 * single step, step by step   one reading: factor 1
 * over n steps, step by step  sum of n readings, each on a zero of its own: √n
 * on one zero                 difference of two readings: √2 of their resolution and band
 * </pre>
 *
 * <p>Degenerate cases: on one zero a step needs two places; one alone is refused. Round a ring the last step closes it.
 *
 * <p>Source: the sums of a chain of measures, JCGM 100, 5.1.2.
 *
 * @param asRead error of each place against the start, µm, in the order read
 */
public record PitchReduction(
        double judged, UncertaintyBudget budget, Pitches pitches, double[] asRead, Details told, List<Figure> each)
        implements Reduction {

    static PitchReduction of(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        boolean stepwise = requirement.basis().zeroing() == Zeroing.EACH_STEP;
        boolean ring = sweep.layout().kind() == LayoutKind.RING;
        List<Reading> row = stepwise ? sweep.readings() : InPlace.of(sweep);
        double[] readings = Sections.micrometres(row);
        if (!stepwise && readings.length < 2) {
            throw new StationsUnfit(Reason.TOO_FEW, Note.of("core.a-step-needs-readings-at-two-places"));
        }
        Pitches pitches = stepwise
                ? Pitches.stepByStep(readings, ring)
                : Pitches.onOneZero(readings, ring && sweep.stationsToGo() == 0);
        boolean single = requirement.statedAs() != StatedAs.ACCUMULATED;
        Bounds bounds = requirement.bounds();
        Between between = pitches.worstBetween(bounds);
        double judged = single ? pitches.steps()[pitches.worstStep(bounds)] : between.error();
        UncertaintyBudget budget = !stepwise
                ? GaugeParts.ofDifference(requirement, dial, sweep, 1)
                : single
                        ? GaugeParts.ofOne(requirement, dial, sweep)
                        : GaugeParts.ofSum(requirement, dial, sweep, between.steps());
        List<String> names = names(row, stepwise);
        return new PitchReduction(
                judged,
                budget,
                pitches,
                asRead(sweep, pitches, stepwise),
                told(sweep, names, pitches, stepwise, bounds),
                single ? steps(names, pitches) : furthest(requirement, names, pitches));
    }

    private static double[] asRead(Sweep sweep, Pitches pitches, boolean stepwise) {
        double[] errors = sweep.micrometres();
        double first = errors[0];
        for (int i = 0; i < errors.length; i++) {
            errors[i] = stepwise ? pitches.places()[i + 1] : errors[i] - first;
        }
        return errors;
    }

    /** The place before the first step, called like a station. */
    private static final String START = "the start";

    private static List<String> names(List<Reading> row, boolean stepwise) {
        List<String> names =
                new ArrayList<>(row.stream().map(each -> each.station().name()).toList());
        if (stepwise) {
            names.add(0, START);
        }
        return names;
    }

    private static List<Figure> steps(List<String> names, Pitches pitches) {
        return IntStream.range(0, pitches.steps().length)
                .mapToObj(i -> Figure.deviation(
                        Note.of("core.to", names.get(i), names.get((i + 1) % names.size())), pitches.steps()[i]))
                .toList();
    }

    /**
     * Of all pairs the one furthest either way, where each way has a limit of its own; round a ring one pair can be taken
     * both ways, and is one place.
     */
    private static List<Figure> furthest(Requirement requirement, List<String> names, Pitches pitches) {
        if (pitches.ring() || requirement.limit().kind() != LimitKind.BETWEEN) {
            return List.of();
        }
        return Stream.of(pitches.worstBetween(Bounds.atMost(0)), pitches.worstBetween(new Bounds(0.0, null)))
                .distinct()
                .map(pair -> Figure.deviation(
                        Note.of("core.and", names.get(pair.from()), names.get(pair.to())), pair.error()))
                .toList();
    }

    private static Details told(Sweep sweep, List<String> names, Pitches pitches, boolean stepwise, Bounds bounds) {
        int places = names.size();
        List<Row> rows = new ArrayList<>();
        for (int i = stepwise ? 1 : 0; i < places; i++) {
            rows.add(Row.of(
                    names.get(i),
                    i > 0 ? Figure.deviation(pitches.steps()[i - 1]) : closing(pitches, places),
                    Figure.deviation(pitches.places()[i])));
        }
        int step = pitches.worstStep(bounds);
        Between between = pitches.worstBetween(bounds);
        List<Figure> figures = new ArrayList<>();
        figures.add(Figure.deviation(
                Note.of("core.worst-single-step-to", names.get(step), names.get((step + 1) % places)),
                pitches.steps()[step]));
        figures.add(Figure.deviation(
                Note.of("core.worst-between-two-places-and", names.get(between.from()), names.get(between.to())),
                between.error()));
        if (stepwise && pitches.ring() && sweep.stationsToGo() == 0) {
            figures.add(Figure.deviation(Note.of("core.closing-error-of-the-ring"), pitches.places()[places - 1]));
        }
        return new Details(
                figures,
                List.of(new FigureTable(
                        stepwise ? Note.of("core.read-step-by-step") : Note.of("core.read-on-one-zero"),
                        List.of(Note.of("core.at-3"), Note.of("core.step-up-to-it"), Note.of("core.from-the-start")),
                        rows)),
                List.of());
    }

    /** The step that ends at the first place of a ring. */
    private static Figure closing(Pitches pitches, int places) {
        return pitches.steps().length == places ? Figure.deviation(pitches.steps()[places - 1]) : Figure.none();
    }
}
