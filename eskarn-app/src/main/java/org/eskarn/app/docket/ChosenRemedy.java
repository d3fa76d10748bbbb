package org.eskarn.app.docket;

import java.math.BigDecimal;
import java.time.Instant;
import org.eskarn.core.requirement.RemedyKind;
import org.jspecify.annotations.Nullable;

/**
 * A correction that was decided on.
 *
 * @param attemptId the attempt whose figures it rests on
 * @param predictedMicrometres the judged figure it will come to; null where none could be predicted
 * @param uncertaintyMicrometres expanded, of the prediction: of the figure it rests on and of how the move is set
 */
public record ChosenRemedy(
        long id,
        long setUpId,
        long attemptId,
        RemedyKind kind,
        String words,
        @Nullable BigDecimal predictedMicrometres,
        BigDecimal uncertaintyMicrometres,
        long decidedBy,
        String decidedByName,
        Instant decidedAt) {}
