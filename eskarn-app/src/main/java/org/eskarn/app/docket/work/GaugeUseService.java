package org.eskarn.app.docket.work;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketMapper;
import org.eskarn.app.docket.GaugeChoice;
import org.eskarn.app.docket.GaugeChoice.Offer;
import org.eskarn.app.docket.MasterZero;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SetUpLock;
import org.eskarn.app.docket.Step;
import org.eskarn.app.docket.SweepRecord;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.gauge.GaugeKind;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.app.page.Words;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which gauges a sweep is read with, and that they may be used. */
@Service
public class GaugeUseService {

    private final DocketMapper mapper;
    private final GaugeService gauges;
    private final SetUpLock lock;
    private final Clock clock;

    GaugeUseService(DocketMapper mapper, GaugeService gauges, SetUpLock lock, Clock clock) {
        this.mapper = mapper;
        this.gauges = gauges;
        this.lock = lock;
        this.clock = clock;
    }

    /**
     * Chooses a gauge, as long as nothing was read with the one before.
     *
     * @param secondId of the second reading of each pair; null where one gauge reads both
     * @param reason why one that is overdue, suspect, withdrawn or not calibrated is used; else without meaning
     * @throws DocketConflict if the set-up changed since the page was made, readings stand, the gauge cannot do it, or the
     *     reason is missing where one is needed
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void choose(
            int number, int position, long gaugeId, @Nullable Long secondId, String reason, int version, long by)
            throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        if (setUp.sweep().touched()) {
            throw new DocketConflict(Words.say(
                    "docket.readings-stand-on-this-gauge-set-the",
                    setUp.gaugeInUse().code()));
        }
        List<Offer> offers = new ArrayList<>();
        offers.add(offer(setUp, gaugeId, 1));
        if (setUp.requirement().secondGaugeKind().isPresent()) {
            if (secondId == null) {
                throw new DocketConflict(Words.say("docket.choose-the-gauge-for-the-shaft-as"));
            }
            offers.add(offer(setUp, secondId, 2));
        }
        List<Offer> unfit = offers.stream().filter(Offer::override).toList();
        String why = unfit.isEmpty()
                ? null
                : SetUpLock.reason(
                        reason,
                        Words.say(
                                "docket.is-enter-why-it-is-used",
                                unfit.get(0).gauge().mark(),
                                unfit.get(0).standing()));
        lock.reopen(setUp, List.of(Step.GAUGE, Step.ZERO), by);
        mapper.setGauge(
                setUp.sweep().id(), gaugeId, offers.size() > 1 ? secondId : null, why, why == null ? null : (Long) by);
        for (MasterZero zero : setUp.sweep().zeros()) {
            mapper.deleteZero(zero.sweepId(), zero.gaugeNumber());
        }
    }

    private Offer offer(SetUp setUp, long gaugeId, int gaugeNumber) throws DocketConflict {
        Gauge gauge = gauges.find(gaugeId).orElseThrow(() -> lock.changedMeanwhile(setUp));
        GaugeKind kind = GaugeChoice.kind(setUp.requirement(), gaugeNumber).orElseThrow();
        if (!GaugeChoice.ofKind(setUp.requirement(), kind, gauge)) {
            throw new DocketConflict(Words.say(
                    "docket.is-a-a-is-required", gauge.mark(), gauge.kind().title(), kind.title()));
        }
        Offer offer = GaugeChoice.offer(setUp.requirement(), gauge, LocalDate.now(clock));
        requireAble(offer);
        return offer;
    }

    private static void requireAble(Offer offer) throws DocketConflict {
        if (!offer.refusal().isEmpty()) {
            throw new DocketConflict(
                    Words.say("docket.cannot-decide-this", offer.gauge().mark(), offer.refusal()));
        }
    }

    /** The gauges as they stand can be used: of the kind required, able to decide, and with a reason where one is needed. */
    void requireUsable(SetUp setUp) throws DocketConflict {
        for (Gauge gauge : setUp.sweep().gauges()) {
            if (gauge.missing()) {
                throw new DocketConflict(Words.say(
                        "docket.no-is-chosen-choose-one-first", gauge.kind().title()));
            }
            Offer offer = GaugeChoice.offer(setUp.requirement(), gauge, LocalDate.now(clock));
            requireAble(offer);
            if (offer.override() && setUp.sweep().overrideReason() == null) {
                throw new DocketConflict(
                        Words.say("docket.is-choose-another-or-enter-the-reason", gauge.mark(), offer.standing()));
            }
        }
    }

