package org.eskarn.app.gauge;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Optional;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.ReadingUnit;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * A measuring instrument of the works, as its row stands.
 *
 * @param travel how far it moves; of a gauge that reads whole sizes, its measuring range
 * @param rangeFrom the smallest size it reads; null for one that reads deviations
 */
public record Gauge(
        long id,
        String mark,
        String name,
        GaugeKind kind,
        BigDecimal graduation,
        LengthUnit graduationUnit,
        BigDecimal errorLimit,
        LengthUnit errorLimitUnit,
        BigDecimal travel,
        LengthUnit travelUnit,
        ReadingUnit readingUnit,
        @Nullable BigDecimal rangeFrom,
        @Nullable LengthUnit rangeFromUnit,
        String place,
        LocalDate nextDue) {

    public Dial dial() {
        return new Dial(
                new Length(graduation, graduationUnit),
                new Length(errorLimit, errorLimitUnit),
                new Length(travel, travelUnit),
                rangeFrom == null || rangeFromUnit == null
                        ? Optional.empty()
                        : Optional.of(new Length(rangeFrom, rangeFromUnit)));
    }

    public boolean overdue(LocalDate today) {
        return nextDue.isBefore(today);
    }

    /** Whether it can read whole sizes, or deviations from a master. */
    public boolean readsSizes() {
        return rangeFrom != null;
    }
}
