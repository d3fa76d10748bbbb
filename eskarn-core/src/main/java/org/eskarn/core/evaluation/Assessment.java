package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.Corrections;
import org.eskarn.core.reading.Corrections.Corrected;
import org.eskarn.core.reading.ReturnCheck;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.result.Details;
import org.eskarn.core.result.Figure;
import org.eskarn.core.result.Note;
import org.eskarn.core.uncertainty.UncertaintyBudget;
import org.eskarn.core.verdict.DecisionRule;
import org.eskarn.core.verdict.Outcome;
import org.eskarn.core.verdict.Verdict;
import org.eskarn.core.verdict.Verdict.Because;

/**
 * The one path from a sweep to its verdict, the same for every characteristic: take off what is known, reduce what has
 * been read, check the return, judge. An unfinished sweep has figures so far, but proves nothing; nor does one whose
 * return is out.
 *
 * @param sweep as it was read
 * @param corrected as it is computed with
 * @param driftTaken whether drift was taken off
 * @param reduction the figures so far; empty before the first reading, and where the stations do not show the figure
 * @param budget the parts of the uncertainty of the figure; empty where there is no figure
 * @param missing what the stations lack; empty when they do
 * @param allowedReturn in µm, either way
 * @param returnCheck empty until the return has been read
 * @param dial it was read with
 * @param circumstances what its figure rests on beside that
 */