    /**
     * What was fit to be used when it was chosen can be past due or in question by the time it is read. Where the step was left out
     * with a reason, that stands on the record.
     *
     * @throws DocketConflict if nothing is read yet and a gauge now needs a reason that nobody gave
     */
    void requireStillUsable(SetUp setUp) throws DocketConflict {
        LocalDate today = LocalDate.now(clock);
        Gauge unfit = setUp.sweep().touched()
                ? null
                : unanswered(setUp, List.of(setUp.sweep()), gauge -> gauge.needsOverride(today));
        if (unfit != null) {
            throw new DocketConflict(
                    Words.say("docket.is-by-now-go-back-to-gauge", unfit.mark(), unfit.standing(today)));
        }
    }

    /**
     * The same of sweeps that count and are not accepted yet, when one of them is: whoever traced a gauge back while they were read
     * found no verdict yet. What was accepted before is traced back.
     *
     * @throws DocketConflict if a gauge is in question or withdrawn by now and nobody gave a reason
     */
    void requireInService(SetUp setUp) throws DocketConflict {
        List<SweepRecord> open = setUp.attempt().counted().stream()
                .filter(sweep -> !accepted(setUp, sweep))
                .toList();
        Gauge unfit = unanswered(setUp, open, gauge -> !gauge.status().inService());
        if (unfit != null) {
            throw new DocketConflict(Words.say(
                    "docket.is-by-now-set-the-sweep-aside",
                    unfit.mark(),
                    unfit.status().title()));
        }
        requireMastersInService(open);
    }

    private static boolean accepted(SetUp setUp, SweepRecord sweep) {
        return setUp.stepsDone().stream()
                .filter(done -> done.step() == Step.PROVE)
                .anyMatch(done -> sweep.readTo().filter(done.doneAt()::isBefore).isEmpty());
    }

    /** A master found off takes no reason: another is at hand, or the step is left out. */
    private void requireMastersInService(List<SweepRecord> sweeps) throws DocketConflict {
        Set<Long> ids = sweeps.stream()
                .flatMap(sweep -> sweep.zeros().stream())
                .map(MasterZero::masterId)
                .filter(Objects::nonNull)
                .collect(Collectors.toSet());
        for (Gauge master : gauges.byIds(ids).values()) {
            if (!master.status().inService()) {
                throw new DocketConflict(Words.say(
                        "docket.master-is-by-now-set-the-sweep-aside",
                        master.mark(),
                        master.status().title()));
            }
        }
    }

    /** The first gauge that is not fit and is used without a reason. */
    private static @Nullable Gauge unanswered(SetUp setUp, List<SweepRecord> sweeps, Predicate<Gauge> unfit) {
        return setUp.leftOut(Step.GAUGE).isPresent()
                ? null
                : sweeps.stream()
                        .filter(sweep -> sweep.overrideReason() == null)
                        .flatMap(sweep -> sweep.gauges().stream())
                        .filter(gauge -> !gauge.missing() && unfit.test(gauge))
                        .findFirst()
                        .orElse(null);
    }

    /**
     * Keeps that somebody saw that bare numbers are in another system of units than the drawing's.
     *
     * @throws DocketConflict if the set-up changed since the page was made
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void seeUnit(int number, int position, int version, long by) throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        mapper.seeUnit(setUp.sweep().id(), by, clock.instant());
    }
}
