package org.eskarn.core.requirement;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.eskarn.core.uncertainty.Contribution;
import org.eskarn.core.uncertainty.Contribution.Source;
import org.eskarn.core.uncertainty.UncertaintyBudget;
import org.eskarn.core.verdict.Verdict;
import org.eskarn.core.verdict.Verdict.Because;

/**
 * The verdict of an attempt, from all its sweeps. Where a requirement asks for n good sweeps, the last n that count are
 * taken: their figures' mean is judged, and their scatter enters the uncertainty as u = s/√n, with s the standard
 * deviation of the n figures (JCGM 100, 4.2.3). Where it asks for one, the last sweep alone is judged.
 *
 * @param verdict of the attempt
 * @param counted the sweeps it rests on; empty while it is not proven for want of them
 * @param budget empty before the first figure
 * @param togo how many good sweeps are still asked for after the last one
 */
public record Judgement(Verdict verdict, List<Assessment> counted, Optional<UncertaintyBudget> budget, int togo) {

    /**
     * @param sweeps of one attempt, in the order taken, at least one
     * @throws IllegalArgumentException if there is none
     */
    public static Judgement of(Requirement requirement, List<Assessment> sweeps) {
        if (sweeps.isEmpty()) {
            throw new IllegalArgumentException("an attempt has at least one sweep");
        }
        Assessment last = sweeps.get(sweeps.size() - 1);
        int wanted = requirement.repeats();
        Optional<UncertaintyBudget> budget = last.reduction().map(Reduction::budget);
        List<Assessment> good = sweeps.stream().filter(Assessment::counts).toList();
        int togo = Math.max(0, wanted - good.size());
        if (wanted == 1 || !last.counts()) {
            return new Judgement(last.verdict(), last.counts() ? List.of(last) : List.of(), budget, togo);
        }
        if (togo > 0) {
            Verdict so = last.verdict();
            OptionalDouble value = so.value() == null ? OptionalDouble.empty() : OptionalDouble.of(so.value());
            return new Judgement(
                    Verdict.notProven(Because.REPEATS_TO_GO, value, so.bounds(), so.expanded(), so.rule()),
                    List.of(),
                    budget,
                    togo);
        }
        return ofRepeats(requirement, good.subList(good.size() - wanted, good.size()));
    }

    private static Judgement ofRepeats(Requirement requirement, List<Assessment> counted) {
        double[] figures = counted.stream()
                .mapToDouble(each -> each.reduction().orElseThrow().judged())
                .toArray();
        double mean = 0;
        for (double figure : figures) {
            mean += figure / figures.length;
        }
        double squares = 0;
        for (double figure : figures) {
            squares += (figure - mean) * (figure - mean);
        }
        double ofMean = Math.sqrt(squares / (figures.length - 1) / figures.length);
        UncertaintyBudget budget = counted.get(counted.size() - 1)
                .reduction()
                .orElseThrow()
                .budget()
                .with(new Contribution(Source.REPEATS, ofMean));
        boolean text = requirement.limit().text();
        Verdict verdict = text
                ? counted.get(counted.size() - 1).verdict()
                : Assessment.judge(requirement, mean, budget.expanded());
        return new Judgement(verdict, counted, Optional.of(budget), 0);
    }
}
