package org.eskarn.app.docket;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.core.verdict.IndependentResults;
import org.eskarn.core.verdict.Verdict;
import org.eskarn.core.verdict.Verdict.Because;

/**
 * What a requirement comes to in the present state of the part: the first inspector's result, and beside it those of the
 * others.
 *
 * @param inspections the attempts since the last correction, one for each inspector, in the order begun
 * @param shown the attempt whose figures are shown
 * @param inspectors how the results of several compare; empty while there is only one, or the last is not whole
 * @param decision which of them a checker let stand; empty where nobody had to decide
 * @param recorded what a checker decided about these attempts, whether it has a meaning as the figures stand or not
 */
public record Findings(
        Verdict verdict,
        List<Attempt> inspections,
        Attempt shown,
        Optional<IndependentResults> inspectors,
        Optional<Decision> decision,
        Optional<Decision> recorded) {

    static Findings of(List<Attempt> attempts, List<Decision> decisions) {
        List<Attempt> inspections = inspections(attempts);
        Attempt last = inspections.get(inspections.size() - 1);
        Optional<Decision> recorded = decisions.stream()
                .filter(row -> row.lastAttemptId() == last.id())
                .reduce((earlier, later) -> later);
        List<Attempt> whole = inspections.stream().filter(Attempt::whole).toList();
        if (whole.size() < 2 || !last.whole()) {
            return new Findings(last.verdict(), inspections, last, Optional.empty(), Optional.empty(), recorded);
        }
        IndependentResults results =
                IndependentResults.of(whole.stream().map(Attempt::verdict).toList());
        Optional<Decision> decision =
                recorded.filter(row -> results.verdict().because() == Because.INSPECTORS_DISAGREE);
        Optional<Attempt> decided = decision.flatMap(row -> whole.stream()
                .filter(each -> each.id() == row.standingAttemptId())
                .findFirst());
        return new Findings(
                decided.map(Attempt::verdict).orElse(results.verdict()),
                inspections,
                decided.orElseGet(() -> whole.get(results.confirmed().orElse(0))),
                Optional.of(results),
                decision,
                recorded);
    }

    /** The attempts since the last correction; one measured again belongs to the one before it. */
    private static List<Attempt> inspections(List<Attempt> attempts) {
        List<Attempt> inspections = new ArrayList<>();
        for (Attempt attempt : attempts) {
            switch (attempt.kind()) {
                case AS_FOUND, CORRECTED -> inspections.clear();
                case AGAIN -> {
                    if (!inspections.isEmpty()) {
                        inspections.remove(inspections.size() - 1);
                    }
                }
                case SECOND_INSPECTOR -> {
                    // Stands beside the ones before it.
                }
            }
            inspections.add(attempt);
        }
        return inspections;
    }

    Findings showing(Attempt other) {
        return new Findings(verdict, inspections, other, Optional.empty(), Optional.empty(), recorded);
    }

    /** Whether another inspector is measuring who is not to see what the ones before found. */
    public boolean blind() {
        return inspections.size() > 1
                && !inspections.get(inspections.size() - 1).whole();
    }

    /** Whether inspectors do not agree and nobody has decided yet. */
    public boolean undecided() {
        return verdict.because() == Because.INSPECTORS_DISAGREE;
    }
}
