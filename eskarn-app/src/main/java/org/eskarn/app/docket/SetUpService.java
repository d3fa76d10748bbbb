package org.eskarn.app.docket;

import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.eskarn.core.reading.Entry;
import org.eskarn.core.reading.EntryParser;
import org.eskarn.core.reading.EntryRejected;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The changes to one set-up. Each locks it first, then looks whether it still stands as the page showed it, then writes:
 * of two people the later one is told so, and nothing is overwritten.
 */
@Service
public class SetUpService {

    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm");

    private static final int LONGEST_REASON = 200;
    private static final int MOST_STATIONS = 400;
    private static final BigDecimal FULL_TURN = BigDecimal.valueOf(360);
    private static final Pattern ANGLE = Pattern.compile("\\d{1,3}(\\.\\d{0,4})?");

    private final DocketMapper mapper;
    private final DocketService dockets;
    private final Clock clock;

    SetUpService(DocketMapper mapper, DocketService dockets, Clock clock) {
        this.mapper = mapper;
        this.dockets = dockets;
        this.clock = clock;
    }

    /**
     * One reading as the page sent it.
     *
     * @param sweepId the sweep the page showed
     * @param place the place the page meant it for
     * @param typed what stood in the field
     * @param key made by the page for this Enter
     */
    public record TypedReading(long sweepId, int place, String typed, String key) {}

    /**
     * Stores a reading.
     *
     * @throws EntryRejected if it is no reading of this gauge
     * @throws DocketConflict if the place is taken or out of order, or the steps before are not done
     */
    @Transactional(rollbackFor = {EntryRejected.class, DocketConflict.class})
    public void take(int number, int position, TypedReading typed, long by) throws EntryRejected, DocketConflict {
        SetUp setUp = lock(number, position, by);
        SweepRecord sweep = setUp.sweep();
        if (sweep.row().id() == typed.sweepId() && repeated(sweep, typed)) {
            return;
        }
        requireSamePlace(setUp, typed);
        if (setUp.current() != Step.SWEEP) {
            throw new DocketConflict("A reading is taken when all before the sweep is done: first "
                    + setUp.current().title().toLowerCase(java.util.Locale.ROOT) + ".");
        }
        Entry entry = EntryParser.parse(typed.typed(), sweep.gauge().readingUnit());
        sweep.gauge().dial().read(entry);
        mapper.insertReading(sweep.row().id(), typed.place(), entry, typed.key(), null, by, clock.instant());
    }

    /** A page that got no answer sends the same Enter again; it is taken once. */
    private static boolean repeated(SweepRecord sweep, TypedReading typed) {
        return sweep.readings().stream().anyMatch(reading -> reading.entryKey().equals(typed.key()));
    }

    private void requireSamePlace(SetUp setUp, TypedReading typed) throws DocketConflict {
        SweepRecord sweep = setUp.sweep();
        if (sweep.row().id() != typed.sweepId()) {
            throw new DocketConflict("%s began sweep %d at %s: “%s” was not taken."
                    .formatted(
                            sweep.row().begunByName(),
                            sweep.row().number(),
                            time(sweep.row().begunAt()),
                            typed.typed()));
        }
        Optional<ReadingRow> there = sweep.readings().stream()
                .filter(reading -> reading.place() == typed.place())
                .findFirst();
        if (there.isPresent()) {
            ReadingRow taken = there.get();
            throw new DocketConflict("%s took that station at %s with %s: your “%s” was not taken."
                    .formatted(taken.takenByName(), time(taken.takenAt()), taken.typed(), typed.typed()));
        }
        if (typed.place() != sweep.nextPlace()) {
            throw new DocketConflict(
                    "A reading before this one was not taken, so “%s” was not either: go on at the station shown."
                            .formatted(typed.typed()));
        }
    }

