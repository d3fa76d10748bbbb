package org.eskarn.app.signin;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import org.eskarn.app.running.MovableClock;
import org.eskarn.app.signin.Tries.Key;
import org.junit.jupiter.api.Test;

class TriesTest {

    private static final Key PAIR = new Key("m.quill from the stores", 5);
    private static final Key NAME = new Key("m.quill", 100);

    private final MovableClock clock = new MovableClock();
    private final Tries tries = new Tries(clock);

    private Duration tried(Key... keys) {
        return tries.begin(List.of(keys));
    }

    @Test
    void eachTryBeyondTheFreeOnesWaitsTwiceAsLongAndNoneForEver() {
        for (int free = 0; free < 5; free++) {
            assertThat(tried(PAIR, NAME)).isZero();
        }
        Duration before = Duration.ZERO;
        for (int more = 0; more < 12; more++) {
            Duration wait = tried(PAIR, NAME);
            assertThat(wait).isGreaterThan(before).isLessThanOrEqualTo(Duration.ofMinutes(15));
            before = wait.compareTo(Duration.ofMinutes(14)) > 0 ? Duration.ZERO : wait;
            clock.putForward(wait);
            assertThat(tried(PAIR, NAME)).isZero();
        }
    }

    @Test
    void whoWaitsIsNotCountedAndTheOthersOfTheNameAreNotSlowed() {
        for (int all = 0; all < 500; all++) {
            tried(PAIR, NAME);
        }
        assertThat(tried(new Key("m.quill from the bench", 5), NAME)).isZero();
    }

    @Test
    void aRightOneForgetsThoseBefore() {
        for (int all = 0; all < 6; all++) {
            tried(PAIR);
        }
        tries.succeeded(PAIR.name());
        assertThat(tried(PAIR)).isZero();
    }
}
