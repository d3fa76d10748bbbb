package org.eskarn.app.docket.work;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.GaugeChoice;
import org.eskarn.app.docket.PreparationDone;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.Step;
import org.eskarn.app.docket.SweepRecord;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.part.Preparation;

/**
 * Another requirement of the piece that was prepared today as this one has to be, held to no other datum, with a gauge that decides
 * this one too, and nothing was moved since as far as the record knows: no other way of holding was prepared or read, and nothing
 * corrected. Not where something has to be asked that is true of one face alone, or was true an hour ago.
 */
final class SameSetUp {

    private static final Duration COOLING = Duration.ofHours(1);

    private SameSetUp() {}

    /** The one prepared last; empty where there is none, or something was done for this one already. */
    static Optional<SetUp> of(Docket docket, SetUp setUp, Instant now, ZoneId zone) {
        LocalDate today = LocalDate.ofInstant(now, zone);
        if (setUp.requirement().asksSlide()) {
            return Optional.empty();
        }
        boolean begun = setUp.current() != Step.REQUIRE
                || setUp.sweep().touched()
                || setUp.confirmation(Step.GAUGE).isPresent()
                || !setUp.preparationsDone().isEmpty();
        if (begun || setUp.wholeLeftOut().isPresent() || setUp.blind()) {
            return Optional.empty();
        }
        return docket.setUps().stream()
                .filter(other -> other.readId() != setUp.readId() && other.id() == other.readId())
                .filter(other -> prepared(other, setUp))
                .filter(other -> usable(other, setUp, today))
                .filter(other -> warmthKnown(other, now))
                .filter(other -> LocalDate.ofInstant(since(other), zone).equals(today) && !moved(docket, other))
                .max(Comparator.comparing(SameSetUp::since));
    }

    private static boolean prepared(SetUp other, SetUp setUp) {
        List<String> ticked = other.requirement().preparations().stream()
                .filter(other::ticked)
                .map(Preparation::text)
                .toList();
        return other.requirement().setUp().workKind()
                        == setUp.requirement().setUp().workKind()
                && other.requirement()
                        .setUp()
                        .circumstances()
                        .equals(setUp.requirement().setUp().circumstances())
                && setUp.requirement().heldLike(other.requirement())
                && !other.preparationsDone().isEmpty()
                && setUp.requirement().preparations().stream().allMatch(line -> ticked.contains(line.text()));
    }

    private static boolean usable(SetUp other, SetUp setUp, LocalDate today) {
        List<Gauge> gauges = other.sweep().gauges();
        return other.confirmation(Step.GAUGE).isPresent()
                && other.requirement().gaugeKind() == setUp.requirement().gaugeKind()
                && other.requirement()
                        .secondGaugeKind()
                        .equals(setUp.requirement().secondGaugeKind())
                && !other.simulated()
                && gauges.stream().noneMatch(Gauge::missing)
                && gauges.stream().allMatch(gauge -> decides(gauge, setUp, today));
    }

    /** Free to be used, fine enough, and the one that was named where one was. */
    private static boolean decides(Gauge gauge, SetUp setUp, LocalDate today) {
        GaugeChoice.Offer offer = GaugeChoice.offer(setUp.requirement(), gauge, today);
        Long named = setUp.requirement().gauge().gaugeId();
        return offer.free() && !offer.suitability().coarse() && (named == null || named == gauge.id());
    }

    /** Parts cool: temperatures that were measured long ago are measured again. */
    private static boolean warmthKnown(SetUp other, Instant now) {
        return other.circumstance()
                .filter(said -> said.partCelsius() != null)
                .map(said -> Duration.between(said.saidAt(), now).compareTo(COOLING) <= 0)
                .orElse(true);
    }

    /** When the first of its preparations was ticked: what was moved after that may have been moved before the last. */
    private static Instant since(SetUp other) {
        return other.preparationsDone().stream()
                .map(PreparationDone::doneAt)
                .min(Comparator.naturalOrder())
                .orElse(Instant.MAX);
    }

    private static boolean moved(Docket docket, SetUp held) {
        Instant since = since(held);
        return docket.setUps().stream()
                .anyMatch(each -> (each.requirement().setUp().workKind()
                                        != held.requirement().setUp().workKind()
                                && work(each).anyMatch(at -> !at.isBefore(since)))
                        || corrections(each).anyMatch(at -> !at.isBefore(since)));
    }

    private static Stream<Instant> work(SetUp setUp) {
        return Stream.concat(
                setUp.preparationsDone().stream().map(PreparationDone::doneAt),
                setUp.sweeps().stream().map(SweepRecord::readTo).flatMap(Optional::stream));
    }

    private static Stream<Instant> corrections(SetUp setUp) {
        return Stream.concat(setUp.workedAt(), setUp.remedies().stream().map(remedy -> remedy.decidedAt()));
    }
}
