package org.eskarn.core.evaluation;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.reading.SweepAverage;
import org.eskarn.core.requirement.Combination;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.uncertainty.Contribution;
import org.eskarn.core.uncertainty.Contribution.Source;
import org.eskarn.core.uncertainty.UncertaintyBudget;
import org.eskarn.core.verdict.SweepAgreement;
import org.eskarn.core.verdict.Verdict;
import org.eskarn.core.verdict.Verdict.Because;

/**
 * The verdict from all sweeps of one state of the part. Every valid sweep counts: a complete one whose zero held. None is
 * left out by the order in which they were read.
 *
 * <p>Of several, mean or median are formed place by place and then evaluated like a sweep; their scatter enters the
 * uncertainty as u = c · s/√n, with s the scatter of one reading at one place ({@link SweepAverage}), and c the change of the
 * figure per change of one reading, as the budget has it (JCGM 100, 4.2.3; for the median s/√n is taken
 * 1.2533 times), and with the degrees of freedom of s, so that few sweeps have a larger k. Of the worst, the sweep worst placed
 * against the limit is judged as it is. Answers are never averaged.
 *
 * <p>One sweep alone shows no scatter. What the gauge repeated to in its checks before use stands for it, u = c · s.
 *
 * <p>Sweeps whose figures differ by more than they may ({@link SweepAgreement}) prove nothing. They may differ by their own
 * standard uncertainty, or by what the gauge is known to repeat to, whichever is larger.
 *
 * @param verdict of this state
 * @param counted the sweeps it rests on; empty while it is not proven for want of them
 * @param assessment what the figures come from: of the averaged sweep, or of the one that is judged
 * @param togo how many valid sweeps are still required
 * @param agreement of the sweeps that count; empty below two
 */
