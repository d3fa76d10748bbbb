package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.List;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Station;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.result.Details;
import org.eskarn.core.result.Figure;
import org.eskarn.core.result.FigureTable;
import org.eskarn.core.result.FigureTable.Row;
import org.eskarn.core.result.Note;
import org.eskarn.core.uncertainty.UncertaintyBudget;
import org.eskarn.core.verdict.Bounds;

/**
 * The same places read under several named conditions, one after the other, each on a zero of its own: every condition is evaluated by
 * itself, the one worst placed is judged, and what they say together is told ({@link WhoseError}).
 *
 * <p>Budget: that of the condition that is judged.
 *
 * <p>Degenerate cases: a condition that is not read yet is left out; while the first is being read, it stands alone.
 *
 * @param conditions in the order read
 * @param worst index of the one that is judged
 */
public record ConditionsReduction(
        double judged, UncertaintyBudget budget, List<Condition> conditions, int worst, Details told)
        implements Reduction {

    /** How one condition is evaluated. */
    @FunctionalInterface
    interface Once {
        Reduction of(Requirement requirement, Sweep sweep) throws StationsUnfit;
    }

    /** @throws StationsUnfit if the stations of a condition do not show the figure */
    static ConditionsReduction of(Requirement requirement, Sweep sweep, Once once) throws StationsUnfit {
        List<String> names = requirement.basis().conditions();
        List<Condition> conditions = new ArrayList<>();
        for (int k = 0; k < names.size(); k++) {
            Sweep own = of(sweep, k, names);
            if (own.readings().isEmpty() || (k > 0 && !own.complete())) {
                break;
            }
            Reduction reduction = once.of(requirement.once(own.layout()), own);
            conditions.add(new Condition(
                    names.get(k),
                    reduction.judged(),
                    reduction.budget().expanded(),
                    reduction.budget().below(),
                    reduction));
        }
        int worst = worst(conditions, requirement.bounds());
        Condition judged = conditions.get(worst);
        return new ConditionsReduction(
                judged.figure(),
                judged.reduction().budget(),
                conditions,
                worst,
                told(requirement, conditions, judged, conditions.size() == names.size()));
    }

    private static int worst(List<Condition> conditions, Bounds bounds) {
        int worst = 0;
        for (int i = 1; i < conditions.size(); i++) {
            double figure = conditions.get(i).figure();
            double before = conditions.get(worst).figure();
            boolean worse = bounds.open()
                    ? Math.abs(figure) > Math.abs(before)
                    : bounds.outside(figure) > bounds.outside(before);
            worst = worse ? i : worst;
        }
        return worst;
    }

    /** The readings of one condition, its zero read once more as its return. */
    private static Sweep of(Sweep sweep, int setUp, List<String> names) {
        int setUps = names.size();
        int before = Layout.before(names.get(setUp)).length();
        Layout layout = sweep.layout();
        int between = layout.returns() ? 1 : 0;
        int each = (layout.size() - (setUps - 1) * between) / setUps;
        int from = setUp * (each + between);
        List<Station> stations = new ArrayList<>();
        List<Reading> readings = new ArrayList<>();
        for (int i = 0; i < each; i++) {
            Station station = layout.stations().get(from + i);
            String name = station.name().substring(before);
            Station own = station.as(i + 1, name).first();
            stations.add(own);
            if (from + i < sweep.readings().size()) {
                readings.add(sweep.readings().get(from + i).at(own));
            }
        }
        List<Integer> closings = layout.closings().stream()
                .filter(closing -> closing > from && closing <= from + each)
                .map(closing -> closing - from)
                .toList();
        Double back = !layout.returns()
                ? null
                : setUp < setUps - 1
                        ? (from + each < sweep.readings().size()
                                ? (Double) sweep.readings().get(from + each).micrometres()
                                : null)
                        : sweep.atReturn();
        return new Sweep(
                new Layout(layout.kind(), layout.unit(), stations, layout.returns(), closings), readings, back);
    }

    private static Details told(Requirement requirement, List<Condition> conditions, Condition judged, boolean whole) {
        List<Row> rows = new ArrayList<>();
        boolean size = requirement.characteristic().sized();
        for (Condition each : conditions) {
            rows.add(Row.of(
                    each.name(),
                    size ? Figure.size(Note.text(""), each.figure()) : Figure.deviation(each.figure()),
                    Figure.deviation(each.figure() - conditions.get(0).figure()),
                    Figure.deviation(each.expanded())));
        }
        List<FigureTable> tables = new ArrayList<>();
        tables.add(new FigureTable(
                Note.of("core.condition-by-condition"),
                List.of(
                        Note.of("core.condition"),
                        requirement.judgedName(),
                        Note.of("core.less-the-first"),
                        Note.of("core.expanded")),
                rows));
        Details of = judged.reduction().told();
        tables.addAll(of.tables());
        List<Note> remarks = new ArrayList<>();
        remarks.add(Note.of("core.judged-is-the-worst-condition", judged.name()));
        if (whole && conditions.size() > 1) {
            remarks.addAll(WhoseError.of(requirement, conditions));
        }
        remarks.addAll(of.remarks());
        return new Details(of.figures(), tables, remarks);
    }
}
