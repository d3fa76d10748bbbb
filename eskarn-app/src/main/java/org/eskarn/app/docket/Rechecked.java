package org.eskarn.app.docket;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.eskarn.core.remedy.Recheck;
import org.eskarn.core.verdict.Verdict.Because;

/**
 * A correction beside what came of it.
 *
 * @param replaced whether another one was decided on before anything was measured again
 * @param reversed whether it came out as it does when the readings were called with the wrong sign
 * @param recheck empty until the attempt after it has a figure, and where nothing was predicted
 */
public record Rechecked(
        ChosenRemedy remedy, boolean replaced, Optional<Attempt> after, Optional<Recheck> recheck, boolean reversed) {

    static Rechecked of(ChosenRemedy remedy, List<ChosenRemedy> remedies, List<Attempt> attempts) {
        boolean replaced = remedies.stream()
                .anyMatch(other -> other.id() > remedy.id() && other.attemptId() == remedy.attemptId());
        if (replaced) {
            return new Rechecked(remedy, true, Optional.empty(), Optional.empty(), false);
        }
        Optional<Attempt> after = attempts.stream()
                .filter(attempt -> attempt.id() > remedy.attemptId())
                .filter(attempt -> attempt.kind() == AttemptKind.CORRECTED)
                .findFirst();
        Optional<Recheck> recheck = after.filter(attempt -> attempt.verdict().because() == null
                        || attempt.verdict().because() == Because.WITHIN_UNCERTAINTY)
                .flatMap(attempt -> compared(remedy, attempt));
        return new Rechecked(
                remedy,
                false,
                after,
                recheck,
                recheck.map(each -> reversed(remedy, each, attempts, after)).orElse(false));
    }

    /** Unless the sign was turned between the attempt that was corrected and the recheck. */
    private static boolean reversed(
            ChosenRemedy remedy, Recheck recheck, List<Attempt> attempts, Optional<Attempt> after) {
        Optional<Attempt> before = attempts.stream()
                .filter(attempt -> attempt.id() == remedy.attemptId())
                .findFirst();
        Double found = before.map(attempt -> attempt.verdict().value()).orElse(null);
        boolean turned = before.map(attempt -> attempt.last().outwards())
                .equals(after.map(attempt -> !attempt.last().outwards()));
        return found != null && !turned && recheck.reversed(found);
    }

    private static Optional<Recheck> compared(ChosenRemedy remedy, Attempt after) {
        BigDecimal predicted = remedy.predictedMicrometres();
        Double found = after.verdict().value();
        if (predicted == null || found == null) {
            return Optional.empty();
        }
        return Optional.of(Recheck.of(
                predicted.doubleValue(),
                remedy.uncertaintyMicrometres().doubleValue(),
                found,
                after.verdict().expanded()));
    }
}
