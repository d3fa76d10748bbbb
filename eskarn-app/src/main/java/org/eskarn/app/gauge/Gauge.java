package org.eskarn.app.gauge;

import java.math.BigDecimal;
import java.time.LocalDate;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.ReadingUnit;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;

/** A measuring instrument of the works, as its row stands. */
public record Gauge(
        long id,
        String mark,
        String name,
        BigDecimal graduation,
        LengthUnit graduationUnit,
        BigDecimal errorLimit,
        LengthUnit errorLimitUnit,
        BigDecimal travel,
        LengthUnit travelUnit,
        ReadingUnit readingUnit,
        String place,
        LocalDate nextDue) {

    public Dial dial() {
        return new Dial(
                new Length(graduation, graduationUnit),
                new Length(errorLimit, errorLimitUnit),
                new Length(travel, travelUnit));
    }

    public boolean overdue(LocalDate today) {
        return nextDue.isBefore(today);
    }
}
