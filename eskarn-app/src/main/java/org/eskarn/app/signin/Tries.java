package org.eskarn.app.signin;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Counts tries under several keys at once. Each key has some that are free; after those, each try makes the next wait twice as long as
 * the one before, up to a quarter of an hour. Nobody is locked out for good.
 *
 * <p>A try is counted before it is looked at, under all its keys or none, so that many at once get no further than one after the other.
 */
final class Tries {

    private static final Duration FIRST_WAIT = Duration.ofSeconds(5);
    private static final Duration LONGEST_WAIT = Duration.ofMinutes(15);
    private static final Duration FORGOTTEN_AFTER = Duration.ofHours(2);
    private static final int REMEMBERED = 100_000;

    private final Cache<String, State> states = Caffeine.newBuilder()
            .maximumSize(REMEMBERED)
            .expireAfterAccess(FORGOTTEN_AFTER)
            .build();
    private final Clock clock;

    Tries(Clock clock) {
        this.clock = clock;
    }

    /** What is tried, and how often that is free. */
    record Key(String name, int free) {}

    private record State(int tried, Instant nextAt) {}

    /** @return zero when the try may go ahead; else how long it has to wait, and nothing is counted */
    synchronized Duration begin(List<Key> keys) {
        Instant now = clock.instant();
        Duration wait = keys.stream()
                .map(key -> wait(states.getIfPresent(key.name()), now))
                .max(Duration::compareTo)
                .orElse(Duration.ZERO);
        if (wait.isZero()) {
            keys.forEach(key -> count(key, now));
        }
        return wait;
    }

    private static Duration wait(@Nullable State state, Instant now) {
        return state == null || !now.isBefore(state.nextAt()) ? Duration.ZERO : Duration.between(now, state.nextAt());
    }

    private void count(Key key, Instant now) {
        State before = states.getIfPresent(key.name());
        int tried = before == null ? 1 : before.tried() + 1;
        states.put(key.name(), new State(tried, now.plus(after(tried - key.free()))));
    }

    /** How long the next try waits after so many that were not free. */
    private static Duration after(int tries) {
        if (tries < 0) {
            return Duration.ZERO;
        }
        Duration wait = FIRST_WAIT.multipliedBy(1L << Math.min(tries, Integer.SIZE / 2));
        return wait.compareTo(LONGEST_WAIT) < 0 ? wait : LONGEST_WAIT;
    }

    /** The try that was begun was right: it and those before it are forgotten. */
    synchronized void succeeded(String key) {
        states.invalidate(key);
    }

    /** The try that was begun was right: it is taken back, those before it still count. */
    synchronized void takeBack(String key) {
        State state = states.getIfPresent(key);
        if (state != null) {
            states.put(key, new State(Math.max(0, state.tried() - 1), clock.instant()));
        }
    }
}
