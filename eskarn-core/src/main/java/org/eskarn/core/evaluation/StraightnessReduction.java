package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.eskarn.core.evaluation.LineReduction.Fitted;
import org.eskarn.core.flat.JoinedSteps;
import org.eskarn.core.flat.LeastSquaresLine;
import org.eskarn.core.flat.MinimumZoneLine;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.StationsUnfit.Reason;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.requirement.Zeroing;
import org.eskarn.core.result.Details;
import org.eskarn.core.result.Figure;
import org.eskarn.core.result.Note;
import org.eskarn.core.result.WrittenNumber;
import org.eskarn.core.uncertainty.UncertaintyBudget;
import org.eskarn.core.units.Length;

/**
 * Straightness = width of the minimum zone of the readings, or their range about the least squares line. The line is read in
 * one sweep, in overlapping placements, or foot to foot with a level; of several lines the worst is judged.
 *
 * <pre>
 * read in one sweep         difference of two readings, times the reversal's spread
 * n overlapping placements  sum of n readings: √n, for every placement turns the line that follows by an error of its own
 * n steps of a level        sum of n readings, each counted step ÷ length the level is divided for: that factor · √n
 * </pre>
 *
 * <p>Budget: {@link GaugeParts#ofDifference} or {@link GaugeParts#ofSum} with the factor above.
 *
 * <p>Degenerate cases: two places are always straight, so that fewer than three are refused once all is read.
 *
 * <p>Source: ISO 12780-1; straightness by steps as textbooks of workshop metrology give it.
 */
final class StraightnessReduction {

    private static final int FEWEST_PLACES = 3;

    private StraightnessReduction() {}

    static Reduction of(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        List<Note> remarks = new ArrayList<>();
        boolean level = level(requirement, sweep.layout());
        List<LineReadings> traces = level
                ? List.of(rises(requirement, sweep))
                : sweep.layout().kind() == LayoutKind.STEPS
                        ? List.of(joined(sweep, remarks))
                        : Lines.someOf(LineReadings.of(requirement, sweep));
        boolean few = traces.stream()
                .anyMatch(trace -> Arrays.stream(trace.at()).distinct().count() < FEWEST_PLACES);
        if (few && sweep.stationsToGo() == 0) {
            throw new StationsUnfit(Reason.TOO_FEW, Note.of("core.two-places-are-always-straight"));
        }
        boolean byZone = requirement.statedAs() == StatedAs.MINIMUM_ZONE;
        List<Fitted> lines = new ArrayList<>();
        double[] deviations = new double[traces.size()];
        List<Figure> figures = new ArrayList<>();
        for (int i = 0; i < deviations.length; i++) {
            LineReadings trace = traces.get(i);
            MinimumZoneLine zone = zone(trace);
            LeastSquaresLine least = LeastSquaresLine.fit(trace.at(), trace.middle());
            double about = Lines.about(trace, least.slope());
            deviations[i] = byZone ? zone.width() : about;
            lines.add(
                    byZone
                            ? new Fitted(trace, zone.level(), zone.slope(), Optional.of(zone))
                            : new Fitted(trace, Lines.levelAtZero(trace, least), least.slope(), Optional.empty()));
            String of = trace.name().isEmpty() ? "" : ", " + trace.name();
            figures.add(Figure.deviation(Note.of("core.straightness-minimum-zone", of), zone.width()));
            figures.add(Figure.deviation(Note.of("core.straightness-least-squares", of), about));
            figures.add(Figure.slope(Note.of("core.slope-of", of), least.slope()));
            if (deviations.length == 1) {
                figures.add(Figure.deviation(Note.of("core.highest-less-lowest"), trace.range()));
            }
        }
        int worst = Lines.largest(deviations);
        remarks.addAll(held(sweep, lines.get(worst)));
        if (deviations.length > 1) {
            remarks.add(Note.of("core.worst-is", traces.get(worst).name()));
        }
        Lines.fixtures(traces, requirement.basis().reversal(), remarks);
        return new LineReduction(
                deviations[worst],
                budget(requirement, dial, sweep, lines.get(worst)),
                lines,
                worst,
                new Details(figures, List.of(), remarks));
    }

    /** Where extremes count, both ends of every band are held. */
    private static MinimumZoneLine zone(LineReadings trace) throws StationsUnfit {
        return Arrays.equals(trace.low(), trace.high())
                ? MinimumZoneLine.fit(trace.at(), trace.low())
                : MinimumZoneLine.fit(Lines.concat(trace.at(), trace.at()), Lines.concat(trace.low(), trace.high()));
    }

