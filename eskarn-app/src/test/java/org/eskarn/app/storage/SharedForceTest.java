package org.eskarn.app.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;

class SharedForceTest {

    /** Many write and ask: what each wrote is on disk when it is answered, with fewer forces than writers, though every fifth force fails. */
    @Test
    void whatWasWrittenBeforeIsForcedWhenItIsAnswered() throws Exception {
        SharedForce shared = new SharedForce();
        AtomicLong written = new AtomicLong();
        AtomicLong onDisk = new AtomicLong();
        AtomicInteger forces = new AtomicInteger();
        int writers = 16;
        int each = 400;
        ExecutorService all = Executors.newFixedThreadPool(writers);
        List<Callable<Integer>> work = new ArrayList<>();
        for (int i = 0; i < writers; i++) {
            work.add(() -> {
                int answered = 0;
                for (int k = 0; k < each; k++) {
                    long mine = written.incrementAndGet();
                    try {
                        shared.ask(() -> {
                            long now = written.get();
                            Thread.yield();
                            if (forces.incrementAndGet() % 5 == 0) {
                                throw new IOException("disk");
                            }
                            onDisk.accumulateAndGet(now, Math::max);
                        });
                        assertThat(onDisk.get()).isGreaterThanOrEqualTo(mine);
                        answered++;
                    } catch (IOException told) {
                        // Whoever forced is told, and nobody else.
                        assertThat(told).hasMessage("disk");
                    }
                }
                return answered;
            });
        }
        int answered = 0;
        for (Future<Integer> done : all.invokeAll(work)) {
            answered += done.get();
        }
        all.shutdown();
        assertThat(answered).isEqualTo(writers * each - forces.get() / 5);
        assertThat(forces.get()).isLessThan(writers * each);
    }

    @Test
    void afterAFailureItGoesOn() throws Exception {
        SharedForce shared = new SharedForce();
        assertThatThrownBy(() -> shared.ask(() -> {
                    throw new IOException("disk");
                }))
                .hasMessage("disk");
        AtomicInteger forced = new AtomicInteger();
        shared.ask(forced::incrementAndGet);
        assertThat(forced.get()).isEqualTo(1);
    }
}
