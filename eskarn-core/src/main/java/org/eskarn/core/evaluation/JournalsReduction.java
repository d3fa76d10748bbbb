package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.eskarn.core.evaluation.RingReduction.Centre;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.result.Details;
import org.eskarn.core.result.Figure;
import org.eskarn.core.result.FigureTable;
import org.eskarn.core.result.FigureTable.Row;
import org.eskarn.core.result.Note;
import org.eskarn.core.round.FirstHarmonic;
import org.eskarn.core.round.FullIndicatorMovement;
import org.eskarn.core.round.Offset;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.uncertainty.Contribution;
import org.eskarn.core.uncertainty.Contribution.Source;
import org.eskarn.core.uncertainty.UncertaintyBudget;

/**
 * Several sections or journals swept one after the other: the movement of each, where its high spot lies, and how far two of
 * them are out of line with each other, which is the length of the difference of their offsets taken as arrows.
 *
 * <p>Circular runout = the movement of the worst section (ISO 1101, 17.15), or with the limit on the offset the largest
 * offset; each section may have a zero of its own. Total runout = highest − lowest reading over all of them on one zero
 * (ISO 1101, 17.16).
 *
 * <p>As of one ring ({@link RingReduction}), the movement of a section is never taken as less than what its fit proves, and the
 * total not as less than the fitted circles reach.
 *
 * <p>Budget: of a movement or total the difference of two readings ({@link GaugeParts#ofDifference}, factor 1) and what may lie between
 * the stations of the worst section ({@link Sections#between}), of a total half that of the section which holds the highest and of that which holds the lowest; of an offset
 * that of the section which is judged ({@link RingReduction#ofOffset}).
 *
 * <p>Degenerate cases: a section with fewer than three angles shows no centre; its movement stands alone.
 *
 * @param journals in the order first read
 */
