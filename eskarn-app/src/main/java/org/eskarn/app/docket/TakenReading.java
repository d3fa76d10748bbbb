package org.eskarn.app.docket;

import java.math.BigDecimal;
import java.time.Instant;
import org.eskarn.core.reading.Entry;
import org.eskarn.core.reading.ReadingUnit;
import org.jspecify.annotations.Nullable;

/**
 * A reading that stands, was taken back, or was put right later. None is ever lost from sight.
 *
 * @param place 1 to n for the stations, n + 1 for the return
 * @param noted where it was seen, in degrees, where a turn was watched; null where nobody noted it
 * @param standing whether it counts; else it was taken back, or another reading stands in its place
 * @param reason why this one was put in the place of another; null for one read in its turn
 * @param takenBackByName who took it back or put another in its place; null while it stands
 * @param ofReturn whether it was the return when it was struck, whatever station has its place now
 */
public record TakenReading(
        long id,
        long sweepId,
        int place,
        String typed,
        BigDecimal amount,
        @Nullable BigDecimal bandEnd,
        @Nullable BigDecimal noted,
        ReadingUnit unit,
        String entryKey,
        long takenBy,
        String takenByName,
        Instant takenAt,
        boolean standing,
        boolean corrected,
        @Nullable String reason,
        ReadingSource source,
        @Nullable Long takenBackBy,
        @Nullable String takenBackByName,
        @Nullable Instant takenBackAt,
        boolean ofReturn) {

    public Entry entry() {
        return new Entry(typed, amount, bandEnd, unit, noted);
    }
}
