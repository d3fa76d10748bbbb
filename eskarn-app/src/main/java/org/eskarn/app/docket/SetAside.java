package org.eskarn.app.docket;

import java.time.Instant;

/** A sweep that does not count, and who said so. Its readings stay. */
public record SetAside(
        long id,
        long sweepId,
        SetAsideCause cause,
        String reason,
        long setAsideBy,
        String setAsideByName,
        Instant setAsideAt) {}
