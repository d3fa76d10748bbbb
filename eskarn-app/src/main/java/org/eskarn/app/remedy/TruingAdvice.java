package org.eskarn.app.remedy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.round.ConvergenceDrawing;
import org.eskarn.core.evaluation.JournalsReduction;
import org.eskarn.core.evaluation.JournalsReduction.Journal;
import org.eskarn.core.evaluation.Reduction;
import org.eskarn.core.evaluation.RingReduction;
import org.eskarn.core.evaluation.WatchedReduction;
import org.eskarn.core.reading.Station;
import org.eskarn.core.remedy.Truing;
import org.eskarn.core.requirement.RemedyKind;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.round.Offset;
import org.eskarn.core.round.Way;
import org.eskarn.core.verdict.Bounds;
import org.eskarn.core.verdict.Outcome;

/** Truing a pressed assembly blow by blow. */
final class TruingAdvice {

    private TruingAdvice() {}

    /** What is to be brought down, and where. */
    private record High(double movement, String where, String section, Optional<Offset> offset) {}

    /** µm; what moves less has no high spot to bring down. */
    private static final double NOTHING = 1e-6;

    static Advice of(MeasuredState found) {
        High high = high(found);
        List<Double> movements = new ArrayList<>();
        movements.add(high.movement());
        found.steps().forEach(step -> movements.add(step.movement()));
        Bounds limit = limit(found.subject().terms());
        Truing truing = Truing.of(movements, limit, found.dial().graduation().micrometres());
        List<String> lines = new ArrayList<>();
        if (found.steps().isEmpty() && high.movement() <= NOTHING) {
            return Advice.not(RemedyKind.TRUING, Words.say("remedy.it-does-not-move-no-truing"), Map.of());
        }
        if (found.steps().isEmpty()
                && truing.advice() == Truing.Advice.DONE
                && found.assessment().verdict().outcome() == Outcome.FAIL) {
            // Over all sections the limit is passed, in each of them it is not: they lie apart, and no blow brings them
            // together.
            return Advice.not(RemedyKind.TRUING, Words.say("remedy.each-section-moves-within-the-limit"), Map.of());
        }
        if (found.steps().isEmpty()) {
            lines.add(Words.say(
                    "remedy.the-high-spot-lies-at-bring-it",
                    high.where(),
                    found.both(truing.next()),
                    found.deviation(high.movement())));
            high.offset()
                    .filter(Offset::directed)
                    .ifPresent(offset -> lines.add(Words.say(
                            "remedy.by-all-readings-together-the-centre-lies",
                            high.section(),
                            Math.round(offset.degrees()) % 360,
                            offset.clock(),
                            Way.words(offset.direction()),
                            found.subject().seenFrom())));
        } else if (truing.advice().strikeAgain()) {
            lines.add(Words.say("remedy.half-of-what-is-left-is", found.both(truing.next())));
        }
        List<String> places =
                found.steps().stream().map(MeasuredState.Step::place).toList();
        double last = movements.get(movements.size() - 1);
        return new Advice(
                RemedyKind.TRUING,
                true,
                Words.of(truing.advice().sentence()),
                lines,
                List.of(),
                List.of(),
                Optional.of(ConvergenceDrawing.of(truing, limit, places, found.deviations())),
                found.steps().isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(judged(found, last)),
                Words.say(
                        "remedy.trued-in-last-movement",
                        found.steps().size(),
                        found.steps().size() == 1 ? Words.say("remedy.step") : Words.say("remedy.steps"),
                        found.deviation(last)),
                Map.of());
    }

    /** The judged figure of a movement: half of it where the limit is on the offset. */
    private static double judged(MeasuredState found, double movement) {
        return movement / found.subject().terms().statedAs().movementPerUnit();
    }

    private static Bounds limit(Requirement terms) {
        Double upper = terms.bounds().upper();
        if (upper == null) {
            return Bounds.OPEN;
        }
        return Bounds.atMost(upper * terms.statedAs().movementPerUnit());
    }

    private static High high(MeasuredState found) {
        Reduction reduction = found.assessment().reduction().orElseThrow();
        if (reduction instanceof JournalsReduction journals) {
            return ofJournal(journals);
        }
        if (reduction instanceof WatchedReduction watched) {
            WatchedReduction.Section worst = watched.worst();
            return new High(
                    worst.movement(),
                    (worst.name().isEmpty() ? "" : worst.name() + ", ")
                            + worst.highAt()
                                    .map(TruingAdvice::where)
                                    .orElse(Words.say("remedy.where-the-needle-is-highest")),
                    "",
                    Optional.empty());
        }
        if (reduction instanceof RingReduction ring) {
            Station highest = found.assessment()
                    .corrected()
                    .readings()
                    .get(ring.movement().highest())
                    .station();
            return new High(
                    ring.movement().amount(),
                    where(highest),
                    Words.say("remedy.by-all-readings"),
                    ring.centre().map(RingReduction.Centre::offset));
        }
        throw new IllegalStateException("there is no high spot in " + reduction);
    }

    private static High ofJournal(JournalsReduction journals) {
        Journal worst = journals.journals().get(0);
        for (Journal journal : journals.journals()) {
            worst = journal.movement() > worst.movement() ? journal : worst;
        }
        Station station = worst.readings().get(worst.highest()).station();
        return new High(
                worst.movement(),
                worst.name() + ", " + where(station),
                Words.say("remedy.by-the-readings-at", worst.name()),
                worst.offset());
    }

    private static String where(Station station) {
        return where(station.radians());
    }

    private static String where(double radians) {
        return Words.say("remedy.about-oclock", Math.round(Way.degrees(radians)), Way.clock(radians));
    }
}
