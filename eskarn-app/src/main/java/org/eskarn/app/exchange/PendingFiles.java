package org.eskarn.app.exchange;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Files that were looked at and not taken yet; for a quarter of an hour, in memory alone. */
@Component
class PendingFiles {

    private static final Duration KEPT = Duration.ofMinutes(15);
    private static final int MOST = 20;

    /** Who sent it, for what, and what is in it. */
    record Pending(long person, String kind, FileTable table, Instant at) {}

    private final Clock clock;
    private final Map<String, Pending> files = new LinkedHashMap<>();

    PendingFiles(Clock clock) {
        this.clock = clock;
    }

    String keep(long person, String kind, FileTable table) {
        String id = UUID.randomUUID().toString();
        synchronized (files) {
            Instant old = clock.instant().minus(KEPT);
            files.values().removeIf(each -> each.at().isBefore(old));
            if (files.size() >= MOST) {
                files.remove(files.keySet().iterator().next());
            }
            files.put(id, new Pending(person, kind, table, clock.instant()));
        }
        return id;
    }

    /** Gives it out once. */
    Optional<FileTable> take(String id, long person, String kind) {
        synchronized (files) {
            Pending pending = files.get(id);
            if (pending == null || pending.person() != person || !pending.kind().equals(kind)) {
                return Optional.empty();
            }
            files.remove(id);
            return Optional.of(pending.table());
        }
    }
}
