package org.eskarn.app.account;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A link with which a person sets a password, once.
 *
 * @param givenBy name of the steward
 */
public record ResetLink(
        String tokenHash,
        long accountId,
        String givenBy,
        Instant givenAt,
        Instant untilAt,
        @Nullable Instant usedAt) {

    /** Whether it still sets a password. */
    public boolean open(Instant now) {
        return usedAt == null && now.isBefore(untilAt);
    }
}