public record Judgement(
        Verdict verdict,
        List<Assessment> counted,
        Assessment assessment,
        int togo,
        Optional<SweepAgreement> agreement) {

    /** Standard deviation of a median ÷ that of a mean, of many normal readings: √(π/2). */
    private static final double MEDIAN_WIDER = Math.sqrt(Math.PI / 2);

    /** A sweep that was not set aside, and the dial it was read with. */
    public record Taken(Assessment assessment, Dial dial) {}

    /**
     * @param taken the sweeps that were not set aside, in the order taken, at least one
     * @param repeatability standard deviation of one reading of the gauge, as its checks showed it, µm; 0 if not known
     * @throws IllegalArgumentException if there is no sweep
     */
    public static Judgement of(Requirement requirement, List<Taken> taken, double repeatability) {
        if (taken.isEmpty()) {
            throw new IllegalArgumentException("an attempt has at least one sweep");
        }
        Assessment last = taken.get(taken.size() - 1).assessment();
        List<Taken> valid =
                taken.stream().filter(each -> each.assessment().counts()).toList();
        int togo = Math.max(0, requirement.repeats() - valid.size());
        if (!last.sweep().complete() || valid.isEmpty()) {
            return new Judgement(last.verdict(), List.of(), last, togo, Optional.empty());
        }
        List<Assessment> counted = valid.stream().map(Taken::assessment).toList();
        Assessment judged =
                valid.size() == 1 ? once(requirement, valid.get(0), repeatability) : combined(requirement, valid);
        Optional<SweepAgreement> agreement =
                valid.size() == 1 ? Optional.empty() : Optional.of(agreement(requirement, counted, repeatability));
        if (togo > 0) {
            Because because = last.counts() ? Because.REPEATS_TO_GO : reason(last);
            return new Judgement(judged.verdict().unproven(because), List.of(), judged, togo, agreement);
        }
        boolean apart = agreement.map(each -> !each.agrees()).orElse(false);
        Verdict verdict = apart ? judged.verdict().unproven(Because.SWEEPS_DISAGREE) : judged.verdict();
        return new Judgement(verdict, counted, judged, 0, agreement);
    }

    /** Of sweeps on the dial of a single gauge whose repeatability is not known. */
    public static Judgement of(Requirement requirement, Dial dial, List<Assessment> sweeps) {
        return of(
                requirement, sweeps.stream().map(each -> new Taken(each, dial)).toList(), 0);
    }

    private static Because reason(Assessment assessment) {
        Because because = assessment.verdict().because();
        return because == null ? Because.REPEATS_TO_GO : because;
    }

    /** One sweep shows no scatter of its own: what the checks of the gauge showed stands for it. */
    private static Assessment once(Requirement requirement, Taken taken, double repeatability) {
        Assessment only = taken.assessment();
        if (repeatability == 0 || requirement.layout().kind().answered()) {
            return only;
        }
        UncertaintyBudget budget = only.budget().orElseThrow();
        return only.with(
                requirement, budget.with(new Contribution(Source.CHECKS, budget.perReading() * repeatability)));
    }

    private static Assessment combined(Requirement requirement, List<Taken> valid) {
        List<Assessment> counted = valid.stream().map(Taken::assessment).toList();
        if (requirement.layout().kind().answered()) {
            return counted.get(counted.size() - 1);
        }
        if (requirement.combination() == Combination.WORST) {
            return worst(counted);
        }
        Assessment last = counted.get(counted.size() - 1);
        boolean median = requirement.combination() == Combination.MEDIAN;
        List<Sweep> sweeps = counted.stream().map(Assessment::corrected).toList();
        SweepAverage average = SweepAverage.of(sweeps, median);
        // Of several gauges the one with the largest error is taken for all.
        Dial dial = valid.stream()
                .map(Taken::dial)
                .max((a, b) -> Double.compare(
                        a.errorLimit().micrometres(), b.errorLimit().micrometres()))
                .orElseThrow();
        try {
            Reduction reduction = Evaluation.of(requirement, dial, average.sweep());
            double ofMean = average.scatter() / Math.sqrt(valid.size()) * (median ? MEDIAN_WIDER : 1);
            UncertaintyBudget budget = last.circumstances().in(requirement, average.sweep(), reduction.budget());
            Contribution repeats = new Contribution(
                    Source.REPEATS, budget.perReading() * ofMean, Math.max(1, average.degreesOfFreedom()));
            return last.averaged(requirement, average.sweep(), reduction, budget.with(repeats));
        } catch (StationsUnfit e) {
            // Each sweep by itself could be reduced, so their average can.
            throw new IllegalStateException("an average of sweeps that count cannot be reduced", e);
        }
    }

    /** The one whose figure lies furthest out; where nothing is limited, the largest. */
    private static Assessment worst(List<Assessment> counted) {
        Assessment worst = counted.get(0);
        for (Assessment each : counted) {
            if (placed(each) > placed(worst)) {
                worst = each;
            }
        }
        return worst;
    }

    private static double placed(Assessment assessment) {
        double figure = figure(assessment);
        return assessment.verdict().bounds().open()
                ? Math.abs(figure)
                : assessment.verdict().bounds().outside(figure);
    }

    private static double figure(Assessment assessment) {
        return assessment.reduction().orElseThrow().judged();
    }

    private static SweepAgreement agreement(Requirement requirement, List<Assessment> counted, double repeatability) {
        double[] figures = counted.stream().mapToDouble(Judgement::figure).toArray();
        if (requirement.layout().kind().answered()) {
            return SweepAgreement.of(answers(counted), 0);
        }
        double squares = counted.stream()
                .mapToDouble(
                        each -> each.reduction().orElseThrow().budget().below().combined())
                .map(u -> u * u)
                .average()
                .orElse(0);
        double ofGauge = Math.sqrt(2) * repeatability / requirement.statedAs().movementPerUnit();
        return SweepAgreement.of(figures, Math.max(Math.sqrt(squares), ofGauge));
    }

    /** How many answers of each sweep differ from those of the last. */
    private static double[] answers(List<Assessment> counted) {
        Sweep last = counted.get(counted.size() - 1).sweep();
        return counted.stream()
                .mapToDouble(each -> {
                    int places = Math.min(
                            each.sweep().readings().size(), last.readings().size());
                    int differ = 0;
                    for (int i = 0; i < places; i++) {
                        differ += each.sweep().readings().get(i).micrometres()
                                        == last.readings().get(i).micrometres()
                                ? 0
                                : 1;
                    }
                    return differ;
                })
                .toArray();
    }

    /** The parts of the uncertainty of what is judged; empty before the first figure. */
    public Optional<UncertaintyBudget> budget() {
        return assessment.budget();
    }

    /** The figure so far; empty where there is none. */
    public OptionalDouble value() {
        Double value = verdict.value();
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}
