package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.core.evaluation.LineReduction.Fitted;
import org.eskarn.core.flat.LeastSquaresLine;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.result.Details;
import org.eskarn.core.result.Figure;
import org.eskarn.core.result.FigureTable;
import org.eskarn.core.result.FigureTable.Row;
import org.eskarn.core.result.Note;
import org.eskarn.core.units.Length;

/**
 * Squareness over a height = highest − lowest reading along the upright, scaled to the length the limit is stated over. What a
 * master square or the reversal tells of the comparator is taken off first; of several lines the worst is judged.
 *
 * <p>Judged = (highest − lowest) · length / height, µm, with length and height in mm; the factor is 1 where the limit is over
 * the height as it is.
 *
 * <p>Budget: the difference of two readings, times length / height, times the reversal's spread: √2 on a master, whose readings
 * are taken off those of the part, √½ of a reversal, which halves the sum of two.
 *
 * <p>Degenerate cases: a line with fewer than two places is refused.
 *
 * <p>Source: ISO 1101 (perpendicularity); the reversal as textbooks of workshop metrology give it.
 */
final class SquarenessReduction {

    private SquarenessReduction() {}

    static Reduction of(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        List<LineReadings> read = Lines.someOf(LineReadings.of(requirement, sweep));
        Optional<DatumLine> datum = requirement.basis().datum().read() && sweep.stationsToGo() == 0
                ? Optional.of(DatumLine.of(requirement.basis().datum(), read))
                : Optional.empty();
        List<LineReadings> traces = datum.isPresent() ? Lines.someOf(datum.get().against(read)) : read;
        Length per = requirement.limit().per();
        List<Fitted> lines = new ArrayList<>();
        List<Row> rows = new ArrayList<>();
        double[] judged = new double[traces.size()];
        double factor = 1;
        for (int i = 0; i < judged.length; i++) {
            LineReadings trace = traces.get(i);
            LeastSquaresLine line = LeastSquaresLine.fit(trace.at(), trace.middle());
            factor = per == null ? 1 : per.micrometres() / 1000 / trace.length();
            judged[i] = trace.range() * factor;
            lines.add(new Fitted(trace, Lines.levelAtZero(trace, line), line.slope(), Optional.empty()));
            rows.add(Row.of(
                    trace.name(),
                    Figure.deviation(trace.range()),
                    Figure.slope(line.slope()),
                    Figure.angle(Note.text(""), Math.toDegrees(line.slope() / 1000)),
                    Figure.deviation(Lines.about(trace, line.slope()))));
        }
        int worst = Lines.largest(judged);
        List<Note> heads = List.of(
                Note.of("core.highest-less-lowest"),
                Note.of("core.slope"),
                Note.of("core.angle"),
                Note.of("core.bow-slope-taken-out"));
        List<Figure> figures = new ArrayList<>();
        List<Note> remarks = new ArrayList<>();
        List<FigureTable> tables = new ArrayList<>();
        if (judged.length == 1) {
            for (int k = 0; k < heads.size(); k++) {
                Figure cell = rows.get(0).cells().get(k);
                figures.add(new Figure(heads.get(k), cell.amount(), cell.kind()));
            }
        } else {
            List<Note> columns = new ArrayList<>(heads);
            columns.add(0, Note.of("core.line"));
            tables.add(new FigureTable(Note.of("core.line-by-line"), columns, rows));
            remarks.add(agreement(lines, traces.get(worst).name()));
        }
        double slope = lines.get(worst).slope();
        if (slope != 0) {
            remarks.add(Note.of(
                    "core.upwards-the-face-leans-the-gauge",
                    (slope > 0 ? Note.of("core.towards") : Note.of("core.away-from")),
                    Figure.slope(Math.abs(slope))));
        }
        Lines.fixtures(traces, requirement.basis().reversal(), remarks);
        double length = traces.get(worst).length();
        double adds = datum.map(line -> line.adds(length)).orElse(0.0);
        datum.ifPresent(line -> {
            remarks.add(Note.of(
                    "core.held-against-the-datum-line",
                    requirement.basis().datum().title(),
                    Figure.slope(line.slope())));
            lines.add(line.fitted());
        });
        return new LineReduction(
                judged[worst],
                GaugeParts.ofDifference(
                        requirement,
                        dial,
                        sweep,
                        factor * requirement.basis().reversal().spread() * Math.sqrt((2 + adds) / 2)),
                lines,
                worst,
                new Details(figures, tables, remarks));
    }

    /** How well the slopes of several lines agree. */
    private static Note agreement(List<Fitted> lines, String worst) {
        double low = lines.stream().mapToDouble(Fitted::slope).min().orElse(0);
        double high = lines.stream().mapToDouble(Fitted::slope).max().orElse(0);
        return Note.of("core.worst-is-the-slopes-of-the-lines", worst, Figure.slope(high - low));
    }
}
