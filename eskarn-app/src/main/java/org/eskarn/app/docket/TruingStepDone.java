package org.eskarn.app.docket;

import java.math.BigDecimal;
import java.time.Instant;

/** One step of truing: where, what was done, and the movement after it as it was typed. */
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
        Instant takenAt) {}
