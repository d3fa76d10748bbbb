package org.eskarn.app.ledger.report;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.eskarn.app.page.Words;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;

/**
 * Makes reports one after the other in the background. They are kept for an hour, in memory alone: a report can always be made again from
 * the documents.
 */
@Component
class ReportJobs implements DisposableBean {

    private static final Logger LOG = LoggerFactory.getLogger(ReportJobs.class);
    private static final Duration KEPT = Duration.ofHours(1);
    private static final int MOST = 30;
    /** As many as one person may have waiting. */
    static final int MOST_WAITING = 3;

    private final Clock clock;
    private final Map<String, Job> jobs = new LinkedHashMap<>();
    private final ExecutorService worker = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "reports");
        thread.setDaemon(true);
        return thread;
    });

    ReportJobs(Clock clock) {
        this.clock = clock;
    }

    /** What makes a report, and tells how far it is. */
    @FunctionalInterface
    interface Maker {
        byte[] make(Progress progress) throws Exception;
    }

    /** Told by whoever makes a report. */
    @FunctionalInterface
    interface Progress {
        void reached(int done, int total);
    }

    /**
     * How far a report is.
     *
     * @param total 0 before it has begun
     * @param problem why it could not be made; empty as long as it can
     */
    record State(String title, String file, int done, int total, boolean ready, String problem) {

        public boolean failed() {
            return !problem.isEmpty();
        }
    }

    private static final class Job {

        private final long person;
        private final String title;
        private final String file;
        private final Instant begunAt;
        private int done;
        private int total;
        private byte @Nullable [] pdf;
        private String problem = "";

        Job(long person, String title, String file, Instant begunAt) {
            this.person = person;
            this.title = title;
            this.file = file;
            this.begunAt = begunAt;
        }

        synchronized void reached(int now, int of) {
            done = now;
            total = of;
        }

        synchronized void ready(byte[] made) {
            pdf = made;
        }

        synchronized void failed(String why) {
            problem = why;
        }

        synchronized boolean waiting() {
            return pdf == null && problem.isEmpty();
        }

        synchronized State state() {
            return new State(title, file, done, total, pdf != null, problem);
        }

        synchronized byte @Nullable [] pdf() {
            return pdf;
        }
    }

    /**
     * Puts a report into the line.
     *
     * @param file its name, without the ending
     * @return what it is found by; empty where the person has too many waiting
     */
    Optional<String> begin(long person, String title, String file, Maker maker) {
        String id = UUID.randomUUID().toString();
        Job job = new Job(person, title, file, clock.instant());
        synchronized (jobs) {
            forgetOld();
            long waiting = jobs.values().stream()
                    .filter(each -> each.person == person && each.waiting())
                    .count();
            if (waiting >= MOST_WAITING || jobs.size() >= MOST) {
                return Optional.empty();
            }
            jobs.put(id, job);
        }
        worker.execute(() -> make(job, maker));
        return Optional.of(id);
    }

    private static void make(Job job, Maker maker) {
        try {
            job.ready(maker.make(job::reached));
        } catch (ReportRefused e) {
            job.failed(String.valueOf(e.getMessage()));
        } catch (Exception e) {
            LOG.error("The report “{}” could not be made", job.title, e);
            job.failed(Words.say("ledger.report-failed"));
        }
    }

    private void forgetOld() {
        Instant old = clock.instant().minus(KEPT);
        jobs.values().removeIf(job -> !job.waiting() && job.begunAt.isBefore(old));
        Iterator<Job> oldest = jobs.values().iterator();
        while (jobs.size() >= MOST && oldest.hasNext()) {
            if (!oldest.next().waiting()) {
                oldest.remove();
            }
        }
    }

    private Optional<Job> find(String id, long person) {
        synchronized (jobs) {
            return Optional.ofNullable(jobs.get(id)).filter(job -> job.person == person);
        }
    }

    /** How far it is; empty where it is somebody else’s, or forgotten. */
    Optional<State> state(String id, long person) {
        return find(id, person).map(Job::state);
    }

    Optional<byte[]> pdf(String id, long person) {
        return find(id, person).map(Job::pdf);
    }

    @Override
    public void destroy() {
        worker.shutdownNow();
    }
}
