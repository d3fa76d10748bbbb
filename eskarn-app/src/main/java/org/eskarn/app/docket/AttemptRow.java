package org.eskarn.app.docket;

import java.time.Instant;

/** @param correction what was done to the part before an attempt after correction; else empty */
public record AttemptRow(
        long id,
        long setUpId,
        int number,
        AttemptKind kind,
        String correction,
        long begunBy,
        String begunByName,
        Instant begunAt) {}
