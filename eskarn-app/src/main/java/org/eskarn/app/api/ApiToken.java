package org.eskarn.app.api;

import java.time.Instant;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * With which another program acts for a person.
 *
 * @param goodUntil the last day
 */
public record ApiToken(
        long id,
        long accountId,
        String name,
        String tokenHash,
        Instant madeAt,
        LocalDate goodUntil,
        @Nullable Instant revokedAt) {

    /** Whether it can be used on a day. */
    public boolean good(LocalDate today) {
        return revokedAt == null && !goodUntil.isBefore(today);
    }
}
