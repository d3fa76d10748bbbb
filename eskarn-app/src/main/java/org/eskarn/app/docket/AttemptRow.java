package org.eskarn.app.docket;

import java.time.Instant;

public record AttemptRow(
        long id, long setUpId, int number, AttemptKind kind, long begunBy, String begunByName, Instant begunAt) {}
