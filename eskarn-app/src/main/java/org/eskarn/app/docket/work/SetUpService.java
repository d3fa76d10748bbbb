package org.eskarn.app.docket.work;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.docket.AttemptKind;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketMapper;
import org.eskarn.app.docket.LeftOut;
import org.eskarn.app.docket.PreparationDone;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SetUpDisplay;
import org.eskarn.app.docket.SetUpLock;
import org.eskarn.app.docket.Step;
import org.eskarn.app.docket.VerdictWords;
import org.eskarn.app.docket.WaitsFor;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.page.Words;
import org.eskarn.app.part.Preparation;
import org.eskarn.core.verdict.Verdict.Because;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The order of work: steps done, opened again or left out, sweeps and attempts begun, and what is waited for. */
@Service
public class SetUpService {

    private final DocketMapper mapper;
    private final GaugeUseService gauges;
    private final SetUpLock lock;
    private final Clock clock;

    SetUpService(DocketMapper mapper, GaugeUseService gauges, SetUpLock lock, Clock clock) {
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
            throw lock.changedMeanwhile(setUp);
        }
        if (step == Step.GAUGE) {
            gauges.requireUsable(setUp);
        }
        if (step == Step.ZERO) {
            gauges.requireStillUsable(setUp);
            if (setUp.masterToSet().isPresent()) {
                throw new DocketConflict(Words.say("docket.set-the-zero-on-its-master-first"));
            }
        }
        if (step == Step.PROVE) {
            gauges.requireInService(setUp);
        }
        if (step == Step.VERDICT && !setUp.acceptable()) {
            throw new DocketConflict(
                    setUp.workedSince()
                            ? Words.say("docket.it-was-worked-on-since")
                            : Words.say(
                                    "docket.this-sweep-proves-nothing-so-its-verdict",
                                    setUp.gaugeInUse().code()));
        }
        mapper.insertStepDone(
                step.ofRequirement() ? setUp.id() : setUp.readId(),
                step.ofSweep() ? setUp.sweep().id() : null,
                step,
                by,
                clock.instant());
    }

    /**
     * Opens a done step again. A zero set anew begins one more sweep when a whole one stands on the old zero.
     *
     * @throws DocketConflict if the set-up changed since the page was made, the step is not done, or an unfinished sweep
     *     stands on the zero, which is set aside with a cause
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void reopen(int number, int position, Step step, int version, long by) throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        if (!setUp.done(step)) {
            throw lock.changedMeanwhile(setUp);
        }
        Optional<LeftOut> left = setUp.leftOut(step);
        if (left.isPresent()) {
            mapper.takeUp(left.get().id(), by, clock.instant());
        } else if (step == Step.PREPARE) {
            setUp.preparationsDone().forEach(done -> mapper.reopenPreparation(done.id(), by, clock.instant()));
        } else if (step == Step.SWEEP || (step == Step.ZERO && setUp.sweep().touched())) {
            oneMore(setUp, by);
        } else {
            lock.reopen(setUp, List.of(step), by);
        }
    }

    /**
     * Begins one more sweep; every whole one counts.
     *
     * @throws DocketConflict if the set-up changed since the page was made, or the last sweep is not whole
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void sweepAgain(int number, int position, int version, long by) throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        oneMore(setUp, by);
    }

    private void oneMore(SetUp setUp, long by) throws DocketConflict {
        if (!setUp.sweep().touched()) {
            throw lock.changedMeanwhile(setUp);
        }
        if (!setUp.sweep().complete()) {
            throw new DocketConflict(Words.say(
                    "docket.this-sweep-is-not-complete-finish-it",
                    setUp.gaugeInUse().code()));
        }
        lock.requireOwnEyes(setUp, by);
        mapper.insertSweep(setUp.readId(), setUp.attempt().id(), setUp.sweep().id(), by, clock.instant());
    }

    /**
     * Begins another attempt with a sweep of its own; the ones before stay as they are.
     *
     * @param correction what was done to the part, for an attempt after correction; may be empty where a correction was
     *     decided on or logged
     * @throws DocketConflict if the set-up changed since the page was made, the attempt before is not whole, nothing was
     *     corrected, or the second inspector has measured it before
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void begin(int number, int position, AttemptKind kind, String correction, int version, long by)
            throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        boolean second = kind == AttemptKind.SECOND_INSPECTOR;
        if (!(second || kind == AttemptKind.CORRECTED) || setUp.blind()) {
            throw lock.changedMeanwhile(setUp);
        }
        if (!setUp.sweep().complete() || (second && !setUp.attempt().whole())) {
            throw new DocketConflict(Words.say(
                    "docket.finish-the-sweeps-before-another-attempt-follows",
                    setUp.gaugeInUse().code()));
        }
        if (second) {
            gauges.requireInService(setUp);
        }
        if (second && setUp.measuredBy().contains(by)) {
            throw new DocketConflict(Words.say("docket.you-took-readings-of-this-yourself-a"));
        }
        String done = "";
        if (!second) {
            done = correction.strip();
            if (done.isEmpty() && !setUp.corrected()) {
                throw new DocketConflict(Words.say("docket.enter-what-was-done-to-the-part"));
            }
            if (done.length() > SetUpLock.LONGEST_REASON) {
                throw new DocketConflict(Words.say("docket.describe-the-correction-in-200-characters-at"));
            }
        }
        mapper.insertAttempt(setUp.readId(), kind, done, by, clock.instant());
        mapper.endWaiting(setUp.readId(), by);
        mapper.insertSweep(
                setUp.readId(),
                mapper.lastAttempt(setUp.readId()),
                setUp.sweep().id(),
                by,
                clock.instant());
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
            throw new DocketConflict(Words.say("docket.nothing-can-wait-for-another-look-before"));
        }
        mapper.setWaitsFor(setUp.id(), waitsFor.orElse(null), by);
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
            throw lock.changedMeanwhile(setUp);
        }
        if (step.filter(Step.PROVE::equals).isPresent() && setUp.verdict().because() == Because.REPEATS_TO_GO) {
            throw new DocketConflict(Words.say(
                    "docket.before-this-can-be-judged-take-it",
                    VerdictWords.of(setUp, SetUpDisplay.figures(setUp)).line()));
        }
        if (step.filter(Step.GAUGE::equals).isPresent()
                && setUp.sweep().gauges().stream().anyMatch(Gauge::missing)) {
            throw new DocketConflict(Words.say("docket.without-a-gauge-nothing-can-be-read"));
        }
        boolean cautionUnread =
                setUp.requirement().preparations().stream().anyMatch(line -> line.caution() && !setUp.ticked(line));
        if (step.filter(Step.PREPARE::equals).isPresent() && cautionUnread) {
            throw new DocketConflict(Words.say("docket.the-cautions-are-read-first-what-is"));
        }
        String why = SetUpLock.reason(reason, Words.say("docket.enter-why-it-is-left-out"));
        Long sweep =
                step.filter(Step::ofSweep).isPresent() ? (Long) setUp.sweep().id() : null;
        long of = step.isPresent() ? setUp.readId() : setUp.id();
        mapper.insertLeftOut(of, sweep, step.orElse(null), why, by, clock.instant());
    }

    /**
     * Takes a requirement that was left out up again.
     *
     * @throws DocketConflict if the set-up changed since the page was made
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void takeUp(int number, int position, int version, long by) throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        LeftOut left = setUp.wholeLeftOut().orElseThrow(() -> lock.changedMeanwhile(setUp));
        mapper.takeUp(left.id(), by, clock.instant());
    }

    /**
     * Sets or takes away the tick of a preparation.
     *
     * @throws DocketConflict if the set-up changed since the page was made, or a caution before it is unread
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void tick(int number, int position, long preparationId, int version, long by) throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        Optional<PreparationDone> done = setUp.tick(preparationId);
        if (done.isPresent()) {
            mapper.reopenPreparation(done.get().id(), by, clock.instant());
            return;
        }
        boolean known = setUp.requirement().preparations().stream().anyMatch(p -> p.id() == preparationId);
        if (!known || setUp.behindACaution(preparationId)) {
            throw new DocketConflict(Words.say("docket.the-cautions-come-first-one-by-one"));
        }
        mapper.insertPreparationDone(setUp.readId(), preparationId, by, clock.instant());
    }

    /**
     * Sets every tick of the preparation that is still open; the cautions are ticked one by one before.
     *
     * @throws DocketConflict if the set-up changed since the page was made, or a caution is unread
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void tickAll(int number, int position, int version, long by) throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        if (setUp.nextCaution().isPresent()) {
            throw new DocketConflict(Words.say("docket.the-cautions-come-first-one-by-one"));
        }
        for (Preparation line : setUp.requirement().preparations()) {
            if (!setUp.ticked(line)) {
                mapper.insertPreparationDone(setUp.readId(), line.id(), by, clock.instant());
            }
        }
    }
}
