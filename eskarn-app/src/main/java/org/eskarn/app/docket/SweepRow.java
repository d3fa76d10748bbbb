package org.eskarn.app.docket;

import java.time.Instant;

public record SweepRow(
        long id, long setUpId, long attemptId, int number, long gaugeId, String begunByName, Instant begunAt) {}
