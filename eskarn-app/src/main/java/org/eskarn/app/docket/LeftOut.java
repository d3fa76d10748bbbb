package org.eskarn.app.docket;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A step that was left out, or the whole requirement.
 *
 * @param sweepId the sweep whose step it is; null for what stands for the set-up
 * @param step null for the whole requirement
 */
public record LeftOut(
        long id,
        long setUpId,
        @Nullable Long sweepId,
        @Nullable Step step,
        String reason,
        long leftBy,
        String leftByName,
        Instant leftAt) {}