    /** Errors of steps and placements add up along the line. */
    private static UncertaintyBudget budget(Requirement requirement, Dial dial, Sweep sweep, Fitted line) {
        if (level(requirement, sweep.layout())) {
            double[] counts = perReading(requirement, sweep);
            double most = Arrays.stream(counts).max().orElse(1);
            return GaugeParts.ofSum(requirement, dial, sweep, counts.length, most);
        }
        if (sweep.layout().kind() == LayoutKind.STEPS) {
            long placements = sweep.readings().stream()
                    .map(reading -> reading.station().line())
                    .distinct()
                    .count();
            return GaugeParts.ofSum(requirement, dial, sweep, (int) placements);
        }
        if (line.zone().isPresent() && !requirement.basis().reversal().twice()) {
            MinimumZoneLine zone = line.zone().get();
            return GaugeParts.ofZone(requirement, dial, sweep, zone.width(), zone.contacts());
        }
        return GaugeParts.ofDifference(
                requirement, dial, sweep, requirement.basis().reversal().spread());
    }

    /** Whether the line is built up of parts, each reading of which moves all that follow. */
    static boolean addsUp(Requirement requirement) {
        return requirement.layout().kind() == LayoutKind.STEPS || level(requirement, requirement.layout());
    }

    private static boolean level(Requirement requirement, Layout layout) {
        return requirement.basis().zeroing() == Zeroing.EACH_STEP && layout.kind() == LayoutKind.LINE;
    }

    /** How often each reading counts: the step over the length that the level is divided for. */
    private static double[] perReading(Requirement requirement, Sweep sweep) {
        double unit = sweep.layout().unit().micrometres().doubleValue();
        double span = requirement.basis().span().map(Length::micrometres).orElse(0.0);
        double[] counts = sweep.distances();
        double before = 0;
        for (int i = 0; i < counts.length; i++) {
            double end = counts[i];
            counts[i] = span > 0 ? (end - before) * unit / span : 1;
            before = end;
        }
        return counts;
    }

    /** A level foot to foot: each reading speaks of the length it is divided for, and is scaled to the step. */
    private static LineReadings rises(Requirement requirement, Sweep sweep) throws StationsUnfit {
        double perPlace = sweep.layout().unit().millimetres();
        double[] ends =
                Arrays.stream(sweep.distances()).map(at -> at * perPlace).toArray();
        double[] counts = perReading(requirement, sweep);
        double[] rises = sweep.micrometres();
        for (int i = 0; i < rises.length; i++) {
            rises[i] *= counts[i];
        }
        JoinedSteps joined = JoinedSteps.ofRises(ends, rises);
        return new LineReadings("", joined.at(), joined.heights(), joined.heights(), new double[0]);
    }

    private static LineReadings joined(Sweep sweep, List<Note> remarks) throws StationsUnfit {
        Map<String, List<Reading>> placements = new LinkedHashMap<>();
        for (Reading reading : sweep.readings()) {
            placements
                    .computeIfAbsent(String.valueOf(reading.station().line()), unused -> new ArrayList<>())
                    .add(reading);
        }
        // A placement only begun shares no place yet with those before it.
        boolean begun = sweep.stationsToGo() > 0 && placements.size() > 1;
        List<List<Reading>> whole = new ArrayList<>(placements.values());
        if (begun) {
            whole.remove(whole.size() - 1);
        }
        double perPlace = sweep.layout().unit().millimetres();
        JoinedSteps joined = JoinedSteps.of(
                whole.stream()
                        .map(each -> each.stream()
                                .mapToDouble(r -> r.station().distance() * perPlace)
                                .toArray())
                        .toList(),
                whole.stream().map(Sections::micrometres).toList());
        if (whole.size() > 1) {
            remarks.add(Note.of(
                    "core.they-agree-there-within",
                    (joined.tilted()
                            ? Note.of("core.the-placements-were-lifted-and-turned-to")
                            : Note.of("core.the-placements-share-one-place-each-so")),
                    Figure.deviation(joined.disagreement())));
        }
        return new LineReadings("", joined.at(), joined.heights(), joined.heights(), new double[0]);
    }

    private static List<Note> held(Sweep sweep, Fitted line) {
        if (line.zone().isEmpty() || line.zone().get().width() == 0) {
            return List.of();
        }
        double perPlace = sweep.layout().unit().millimetres();
        String symbol = " " + sweep.layout().unit().symbol();
        int n = line.trace().at().length;
        List<Note> at = line.zone().get().contacts().stream()
                .filter(contact -> contact.weight() > 0)
                .sorted(Comparator.comparingDouble(contact -> line.trace().at()[contact.index() % n]))
                .map(contact -> Note.of(
                        contact.above() ? "core.above" : "core.below",
                        WrittenNumber.number(line.trace().at()[contact.index() % n] / perPlace) + symbol))
                .distinct()
                .toList();
        return List.of(Note.of("core.the-zone-is-held-at", Note.list(at)));
    }
}
