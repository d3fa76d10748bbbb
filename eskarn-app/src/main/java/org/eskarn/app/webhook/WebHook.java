package org.eskarn.app.webhook;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A program that is told of what is signed.
 *
 * @param address where it listens, or {@link #SIMULATED}
 * @param secret with which what is sent is signed
 * @param endedAt since when it is told no more
 */
record WebHook(
        long id,
        String name,
        String address,
        String secret,
        long madeBy,
        Instant madeAt,
        @Nullable Instant endedAt) {

    /** In place of an address: the receiver that ships with Eskarn. */
    static final String SIMULATED = "simulated";
}
