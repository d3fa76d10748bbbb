package org.eskarn.app.docket;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * @param gaugeId null where the register had no gauge of the kind
 * @param secondGaugeId of the second reading of each pair; null where one gauge reads both
 * @param begunByName who began it, which need not be who read it
 * @param unitSeenByName who saw that bare numbers are in the other system of units than the drawing; null if nobody did
 * @param overrideReason why a gauge that is overdue, in question or withdrawn was used; null where none was
 */
public record SweepRow(
        long id,
        long setUpId,
        long attemptId,
        int number,
        @Nullable Long gaugeId,
        @Nullable Long secondGaugeId,
        long begunBy,
        String begunByName,
        Instant begunAt,
        @Nullable String overrideReason,
        @Nullable Long overrideBy,
        @Nullable String overrideByName,
        @Nullable Long unitSeenBy,
        @Nullable String unitSeenByName,
        @Nullable Instant unitSeenAt) {}
