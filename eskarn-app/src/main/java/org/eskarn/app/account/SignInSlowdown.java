package org.eskarn.app.account;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.github.bucket4j.Bandwidth;
import io.github.bucket4j.Bucket;
import io.github.bucket4j.TimeMeter;
import java.time.Clock;
import java.time.Duration;
import java.util.Locale;
import java.util.concurrent.TimeUnit;
import org.springframework.stereotype.Component;

/**
 * Slows down guessing: a sign-in name and an address may each fail a few times, then one more try comes free every
 * twenty seconds. Nobody is locked out for good.
 */
@Component
class SignInSlowdown {

    private static final Duration ONE_MORE_TRY = Duration.ofSeconds(20);
    private static final int TRIES_OF_A_NAME = 5;
    /** More, for a works may sit behind one address. */
    private static final int TRIES_OF_AN_ADDRESS = 30;

    private static final int REMEMBERED = 10_000;

    private final Cache<String, Bucket> names = remembered();
    private final Cache<String, Bucket> addresses = remembered();
    private final TimeMeter meter;

    SignInSlowdown(Clock clock) {
        this.meter = new ClockMeter(clock);
    }

    /**
     * Counts a try before it is looked at, so that many at once get no further than one after the other.
     *
     * @return zero when it may go ahead; else how long it has to wait, and nothing is counted
     */
    Duration begin(String login, String address) {
        Bucket name = name(login);
        Bucket from = address(address);
        if (!name.tryConsume(1)) {
            return wait(name);
        }
        if (!from.tryConsume(1)) {
            name.addTokens(1);
            return wait(from);
        }
        return Duration.ZERO;
    }

    /** The try that was begun had the right password: it and those before it are forgotten. */
    void succeeded(String login, String address) {
        names.invalidate(key(login));
        address(address).addTokens(1);
    }

    private static Duration wait(Bucket bucket) {
        return Duration.ofNanos(bucket.estimateAbilityToConsume(1).getNanosToWaitForRefill());
    }

    private Bucket name(String login) {
        return names.get(key(login), unused -> bucket(TRIES_OF_A_NAME));
    }

    private Bucket address(String address) {
        return addresses.get(address, unused -> bucket(TRIES_OF_AN_ADDRESS));
    }

    private Bucket bucket(int tries) {
        return Bucket.builder()
                .addLimit(Bandwidth.builder()
                        .capacity(tries)
                        .refillIntervally(1, ONE_MORE_TRY)
                        .build())
                .withCustomTimePrecision(meter)
                .build();
    }

    private static String key(String login) {
        return login.strip().toLowerCase(Locale.ROOT);
    }

    private static Cache<String, Bucket> remembered() {
        return Caffeine.newBuilder()
                .maximumSize(REMEMBERED)
                .expireAfterAccess(Duration.ofHours(1))
                .build();
    }

    private record ClockMeter(Clock clock) implements TimeMeter {

        @Override
        public long currentTimeNanos() {
            return TimeUnit.MILLISECONDS.toNanos(clock.millis());
        }

        @Override
        public boolean isWallClockBased() {
            return true;
        }
    }
}
