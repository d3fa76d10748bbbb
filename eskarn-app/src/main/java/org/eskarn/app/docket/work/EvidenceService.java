package org.eskarn.app.docket.work;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.account.Role;
import org.eskarn.app.docket.Attempt;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketMapper;
import org.eskarn.app.docket.Findings;
import org.eskarn.app.docket.SetAside;
import org.eskarn.app.docket.SetAsideCause;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SetUpLock;
import org.eskarn.app.docket.Step;
import org.eskarn.app.docket.SweepRecord;
import org.eskarn.app.page.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What counts as evidence: sweeps set aside and counted again, which way a gauge counts, and a checker's decision between
 * inspectors. Nothing here takes a reading away; each says who, when and why.
 */
@Service
public class EvidenceService {

    private static final int LONGEST_DECISION = 400;

    private final DocketMapper mapper;
    private final AccountService accounts;
    private final SetUpLock lock;
    private final Clock clock;

    EvidenceService(DocketMapper mapper, AccountService accounts, SetUpLock lock, Clock clock) {
        this.mapper = mapper;
        this.accounts = accounts;
        this.lock = lock;
        this.clock = clock;
    }

    /**
     * Sets a sweep aside: it stays in sight and does not count. Where too few are left a new one begins. Only who read it, or
     * a checker, may.
     *
     * @throws DocketConflict if the set-up changed since the page was made, the sweep is none of the present attempt or
     *     holds no reading, somebody else read it, or the reason is missing
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void setAside(
            int number, int position, long sweepId, Optional<SetAsideCause> cause, String reason, int version, long by)
            throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        SweepRecord sweep = standing(setUp, sweepId);
        SetAsideCause named = cause.orElseThrow(() -> new DocketConflict(Words.say("docket.choose-the-cause")));
        String why = SetUpLock.reason(reason, Words.say("docket.enter-what-happened"));
        boolean own = sweep.allReadings().stream().allMatch(reading -> reading.takenBy() == by);
        if (!own && !checker(by)) {
            throw new DocketConflict(Words.say(
                    "docket.read-this-sweep-only-they-or-a",
                    sweep.readBy(),
                    setUp.gaugeInUse().code()));
        }
        if (setUp.blind()) {
            lock.requireOwnEyes(setUp, by);
        }
        lock.reopenProof(setUp, by);
        mapper.insertSetAside(sweepId, named, why, by, clock.instant());
        long left = setUp.attempt().counted().stream()
                .filter(each -> each.id() != sweepId)
                .count();
        boolean unfinished = setUp.sweep().id() != sweepId && !setUp.sweep().complete();
        if (left < setUp.requirement().gauge().repeats() && !unfinished) {
            mapper.insertSweep(setUp.readId(), setUp.attempt().id(), sweepId, by, clock.instant());
        }
    }

    /** A sweep of the present attempt in which something was read, and which was not set aside. */
    private SweepRecord standing(SetUp setUp, long sweepId) throws DocketConflict {
        return setUp.attempt().sweeps().stream()
                .filter(sweep -> sweep.id() == sweepId && sweep.setAside() == null && sweep.touched())
                .findFirst()
                .orElseThrow(() -> lock.changedMeanwhile(setUp));
    }

    private boolean checker(long by) {
        return accounts.all().stream().anyMatch(account -> account.id() == by && account.role() == Role.CHECKER);
    }

    /**
     * Counts a sweep again that was set aside.
     *
     * @throws DocketConflict if the set-up changed since the page was made, or the sweep is none that was set aside
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void countAgain(int number, int position, long sweepId, int version, long by) throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        SetAside row = setUp.attempt().sweeps().stream()
                .filter(sweep -> sweep.id() == sweepId)
                .map(SweepRecord::setAside)
                .filter(java.util.Objects::nonNull)
                .findFirst()
                .orElseThrow(() -> lock.changedMeanwhile(setUp));
        lock.reopenProof(setUp, by);
        mapper.countAgain(row.id(), by, clock.instant());
    }

    /**
     * Cancels a sweep that was begun and in which nothing was ever read; with it an attempt that has no other.
     *
     * @throws DocketConflict if the set-up changed since the page was made, something was read, or it is the only sweep
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void cancel(int number, int position, int version, long by) throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        if (!setUp.cancellable()) {
            throw lock.changedMeanwhile(setUp);
        }
        mapper.cancelSweep(setUp.sweep().id(), by, clock.instant());
    }

    /**
     * Says that the figures of the gauge grow when the plunger comes out, or no longer.
     *
     * @param reason why it was found only after the first reading; may be empty before it
     * @throws DocketConflict if the set-up changed since the page was made, no direction is told here, or readings stand
     *     and the reason is missing
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void turnSign(int number, int position, String reason, int version, long by) throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        if (!setUp.directed()) {
            throw lock.changedMeanwhile(setUp);
        }
        lock.requireOwnEyes(setUp, by);
        String why = setUp.sweep().touched()
                ? SetUpLock.reason(reason, Words.say("docket.enter-how-it-was-found-that-the"))
                : "";
        lock.reopenProof(setUp, by);
        mapper.insertSign(setUp.sweep().id(), !setUp.sweep().outwards(), why, by, clock.instant());
    }

    /**
     * Decides which inspector's verdict stands where they do not agree. Only a checker who took none of the readings.
     *
     * @param attemptId the attempt that stands
     * @throws DocketConflict if the set-up changed since the page was made, nothing is to be decided, the person may not,
     *     or the reason is missing
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void decide(int number, int position, long attemptId, String reason, int version, long by)
            throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        Findings findings = setUp.findings();
        List<Long> choices = findings.inspections().stream()
                .filter(Attempt::whole)
                .map(attempt -> attempt.id())
                .toList();
        if (!findings.undecided() || !choices.contains(attemptId)) {
            throw lock.changedMeanwhile(setUp);
        }
        if (!checker(by) || setUp.measuredBy().contains(by)) {
            throw new DocketConflict(Words.say("docket.a-checker-who-took-none-of-these"));
        }
        String why = reason.strip();
        if (why.isEmpty() || why.length() > LONGEST_DECISION) {
            throw new DocketConflict(Words.say("docket.enter-the-reason-for-the-decision-in"));
        }
        lock.reopen(setUp, List.of(Step.VERDICT), by);
        mapper.insertDecision(setUp.id(), setUp.attempt().id(), attemptId, why, by, clock.instant());
    }
}
