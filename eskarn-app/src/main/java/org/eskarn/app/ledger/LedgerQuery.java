package org.eskarn.app.ledger;

import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.eskarn.app.page.Words;
import org.eskarn.core.verdict.Outcome;
import org.jspecify.annotations.Nullable;

/**
 * What is looked for in the Ledger, as it was typed.
 *
 * @param find words that all have to be there
 * @param verdict of the docket; empty for any
 * @param from the first day, as 2026-12-01; empty for no bound
 * @param to the last day
 */
public record LedgerQuery(String find, String verdict, String from, String to, boolean exceptions, boolean questioned) {

    private static final int MOST_WORDS = 12;

    static final LedgerQuery NONE = new LedgerQuery("", "", "", "", false, false);

    /** Whether it asks for anything at all. */
    public boolean asks() {
        return !equals(NONE);
    }

    /** As the mapper takes it: each word with what a pattern needs round it. */
    public List<String> patterns() {
        return Arrays.stream(find.toLowerCase(Locale.ROOT).strip().split("\\s+"))
                .filter(word -> !word.isEmpty())
                .limit(MOST_WORDS)
                .map(word -> "%" + word.replaceAll("([%_!])", "!$1") + "%")
                .toList();
    }

    /** A verdict that there is; null for any. */
    public @Nullable String outcome() {
        return Arrays.stream(Outcome.values())
                .map(Outcome::name)
                .filter(verdict::equals)
                .findFirst()
                .orElse(null);
    }

    /** What is wrong with a day; empty where nothing is. */
    public String problem() {
        for (String day : List.of(from, to)) {
            if (!day.isBlank() && day(day) == null) {
                return Words.say("ledger.no-such-day", day.strip());
            }
        }
        return "";
    }

    @Nullable
    Instant since(ZoneId zone) {
        LocalDate day = day(from);
        return day == null ? null : day.atStartOfDay(zone).toInstant();
    }

    /** The moment after the last day. */
    @Nullable
    Instant until(ZoneId zone) {
        LocalDate day = day(to);
        return day == null ? null : day.plusDays(1).atStartOfDay(zone).toInstant();
    }

    private static @Nullable LocalDate day(String typed) {
        try {
            return typed.isBlank() ? null : LocalDate.parse(typed.strip());
        } catch (DateTimeException e) {
            return null;
        }
    }
}