    /**
     * Puts a reading of the last sweep right. The old one keeps its row and stays in sight; the sweep is to be proven
     * and judged anew.
     *
     * @param reason why, in the person's words
     * @throws EntryRejected if it is no reading of this gauge
     * @throws DocketConflict if the set-up changed since the page was made, nothing was read at that place, or the
     *     reason is missing or too long
     */
    @Transactional(rollbackFor = {EntryRejected.class, DocketConflict.class})
    public void correct(int number, int position, TypedReading typed, String reason, int version, long by)
            throws EntryRejected, DocketConflict {
        SetUp setUp = lockUnchanged(number, position, version, by);
        SweepRecord sweep = setUp.sweep();
        if (sweep.row().id() != typed.sweepId()
                || typed.place() < 1
                || typed.place() > sweep.readings().size()) {
            throw changedMeanwhile(setUp.row());
        }
        if (reason.isBlank() || reason.strip().length() > LONGEST_REASON) {
            throw new DocketConflict("Write why the reading is put right, in 200 characters at most.");
        }
        Entry entry = EntryParser.parse(typed.typed(), sweep.gauge().readingUnit());
        sweep.gauge().dial().read(entry);
        reopenSweepSteps(setUp, List.of(Step.PROVE, Step.VERDICT), by);
        mapper.markCorrected(sweep.readings().get(typed.place() - 1).id(), by, clock.instant());
        mapper.insertReading(sweep.row().id(), typed.place(), entry, typed.key(), reason.strip(), by, clock.instant());
    }

