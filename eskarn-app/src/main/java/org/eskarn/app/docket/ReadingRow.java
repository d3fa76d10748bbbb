package org.eskarn.app.docket;

import java.math.BigDecimal;
import java.time.Instant;
import org.eskarn.core.reading.Entry;
import org.eskarn.core.reading.ReadingUnit;
import org.jspecify.annotations.Nullable;

/**
 * A reading that stands, or one that was put right later.
 *
 * @param place 1 to n for the stations, n + 1 for the return
 * @param corrected whether another reading stands in its place by now
 * @param reason why this one was put in the place of another; null for one read in its turn
 */
public record ReadingRow(
        long id,
        long sweepId,
        int place,
        String typed,
        BigDecimal number,
        @Nullable BigDecimal other,
        ReadingUnit unit,
        String entryKey,
        String takenByName,
        Instant takenAt,
        boolean corrected,
        @Nullable String reason,
        ReadingSource source) {

    public Entry entry() {
        return new Entry(typed, number, other, unit);
    }
}