public record Assessment(
        Sweep sweep,
        Sweep corrected,
        boolean driftTaken,
        Optional<Reduction> reduction,
        Optional<UncertaintyBudget> budget,
        Optional<Note> missing,
        double allowedReturn,
        Optional<ReturnCheck> returnCheck,
        Dial dial,
        Circumstances circumstances,
        Verdict verdict) {

    public static Assessment of(Requirement requirement, Dial dial, Sweep sweep, Corrections corrections) {
        return of(requirement, dial, sweep, corrections, Circumstances.NONE);
    }

    /** The same resting on what is said of its circumstances. */
    public static Assessment of(
            Requirement requirement, Dial dial, Sweep sweep, Corrections corrections, Circumstances circumstances) {
        double allowed = requirement.allowedReturn(dial);
        Corrected corrected = corrections.apply(sweep, allowed);
        Optional<Reduction> reduction = Optional.empty();
        Optional<Note> missing = Optional.empty();
        if (!sweep.readings().isEmpty()) {
            try {
                reduction = Optional.of(Evaluation.of(requirement, dial, corrected.sweep()));
            } catch (StationsUnfit e) {
                missing = Optional.of(e.note());
            }
        }
        Optional<UncertaintyBudget> budget =
                reduction.map(found -> circumstances.in(requirement, corrected.sweep(), found.budget()));
        return new Assessment(
                sweep,
                corrected.sweep(),
                corrected.driftTaken(),
                reduction,
                budget,
                missing,
                allowed,
                corrected.returnCheck(),
                dial,
                circumstances,
                judge(requirement, sweep, reduction, budget, corrected.returnCheck()));
    }

    /** The figures, where they are of a kind. */
    public <T extends Reduction> Optional<T> reduction(Class<T> kind) {
        return reduction.filter(kind::isInstance).map(kind::cast);
    }

    private static Verdict judge(
            Requirement requirement,
            Sweep sweep,
            Optional<Reduction> reduction,
            Optional<UncertaintyBudget> budget,
            Optional<ReturnCheck> check) {
        Because hindrance = hindrance(requirement, sweep, reduction, check);
        DecisionRule rule = requirement.appliedRule();
        if (hindrance != null) {
            OptionalDouble value =
                    reduction.map(r -> OptionalDouble.of(r.judged())).orElseGet(OptionalDouble::empty);
            double expanded = budget.map(UncertaintyBudget::expanded).orElse(0.0);
            return Verdict.notProven(
                    hindrance,
                    value,
                    requirement.bounds(),
                    expanded,
                    budget.map(UncertaintyBudget::below).orElse(0.0),
                    rule.applied(requirement.bounds(), expanded));
        }
        Reduction figures = reduction.orElseThrow();
        return AgainstLimit.of(requirement, figures.judged(), budget.orElseThrow());
    }

    private static @org.jspecify.annotations.Nullable Because hindrance(
            Requirement requirement, Sweep sweep, Optional<Reduction> reduction, Optional<ReturnCheck> check) {
        if (!sweep.complete()) {
            return Because.UNFINISHED;
        }
        if (check.isPresent() && !check.get().holds()) {
            return Because.RETURN_OUT;
        }
        if (reduction.isEmpty()) {
            return Because.STATIONS_UNFIT;
        }
        return requirement.limit().text() ? Because.LIMIT_IS_TEXT : null;
    }

    /** The places that lie outside the limits, of figures that are held against them one by one. */
    public OutOfLimits outOfLimits(Requirement requirement) {
        return OutOfLimits.of(
                requirement.bounds(), reduction.map(Reduction::each).orElse(List.of()));
    }

    /** All that is told of the figures, with every place that is out of limits, and what a reversal rests on. */
    public Details told(Requirement requirement) {
        Details told = reduction.map(Reduction::told).orElse(Details.NOTHING);
        List<Note> remarks = new ArrayList<>();
        outOfLimits(requirement).remark(requirement.limit().kind()).ifPresent(remarks::add);
        remarks.addAll(told.remarks());
        if (restsOnLess()) {
            remarks.add(Note.of("core.stations-can-only-show-less", Figure.deviation(verdict.below())));
        }
        if (reduction.isPresent()) {
            remarks.addAll(Schools.otherwise(requirement, dial, corrected, circumstances, verdict));
        }
        if (reduction.isPresent() && requirement.basis().reversal().twice()) {
            remarks.add(reversed(requirement));
        }
        return new Details(told.figures(), told.tables(), remarks);
    }

    /** Whether it fails within U of the limit, as what lies between the stations could only make it worse. */
    private boolean restsOnLess() {
        return verdict.outcome() == Outcome.FAIL
                && verdict.value() != null
                && verdict.below() < verdict.expanded()
                && verdict.bounds().outside(verdict.value()) < verdict.expanded();
    }

    private Note reversed(Requirement requirement) {
        Optional<Double> apart =
                requirement.basis().reversal().checked() ? ThirdSetUp.largest(corrected) : Optional.empty();
        return apart.map(moved -> Note.of("core.turned-back-it-reads-as-before-within", Figure.deviation(moved)))
                .orElseGet(() -> Note.of("core.two-set-ups-always-give-two-shares"));
    }

    /**
     * The figures of several valid sweeps put together, of which this is the last.
     *
     * @param together the dial with the scatter of all of them
     */
    Assessment averaged(
            Requirement requirement, Dial together, Sweep average, Reduction figures, UncertaintyBudget whole) {
        Verdict judged = requirement.limit().text()
                ? Verdict.notProven(
                        Because.LIMIT_IS_TEXT,
                        OptionalDouble.of(figures.judged()),
                        requirement.bounds(),
                        whole.expanded(),
                        whole.below(),
                        requirement.appliedRule())
                : AgainstLimit.of(requirement, figures.judged(), whole);
        return new Assessment(
                average,
                average,
                driftTaken,
                Optional.of(figures),
                Optional.of(whole),
                Optional.empty(),
                allowedReturn,
                returnCheck,
                together,
                circumstances,
                judged);
    }

    /** The same sweep after its master did not read the same again: it proves nothing. */
    public Assessment zeroLost() {
        return new Assessment(
                sweep,
                corrected,
                driftTaken,
                reduction,
                budget,
                missing,
                allowedReturn,
                returnCheck,
                dial,
                circumstances,
                verdict.unproven(Because.ZERO_LOST));
    }

    /** Whether the sweep is complete and its zero held, so that its figure counts. */
    public boolean counts() {
        return sweep.complete()
                && verdict.because() != Because.ZERO_LOST
                && reduction.isPresent()
                && returnCheck.map(ReturnCheck::holds).orElse(true);
    }

    /**
     * Whether an unfinished sweep is past its limit already, so that more readings cannot save it. Movement only grows;
     * of other figures it is never said.
     */
    public boolean alreadyPast(Requirement requirement) {
        return !sweep.complete()
                && requirement.statedAs() == StatedAs.MOVEMENT
                && verdict.value() != null
                && !verdict.bounds().open()
                && verdict.rule().judge(verdict.value(), verdict.bounds(), verdict.expanded(), verdict.below())
                        == Outcome.FAIL;
    }
}
