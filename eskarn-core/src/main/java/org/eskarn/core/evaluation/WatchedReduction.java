package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.StationsUnfit.Reason;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.result.Details;
import org.eskarn.core.result.Figure;
import org.eskarn.core.result.FigureTable;
import org.eskarn.core.result.FigureTable.Row;
import org.eskarn.core.result.Note;
import org.eskarn.core.uncertainty.UncertaintyBudget;

/**
 * Runout by a watched turn: the part is turned once, and the lowest and the highest that the needle shows are taken. Nothing
 * lies between stations, as runout is defined (ISO 1101, 17.15 and 17.16).
 *
 * <p>Circular runout = highest − lowest of the worst section; total runout = highest of all − lowest of all, on one zero. Where
 * the limit is on half the movement, half of it.
 *
 * <p>Budget: the difference of two readings ({@link GaugeParts#ofDifference}), of half a movement half of it.
 *
 * <p>Degenerate cases: a section of which only the lowest has been read has movement 0 so far; a highest below its lowest is
 * refused, as one of them is mistyped; neither a fitted centre nor a diameter is seen.
 *
 * @param sections in the order read
 */
public record WatchedReduction(double judged, UncertaintyBudget budget, List<Section> sections, Details told)
        implements Reduction {

    /** How far from half a turn the low spot may lie from the high one before form, not eccentricity, is the cause; degrees. */
    private static final double OPPOSITE = 60;

    private static final double ROUNDING = 1e-9;

    /**
     * @param name distance with its unit; empty for one section alone
     * @param movement µm
     * @param highest where the highest was read or noted; empty before it was read
     */
    public record Section(String name, double movement, Reading lowest, Optional<Reading> highest) {

        /** Where the high spot is, radians; empty where nobody noted it. */
        public Optional<Double> highAt() {
            return highest.flatMap(Reading::radians);
        }
    }

    /** @throws StationsUnfit if a highest lies below its lowest */
    static WatchedReduction of(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        if (requirement.statedAs() == StatedAs.OFFSET || requirement.statedAs() == StatedAs.WORST_DIAMETER) {
            throw new StationsUnfit(Reason.TOO_FEW_ANGLES, Note.of("core.a-watched-turn-shows-no-centre"));
        }
        boolean ends = requirement.flicker() == FlickerRule.EXTREMES;
        List<Section> sections = new ArrayList<>();
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (Map.Entry<Double, List<Reading>> each : Sections.of(sweep).entrySet()) {
            Reading lowest = each.getValue().get(0);
            Optional<Reading> highest =
                    each.getValue().size() > 1 ? Optional.of(each.getValue().get(1)) : Optional.empty();
            double low = ends ? lowest.low() : lowest.micrometres();
            double high =
                    highest.map(read -> ends ? read.high() : read.micrometres()).orElse(low);
            String name = lowest.station().along() == null ? "" : Sections.place(sweep, each.getKey());
            if (high < low - ROUNDING) {
                throw new StationsUnfit(
                        Reason.CONTRADICTION,
                        Note.of(
                                "core.the-highest-is-below-the-lowest",
                                name.isEmpty() ? Note.text("") : Note.of("core.at-section", name)));
            }
            sections.add(new Section(name, high - low, lowest, highest));
            least = Math.min(least, low);
            most = Math.max(most, high);
        }
        boolean total = requirement.characteristic() == Characteristic.TOTAL_RUNOUT;
        double movement = total ? most - least : worst(sections).movement();
        double share = requirement.statedAs() == StatedAs.MOVEMENT ? 1 : 0.5;
        return new WatchedReduction(
                share * movement,
                GaugeParts.ofDifference(requirement, dial, sweep, share),
                sections,
                told(sections, movement, total));
    }

    /** The section of the largest movement. */
    public Section worst() {
        return worst(sections);
    }

    private static Section worst(List<Section> sections) {
        return sections.stream()
                .max(Comparator.comparingDouble(Section::movement))
                .orElseThrow();
    }

    private static Details told(List<Section> sections, double movement, boolean total) {
        List<Figure> figures = new ArrayList<>();
        if (total && sections.size() > 1) {
            figures.add(Figure.deviation(Note.of("core.total-movement-highest-less-lowest"), movement));
        }
        Section worst = worst(sections);
        figures.add(Figure.deviation(
                worst.name().isEmpty() ? Note.of("core.movement-2") : Note.of("core.movement-worst-at", worst.name()),
                worst.movement()));
        figures.add(Figure.deviation(Note.of("core.half-the-movement"), worst.movement() / 2));
        worst.highAt().ifPresent(at -> figures.add(Figure.direction(Note.of("core.high-spot-at"), Math.toDegrees(at))));
        worst.lowest()
                .radians()
                .ifPresent(at -> figures.add(Figure.direction(Note.of("core.low-spot-at"), Math.toDegrees(at))));
        List<FigureTable> tables = new ArrayList<>();
        if (sections.size() > 1) {
            tables.add(table(sections));
        }
        List<Note> remarks = new ArrayList<>();
        apart(worst)
                .filter(degrees -> Math.abs(degrees - 180) > OPPOSITE)
                .ifPresent(degrees -> remarks.add(Note.of("core.high-and-low-are-not-opposite", Math.round(degrees))));
        return new Details(figures, tables, remarks);
    }

    /** Between the high and the low spot, degrees from 0 to 180; empty where one of them was not noted. */
    private static Optional<Double> apart(Section section) {
        return section.highAt()
                .flatMap(high -> section.lowest().radians().map(low -> {
                    double degrees = Math.abs(Math.toDegrees(high - low)) % 360;
                    return Math.min(degrees, 360 - degrees);
                }));
    }

    private static FigureTable table(List<Section> sections) {
        List<Row> rows = new ArrayList<>();
        for (Section section : sections) {
            rows.add(Row.of(
                    section.name(),
                    Figure.deviation(section.movement()),
                    section.highAt()
                            .map(at -> Figure.direction(Note.text(""), Math.toDegrees(at)))
                            .orElse(Figure.none())));
        }
        return new FigureTable(
                Note.of("core.section-by-section"),
                List.of(Note.of("core.at-3"), Note.of("core.movement-2"), Note.of("core.high-spot-at")),
                rows);
    }
}
