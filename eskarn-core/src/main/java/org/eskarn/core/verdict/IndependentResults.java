package org.eskarn.core.verdict;

import java.util.List;
import java.util.Optional;
import org.eskarn.core.verdict.Verdict.Because;

/**
 * One requirement judged by several inspectors, each from readings of their own. The last result confirms the earliest one
 * it agrees with (Eₙ ≤ 1); all it agrees with must lie on the same side of the limit. What it agrees with none of is not
 * proven.
 *
 * @param verdict the confirmed one, or not proven with the figure of the first
 * @param confirmed index of the confirmed result, from 0; empty if none is
 * @param comparison of the last result with the one it confirms, or with the first; empty where answers have no figure
 */
public record IndependentResults(Verdict verdict, Optional<Integer> confirmed, Optional<NormalizedError> comparison) {

    private static final double ROUNDING = 1e-9;

    /**
     * @param results of the inspectors in the order read, at least two, each judged or within its uncertainty of the limit
     * @throws IllegalArgumentException if there are fewer than two
     */
    public static IndependentResults of(List<Verdict> results) {
        if (results.size() < 2) {
            throw new IllegalArgumentException("two results are compared, not " + results.size());
        }
        Verdict first = results.get(0);
        Verdict last = results.get(results.size() - 1);
        Optional<Integer> confirmed = Optional.empty();
        boolean divided = false;
        for (int i = 0; i < results.size() - 1; i++) {
            if (agree(results.get(i), last)) {
                confirmed = confirmed.isPresent() ? confirmed : Optional.of(i);
                divided |= beyond(results.get(i)) != beyond(last);
            }
        }
        Optional<NormalizedError> comparison =
                compared(confirmed.map(results::get).orElse(first), last);
        if (confirmed.isEmpty()) {
            return new IndependentResults(first.unproven(Because.INSPECTORS_DISAGREE), confirmed, comparison);
        }
        return divided
                ? new IndependentResults(
                        results.get(confirmed.get()).unproven(Because.INSPECTORS_DIVIDED), Optional.empty(), comparison)
                : new IndependentResults(results.get(confirmed.get()), confirmed, comparison);
    }

    private static boolean agree(Verdict one, Verdict other) {
        return compared(one, other).map(NormalizedError::agrees).orElseGet(() -> one.outcome() == other.outcome());
    }

    private static Optional<NormalizedError> compared(Verdict one, Verdict other) {
        Double a = one.value();
        Double b = other.value();
        return a == null || b == null
                ? Optional.empty()
                : Optional.of(NormalizedError.of(a, one.expanded(), b, other.expanded()));
    }

    /** Whether the figure itself lies outside its limit, whatever the rule makes of it. */
    private static boolean beyond(Verdict verdict) {
        Double value = verdict.value();
        return value == null
                ? verdict.outcome() == Outcome.FAIL
                : verdict.bounds().outside(value) > ROUNDING;
    }
}
