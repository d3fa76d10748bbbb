package org.eskarn.app.backup;

import java.time.Instant;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.ZoneId;
import java.time.temporal.IsoFields;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

/** Which of the daily backups are kept: the last seven days', the last five weeks' and the last twelve months' newest each. */
final class KeepRule {

    private static final int DAYS = 7;
    private static final int WEEKS = 5;
    private static final int MONTHS = 12;

    private KeepRule() {}

    /**
     * @param all the newest first
     * @return those that may go
     */
    static List<Backup> superfluous(List<Backup> all, ZoneId zone) {
        Set<Backup> kept = new HashSet<>();
        keep(all, kept, DAYS, made -> LocalDate.ofInstant(made, zone));
        keep(all, kept, WEEKS, made -> {
            LocalDate day = LocalDate.ofInstant(made, zone);
            return day.get(IsoFields.WEEK_BASED_YEAR) * 100 + day.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR);
        });
        keep(all, kept, MONTHS, made -> YearMonth.from(LocalDate.ofInstant(made, zone)));
        return all.stream().filter(each -> !kept.contains(each)).toList();
    }

    private static void keep(List<Backup> all, Set<Backup> kept, int most, Function<Instant, Object> span) {
        Set<Object> spans = new HashSet<>();
        for (Backup each : all) {
            if (spans.size() < most && spans.add(span.apply(each.madeAt()))) {
                kept.add(each);
            }
        }
    }
}
