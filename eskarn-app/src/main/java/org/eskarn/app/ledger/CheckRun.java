package org.eskarn.app.ledger;

import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ScheduledThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import org.eskarn.app.ledger.DocumentChecks.Found;
import org.eskarn.app.ledger.DocumentChecks.KeptHeads;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Checks all documents in the background, one run at a time, a few documents at once. */
@Component
class CheckRun {

    private static final Logger LOG = LoggerFactory.getLogger(CheckRun.class);

    /** How many times as long as it worked. */
    private static final int REST = 5;

    private static final Duration PATIENCE = Duration.ofSeconds(10);

    private final DocumentChecks checks;
    private final ScheduledThreadPoolExecutor worker = new ScheduledThreadPoolExecutor(1, task -> {
        Thread thread = new Thread(task, "document-checks");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    });
    private final AtomicBoolean running = new AtomicBoolean();
    private final AtomicInteger reached = new AtomicInteger();
    private volatile Optional<Found> end = Optional.empty();

    CheckRun(DocumentChecks checks) {
        this.checks = checks;
        worker.setExecuteExistingDelayedTasksAfterShutdownPolicy(false);
    }

    /** Begins a run, unless one is under way. */
    void begin() {
        if (running.compareAndSet(false, true)) {
            reached.set(0);
            worker.execute(() -> orEnd(() -> step(1, checks.heads())));
        }
    }

    /** Checks one document that was just signed: between the steps of a run, however long that takes. */
    void check(int number) {
        worker.execute(() -> {
            try {
                checks.check(number);
            } catch (RuntimeException e) {
                LOG.error("Document {} could not be checked", number, e);
            }
        });
    }

    /** Some documents; the next ones after a rest, for it is never in a hurry, and people at the bench are. */
    private void step(int from, KeptHeads heads) {
        long begun = System.nanoTime();
        int next = checks.checkFrom(from, heads);
        if (next > 0) {
            reached.set(next - 1);
            worker.schedule(
                    () -> orEnd(() -> step(next, heads)), REST * (System.nanoTime() - begun), TimeUnit.NANOSECONDS);
        } else {
            reached.set(checks.reached());
            end = checks.end();
            running.set(false);
        }
    }

    private void orEnd(Runnable step) {
        try {
            step.run();
        } catch (RejectedExecutionException stopping) {
            running.set(false);
        } catch (RuntimeException e) {
            LOG.error("The check of signed documents stopped at document {}", reached.get(), e);
            running.set(false);
        }
    }

    /** Waits until all that was asked so far is done. */
    void settle() {
        do {
            CompletableFuture.runAsync(() -> {}, worker).join();
        } while (running());
    }

    public boolean running() {
        return running.get();
    }

    /** What the last run found wrong with the end of the chain. */
    Optional<Found> end() {
        return end;
    }

    /** The number of the document it has come to. */
    public int reached() {
        return reached.get();
    }

    /** Without interrupting it: the database takes an interrupted reader for a broken file. */
    @PreDestroy
    void stop() throws InterruptedException {
        worker.shutdown();
        if (!worker.awaitTermination(PATIENCE.toSeconds(), TimeUnit.SECONDS)) {
            LOG.warn("The check of signed documents did not stop in {}", PATIENCE);
        }
    }
}
