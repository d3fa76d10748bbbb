package org.eskarn.app.docket;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.part.PartRequirement;
import org.eskarn.app.part.Preparation;
import org.eskarn.app.part.WorkKind;
import org.eskarn.app.remedy.RemedyChoice;
import org.eskarn.core.evaluation.Assessment;
import org.eskarn.core.evaluation.Judgement;
import org.eskarn.core.reading.Corrections;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.ReturnCheck;
import org.eskarn.core.reading.Station;
import org.eskarn.core.requirement.RemedyKind;
import org.eskarn.core.requirement.ZeroRule;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.Outcome;
import org.eskarn.core.verdict.Verdict;
import org.eskarn.core.verdict.Verdict.Because;
import org.jspecify.annotations.Nullable;

/**
 * The work on one requirement of a docket: what is asked, what has been done, and every sweep taken.
 *
 * @param attempts in the order begun, at least one; the last is the one being worked on
 * @param findings what they come to
 * @param asFound the first whole verdict there ever was, from the first sweeps whatever became of them; empty before it
 * @param stepsDone standing confirmations only
 * @param preparationsDone standing ticks only
 * @param leftOut what stands as left out
 * @param remedies corrections decided on, in the order decided
 * @param circumstance what was last said of warmth, holder and plate
 * @param truingSteps of all attempts, in their order
 * @param dialledIn how the part was dialled in, of all attempts, in their order
 */