    /**
     * Adds a station to the sweep, to be read after the others, for hunting a high or a low.
     *
     * @param typed its angle in degrees
     * @throws DocketConflict if the set-up changed since the page was made, the sweep is not being read, or the angle is
     *     none
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void addStation(int number, int position, long sweepId, String typed, int version, long by)
            throws DocketConflict {
        SetUp setUp = lockUnchanged(number, position, version, by);
        SweepRecord sweep = setUp.sweep();
        if (sweep.row().id() != sweepId || setUp.current() != Step.SWEEP) {
            throw changedMeanwhile(setUp.row());
        }
        if (sweep.layout().size() >= MOST_STATIONS) {
            throw new DocketConflict("A sweep holds 400 stations at most; this one is full.");
        }
        mapper.insertExtraStation(sweep.row().id(), angle(typed), by, clock.instant());
    }

    private static BigDecimal angle(String typed) throws DocketConflict {
        String written = typed.strip().replace(',', '.').replaceFirst("\\s*°$", "");
        if (ANGLE.matcher(written).matches()) {
            BigDecimal degrees = new BigDecimal(written);
            if (degrees.compareTo(FULL_TURN) < 0) {
                return degrees;
            }
        }
        throw new DocketConflict(
                "“" + typed.strip() + "” is no angle here: type degrees from 0 to below 360, for example" + " 101.5.");
    }

    /**
     * Takes the last reading back; its row is kept.
     *
     * @param place the place of the last reading as the page showed it
     * @throws DocketConflict if another reading is the last by now, or there is none
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void takeBack(int number, int position, long sweepId, int place, long by) throws DocketConflict {
        SetUp setUp = lock(number, position, by);
        SweepRecord sweep = setUp.sweep();
        Optional<ReadingRow> last = sweep.last();
        if (sweep.row().id() != sweepId || last.isEmpty() || last.get().place() != place) {
            throw changedMeanwhile(setUp.row());
        }
        reopenSweepSteps(setUp, List.of(Step.PROVE, Step.VERDICT), by);
        mapper.takeBack(last.get().id(), by, clock.instant());
    }

    /**
     * Confirms a step.
     *
     * @throws DocketConflict if the set-up changed since the page was made, or the step is not the one to do
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void confirm(int number, int position, Step step, int version, long by) throws DocketConflict {
        SetUp setUp = lockUnchanged(number, position, version, by);
        if (!step.confirmed() || setUp.current() != step || setUp.done(step)) {
            throw changedMeanwhile(setUp.row());
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
        SetUp setUp = lockUnchanged(number, position, version, by);
        if (!setUp.done(step)) {
            throw changedMeanwhile(setUp.row());
        }
        if (step == Step.PREPARE) {
            setUp.preparationsDone().forEach(done -> mapper.reopenPreparation(done.id(), by, clock.instant()));
        } else if (step == Step.SWEEP
                || (step == Step.ZERO && !setUp.sweep().readings().isEmpty())) {
            beginSweep(setUp, by);
        } else {
            reopenSweepSteps(setUp, List.of(step), by);
        }
    }

    /**
     * Begins another sweep; the ones before stay as they are.
     *
     * @throws DocketConflict if the set-up changed since the page was made, or the last sweep has no reading yet
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void sweepAgain(int number, int position, int version, long by) throws DocketConflict {
        SetUp setUp = lockUnchanged(number, position, version, by);
        if (setUp.sweep().readings().isEmpty()) {
            throw changedMeanwhile(setUp.row());
        }
        beginSweep(setUp, by);
    }

    /**
     * Sets or takes away the tick of a preparation.
     *
     * @throws DocketConflict if the set-up changed since the page was made, or a caution before it is unread
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void tick(int number, int position, long preparationId, int version, long by) throws DocketConflict {
        SetUp setUp = lockUnchanged(number, position, version, by);
        Optional<PreparationDoneRow> done = setUp.tick(preparationId);
        if (done.isPresent()) {
            mapper.reopenPreparation(done.get().id(), by, clock.instant());
            return;
        }
        boolean known = setUp.requirement().preparations().stream().anyMatch(p -> p.id() == preparationId);
        boolean cautionUnread = setUp.nextPreparation()
                .filter(next -> next.caution() && next.id() != preparationId)
                .isPresent();
        if (!known || cautionUnread) {
            throw new DocketConflict("The cautions come first, one by one.");
        }
        mapper.insertPreparationDone(setUp.row().id(), preparationId, by, clock.instant());
    }

    private void beginSweep(SetUp setUp, long by) {
        SweepRecord last = setUp.sweep();
        mapper.insertSweep(setUp.row().id(), last.row().number() + 1, last.row().gaugeId(), by, clock.instant());
    }

    private void reopenSweepSteps(SetUp setUp, List<Step> steps, long by) {
        for (Step step : steps) {
            setUp.confirmation(step).ifPresent(done -> mapper.reopenStep(done.id(), by, clock.instant()));
        }
    }

    private SetUp lock(int number, int position, long by) throws DocketConflict {
        return lock(number, row(number, position), by);
    }

    private SetUp lock(int number, SetUpRow row, long by) throws DocketConflict {
        if (mapper.touch(row.id(), by, clock.instant()) == 0) {
            throw new DocketConflict("Docket " + number + " is signed: nothing in it can be changed any more.");
        }
        return dockets.setUp(number, row).orElseThrow(() -> unknown(number));
    }

    private SetUp lockUnchanged(int number, int position, int version, long by) throws DocketConflict {
        SetUpRow before = row(number, position);
        SetUp locked = lock(number, before, by);
        // Read again now that it is locked: somebody may have been quicker between the first look and the lock.
        if (before.version() != version || row(number, position).version() != version + 1) {
            throw changedMeanwhile(before);
        }
        return locked;
    }

    private SetUpRow row(int number, int position) throws DocketConflict {
        return mapper.setUpAt(number, position).orElseThrow(() -> unknown(number));
    }

    private static DocketConflict unknown(int number) {
        return new DocketConflict("There is no such requirement in docket " + number + ".");
    }

    private DocketConflict changedMeanwhile(SetUpRow row) {
        return new DocketConflict("%s changed this at %s, so nothing was written: here is how it stands now."
                .formatted(row.changedByName(), time(row.changedAt())));
    }

    private String time(java.time.Instant instant) {
        return TIME.format(LocalTime.ofInstant(instant, clock.getZone()));
    }
}
