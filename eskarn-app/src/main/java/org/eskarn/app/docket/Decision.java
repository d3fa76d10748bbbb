package org.eskarn.app.docket;

import java.time.Instant;

/**
 * A checker's decision between inspectors who do not agree.
 *
 * @param lastAttemptId the last attempt there was; the decision does not outlive the next one
 * @param standingAttemptId the attempt whose verdict stands
 */
public record Decision(
        long id,
        long setUpId,
        long lastAttemptId,
        long standingAttemptId,
        String reason,
        long decidedBy,
        String decidedByName,
        Instant decidedAt) {}