public record JournalsReduction(double judged, UncertaintyBudget budget, List<Journal> journals, Details told)
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

        /** The movement that its stations cannot have missed, µm. */
        double proved() {
            return fit.map(Sections::proved).orElse(0.0);
        }

        /** Whether the offset has a direction clear of its own scatter. */
        public boolean directed() {
            return offset.map(Offset::directed).orElse(false);
        }
    }

    /** @throws StationsUnfit if the limit is on the offset and the stations of no section show it */
    static JournalsReduction circular(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        List<Journal> journals = journals(requirement, sweep);
        if (requirement.statedAs() == StatedAs.OFFSET) {
            Journal worst = furthestOff(sweep, journals);
            Centre centre = new Centre(worst.fit().orElseThrow(), worst.offset().orElseThrow());
            return new JournalsReduction(
                    centre.offset().amount(),
                    RingReduction.ofOffset(centre, dial, sweep, worst.readings()),
                    journals,
                    told(requirement, sweep, journals, true, Optional.empty()));
        }
        if (OffsetSchools.judge(requirement.statedAs())) {
            return withoutFit(requirement, dial, sweep, journals);
        }
        Sections.requireAngles(sweep);
        boolean whole = sweep.stationsToGo() == 0;
        Journal worst = journals.stream()
                .max(Comparator.comparingDouble(each -> judged(each, whole)))
                .orElseThrow();
        return new JournalsReduction(
                judged(worst, whole),
                GaugeParts.ofDifference(requirement, dial, sweep, 1)
                        .with(Sections.between(dial, sweep, worst.readings(), worst.fit(), judged(worst, whole), 1)),
                journals,
                told(requirement, sweep, journals, false, Optional.empty()));
    }

    /** By the section of the largest such offset; one that is only begun may not show it yet. */
    private static JournalsReduction withoutFit(Requirement requirement, Dial dial, Sweep sweep, List<Journal> journals)
            throws StationsUnfit {
        double furthest = -1;
        Journal worst = journals.get(0);
        for (Journal journal : journals) {
            boolean begun = sweep.stationsToGo() > 0 && journal == journals.get(journals.size() - 1);
            try {
                double offset = OffsetSchools.amount(requirement, sweep, journal.readings());
                worst = offset > furthest ? journal : worst;
                furthest = Math.max(furthest, offset);
            } catch (StationsUnfit e) {
                if (!begun || journals.size() == 1) {
                    throw new StationsUnfit(e.reason(), Note.of("core.at-2", journal.name(), e.note()));
                }
            }
        }
        return new JournalsReduction(
                furthest,
                OffsetSchools.budget(requirement, dial, sweep, worst.readings(), furthest),
                journals,
                told(requirement, sweep, journals, true, Optional.empty()));
    }

    private static double judged(Journal journal, boolean whole) {
        return Sections.movementOf(journal.movement(), whole ? journal.proved() : 0);
    }

    /** The movement over all sections on one zero: as it was read, and as the fitted circles prove it; µm. */
    private record Total(double read, double proved) {}

    static JournalsReduction total(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        Sections.requireAngles(sweep);
        List<Journal> journals = journals(requirement, sweep);
        double total = Sections.movement(requirement, sweep.readings()).amount();
        Total all = new Total(total, fittedTotal(journals));
        return new JournalsReduction(
                sweep.stationsToGo() > 0 ? total : Sections.movementOf(total, all.proved()),
                GaugeParts.ofDifference(requirement, dial, sweep, 1).with(between(dial, sweep, journals)),
                journals,
                told(requirement, sweep, journals, false, Optional.of(all)));
    }

    /** The section that holds the highest and the one that holds the lowest each hide one of their two ends. */
    private static Contribution between(Dial dial, Sweep sweep, List<Journal> journals) {
        Journal highest = journals.get(0);
        Journal lowest = journals.get(0);
        for (Journal journal : journals) {
            highest = end(journal, 1) > end(highest, 1) ? journal : highest;
            lowest = end(journal, -1) > end(lowest, -1) ? journal : lowest;
        }
        Contribution above = Sections.between(dial, sweep, highest.readings(), highest.fit(), highest.movement(), 0.5);
        Contribution below = Sections.between(dial, sweep, lowest.readings(), lowest.fit(), lowest.movement(), 0.5);
        Contribution.Even top = above.even().orElseThrow();
        Contribution.Even bottom = below.even().orElseThrow();
        return Contribution.upwards(
                Source.BETWEEN, top.inFigure() + bottom.inFigure(), top.atLeast() + bottom.atLeast(), 1);
    }

    private static double end(Journal journal, int sign) {
        return journal.readings().stream()
                .mapToDouble(reading -> sign * reading.micrometres())
                .max()
                .orElse(Double.NEGATIVE_INFINITY);
    }

    /** Between the highest and the lowest that the fitted circles prove. */
    private static double fittedTotal(List<Journal> journals) {
        double highest = Double.NEGATIVE_INFINITY;
        double lowest = Double.POSITIVE_INFINITY;
        for (Journal journal : journals) {
            if (journal.fit().isPresent()) {
                double level = journal.fit().get().level();
                highest = Math.max(highest, level + journal.proved() / 2);
                lowest = Math.min(lowest, level - journal.proved() / 2);
            }
        }
        return Math.max(0, highest - lowest);
    }

    /**
     * The section furthest off centre. While the last one is being read it is left out; a whole one that shows no centre is
     * not.
     */
    private static Journal furthestOff(Sweep sweep, List<Journal> journals) throws StationsUnfit {
        Journal furthest = null;
        for (Journal journal : journals) {
            boolean begun = sweep.stationsToGo() > 0 && journal == journals.get(journals.size() - 1);
            if (journal.offset().isEmpty()) {
                if (!begun || journals.size() == 1) {
                    unfit(journal);
                }
            } else if (furthest == null || size(journal, true) > size(furthest, true)) {
                furthest = journal;
            }
        }
        return java.util.Objects.requireNonNull(furthest);
    }

    private static void unfit(Journal journal) throws StationsUnfit {
        try {
            FirstHarmonic.fit(Sections.radians(journal.readings()), Sections.micrometres(journal.readings()));
        } catch (StationsUnfit e) {
            throw new StationsUnfit(e.reason(), Note.of("core.at-2", journal.name(), e.note()));
        }
    }

    static List<Journal> journals(Requirement requirement, Sweep sweep) {
        List<Journal> journals = new ArrayList<>();
        for (Map.Entry<Double, List<Reading>> section : Sections.of(sweep).entrySet()) {
            journals.add(journal(requirement, sweep, section.getKey(), section.getValue(), requirement.side()));
        }
        return journals;
    }

    static Journal journal(Requirement requirement, Sweep sweep, double at, List<Reading> readings, SurfaceSide side) {
        FullIndicatorMovement movement = Sections.movement(requirement, readings);
        Optional<FirstHarmonic> fit = Sections.fit(readings);
        return new Journal(
                at,
                Sections.place(sweep, at),
                readings,
                movement.amount(),
                movement.highest(),
                fit,
                fit.map(each -> Offset.of(each, side)));
    }

    private static Details told(
            Requirement requirement, Sweep sweep, List<Journal> journals, boolean byOffset, Optional<Total> total) {
        List<Row> rows = new ArrayList<>();
        Journal worst = journals.get(0);
        for (Journal journal : journals) {
            if (size(journal, byOffset) > size(worst, byOffset)) {
                worst = journal;
            }
            rows.add(Row.of(
                    journal.name(),
                    Figure.deviation(journal.movement()),
                    journal.offset().map(o -> Figure.deviation(o.amount())).orElse(Figure.none()),
                    journal.directed()
                            ? Figure.direction(
                                    Note.text(""),
                                    journal.offset().orElseThrow().degrees())
                            : Figure.none(),
                    journal.fit().map(f -> Figure.deviation(f.formPart())).orElse(Figure.none())));
        }
        List<Figure> figures = new ArrayList<>();
        total.ifPresent(
                all -> figures.add(Figure.deviation(Note.of("core.total-movement-highest-less-lowest"), all.read())));
        figures.add(Figure.deviation(Note.of("core.movement-worst-at", worst.name()), worst.movement()));
        wobble(requirement, worst).ifPresent(figures::addAll);
        apart(journals).ifPresent(figures::add);
        List<FigureTable> tables = List.of(new FigureTable(
                Note.of("core.section-by-section"),
                List.of(
                        Note.of("core.at-3"),
                        Note.of("core.movement-2"),
                        Note.of("core.off-centre"),
                        Note.of("core.towards"),
                        Note.of("core.form")),
                rows));
        Total judged = total.orElse(new Total(worst.movement(), worst.proved()));
        boolean missed = !byOffset && sweep.stationsToGo() == 0 && Sections.missed(judged.read(), judged.proved());
        List<Note> remarks = new ArrayList<>(Sections.few(sweep));
        if (missed) {
            remarks.add(RingReduction.missed(judged.proved(), judged.read()));
        }
        return new Details(figures, tables, remarks);
    }

    private static double size(Journal journal, boolean byOffset) {
        return byOffset
                ? journal.offset().map(Offset::amount).orElse(0.0)
                : Sections.movementOf(journal.movement(), journal.proved());
    }

    private static Optional<List<Figure>> wobble(Requirement requirement, Journal journal) {
        return journal.fit().flatMap(fit -> Sections.wobble(requirement, fit));
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
                                Figure.deviation(Note.of("core.centres-at-and-apart", one.name(), other.name()), apart);
                    }
                }
            }
        }
        return Optional.ofNullable(furthest);
    }
}
