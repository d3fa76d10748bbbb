package org.eskarn.app.docket;

import java.math.BigDecimal;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * One step of truing: where, what was done, and the movement after it as it was typed.
 *
 * @param takenBackReason why it does not stand, where it was mistyped; null where it stands
 */
public record TruingStepDone(
        long id,
        long setUpId,
        long attemptId,
        int number,
        String place,
        String done,
        String typed,
        BigDecimal movementMicrometres,
        long takenBy,
        String takenByName,
        Instant takenAt,
        @Nullable String takenBackReason,
        @Nullable Long takenBackBy,
        @Nullable String takenBackByName,
        @Nullable Instant takenBackAt) {

    /** Whether it was not taken back. */
    public boolean stands() {
        return takenBackReason == null;
    }
}
