package org.eskarn.core.requirement;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.FigureTable.Row;
import org.eskarn.core.round.FaceWobble;
import org.eskarn.core.round.FirstHarmonic;
import org.eskarn.core.round.FullIndicatorMovement;
import org.eskarn.core.round.Offset;
import org.eskarn.core.uncertainty.UncertaintyBudget;
import org.eskarn.core.units.Length;

/**
 * Several sections or journals swept one after the other: the movement of each, where its high spot lies, and how far two of
 * them are out of line with each other, which is the length of the difference of their offsets taken as arrows.
 *
 * <p>Circular runout = the movement of the worst section (ISO 1101, 17.15), or with the limit on the offset the largest
 * offset; each section may have a zero of its own. Total runout = highest − lowest reading over all of them on one zero
 * (ISO 1101, 17.16).
 *
 * @param journals in the order first read
 */
public record JournalsReduction(double judged, UncertaintyBudget budget, List<Journal> journals, Told told)
        implements Reduction {

    /**
     * @param at distance from the end, in the unit of the layout
     * @param name the distance with its unit
     * @param movement in µm
     * @param highest index of the highest reading of the section, from 0
     * @param fit empty where its stations do not show the centre, as is the offset
     */
    public record Journal(
            double at,
            String name,
            List<Reading> readings,
            double movement,
            int highest,
            Optional<FirstHarmonic> fit,
            Optional<Offset> offset) {

        /** Whether the offset has a direction clear of its own scatter. */
        public boolean directed() {
            return offset.map(Offset::directed).orElse(false);
        }
    }

    /** @throws StationsUnfit if the limit is on the offset and the stations of no section show it */
    static JournalsReduction circular(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        List<Journal> journals = journals(requirement, sweep);
        boolean offset = requirement.statedAs() == StatedAs.OFFSET;
        double judged = offset
                ? largestOffset(requirement, sweep, journals)
                : journals.stream().mapToDouble(Journal::movement).max().orElse(0);
        return new JournalsReduction(
                judged,
                GaugeParts.ofDifference(requirement, dial, sweep, offset ? 0.5 : 1),
                journals,
                told(requirement, journals, offset));
    }

    static JournalsReduction total(Requirement requirement, Dial dial, Sweep sweep) {
        List<Journal> journals = journals(requirement, sweep);
        double total = Sections.movement(requirement, sweep.readings()).amount();
        return new JournalsReduction(
                total,
                GaugeParts.ofDifference(requirement, dial, sweep, 1),
                journals,
                told(requirement, journals, false));
    }

    private static double largestOffset(Requirement requirement, Sweep sweep, List<Journal> journals)
            throws StationsUnfit {
        double largest = -1;
        for (Journal journal : journals) {
            largest = Math.max(largest, journal.offset().map(Offset::amount).orElse(-1.0));
        }
        if (largest < 0) {
            Offset.of(FirstHarmonic.fit(sweep.radians(), sweep.micrometres()), requirement.side());
        }
        return largest;
    }

    private static List<Journal> journals(Requirement requirement, Sweep sweep) {
        List<Journal> journals = new ArrayList<>();
        for (Map.Entry<Double, List<Reading>> section : Sections.of(sweep).entrySet()) {
            FullIndicatorMovement movement = Sections.movement(requirement, section.getValue());
            Optional<FirstHarmonic> fit = Sections.fit(section.getValue());
            journals.add(new Journal(
                    section.getKey(),
                    Sections.place(sweep, section.getKey()),
                    section.getValue(),
                    movement.amount(),
                    movement.highest(),
                    fit,
                    fit.map(each -> Offset.of(each, requirement.side()))));
        }
        return journals;
    }

    private static Told told(Requirement requirement, List<Journal> journals, boolean byOffset) {
        List<Row> rows = new ArrayList<>();
        Journal worst = journals.get(0);
        for (Journal journal : journals) {
            if (size(journal, byOffset) > size(worst, byOffset)) {
                worst = journal;
            }
            rows.add(Row.of(
                    journal.name(),
                    Figure.deviation("", journal.movement()),
                    journal.offset().map(o -> Figure.deviation("", o.amount())).orElse(Figure.none()),
                    journal.directed()
                            ? Figure.direction(
                                    "", journal.offset().orElseThrow().degrees())
                            : Figure.none(),
                    journal.fit().map(f -> Figure.deviation("", f.formPart())).orElse(Figure.none())));
        }
        List<Figure> figures = new ArrayList<>();
        figures.add(Figure.deviation("movement, worst at " + worst.name(), worst.movement()));
        wobble(requirement, worst).ifPresent(figures::addAll);
        apart(journals).ifPresent(figures::add);
        List<FigureTable> tables = List.of(new FigureTable(
                "Section by section", List.of("at", "movement", "off centre", "towards", "form"), rows));
        return new Told(figures, tables, List.of());
    }

    private static double size(Journal journal, boolean byOffset) {
        return byOffset ? journal.offset().map(Offset::amount).orElse(0.0) : journal.movement();
    }

    static Optional<List<Figure>> wobble(Requirement requirement, Journal journal) {
        return journal.fit().flatMap(fit -> wobble(requirement, fit));
    }

    /** Of an axial runout: how far its face leans. */
    static Optional<List<Figure>> wobble(Requirement requirement, FirstHarmonic fit) {
        Optional<Length> radius = requirement.basis().radius();
        if (requirement.characteristic() != Characteristic.CIRCULAR_RUNOUT_AXIAL || radius.isEmpty()) {
            return Optional.empty();
        }
        FaceWobble wobble = FaceWobble.of(fit, radius.get().micrometres());
        return Optional.of(List.of(
                Figure.angle("wobble of the face", wobble.degrees()),
                Figure.deviation("lean over 100 mm", wobble.perHundred())));
    }

    /** The two journals furthest out of line with each other. */
    private static Optional<Figure> apart(List<Journal> journals) {
        Figure furthest = null;
        for (Journal one : journals) {
            for (Journal other : journals) {
                if (one.at() < other.at()
                        && one.offset().isPresent()
                        && other.offset().isPresent()) {
                    Offset a = one.offset().get();
                    Offset b = other.offset().get();
                    double x = a.amount() * Math.cos(a.direction()) - b.amount() * Math.cos(b.direction());
                    double y = a.amount() * Math.sin(a.direction()) - b.amount() * Math.sin(b.direction());
                    double apart = Math.hypot(x, y);
                    if (furthest == null || apart > furthest.amount()) {
                        furthest =
                                Figure.deviation("centres at " + one.name() + " and " + other.name() + " apart", apart);
                    }
                }
            }
        }
        return Optional.ofNullable(furthest);
    }
}
