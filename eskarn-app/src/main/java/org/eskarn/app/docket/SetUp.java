package org.eskarn.app.docket;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.part.PartRequirement;
import org.eskarn.app.part.Preparation;
import org.eskarn.core.requirement.Assessment;
import org.eskarn.core.verdict.Verdict;
import org.eskarn.core.verdict.Verdict.Because;

/**
 * The work on one requirement of a docket: what is asked, what has been done, and every sweep taken.
 *
 * @param sweeps in the order begun, at least one; the last is the one being worked on and judged
 * @param stepsDone standing confirmations only
 * @param preparationsDone standing ticks only
 */
public record SetUp(
        SetUpRow row,
        PartRequirement requirement,
        List<SweepRecord> sweeps,
        List<StepDoneRow> stepsDone,
        List<PreparationDoneRow> preparationsDone) {

    public SweepRecord sweep() {
        return sweeps.get(sweeps.size() - 1);
    }

    public Assessment assessment() {
        return sweep().assessment();
    }

    public Verdict verdict() {
        return assessment().verdict();
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

    public boolean done(Step step) {
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

    /** Whether the verdict has been accepted by a person. */
    public boolean settled() {
        return done(Step.VERDICT) && acceptable();
    }

    /** Whether the verdict can stand: pass, fail, or too near the limit to tell. Anything else is swept again. */
    public boolean acceptable() {
        return verdict().because() == null || verdict().because() == Because.WITHIN_UNCERTAINTY;
    }
}
