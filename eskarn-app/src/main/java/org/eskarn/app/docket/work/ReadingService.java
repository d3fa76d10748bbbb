package org.eskarn.app.docket.work;

import java.math.BigDecimal;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketMapper;
import org.eskarn.app.docket.ReadingSource;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SetUpLock;
import org.eskarn.app.docket.Step;
import org.eskarn.app.docket.SweepRecord;
import org.eskarn.app.docket.TakenReading;
import org.eskarn.app.docket.work.TypedReading.Meant;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.page.Words;
import org.eskarn.core.gauge.WholeSizeTyped;
import org.eskarn.core.reading.AnswerParser;
import org.eskarn.core.reading.Entry;
import org.eskarn.core.reading.EntryParser;
import org.eskarn.core.reading.EntryRejected;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.LayoutRejected;
import org.eskarn.core.reading.ReadingUnit;
import org.eskarn.core.reading.RestOfAnswers;
import org.eskarn.core.reading.WrittenLayout;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes readings, takes them back and puts them right. A reading names its sweep and place, so that order is kept. */
@Service
public class ReadingService {

    private static final int DECIMALS = 6;
    private static final int LONGEST_TYPED = 24;

    private final DocketMapper mapper;
    private final GaugeUseService gauges;
    private final SetUpLock lock;
    private final Clock clock;

    ReadingService(DocketMapper mapper, GaugeUseService gauges, SetUpLock lock, Clock clock) {
        this.mapper = mapper;
        this.gauges = gauges;
        this.lock = lock;
        this.clock = clock;
    }

    /**
     * Stores a reading.
     *
     * @throws EntryRejected if it is no reading of this gauge
     * @throws DocketConflict if the place is taken or out of order, the steps before are not done, or the gauge has gone out of
     *     service since it was chosen
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
        if (sweep.id() == first.sweepId() && repeated(sweep, first)) {
            return;
        }
        requireSamePlace(setUp, first);
        lock.requireOwnEyes(setUp, by);
        if (setUp.current() != Step.SWEEP) {
            throw new DocketConflict(Words.say(
                    "docket.a-reading-is-taken-when-all-before",
                    setUp.title(setUp.current()).toLowerCase(Locale.ROOT)));
        }
        gauges.requireStillUsable(setUp);
        if (setUp.unitUnseen()) {
            throw new DocketConflict(Words.say("docket.bare-numbers-are-in-another-unit-than"));
        }
        if (first.place() + readings.size() - 1 > sweep.layout().places()) {
            throw new DocketConflict(
                    Words.say("docket.there-are-readings-but-only-places-to", readings.size(), placesToGo(sweep)));
        }
        for (TypedReading typed : readings) {
            Entry entry = parse(setUp, typed);
            insert(sweep, typed, entry, null, by);
        }
    }

    /**
     * Answers all that is still open with yes, but for the places that are named.
     *
     * @param first where the page saw the first open place
     * @param except the numbers of the places that are no
     * @throws EntryRejected if one of them is no open place
     * @throws DocketConflict as {@link #takeAll}, or if it is not questions that are answered
     */
    @Transactional(rollbackFor = {EntryRejected.class, DocketConflict.class})
    public void answerRest(int number, int position, TypedReading first, String except, long by)
            throws EntryRejected, DocketConflict {
        SetUp setUp = lock.any(number, position, by);
        SweepRecord sweep = setUp.sweep();
        if (sweep.id() != first.sweepId()
                || sweep.nextPlace() != first.place()
                || sweep.layout().kind() != LayoutKind.YES_NO) {
            throw lock.changedMeanwhile(setUp);
        }
        List<TypedReading> all = new ArrayList<>();
        for (String each : RestOfAnswers.of(first.place(), sweep.layout().size(), except)) {
            all.add(TypedReading.ofKeypad(
                    sweep.id(), first.place() + all.size(), each, first.key() + "-" + all.size()));
        }
        takeAll(number, position, all, by);
    }

    private void insert(SweepRecord sweep, TypedReading typed, Entry entry, @Nullable String reason, long by) {
        Instant now = clock.instant();
        mapper.insertReading(sweep.id(), typed.place(), entry, typed.key(), reason, typed.source(), by, now);
        mapper.setLastRead(sweep.id(), now);
    }

    static int placesToGo(SweepRecord sweep) {
        return sweep.layout().places() - sweep.readings().size();
    }

    /**
     * What a text means as a reading of this set-up.
     *
     * @throws EntryRejected if it means none, or it has to be asked what it means
     */
    static Entry parse(SetUp setUp, TypedReading typed) throws EntryRejected {
        Requirement terms = setUp.requirement().terms();
        if (terms.layout().kind().answered()) {
            return AnswerParser.parse(typed.typed());
        }
        Gauge gauge = setUp.sweep().gaugeAt(typed.place());
        Entry entry = terms.layout().kind().watched()
                ? EntryParser.watched(typed.typed(), gauge.readingUnit())
                : EntryParser.parse(typed.typed(), gauge.readingUnit());
        Length master = terms.basis().setTo().orElse(null);
        if (master != null && !gauge.readsSizes()) {
            if (typed.meant() == Meant.SIZE) {
                entry = ofSize(entry, gauge.readingUnit(), master);
            } else if (typed.meant() == Meant.ASK) {
                WholeSizeTyped.check(entry, gauge.readingUnit(), gauge.dial(), master, terms.allowedMovement());
            }
        }
        gauge.dial().read(entry);
        return entry;
    }

