package org.eskarn.app.docket.correction;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.docket.ChosenRemedy;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketMapper;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SetUpDisplay;
import org.eskarn.app.docket.SetUpLock;
import org.eskarn.app.docket.TruingStepDone;
import org.eskarn.app.docket.work.ReadingService;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Units;
import org.eskarn.app.page.Words;
import org.eskarn.app.part.OffsetService;
import org.eskarn.app.part.Part;
import org.eskarn.app.remedy.Advice;
import org.eskarn.app.remedy.Correction;
import org.eskarn.app.remedy.MeasuredState;
import org.eskarn.core.reading.Entry;
import org.eskarn.core.reading.EntryParser;
import org.eskarn.core.reading.EntryRejected;
import org.eskarn.core.remedy.Recheck;
import org.eskarn.core.requirement.RemedyKind;
import org.eskarn.core.units.Length;
import org.eskarn.core.verdict.Verdict;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Corrections: worked out from what was found, decided on, logged step by step, and compared with the recheck. */
@Service
public class RemedyService {

    private static final int LONGEST = 400;
    private static final int MOST_STEPS = 60;

    /** µm; nobody takes off 100 mm in one pass. */
    private static final BigDecimal MOST_TAKEN = new BigDecimal("100000");

    private static final int DECIMALS = 6;

    private final DocketMapper mapper;
    private final OffsetService offsets;
    private final AccountService accounts;
    private final SetUpLock lock;
    private final Clock clock;

    RemedyService(DocketMapper mapper, OffsetService offsets, AccountService accounts, SetUpLock lock, Clock clock) {
        this.mapper = mapper;
        this.offsets = offsets;
        this.accounts = accounts;
        this.lock = lock;
        this.clock = clock;
    }

    /** What a correction of this set-up starts from, said in the units of a person. */
    MeasuredState found(Part part, SetUp setUp, long by) {
        Units units = accounts.units(by);
        Display deviations = SetUpDisplay.readings(setUp, units);
        Display figures = SetUpDisplay.figures(setUp, units);
        boolean sized = setUp.requirement().characteristic().readsSizes();
        Display sizes = sized
                ? new Display(units.shown(setUp.requirement()
                        .limit()
                        .unit()
                        .length()
                        .orElse(setUp.requirement().layout().layoutUnit())))
                : figures;
        return new MeasuredState(
                setUp.requirement().subject(),
                setUp.sweep().gauge().dial(),
                setUp.assessment(),
                offsets.drawer(part.id()),
                Optional.ofNullable(part.expansion()),
                sizes,
                deviations,
                setUp.stepsStanding().stream()
                        .map(step -> new MeasuredState.Step(
                                step.place(), step.movementMicrometres().doubleValue()))
                        .toList());
    }