public record SetUp(
        SetUpRow row,
        PartRequirement requirement,
        List<Attempt> attempts,
        Findings findings,
        Optional<Judgement> asFound,
        List<StepDone> stepsDone,
        List<PreparationDone> preparationsDone,
        List<LeftOut> leftOut,
        List<ChosenRemedy> remedies,
        List<TruingStepDone> truingSteps,
        Optional<SaidCircumstance> circumstance,
        List<DialledIn> dialledIn) {

    public long id() {
        return row.id();
    }

    /** The set-up whose readings it is judged from: another's, or its own. */
    public long readId() {
        return row.readId();
    }

    /** The set-up that is read at the same time, station by station, with an indicator of its own; empty where none is. */
    public Optional<Long> beside() {
        return Optional.ofNullable(row.beside());
    }

    /** Whether it can still be given readings of its own: it is judged from those of another, and none was ever taken. */
    public boolean separable() {
        return readId() != id() && sweeps().stream().noneMatch(SweepRecord::touched);
    }

    /** Raised at every change, so that a page can tell whether it is still the newest. */
    public int version() {
        return row.version();
    }

    /** What is taken off readings of a gauge: a micrometer has neither lever nor arm. */
    public Corrections corrections(Gauge gauge) {
        return row.corrections(gauge);
    }

    /** What was said to be taken off the readings. */
    public Corrections corrections() {
        return row.corrections();
    }

    /** Of the holder; null where none was typed. */
    public @Nullable BigDecimal sag() {
        return row.sag();
    }

    public @Nullable LengthUnit sagUnit() {
        return row.sagUnit();
    }

    /** Angle of the lever to the surface in degrees, as typed; null where none was. */
    public @Nullable BigDecimal lever() {
        return row.lever();
    }

    /** Why, where readings stood already when sag or angle was said; null where none did. */
    public @Nullable String correctionsReason() {
        return row.correctionsReason();
    }

    public @Nullable Long correctionsBy() {
        return row.correctionsBy();
    }

    /** Who said last what is taken off; null where nobody did. */
    public @Nullable String correctionsByName() {
        return row.correctionsByName();
    }

    public @Nullable Instant correctionsAt() {
        return row.correctionsAt();
    }

    /** Of the virtual part, where the simulated indicator stands in for a gauge; else null. */
    public @Nullable Long simulatedSeed() {
        return row.simulatedSeed();
    }

    /** Of the simulated indicator, in divisions. */
    public BigDecimal bezel() {
        return row.bezel();
    }

    /** The same with the figures of another attempt shown, as they were signed before verdicts stood beside each other. */
    public SetUp showing(Attempt shown) {
        return new SetUp(
                row,
                requirement,
                attempts,
                findings.showing(shown),
                asFound,
                stepsDone,
                preparationsDone,
                leftOut,
                remedies,
                truingSteps,
                circumstance,
                dialledIn);
    }

    public GaugeInUse gaugeInUse() {
        if (sweep().gauge().readsSizes()) {
            return GaugeInUse.SIZES;
        }
        return requirement.setUp().workKind() == WorkKind.IN_THE_HAND ? GaugeInUse.HAND : GaugeInUse.DIAL;
    }

    /** What a step is called with the gauge in use. */
    public String title(Step step) {
        return gaugeInUse().title(step);
    }

    public Attempt attempt() {
        return attempts.get(attempts.size() - 1);
    }

    /** The attempts that may be seen: while another inspector measures, only theirs. */
    public List<Attempt> visibleAttempts() {
        return findings.blind() ? List.of(attempt()) : attempts;
    }

    /** Whether another inspector is measuring who is not to see what the ones before found. */
    public boolean blind() {
        return findings.blind();
    }

    /** The steps of truing made since the last attempt was measured. */
    public List<TruingStepDone> stepsOfAttempt() {
        return truingSteps.stream()
                .filter(step -> step.attemptId() == attempt().id())
                .toList();
    }

    /** The conditions that were chosen at the bench, with semicolons between; empty where only those of the drawing count. */
    public String conditionsChosen() {
        return row.conditions();
    }

    /** The same without those that were taken back. */
    public List<TruingStepDone> stepsStanding() {
        return stepsOfAttempt().stream().filter(TruingStepDone::stands).toList();
    }

    /** Each correction beside what came of it. */
    public List<Rechecked> rechecked() {
        return remedies.stream()
                .map(remedy -> Rechecked.of(remedy, remedies, attempts))
                .toList();
    }

    /** Whether it has a figure that whole sweeps show and that may be seen: while another inspector measures, it may not. */
    public boolean showsFigure() {
        return wholeLeftOut().isEmpty()
                && !blind()
                && verdict().value() != null
                && findings.shown().whole();
    }

    /** Whether anything found here can be corrected by a known step. */
    public boolean correctable() {
        return !blind()
                && assessment().counts()
                && !RemedyChoice.of(requirement.terms(), assessment()).isEmpty();
    }

    /** The sweep being worked on, the last of the last attempt. */
    public SweepRecord sweep() {
        return attempt().last();
    }

    /** All sweeps of all attempts, in the order begun. */
    public List<SweepRecord> sweeps() {
        return attempts.stream().flatMap(each -> each.sweeps().stream()).toList();
    }

    /** The figures that are shown: of the sweep while it is read, then of all that count. */
    public Assessment assessment() {
        return sweep().complete() ? judgement().assessment() : sweep().assessment();
    }

    /** The verdict on the requirement, from every sweep that counts. */
    public Verdict verdict() {
        return findings.verdict();
    }

    public Judgement judgement() {
        return findings.shown().judgement();
    }

    /** Who took any reading of this requirement, whether it stands or not. */
    public Set<Long> measuredBy() {
        Set<Long> people = new HashSet<>();
        sweeps().forEach(sweep -> sweep.allReadings().forEach(reading -> people.add(reading.takenBy())));
        truingSteps.forEach(step -> people.add(step.takenBy()));
        return people;
    }

    /** Whether a person took a reading in an attempt before the last. */
    public boolean measuredBefore(long person) {
        boolean read = attempts.subList(0, attempts.size() - 1).stream()
                .flatMap(attempt -> attempt.sweeps().stream())
                .flatMap(sweep -> sweep.allReadings().stream())
                .anyMatch(reading -> reading.takenBy() == person);
        return read || truingSteps.stream().anyMatch(step -> step.takenBy() == person);
    }

    /** Why and by whom the whole requirement is left out, if it is. */
    public Optional<LeftOut> wholeLeftOut() {
        return leftOut.stream().filter(row -> row.step() == null).findFirst();
    }

    public Optional<LeftOut> leftOut(Step step) {
        return leftOut.stream()
                .filter(row -> row.step() == step)
                .filter(row -> !step.ofSweep() || (row.sweepId() != null && row.sweepId() == sweep().id()))
                .findFirst();
    }

    public Optional<WaitsFor> waitsFor() {
        return Optional.ofNullable(row.waitsFor());
    }

    /** Whether the simulated indicator stands in for the gauge. */
    public boolean simulated() {
        return row.simulatedSeed() != null;
    }

    public boolean ticked(Preparation preparation) {
        return tick(preparation.id()).isPresent();
    }

    public Optional<PreparationDone> tick(long preparationId) {
        return preparationsDone.stream()
                .filter(done -> done.preparationId() == preparationId)
                .findFirst();
    }

    /** The preparation to look at next: the first without a tick. */
    public Optional<Preparation> nextPreparation() {
        return requirement.preparations().stream().filter(p -> !ticked(p)).findFirst();
    }

    /** The first caution without a tick. */
    public Optional<Preparation> nextCaution() {
        return requirement.preparations().stream()
                .filter(line -> line.caution() && !ticked(line))
                .findFirst();
    }

    /** Whether an unread caution stands before this preparation, so that it cannot be ticked yet. */
    public boolean behindACaution(long preparationId) {
        return requirement.preparations().stream()
                .takeWhile(preparation -> preparation.id() != preparationId)
                .anyMatch(preparation -> preparation.caution() && !ticked(preparation));
    }

    public boolean done(Step step) {
        if (leftOut(step).isPresent()) {
            return true;
        }
        return switch (step) {
            case PREPARE -> nextPreparation().isEmpty();
            case SWEEP -> sweep().complete();
            default -> confirmation(step).isPresent();
        };
    }

    /** The standing confirmation of a step, for a step of the sweep that of the last sweep. */
    public Optional<StepDone> confirmation(Step step) {
        return stepsDone.stream()
                .filter(done -> done.step() == step)
                .filter(done -> !step.ofSweep() || (done.sweepId() != null && done.sweepId() == sweep().id()))
                .findFirst();
    }

    /** The first step that is not done, or the verdict when all are. */
    public Step current() {
        return Arrays.stream(Step.values())
                .filter(step -> !done(step))
                .findFirst()
                .orElse(Step.VERDICT);
    }

    /**
     * Whether a station can be added to the sweep: while it is read, and after it as long as its verdict is not accepted. Not
     * behind a zero that was lost, or whoever wanted that return away would only have to look for another high.
     */
    public boolean mayAddStation() {
        boolean held =
                sweep().assessment().returnCheck().map(ReturnCheck::holds).orElse(true);
        boolean afterwards = sweep().complete() && held && !settled();
        return requirement.terms().hunted() && sweep().layout().hunted() && (current() == Step.SWEEP || afterwards);
    }

    /** Whether the sweep being worked on was begun by mistake: nothing was ever read in it, and there are others. */
    public boolean cancellable() {
        return !sweep().touched()
                && sweeps().size() > 1
                && sweep().setAside() == null
                && (attempt().sweeps().size() == 1
                        || attempt().counted().size() >= requirement.gauge().repeats());
    }

    /** Whether a correction was decided on or logged since the last one that was measured. */
    public boolean corrected() {
        Set<Long> present = new HashSet<>();
        findings.inspections().forEach(attempt -> present.add(attempt.id()));
        return remedies.stream()
                        .anyMatch(remedy -> present.contains(remedy.attemptId()) && remedy.kind() != RemedyKind.LEAVE)
                || workedSince();
    }

    /** Whether metal was taken off or something moved after it was measured, so that its readings tell of another part. */
    public boolean workedSince() {
        return findings.inspections().stream().anyMatch(Attempt::workedAfter);
    }

    /** When the part was worked on because of what was found here: steps logged, and attempts begun after a correction. */
    public Stream<Instant> workedAt() {
        return Stream.concat(
                attempts.stream()
                        .filter(attempt -> attempt.kind() == AttemptKind.CORRECTED)
                        .map(Attempt::begunAt),
                truingSteps.stream().map(TruingStepDone::takenAt));
    }

    /** The rounds of dialling in since the last attempt was begun. */
    public List<DialledIn> dialledInNow() {
        return dialledIn.stream()
                .filter(round -> round.attemptId() == attempt().id())
                .toList();
    }

    /** Whether gauge, zero or proof of what the verdict rests on was left out, so that it cannot pass as proven. */
    public boolean restsOnLeftOut() {
        Set<Long> counted = new HashSet<>();
        findings.shown().counted().forEach(sweep -> counted.add(sweep.id()));
        return masterless()
                || leftOut.stream()
                        .anyMatch(row -> row.step() == Step.GAUGE
                                || ((row.step() == Step.ZERO || row.step() == Step.PROVE)
                                        && row.sweepId() != null
                                        && counted.contains(row.sweepId())));
    }

    /** Whether a zero that the verdict rests on was not set on its master. */
    public boolean masterless() {
        return onMaster()
                && findings.shown().counted().stream()
                        .anyMatch(
                                sweep -> IntStream.rangeClosed(1, sweep.gauges().size())
                                        .anyMatch(gauge -> sweep.zero(gauge).isEmpty()));
    }

    /** Whether bare numbers are read in another system of units than the drawing's, and nobody has seen that yet. */
    public boolean unitUnseen() {
        return sweep().unitSeenAt() == null && otherSystem();
    }

    /** Whether a gauge reads in another system of units than the drawing's. */
    public boolean otherSystem() {
        boolean metric = requirement.metric();
        return !requirement.terms().layout().kind().answered()
                && sweep().gauges().stream()
                        .filter(gauge -> !gauge.missing())
                        .anyMatch(gauge -> gauge.graduationUnit().metric() != metric);
    }

    /** Whether the zero has to be set on a master, for each gauge. */
    public boolean onMaster() {
        return requirement.zeroRule() == ZeroRule.MASTER
                && !requirement.terms().layout().kind().answered();
    }

    /** The number of the gauge whose master is still to be set; empty where none is. */
    public Optional<Integer> masterToSet() {
        if (!onMaster()) {
            return Optional.empty();
        }
        return IntStream.rangeClosed(1, sweep().gauges().size())
                .boxed()
                .filter(number -> sweep().zero(number).isEmpty())
                .findFirst();
    }

    /** Whether it matters which way the gauge counts: it tells a direction. */
    public boolean directed() {
        LayoutKind kind = requirement.terms().layout().kind();
        return (kind == LayoutKind.RING || kind == LayoutKind.RINGS || kind.watched())
                && !requirement.terms().characteristic().readsSizes();
    }

    /** Whether nothing more is to be done: the verdict accepted by a person, or the whole left out. */
    public boolean settled() {
        return wholeLeftOut().isPresent() || (done(Step.VERDICT) && acceptable() && row.waitsFor() == null);
    }

    /**
     * Whether the verdict can stand, is not proven for a reason that more sweeps do not mend, or for one that was left
     * unproved with a reason and a name; of a second inspector never, whose spoilt sweep would hide the first verdict. A pass, or a
     * figure that is only recorded, does not stand for a part that was worked on since; that it failed before stays true.
     */
    public boolean acceptable() {
        if (workedSince() && verdict().outcome() != Outcome.FAIL) {
            return false;
        }
        Because because = verdict().because();
        boolean unproved =
                because == Because.RETURN_OUT || because == Because.ZERO_LOST || because == Because.STATIONS_UNFIT;
        return Attempt.stands(verdict()) || (unproved && leftOut(Step.PROVE).isPresent() && !blind());
    }

    /** The station found while hunting that can be taken away again: the last one, as long as nothing was read there. */
    public Optional<Station> stationToTakeAway() {
        Layout layout = sweep().layout();
        boolean hunted = layout.size() > requirement.terms().layout().size();
        boolean read = sweep().allReadings().stream()
                .anyMatch(reading -> reading.place() >= layout.size() && !reading.ofReturn());
        return hunted && !read && current() == Step.SWEEP
                ? Optional.of(layout.stations().get(layout.size() - 1))
                : Optional.empty();
    }
}