    /** What a movement after a correction means. */
    public static Entry parseMovement(SetUp setUp, String typed) throws EntryRejected {
        return parse(setUp, new TypedReading(0, 1, typed, "", ReadingSource.KEYPAD, Meant.DEVIATION));
    }

    /** The deviation of a whole size from the master, written as the difference it is. */
    private static Entry ofSize(Entry entry, ReadingUnit usual, Length master) {
        LengthUnit unit =
                entry.unit() == usual ? master.unit() : entry.unit().length().orElse(master.unit());
        BigDecimal zero = master.amountIn(unit, DECIMALS).stripTrailingZeros();
        String typed = entry.amount().toPlainString() + "-" + zero.toPlainString();
        return new Entry(
                typed.length() > LONGEST_TYPED ? typed.substring(0, LONGEST_TYPED) : typed,
                entry.amount().subtract(zero),
                null,
                ReadingUnit.of(unit));
    }

    /** A page that got no answer sends the same Enter again; it is taken once. */
    private static boolean repeated(SweepRecord sweep, TypedReading typed) {
        return sweep.readings().stream().anyMatch(reading -> reading.entryKey().equals(typed.key()));
    }

    private void requireSamePlace(SetUp setUp, TypedReading typed) throws DocketConflict {
        SweepRecord sweep = setUp.sweep();
        if (sweep.id() != typed.sweepId()) {
            throw new DocketConflict(Words.say(
                    "docket.began-sweep-at-was-not-taken",
                    sweep.begunByName(),
                    sweep.number(),
                    lock.time(sweep.begunAt()),
                    typed.typed(),
                    setUp.gaugeInUse().code()));
        }
        Optional<TakenReading> there = sweep.readings().stream()
                .filter(reading -> reading.place() == typed.place())
                .findFirst();
        if (there.isPresent()) {
            TakenReading taken = there.get();
            throw new DocketConflict(Words.say(
                    "docket.took-that-station-at-with-your-was",
                    taken.takenByName(),
                    lock.time(taken.takenAt()),
                    taken.typed(),
                    typed.typed()));
        }
        if (typed.place() != sweep.nextPlace()) {
            throw new DocketConflict(Words.say("docket.a-reading-before-this-one-was-not", typed.typed()));
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
        if (sweep.id() != typed.sweepId()
                || typed.place() < 1
                || typed.place() > sweep.readings().size()) {
            throw lock.changedMeanwhile(setUp);
        }
        String why = SetUpLock.reason(reason, Words.say("docket.enter-why-the-reading-is-corrected"));
        lock.requireOwnEyes(setUp, by);
        Entry entry = parse(setUp, typed);
        lock.reopenProof(setUp, by);
        mapper.markCorrected(sweep.readings().get(typed.place() - 1).id(), by, clock.instant());
        insert(sweep, typed, entry, why, by);
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
        if (sweep.id() != sweepId || !setUp.mayAddStation()) {
            throw lock.changedMeanwhile(setUp);
        }
        if (sweep.layout().size() >= WrittenLayout.MOST) {
            throw new DocketConflict(Words.say("docket.a-sweep-holds-400-stations-at-most"));
        }
        try {
            setUp.requirement().layout().written().hunted(typed);
        } catch (LayoutRejected e) {
            throw new DocketConflict(Words.of(e.note()));
        }
        if (sweep.complete()) {
            lock.requireOwnEyes(setUp, by);
            lock.reopenProof(setUp, by);
        }
        // The return closes the sweep, so it is read once more behind the new station.
        if (sweep.layout().returns()) {
            sweep.readings().stream()
                    .filter(reading -> reading.place() > sweep.layout().size())
                    .forEach(reading -> mapper.strikeReturn(reading.id(), by, clock.instant()));
        }
        mapper.insertExtraStation(sweep.id(), typed.strip(), by, clock.instant());
    }

    /**
     * Takes the last station away again that was added while hunting, as long as nothing was read there.
     *
     * @throws DocketConflict if the set-up changed since the page was made, or there is no such station
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void takeStationAway(int number, int position, long sweepId, int version, long by) throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        if (setUp.sweep().id() != sweepId || setUp.stationToTakeAway().isEmpty()) {
            throw lock.changedMeanwhile(setUp);
        }
        mapper.deleteLastExtraStation(sweepId);
    }

    /**
     * Takes the last reading back while the sweep is read; it stays in sight, struck through.
     *
     * @param place the place of the last reading as the page showed it
     * @throws DocketConflict if another reading is the last by now, there is none, or the sweep is complete
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void takeBack(int number, int position, long sweepId, int place, long by) throws DocketConflict {
        SetUp setUp = lock.any(number, position, by);
        SweepRecord sweep = setUp.sweep();
        Optional<TakenReading> last = sweep.last();
        if (sweep.id() != sweepId || last.isEmpty() || last.get().place() != place) {
            throw lock.changedMeanwhile(setUp);
        }
        if (sweep.complete()) {
            throw new DocketConflict(Words.say(
                    "docket.the-sweep-is-complete-correct-a-reading",
                    setUp.gaugeInUse().code()));
        }
        lock.requireOwnEyes(setUp, by);
        mapper.takeBack(last.get().id(), by, clock.instant());
    }
}
