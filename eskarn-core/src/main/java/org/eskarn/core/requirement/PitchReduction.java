package org.eskarn.core.requirement;

import java.util.ArrayList;
import java.util.List;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.FigureTable.Row;
import org.eskarn.core.size.Pitches;
import org.eskarn.core.uncertainty.UncertaintyBudget;

/**
 * Pitch errors of a row or ring: the worst single step or the worst accumulated error is judged, as the requirement says.
 * Read step by step, the accumulated error at place n rests on n readings, and its uncertainty grows as √n.
 */
public record PitchReduction(double judged, UncertaintyBudget budget, Pitches pitches, Told told) implements Reduction {

    static PitchReduction of(Requirement requirement, Dial dial, Sweep sweep) {
        boolean stepwise = requirement.basis().zeroing() == Zeroing.EACH_STEP;
        Pitches pitches = stepwise ? Pitches.stepByStep(sweep.micrometres()) : Pitches.onOneZero(sweep.micrometres());
        boolean single = requirement.statedAs() != StatedAs.ACCUMULATED;
        double[] judged = single ? pitches.single() : pitches.accumulated();
        // Of a signed figure with two limits the one worst placed counts, as for sizes.
        int at = requirement.bounds().open()
                ? Pitches.worst(judged)
                : SizeReductions.worstAt(judged, requirement.bounds());
        return new PitchReduction(
                judged[at],
                budget(requirement, dial, sweep, stepwise, single, at),
                pitches,
                told(sweep, pitches, stepwise));
    }

    private static UncertaintyBudget budget(
            Requirement requirement, Dial dial, Sweep sweep, boolean stepwise, boolean single, int at) {
        if (stepwise) {
            return single
                    ? GaugeParts.ofOne(requirement, dial, sweep)
                    : GaugeParts.ofSum(requirement, dial, sweep, at + 1);
        }
        return single
                ? GaugeParts.ofDifference(requirement, dial, sweep, 1)
                : GaugeParts.ofOne(requirement, dial, sweep);
    }

    private static Told told(Sweep sweep, Pitches pitches, boolean stepwise) {
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < pitches.single().length; i++) {
            rows.add(Row.of(
                    sweep.readings().get(i).station().name(),
                    Figure.deviation("", pitches.single()[i]),
                    Figure.deviation("", pitches.accumulated()[i])));
        }
        int single = Pitches.worst(pitches.single());
        int accumulated = Pitches.worst(pitches.accumulated());
        List<Figure> figures = new ArrayList<>();
        figures.add(Figure.deviation(
                "worst single step, " + sweep.readings().get(single).station().name(), pitches.single()[single]));
        figures.add(Figure.deviation(
                "worst accumulated, "
                        + sweep.readings().get(accumulated).station().name(),
                pitches.accumulated()[accumulated]));
        figures.add(Figure.deviation("between any two places", pitches.betweenAny()));
        if (stepwise && sweep.layout().kind() == LayoutKind.RING && sweep.stationsToGo() == 0) {
            figures.add(Figure.deviation(
                    "closing error of the ring", pitches.accumulated()[pitches.accumulated().length - 1]));
        }
        return new Told(
                figures,
                List.of(new FigureTable(
                        stepwise ? "Read step by step" : "Read on one zero",
                        List.of("at", "single", "accumulated"),
                        rows)),
                List.of());
    }
}
