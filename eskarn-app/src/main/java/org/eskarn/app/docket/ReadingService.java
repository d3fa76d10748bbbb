package org.eskarn.app.docket;

import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.eskarn.core.reading.AnswerParser;
import org.eskarn.core.reading.Entry;
import org.eskarn.core.reading.EntryParser;
import org.eskarn.core.reading.EntryRejected;
import org.eskarn.core.reading.LayoutRejected;
import org.eskarn.core.reading.WrittenLayout;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes readings, takes them back and puts them right. A reading names its sweep and place, so that order is kept. */
@Service
public class ReadingService {

    private final DocketMapper mapper;
    private final SetUpLock lock;
    private final Clock clock;

    ReadingService(DocketMapper mapper, SetUpLock lock, Clock clock) {
        this.mapper = mapper;
        this.lock = lock;
        this.clock = clock;
    }

    /**
     * Stores a reading.
     *
     * @throws EntryRejected if it is no reading of this gauge
     * @throws DocketConflict if the place is taken or out of order, or the steps before are not done
     */
    @Transactional(rollbackFor = {EntryRejected.class, DocketConflict.class})
    public void take(int number, int position, TypedReading typed, long by) throws EntryRejected, DocketConflict {
        takeAll(number, position, List.of(typed), by);
    }

    /**
     * Stores several readings at places that follow each other: all of them, or none.
     *
     * @throws EntryRejected if one is no reading of this gauge
     * @throws DocketConflict if a place is taken or out of order, there are more than places, or the steps before are
     *     not done
     */
    @Transactional(rollbackFor = {EntryRejected.class, DocketConflict.class})
    public void takeAll(int number, int position, List<TypedReading> readings, long by)
            throws EntryRejected, DocketConflict {
        SetUp setUp = lock.any(number, position, by);
        SweepRecord sweep = setUp.sweep();
        TypedReading first = readings.get(0);
        if (sweep.row().id() == first.sweepId() && repeated(sweep, first)) {
            return;
        }
        requireSamePlace(setUp, first);
        if (setUp.current() != Step.SWEEP) {
            throw new DocketConflict("A reading is taken when all before the sweep is done: first "
                    + setUp.current().title().toLowerCase(Locale.ROOT) + ".");
        }
        if (first.place() + readings.size() - 1 > sweep.layout().places()) {
            throw new DocketConflict(
                    "There are " + readings.size() + " readings, but only " + placesToGo(sweep) + " places to go.");
        }
        for (TypedReading typed : readings) {
            Entry entry = parse(setUp, typed.typed());
            mapper.insertReading(
                    sweep.row().id(), typed.place(), entry, typed.key(), null, typed.source(), by, clock.instant());
        }
    }

    static int placesToGo(SweepRecord sweep) {
        return sweep.layout().places() - sweep.readings().size();
    }

    /**
     * What a text means as a reading of this set-up.
     *
     * @throws EntryRejected if it means none
     */
    static Entry parse(SetUp setUp, String typed) throws EntryRejected {
        if (setUp.requirement().terms().layout().kind().answered()) {
            return AnswerParser.parse(typed);
        }
        SweepRecord sweep = setUp.sweep();
        Entry entry = EntryParser.parse(typed, sweep.gauge().readingUnit());
        sweep.gauge().dial().read(entry);
        return entry;
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
                            lock.time(sweep.row().begunAt()),
                            typed.typed()));
        }
        Optional<ReadingRow> there = sweep.readings().stream()
                .filter(reading -> reading.place() == typed.place())
                .findFirst();
        if (there.isPresent()) {
            ReadingRow taken = there.get();
            throw new DocketConflict("%s took that station at %s with %s: your “%s” was not taken."
                    .formatted(taken.takenByName(), lock.time(taken.takenAt()), taken.typed(), typed.typed()));
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
        SetUp setUp = lock.unchanged(number, position, version, by);
        SweepRecord sweep = setUp.sweep();
        if (sweep.row().id() != typed.sweepId()
                || typed.place() < 1
                || typed.place() > sweep.readings().size()) {
            throw lock.changedMeanwhile(setUp.row());
        }
        String why = SetUpLock.reason(reason, "Write why the reading is put right");
        Entry entry = parse(setUp, typed.typed());
        lock.reopenProof(setUp, by);
        mapper.markCorrected(sweep.readings().get(typed.place() - 1).id(), by, clock.instant());
        mapper.insertReading(
                sweep.row().id(), typed.place(), entry, typed.key(), why, typed.source(), by, clock.instant());
    }

    /**
     * Adds a station to the sweep, to be read after the others, for hunting a high or a low.
     *
     * @param typed where it is, as the kind of layout asks
     * @throws DocketConflict if the set-up changed since the page was made, the sweep is not being read, or the place is
     *     none
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void addStation(int number, int position, long sweepId, String typed, int version, long by)
            throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        SweepRecord sweep = setUp.sweep();
        if (sweep.row().id() != sweepId || !setUp.mayAddStation()) {
            throw lock.changedMeanwhile(setUp.row());
        }
        if (sweep.complete()) {
            lock.reopenProof(setUp, by);
        }
        if (sweep.layout().size() >= WrittenLayout.MOST) {
            throw new DocketConflict("A sweep holds 400 stations at most; this one is full.");
        }
        try {
            setUp.requirement().row().written().hunted(typed);
        } catch (LayoutRejected e) {
            throw new DocketConflict(String.valueOf(e.getMessage()));
        }
        mapper.insertExtraStation(sweep.row().id(), typed.strip(), by, clock.instant());
    }

    /**
     * Takes the last reading back; its row is kept.
     *
     * @param place the place of the last reading as the page showed it
     * @throws DocketConflict if another reading is the last by now, or there is none
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void takeBack(int number, int position, long sweepId, int place, long by) throws DocketConflict {
        SetUp setUp = lock.any(number, position, by);
        SweepRecord sweep = setUp.sweep();
        Optional<ReadingRow> last = sweep.last();
        if (sweep.row().id() != sweepId || last.isEmpty() || last.get().place() != place) {
            throw lock.changedMeanwhile(setUp.row());
        }
        lock.reopenProof(setUp, by);
        mapper.takeBack(last.get().id(), by, clock.instant());
    }
}
