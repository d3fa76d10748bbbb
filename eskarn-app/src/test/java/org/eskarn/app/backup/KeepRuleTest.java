package org.eskarn.app.backup;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class KeepRuleTest {

    /** Two years of days, each day what is superfluous deleted at once, as it happens. */
    @Test
    void aYearCanAlwaysBeGoneBackAndTheFolderStaysSmall() {
        Instant begun = Instant.parse("2026-11-27T03:00:00Z");
        List<Backup> kept = new ArrayList<>();
        for (int day = 0; day < 730; day++) {
            kept.add(0, new Backup(Path.of("daily-" + day), begun.plus(Duration.ofDays(day)), 1, 0));
            kept.removeAll(KeepRule.superfluous(kept, ZoneOffset.UTC));
            assertThat(kept).hasSizeLessThanOrEqualTo(7 + 5 + 12);
            assertThat(ages(kept)).contains(0L, Math.min(6L, day));
            int now = day;
            // From any day of the last year the next backup kept is at most a month younger.
            for (long age = 1; age <= Math.min(330, now); age++) {
                long asked = age;
                assertThat(ages(kept)).anyMatch(each -> each <= asked && asked - each <= 31);
            }
        }
    }

    private static List<Long> ages(List<Backup> kept) {
        Instant newest = kept.get(0).madeAt();
        return kept.stream()
                .map(each -> Duration.between(each.madeAt(), newest).toDays())
                .toList();
    }
}
