package org.eskarn.app.demo;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.core.reading.ReadingUnit;
import org.eskarn.core.units.LengthUnit;

/** The indicators of the works. */
final class DemoGauges {

    static final long LEVER_MICRON = 1;
    static final long PLUNGER_TWO_MICRON = 2;
    static final long LEVER_TENTH = 3;

    private DemoGauges() {}

    static List<Gauge> all(LocalDate today) {
        return List.of(
                gauge(
                        LEVER_MICRON,
                        "LI-4",
                        "lever indicator",
                        "1",
                        "1.5",
                        "200",
                        LengthUnit.MICROMETRE,
                        "bench 2",
                        today.plusDays(160)),
                gauge(
                        PLUNGER_TWO_MICRON,
                        "PI-3",
                        "plunger indicator",
                        "2",
                        "3",
                        "1000",
                        LengthUnit.MICROMETRE,
                        "bench 2",
                        today.plusDays(19)),
                gauge(
                        LEVER_TENTH,
                        "LI-7",
                        "lever indicator, inch",
                        "1",
                        "1",
                        "80",
                        LengthUnit.TENTH,
                        "inch cabinet",
                        today.plusDays(6)),
                gauge(
                        4,
                        "PI-9",
                        "plunger indicator, coarse",
                        "10",
                        "10",
                        "10000",
                        LengthUnit.MICROMETRE,
                        "bench 1",
                        today.minusDays(3)));
    }

    private static Gauge gauge(
            long id,
            String mark,
            String name,
            String graduation,
            String errorLimit,
            String travel,
            LengthUnit unit,
            String place,
            LocalDate due) {
        return new Gauge(
                id,
                mark,
                name,
                new BigDecimal(graduation),
                unit,
                new BigDecimal(errorLimit),
                unit,
                new BigDecimal(travel),
                unit,
                ReadingUnit.of(unit),
                place,
                due);
    }
}
