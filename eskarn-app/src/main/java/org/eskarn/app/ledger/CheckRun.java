package org.eskarn.app.ledger;

import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
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

    private static final int REST = 2;

    private static final Duration PATIENCE = Duration.ofSeconds(10);

    private final DocumentChecks checks;
    private final ExecutorService worker = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "document-checks");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    });
    private final AtomicBoolean running = new AtomicBoolean();
    private final CountDownLatch stopping = new CountDownLatch(1);
    private final AtomicInteger reached = new AtomicInteger();
    private volatile Optional<Found> end = Optional.empty();

    CheckRun(DocumentChecks checks) {
        this.checks = checks;
    }

    /** Begins a run, unless one is under way. */
    void begin() {
        if (running.compareAndSet(false, true)) {
            reached.set(0);
            worker.execute(this::run);
        }
    }

    /** Checks one document that was just signed. */
    void check(int number) {
        worker.execute(() -> {
            try {
                checks.check(number);
            } catch (RuntimeException e) {
                LOG.error("Document {} could not be checked", number, e);
            }
        });
    }

    private void run() {
        try {
            int next = 1;
            KeptHeads heads = checks.heads();
            while (next > 0 && stopping.getCount() > 0) {
                int from = next;
                long begun = System.nanoTime();
                next = checks.checkFrom(from, heads);
                reached.set(next > 0 ? next - 1 : from);
                if (next > 0) {
                    rest(System.nanoTime() - begun);
                }
            }
            if (stopping.getCount() > 0) {
                end = checks.end();
            }
        } catch (RuntimeException e) {
            LOG.error("The check of signed documents stopped at document {}", reached.get(), e);
        } finally {
            running.set(false);
        }
    }

    /** Twice as long as it just worked: it is never in a hurry, and people at the bench are. */
    private void rest(long worked) {
        try {
            stopping.await(REST * worked, TimeUnit.NANOSECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** Waits until all that was asked so far is done. */
    void settle() {
        CompletableFuture.runAsync(() -> {}, worker).join();
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
        stopping.countDown();
        worker.shutdown();
        if (!worker.awaitTermination(PATIENCE.toSeconds(), TimeUnit.SECONDS)) {
            LOG.warn("The check of signed documents did not stop in {}", PATIENCE);
        }
    }
}
