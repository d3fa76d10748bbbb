package org.eskarn.core.evaluation;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.reading.SweepAverage;
import org.eskarn.core.requirement.Combination;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.uncertainty.Scatter;
import org.eskarn.core.uncertainty.UncertaintyBudget;
import org.eskarn.core.verdict.SweepAgreement;
import org.eskarn.core.verdict.Verdict;
import org.eskarn.core.verdict.Verdict.Because;

/**
 * The verdict from all sweeps of one state of the part. Every valid sweep counts: a complete one whose zero held. None is
 * left out by the order in which they were read.
 *
 * <p>Of several, mean or median are formed place by place and then evaluated like a sweep, with the scatter of one reading at one
 * place ({@link SweepAverage}) taken together with that of the gauge's checks ({@link Scatter#with}); s/√n of a mean (JCGM 100,
 * 4.2.3; for the median 1.2533 times that), with its degrees of freedom, so that few sweeps have a larger k. Of the worst, the
 * sweep worst placed against the limit is judged as it is. Answers are never averaged.
 *
 * <p>One sweep alone shows no scatter. What the gauge repeated to in its checks before use stands for it.
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

    /**
     * @param taken the sweeps that were not set aside, in the order taken, at least one
     * @throws IllegalArgumentException if there is no sweep
     */
    public static Judgement of(Requirement requirement, List<Assessment> taken) {
        if (taken.isEmpty()) {
            throw new IllegalArgumentException("an attempt has at least one sweep");
        }
        Assessment last = taken.get(taken.size() - 1);
        List<Assessment> counted = taken.stream().filter(Assessment::counts).toList();
        int togo = Math.max(0, requirement.repeats() - counted.size());
        if (!last.sweep().complete() || counted.isEmpty()) {
            return new Judgement(last.verdict(), List.of(), last, togo, Optional.empty());
        }
        Assessment judged = counted.size() == 1 ? counted.get(0) : combined(requirement, counted);
        Optional<SweepAgreement> agreement =
                counted.size() == 1 ? Optional.empty() : Optional.of(agreement(requirement, counted));
        if (togo > 0) {
            Because because = last.counts() ? Because.REPEATS_TO_GO : reason(last);
            return new Judgement(judged.verdict().unproven(because), List.of(), judged, togo, agreement);
        }
        boolean apart = agreement.map(each -> !each.agrees()).orElse(false);
        Verdict verdict = apart ? judged.verdict().unproven(Because.SWEEPS_DISAGREE) : judged.verdict();
        return new Judgement(verdict, counted, judged, 0, agreement);
    }

    private static Because reason(Assessment assessment) {
        Because because = assessment.verdict().because();
        return because == null ? Because.REPEATS_TO_GO : because;
    }

    private static Assessment combined(Requirement requirement, List<Assessment> counted) {
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
        Dial dial = counted.stream()
                .map(Assessment::dial)
                .max(Comparator.comparingDouble(each -> each.errorLimit().micrometres()))
                .orElseThrow();
        Scatter before = counted.stream()
                .map(each -> each.dial().scatter())
                .max(Comparator.comparingDouble(Scatter::deviation))
                .orElseThrow();
        Scatter scatter = Scatter.of(average.scatter(), Math.max(1, average.degreesOfFreedom()))
                .with(before)
                .ofMean(counted.size(), median ? MEDIAN_WIDER : 1);
        Dial together = dial.scattering(scatter);
        try {
            Reduction reduction = Evaluation.of(requirement, together, average.sweep());
            UncertaintyBudget budget = last.circumstances().in(requirement, average.sweep(), reduction.budget());
            return last.averaged(requirement, together, average.sweep(), reduction, budget);
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

    private static SweepAgreement agreement(Requirement requirement, List<Assessment> counted) {
        double[] figures = counted.stream().mapToDouble(Judgement::figure).toArray();
        if (requirement.layout().kind().answered()) {
            return SweepAgreement.of(answers(counted), 0);
        }
        double squares = counted.stream()
                .mapToDouble(each -> each.reduction().orElseThrow().budget().ofOneSweep())
                .map(u -> u * u)
                .average()
                .orElse(0);
        double checked = counted.stream()
                .mapToDouble(each -> each.dial().scatter().deviation())
                .max()
                .orElse(0);
        double ofGauge = Math.sqrt(2) * checked / requirement.statedAs().movementPerUnit();
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
