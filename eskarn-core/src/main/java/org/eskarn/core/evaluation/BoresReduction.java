package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.core.evaluation.LineReduction.Fitted;
import org.eskarn.core.flat.BoreLine;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.result.Details;
import org.eskarn.core.result.Figure;
import org.eskarn.core.result.FigureTable;
import org.eskarn.core.result.FigureTable.Row;
import org.eskarn.core.result.Note;

/**
 * Two bores in line: how far the axis of the second lies off that of the first at its worse end, in one plane or by the
 * resultant of two.
 *
 * <pre>
 * off       = h₄ − h₁ − (h₂ − h₁) k,   k = (z₄ − z₁) / (z₂ − z₁), at the far end; with h₃, z₃ at the near one
 * resultant = √(x² + y²) of both planes at the same end; the larger of both ends
 * </pre>
 *
 * <p>h in µm at z in mm: the first bore at z₁ and z₂, the second at z₃ and z₄. A zone has the diameter 2 · off.
 *
 * <p>Budget: the difference of two readings, times √((1 + k² + (k − 1)²) / 2): by the formula the reading h₄ counts 1, h₂ counts
 * k and h₁ counts k − 1, and a plain difference holds two readings of weight 1. A reversal's spread multiplies it
 * ({@link org.eskarn.core.flat.Reversal#spread}), a diameter doubles it.
 *
 * <p>Degenerate cases: one plane alone is judged by itself with a remark that across it nothing was read; with fewer than four
 * places there is nothing to compare, and it is refused.
 *
 * <p>Source: geometry of two straight lines; ISO 1101 (coaxiality).
 */
final class BoresReduction {

    private BoresReduction() {}

    static Reduction of(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        List<LineReadings> traces = Lines.someOf(LineReadings.of(requirement, sweep).stream()
                .filter(trace -> trace.at().length == 4 || sweep.stationsToGo() == 0)
                .toList());
        List<Fitted> lines = new ArrayList<>();
        List<Row> rows = new ArrayList<>();
        double near = 0;
        double far = 0;
        double[] worst = new double[traces.size()];
        for (int i = 0; i < worst.length; i++) {
            LineReadings trace = traces.get(i);
            double[] heights = trace.middle();
            BoreLine bores = BoreLine.of(trace.at(), heights);
            double level = heights[0] - bores.slope() * trace.at()[0];
            lines.add(new Fitted(trace, level, bores.slope(), Optional.empty()));
            worst[i] = Math.abs(bores.worst());
            near = Math.hypot(near, bores.nearOff());
            far = Math.hypot(far, bores.farOff());
            rows.add(Row.of(
                    trace.name().isEmpty() ? Note.of("core.the-one-plane-read") : Note.text(trace.name()),
                    Figure.deviation(bores.nearOff()),
                    Figure.deviation(bores.farOff()),
                    Figure.slope(bores.tilt())));
        }
        double resultant = Math.max(near, far);
        boolean diameter = requirement.statedAs() == StatedAs.ZONE_DIAMETER;
        double[] at = traces.get(0).at();
        // off = h₄ − h₁ − (h₂ − h₁) k, so that the readings of the first bore count k and k − 1 times.
        double k = (at[3] - at[0]) / (at[1] - at[0]);
        double lever = Math.sqrt((1 + k * k + (k - 1) * (k - 1)) / 2)
                * requirement.basis().reversal().spread();
        List<Note> remarks = new ArrayList<>();
        if (worst.length == 1) {
            remarks.add(Note.of("core.one-plane-was-read-across-it-the"));
        }
        Lines.fixtures(traces, requirement.basis().reversal(), remarks);
        return new LineReduction(
                diameter ? 2 * resultant : resultant,
                GaugeParts.ofDifference(requirement, dial, sweep, (diameter ? 2 : 1) * lever),
                lines,
                Lines.largest(worst),
                new Details(
                        List.of(
                                Figure.deviation(Note.of("core.off-the-axis-at-the-near-end"), near),
                                Figure.deviation(Note.of("core.off-the-axis-at-the-far-end"), far)),
                        List.of(new FigureTable(
                                Note.of("core.the-second-bore-against-the-first"),
                                List.of(
                                        Note.of("core.plane"),
                                        Note.of("core.near-end"),
                                        Note.of("core.far-end"),
                                        Note.of("core.tilt")),
                                rows)),
                        remarks));
    }
}
