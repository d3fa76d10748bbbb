package org.eskarn.app.docket;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.docket.GaugeChoice.Offer;
import org.eskarn.app.gauge.GaugeService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The order of work: steps done, opened again or left out, sweeps and attempts begun, and what is waited for. */
@Service
public class SetUpService {

    private final DocketMapper mapper;
    private final GaugeService gauges;
    private final SetUpLock lock;
    private final Clock clock;

    SetUpService(DocketMapper mapper, GaugeService gauges, SetUpLock lock, Clock clock) {
        this.mapper = mapper;
        this.gauges = gauges;
        this.lock = lock;
        this.clock = clock;
    }

    /**
     * Confirms a step.
     *
     * @throws DocketConflict if the set-up changed since the page was made, or the step is not the one to do
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void confirm(int number, int position, Step step, int version, long by) throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        if (!step.confirmed() || setUp.current() != step || setUp.done(step)) {
            throw lock.changedMeanwhile(setUp.row());
        }
        if (step == Step.GAUGE) {
            requireGauge(setUp);
        }
        if (step == Step.VERDICT && !setUp.acceptable()) {
            throw new DocketConflict("This sweep proves nothing, so its verdict cannot be accepted: sweep again.");
        }
        mapper.insertStepDone(
                setUp.row().id(), step.ofSweep() ? setUp.sweep().row().id() : null, step, by, clock.instant());
    }

    /**
     * Opens a done step again. A zero set anew begins a new sweep when readings stand on the old one.
     *
     * @throws DocketConflict if the set-up changed since the page was made, or the step is not done
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void reopen(int number, int position, Step step, int version, long by) throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        if (!setUp.done(step)) {
            throw lock.changedMeanwhile(setUp.row());
        }
        Optional<LeftOutRow> left = setUp.leftOut(step);
        if (left.isPresent()) {
            mapper.takeUp(left.get().id(), by, clock.instant());
        } else if (step == Step.PREPARE) {
            setUp.preparationsDone().forEach(done -> mapper.reopenPreparation(done.id(), by, clock.instant()));
        } else if (step == Step.SWEEP
                || (step == Step.ZERO && !setUp.sweep().readings().isEmpty())) {
            beginSweep(setUp, by);
        } else {
            lock.reopen(setUp, List.of(step), by);
        }
    }

    /**
     * Begins another sweep; the ones before stay as they are.
     *
     * @throws DocketConflict if the set-up changed since the page was made, or the last sweep has no reading yet
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void sweepAgain(int number, int position, int version, long by) throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        if (setUp.sweep().readings().isEmpty()) {
            throw lock.changedMeanwhile(setUp.row());
        }
        beginSweep(setUp, by);
    }

    /**
     * Begins another attempt with a sweep of its own; the ones before stay as they are.
     *
     * @throws DocketConflict if the set-up changed since the page was made, its last sweep has no reading yet, or the
     *     second inspector is the one who measured before
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void begin(int number, int position, AttemptKind kind, int version, long by) throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        if (setUp.sweep().readings().isEmpty() || kind == AttemptKind.AS_FOUND) {
            throw lock.changedMeanwhile(setUp.row());
        }
        boolean measuredBefore =
                setUp.attempts().stream().anyMatch(attempt -> attempt.row().begunBy() == by);
        if (kind == AttemptKind.SECOND_INSPECTOR && measuredBefore) {
            throw new DocketConflict("You measured this yourself: a second inspector is somebody else.");
        }
        mapper.insertAttempt(setUp.row().id(), setUp.attempt().row().number() + 1, kind, by, clock.instant());
        mapper.setWaitsFor(setUp.row().id(), null, by);
        beginSweep(setUp, by);
    }

    /**
     * Says what the requirement waits for, or that it waits no longer.
     *
     * @throws DocketConflict if the set-up changed since the page was made, or nothing was measured yet
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void waitFor(int number, int position, Optional<WaitsFor> waitsFor, int version, long by)
            throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        if (waitsFor.isPresent() && !setUp.sweep().complete()) {
            throw new DocketConflict("Nothing can wait for another look before it was measured once.");
        }
        mapper.setWaitsFor(setUp.row().id(), waitsFor.orElse(null), by);
    }

    /**
     * Leaves a step out, or the whole requirement.
     *
     * @param step empty for the whole requirement
     * @throws DocketConflict if the set-up changed since the page was made, the step cannot be left out, a caution is
     *     unread, or the reason is missing
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void leaveOut(int number, int position, Optional<Step> step, String reason, int version, long by)
            throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        if (step.isPresent() && (!step.get().canBeLeftOut() || setUp.done(step.get()))) {
            throw lock.changedMeanwhile(setUp.row());
        }
        boolean cautionUnread =
                setUp.requirement().preparations().stream().anyMatch(line -> line.caution() && !setUp.ticked(line));
        if (step.filter(Step.PREPARE::equals).isPresent() && cautionUnread) {
            throw new DocketConflict(
                    "The cautions are read first; what is left of the preparation may then be left out.");
        }
        String why = SetUpLock.reason(reason, "Write why it is left out");
        Long sweep = step.filter(Step::ofSweep).isPresent()
                ? (Long) setUp.sweep().row().id()
                : null;
        mapper.insertLeftOut(setUp.row().id(), sweep, step.orElse(null), why, by, clock.instant());
    }

    /**
     * Takes a requirement that was left out up again.
     *
     * @throws DocketConflict if the set-up changed since the page was made
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void takeUp(int number, int position, int version, long by) throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        LeftOutRow left = setUp.wholeLeftOut().orElseThrow(() -> lock.changedMeanwhile(setUp.row()));
        mapper.takeUp(left.id(), by, clock.instant());
    }

    /**
     * Chooses a gauge, as long as nothing was read with the one before.
     *
     * @param reason why one that is overdue, in question or withdrawn is used all the same; else without meaning
     * @throws DocketConflict if the set-up changed since the page was made, readings stand, the gauge cannot do it, or the
     *     reason is missing where one is needed
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void choose(int number, int position, long gaugeId, String reason, int version, long by)
            throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        if (!setUp.sweep().readings().isEmpty()) {
            throw new DocketConflict("Another gauge is chosen before the first reading.");
        }
        Offer offer = gauges.find(gaugeId)
                .map(gauge -> GaugeChoice.offer(setUp.requirement(), gauge, LocalDate.now(clock)))
                .orElseThrow(() -> lock.changedMeanwhile(setUp.row()));
        requireUsable(offer);
        String why = offer.override()
                ? SetUpLock.reason(
                        reason,
                        offer.gauge().mark() + " is " + offer.standing() + ": write why it is used all the same")
                : null;
        lock.reopen(setUp, List.of(Step.GAUGE, Step.ZERO), by);
        mapper.setGauge(setUp.sweep().row().id(), gaugeId, why, why == null ? null : (Long) by);
    }

    private static void requireUsable(Offer offer) throws DocketConflict {
        if (!offer.refusal().isEmpty()) {
            throw new DocketConflict(offer.gauge().mark() + " cannot decide this: " + offer.refusal() + ".");
        }
    }

    /** The gauge as it stands can be used: it can decide, and what needs a reason has one. */
    private void requireGauge(SetUp setUp) throws DocketConflict {
        Offer offer = GaugeChoice.offer(setUp.requirement(), setUp.sweep().gauge(), LocalDate.now(clock));
        requireUsable(offer);
        if (offer.override() && setUp.sweep().row().overrideReason() == null) {
            throw new DocketConflict(
                    offer.gauge().mark() + " is " + offer.standing() + ": choose another, or take it with a reason.");
        }
    }

    /**
     * Sets or takes away the tick of a preparation.
     *
     * @throws DocketConflict if the set-up changed since the page was made, or a caution before it is unread
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void tick(int number, int position, long preparationId, int version, long by) throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        Optional<PreparationDoneRow> done = setUp.tick(preparationId);
        if (done.isPresent()) {
            mapper.reopenPreparation(done.get().id(), by, clock.instant());
            return;
        }
        boolean known = setUp.requirement().preparations().stream().anyMatch(p -> p.id() == preparationId);
        if (!known || setUp.behindACaution(preparationId)) {
            throw new DocketConflict("The cautions come first, one by one.");
        }
        mapper.insertPreparationDone(setUp.row().id(), preparationId, by, clock.instant());
    }

    private void beginSweep(SetUp setUp, long by) {
        SweepRecord last = setUp.sweep();
        mapper.insertSweep(setUp.row().id(), last.row().number() + 1, last.row().gaugeId(), by, clock.instant());
    }
}