    /**
     * Decides on a correction as it is worked out now.
     *
     * @param typed which one, and what was typed for it
     * @throws DocketConflict if the set-up changed since the page was made, the sweep does not count, or nothing is ready
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void decide(Part part, int number, int position, Map<String, String> typed, int version, long by)
            throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        requirePossible(setUp);
        Advice advice = Correction.of(found(part, setUp, by), typed).advice();
        if (!advice.ready()) {
            throw new DocketConflict(advice.headline());
        }
        String words = advice.words().length() > LONGEST ? advice.words().substring(0, LONGEST) : advice.words();
        mapper.insertRemedy(
                new ChosenRemedy(
                        0,
                        setUp.id(),
                        setUp.attempt().id(),
                        advice.kind(),
                        words,
                        kept(advice.predicted()),
                        BigDecimal.valueOf(knownTo(setUp.verdict(), advice)).setScale(DECIMALS, RoundingMode.HALF_UP),
                        by,
                        "",
                        clock.instant()),
                by);
    }

    private static double knownTo(Verdict verdict, Advice advice) {
        Double found = verdict.value();
        double move = found == null || advice.predicted().isEmpty()
                ? 0
                : advice.predicted().getAsDouble() - found;
        return Recheck.predictedTo(verdict.expanded(), move, advice.kind().settingShare());
    }

    private static @Nullable BigDecimal kept(OptionalDouble figure) {
        return figure.isEmpty()
                ? null
                : BigDecimal.valueOf(figure.getAsDouble()).setScale(DECIMALS, RoundingMode.HALF_UP);
    }

    private static void requirePossible(SetUp setUp) throws DocketConflict {
        if (!setUp.correctable()) {
            throw new DocketConflict(Words.say("docket.a-correction-rests-on-a-whole-sweep"));
        }
    }

    /**
     * Logs a step: a blow or the move of a screw, with what it came to then, or a pass, with what was really taken off.
     *
     * @param place where it was made; of a pass its number, where nothing is typed
     * @param done what was done
     * @param typed the movement after it, or its lowest and highest with a slash between; of a pass what it took
     * @throws DocketConflict if the set-up changed since the page was made, or a field cannot be taken
     * @throws EntryRejected if the movement is no reading of the gauge, or what was taken no number
     */
    @Transactional(rollbackFor = {DocketConflict.class, EntryRejected.class})
    public void step(int number, int position, String place, String done, String typed, int version, long by)
            throws DocketConflict, EntryRejected {
        SetUp setUp = lock.unchanged(number, position, version, by);
        requirePossible(setUp);
        RemedyKind kind = setUp.requirement()
                .characteristic()
                .logged()
                .orElseThrow(() -> new DocketConflict(Words.say("docket.nothing-is-logged-here")));
        List<TruingStepDone> steps = setUp.stepsOfAttempt();
        String where = place.isBlank() && kind.takesOff() ? Words.say("docket.pass", steps.size() + 1) : place.strip();
        if (where.isEmpty() || where.length() > 60 || done.strip().length() > 200) {
            throw new DocketConflict(Words.say("docket.write-where-it-was-done-for-example"));
        }
        BigDecimal movement = kind.takesOff() ? taken(setUp, typed) : movement(setUp, kind, typed);
        if (steps.size() >= MOST_STEPS) {
            throw new DocketConflict(Words.say("docket.sixty-steps-are-enough-sweep-it-whole"));
        }
        mapper.insertTruingStep(
                new TruingStepDone(
                        0,
                        setUp.id(),
                        setUp.attempt().id(),
                        steps.size() + 1,
                        where,
                        done.strip(),
                        typed.strip(),
                        movement,
                        by,
                        "",
                        clock.instant(),
                        null,
                        null,
                        null,
                        null),
                by);
    }

    /**
     * Takes the last step back that stands, because it was mistyped or logged at the wrong docket. It stays beside the others, and what
     * was measured before it counts no more than it did: whether the part was touched only a new sweep can tell.
     *
     * @throws DocketConflict if the set-up changed since the page was made, there is none, another person logged it, or the reason is
     *     missing
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void takeBack(int number, int position, String reason, int version, long by) throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        requirePossible(setUp);
        List<TruingStepDone> steps = setUp.stepsStanding();
        if (steps.isEmpty()) {
            throw lock.changedMeanwhile(setUp);
        }
        TruingStepDone last = steps.get(steps.size() - 1);
        if (last.takenBy() != by) {
            throw new DocketConflict(Words.say("docket.only-who-logged-it-takes-it-back", last.takenByName()));
        }
        String why = SetUpLock.reason(reason, Words.say("docket.write-why-the-step-is-taken-back"));
        mapper.takeBackTruingStep(last.id(), why, by, clock.instant());
    }

    private static BigDecimal movement(SetUp setUp, RemedyKind kind, String typed)
            throws DocketConflict, EntryRejected {
        Entry entry = ReadingService.parseMovement(setUp, typed);
        Length graduation = setUp.sweep().gauge().dial().graduation();
        if (kind.struck() && entry.bandEnd() != null) {
            return entry.high(graduation)
                    .exactMicrometres()
                    .subtract(entry.low(graduation).exactMicrometres());
        }
        BigDecimal movement = entry.middle(graduation).exactMicrometres();
        boolean signed = setUp.requirement().characteristic().signed();
        if (movement.signum() < 0 && !signed) {
            throw new DocketConflict(Words.say("docket.a-movement-is-highest-less-lowest-so"));
        }
        return movement;
    }

    /** What a pass took is no reading of a dial: it is typed in the unit of its readings, or with its own. */
    private static BigDecimal taken(SetUp setUp, String typed) throws DocketConflict, EntryRejected {
        Gauge gauge = setUp.sweep().gauge();
        Entry entry = EntryParser.parse(typed, gauge.readingUnit());
        BigDecimal taken = entry.middle(gauge.dial().graduation()).exactMicrometres();
        if (entry.bandEnd() != null || taken.signum() <= 0 || taken.compareTo(MOST_TAKEN) > 0) {
            throw new DocketConflict(Words.say("docket.enter-what-the-pass-took"));
        }
        return taken;
    }
}
