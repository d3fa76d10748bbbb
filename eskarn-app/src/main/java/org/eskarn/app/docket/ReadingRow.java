package org.eskarn.app.docket;

import java.math.BigDecimal;
import java.time.Instant;
import org.eskarn.core.reading.Entry;
import org.eskarn.core.reading.ReadingUnit;
import org.jspecify.annotations.Nullable;

/**
 * A standing reading.
 *
 * @param place 1 to n for the stations, n + 1 for the return
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
        Instant takenAt) {

    public Entry entry() {
        return new Entry(typed, number, other, unit);
    }
}
