package org.eskarn.app.bench;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * When one requirement of an earlier docket was worked.
 *
 * @param began its first step
 * @param ended its last
 */
record WorkSpan(long partId, long docketId, Instant began, Instant ended) {

    /** Nobody sweeps longer than this; a requirement that was left overnight counts no more. */
    private static final Duration LONGEST = Duration.ofHours(4);

    private static final Duration SHORTEST = Duration.ofSeconds(30);

    private Duration length() {
        Duration length = Duration.between(began, ended);
        return length.compareTo(LONGEST) > 0 ? LONGEST : length;
    }

    /** How long a docket of each part took, the middle of those given; parts whose dockets took no time are not in it. */
    static Map<Long, Duration> usual(List<WorkSpan> spans) {
        Map<Long, Map<Long, Duration>> byPart = new HashMap<>();
        for (WorkSpan span : spans) {
            byPart.computeIfAbsent(span.partId(), unused -> new HashMap<>())
                    .merge(span.docketId(), span.length(), Duration::plus);
        }
        Map<Long, Duration> usual = new HashMap<>();
        byPart.forEach((part, dockets) -> {
            List<Duration> sorted = dockets.values().stream()
                    .filter(each -> each.compareTo(SHORTEST) >= 0)
                    .sorted(Comparator.naturalOrder())
                    .toList();
            if (!sorted.isEmpty()) {
                usual.put(part, sorted.get(sorted.size() / 2));
            }
        });
        return usual;
    }
}
