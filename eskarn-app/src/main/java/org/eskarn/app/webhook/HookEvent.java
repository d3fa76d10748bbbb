package org.eskarn.app.webhook;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One message to one program.
 *
 * @param eventKey the same whenever it is sent again
 * @param body JSON
 * @param tries how often it was sent
 * @param nextAt when it is sent next; null once it arrived, and once nobody tries any more
 * @param problem what became of the last try; empty if it arrived
 */
record HookEvent(
        long id,
        long webHookId,
        String eventKey,
        int docketNumber,
        String body,
        Instant madeAt,
        int tries,
        @Nullable Instant nextAt,
        @Nullable Instant arrivedAt,
        String problem) {

    /** How long is waited after each try that failed; after the last nobody tries any more. */
    private static final List<Duration> WAITS = List.of(
            Duration.ofMinutes(1),
            Duration.ofMinutes(5),
            Duration.ofMinutes(30),
            Duration.ofHours(2),
            Duration.ofHours(6),
            Duration.ofHours(12),
            Duration.ofHours(24));

    /** When it is to be sent again, should the try that begins now fail; null for never. */
    @Nullable
    Instant after(Instant now) {
        return tries < WAITS.size() ? now.plus(WAITS.get(tries)) : null;
    }

    public boolean givenUp() {
        return nextAt == null && arrivedAt == null;
    }
}
