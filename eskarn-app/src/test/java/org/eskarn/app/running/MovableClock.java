package org.eskarn.app.running;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.concurrent.atomic.AtomicReference;

/** A clock that runs, and that a test puts forward. */
public final class MovableClock extends Clock {

    private final AtomicReference<Duration> ahead = new AtomicReference<>(Duration.ZERO);

    public void putForward(Duration by) {
        ahead.updateAndGet(so -> so.plus(by));
    }

    @Override
    public Instant instant() {
        return Clock.systemUTC().instant().plus(ahead.get());
    }

    @Override
    public ZoneId getZone() {
        return ZoneId.systemDefault();
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return Clock.system(zone);
    }
}
