package org.eskarn.app.docket;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.part.PartRequirement;
import org.eskarn.app.part.Preparation;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.requirement.Assessment;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.Judgement;
import org.eskarn.core.requirement.Zeroing;
import org.eskarn.core.verdict.Verdict;
import org.eskarn.core.verdict.Verdict.Because;

/**
 * The work on one requirement of a docket: what is asked, what has been done, and every sweep taken.
 *
 * @param attempts in the order begun, at least one; the last is the one being worked on and judged
 * @param stepsDone standing confirmations only
 * @param preparationsDone standing ticks only
 * @param leftOut what stands as left out
 * @param remedies corrections decided on, in the order decided
 * @param truingSteps of all attempts, in their order
 */
public record SetUp(
        SetUpRow row,
        PartRequirement requirement,
        List<Attempt> attempts,
        List<StepDoneRow> stepsDone,
        List<PreparationDoneRow> preparationsDone,
        List<LeftOutRow> leftOut,
        List<RemedyRow> remedies,
        List<TruingStepRow> truingSteps) {

    public Attempt attempt() {
        return attempts.get(attempts.size() - 1);
    }

    /** The steps of truing made since the last attempt was measured. */
    public List<TruingStepRow> stepsOfAttempt() {
        return truingSteps.stream()
                .filter(step -> step.attemptId() == attempt().row().id())
                .toList();
    }

    /** Each correction beside what came of it. */
    public List<Rechecked> rechecked() {
        return remedies.stream().map(remedy -> Rechecked.of(remedy, this)).toList();
    }

    /** The sweep being worked on, the last of the last attempt. */
    public SweepRecord sweep() {
        return attempt().last();
    }

    /** All sweeps of all attempts, in the order begun. */
    public List<SweepRecord> sweeps() {
        return attempts.stream().flatMap(each -> each.sweeps().stream()).toList();
    }

    /** What the core makes of the sweep being worked on. */
    public Assessment assessment() {
        return sweep().assessment();
    }

    /** The verdict on the requirement, from all sweeps of the last attempt. */
    public Verdict verdict() {
        return attempt().verdict();
    }

    public Judgement judgement() {
        return attempt().judgement();
    }

    /** Why and by whom the whole requirement is left out, if it is. */
    public Optional<LeftOutRow> wholeLeftOut() {
        return leftOut.stream().filter(row -> row.step() == null).findFirst();
    }

    public Optional<LeftOutRow> leftOut(Step step) {
        return leftOut.stream()
                .filter(row -> row.step() == step)
                .filter(row -> !step.ofSweep()
                        || (row.sweepId() != null
                                && row.sweepId() == sweep().row().id()))
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

    Optional<PreparationDoneRow> tick(long preparationId) {
        return preparationsDone.stream()
                .filter(done -> done.preparationId() == preparationId)
                .findFirst();
    }

    /** The preparation to look at next: the first without a tick. */
    public Optional<Preparation> nextPreparation() {
        return requirement.preparations().stream().filter(p -> !ticked(p)).findFirst();
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
    public Optional<StepDoneRow> confirmation(Step step) {
        return stepsDone.stream()
                .filter(done -> done.step() == step)
                .filter(done -> !step.ofSweep()
                        || (done.sweepId() != null
                                && done.sweepId() == sweep().row().id()))
                .findFirst();
    }

    /** The first step that is not done, or the verdict when all are. */
    public Step current() {
        return Arrays.stream(Step.values())
                .filter(step -> !done(step))
                .findFirst()
                .orElse(Step.VERDICT);
    }

    /** Whether a station can be added: while the sweep is read, and another pin as long as its verdict is not accepted. */
    public boolean mayAddStation() {
        boolean anotherPin = sweep().layout().kind() == LayoutKind.PINS && sweep().complete() && !settled();
        // A level goes foot to foot; there is no place between.
        boolean level = requirement.row().characteristic() == Characteristic.STRAIGHTNESS
                && requirement.row().zeroing() == Zeroing.EACH_STEP;
        return sweep().layout().hunted() && !level && (current() == Step.SWEEP || anotherPin);
    }

    /** Whether nothing more is to be done: the verdict accepted by a person, or the whole left out. */
    public boolean settled() {
        return wholeLeftOut().isPresent() || (done(Step.VERDICT) && acceptable() && row.waitsFor() == null);
    }

    /** Whether the verdict can stand, or is not proven for a reason that more sweeps do not mend. */
    public boolean acceptable() {
        if (!sweep().zeroHolds()) {
            return false;
        }
        Because because = verdict().because();
        return because == null || because == Because.WITHIN_UNCERTAINTY || because == Because.LIMIT_IS_TEXT;
    }
}
