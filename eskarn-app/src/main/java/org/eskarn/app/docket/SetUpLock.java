package org.eskarn.app.docket;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import org.eskarn.app.page.Words;
import org.springframework.stereotype.Component;

/**
 * Locks a set-up for a change, and looks whether it still stands as the page showed it: of two people the later one is
 * told so, and nothing is overwritten. Only to be used inside a transaction.
 */
@Component
public class SetUpLock {

    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm");
    public static final int LONGEST_REASON = 200;

    private final DocketMapper mapper;
    private final DocketService dockets;
    private final Clock clock;

    SetUpLock(DocketMapper mapper, DocketService dockets, Clock clock) {
        this.mapper = mapper;
        this.dockets = dockets;
        this.clock = clock;
    }

    /**
     * The set-up as it stands, locked. For readings, which name their own place.
     *
     * @throws DocketConflict if there is none, or its docket is signed
     */
    public SetUp any(int number, int position, long by) throws DocketConflict {
        return lock(number, row(number, position), by);
    }

    /**
     * The set-up, locked, if it is what the page showed.
     *
     * @throws DocketConflict if there is none, its docket is signed, or it changed since the page was made
     */
    public SetUp unchanged(int number, int position, int version, long by) throws DocketConflict {
        SetUpRow before = row(number, position);
        SetUp locked = lock(number, before, by);
        // Read again now that it is locked: somebody may have been quicker between the first look and the lock.
        if (before.version() != version || row(number, position).version() != version + 1) {
            throw changedMeanwhile(before);
        }
        return locked;
    }

    private SetUp lock(int number, SetUpRow row, long by) throws DocketConflict {
        mapper.touch(row.readId(), by, clock.instant());
        mapper.touchReadWith(row.readId(), by, clock.instant());
        // Looked at only now that it is locked: it may have been signed while this waited.
        DocketRow docket = mapper.byNumber(number).orElseThrow(() -> unknown(number));
        if (docket.signed()) {
            throw new DocketConflict(Words.say("docket.docket-is-signed-nothing-in-it-can", number));
        }
        return dockets.setUp(docket, row).orElseThrow(() -> unknown(number));
    }

    private SetUpRow row(int number, int position) throws DocketConflict {
        return mapper.setUpAt(number, position).orElseThrow(() -> unknown(number));
    }

    private static DocketConflict unknown(int number) {
        return new DocketConflict(Words.say("docket.there-is-no-such-requirement-in-docket", number));
    }

    public DocketConflict changedMeanwhile(SetUp setUp) {
        return changedMeanwhile(setUp.row());
    }

    private DocketConflict changedMeanwhile(SetUpRow row) {
        return new DocketConflict(
                Words.say("docket.changed-this-at-so-nothing-was-written", row.changedByName(), time(row.changedAt())));
    }

    public String time(Instant instant) {
        return TIME.format(LocalTime.ofInstant(instant, clock.getZone()));
    }

    /** The sweep is to be proven or judged anew. */
    public void reopen(SetUp setUp, List<Step> steps, long by) {
        for (Step step : steps) {
            setUp.confirmation(step).ifPresent(done -> mapper.reopenStep(done.id(), by, clock.instant()));
        }
    }

    /** Of all requirements that are judged from the same readings. */
    public void reopenProof(SetUp setUp, long by) {
        reopen(setUp, List.of(Step.PROVE), by);
        mapper.reopenVerdicts(setUp.readId(), by, clock.instant());
    }

    /**
     * The attempt of a second inspector is read by nobody who measured before.
     *
     * @throws DocketConflict if this person did
     */
    public void requireOwnEyes(SetUp setUp, long by) throws DocketConflict {
        if (setUp.attempt().kind() == AttemptKind.SECOND_INSPECTOR && setUp.measuredBefore(by)) {
            throw new DocketConflict(Words.say(
                    "docket.you-took-readings-of-this-before-the",
                    setUp.gaugeInUse().code()));
        }
    }

    /**
     * @param what the sentence's beginning, as “Write why it is left out”
     * @throws DocketConflict if the reason is missing or too long
     */
    public static String reason(String typed, String what) throws DocketConflict {
        String reason = typed.strip();
        if (reason.isEmpty() || reason.length() > LONGEST_REASON) {
            throw new DocketConflict(Words.say("docket.in-200-characters-at-most", what));
        }
        return reason;
    }
}
