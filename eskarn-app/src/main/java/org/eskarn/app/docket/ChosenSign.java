package org.eskarn.app.docket;

import java.time.Instant;

/** Which way a gauge was said to count in a sweep: outwards when its figures grow as the plunger comes out. */
public record ChosenSign(
        long id,
        long sweepId,
        boolean outwards,
        String reason,
        long changedBy,
        String changedByName,
        Instant changedAt) {}
