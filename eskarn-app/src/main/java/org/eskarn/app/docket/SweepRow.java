package org.eskarn.app.docket;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * @param overrideReason why a gauge that is overdue, in question or withdrawn was used; null where none was
 */
public record SweepRow(
        long id,
        long setUpId,
        long attemptId,
        int number,
        long gaugeId,
        String begunByName,
        Instant begunAt,
        @Nullable String overrideReason,
        @Nullable String overrideByName) {}
