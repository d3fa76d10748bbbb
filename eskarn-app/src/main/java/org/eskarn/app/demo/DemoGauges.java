package org.eskarn.app.demo;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.gauge.GaugeKind;
import org.eskarn.app.gauge.GaugeStatus;
import org.eskarn.core.reading.ReadingUnit;
import org.eskarn.core.units.LengthUnit;

/** The gauges of the works. */
final class DemoGauges {

    private DemoGauges() {}

    static List<Gauge> all(LocalDate today) {
        return List.of(
                dial(
                        "LI-4",
                        "lever indicator",
                        "1",
                        "1.5",
                        "200",
                        LengthUnit.MICROMETRE,
                        "bench 2",
                        today.plusDays(160)),
                dial(
                        "PI-3",
                        "plunger indicator",
                        "2",
                        "3",
                        "1000",
                        LengthUnit.MICROMETRE,
                        "bench 2",
                        today.plusDays(19)),
                dial(
                        "LI-7",
                        "lever indicator, inch",
                        "1",
                        "1",
                        "80",
                        LengthUnit.TENTH,
                        "inch cabinet",
                        today.plusDays(6)),
                dial(
                        "PI-9",
                        "plunger indicator, coarse",
                        "10",
                        "10",
                        "10000",
                        LengthUnit.MICROMETRE,
                        "bench 1",
                        today.minusDays(3)),
                dial(
                        "PI-5",
                        "plunger indicator, inch",
                        "0.5",
                        "0.5",
                        "400",
                        LengthUnit.THOU,
                        "inch cabinet",
                        today.plusDays(92)),
                size(
                        "MO-2",
                        "outside micrometer 25 to 50 mm",
                        GaugeKind.MICROMETER,
                        "0.001",
                        "0.002",
                        "25",
                        "25",
                        LengthUnit.MILLIMETRE,
                        today.plusDays(210)),
                size(
                        "MO-6",
                        "outside micrometer 0 to 1 in",
                        GaugeKind.MICROMETER,
                        "0.0001",
                        "0.0001",
                        "0",
                        "1",
                        LengthUnit.INCH,
                        today.plusDays(75)),
                bore("BG-1", "bore gauge 50 to 100 mm", "1", "2", "800", LengthUnit.MICROMETRE, today.plusDays(130)),
                bore("BG-2", "bore gauge 18 to 50 mm", "1", "1", "800", LengthUnit.MICROMETRE, today.plusDays(140)),
                bore("BG-4", "bore gauge, inch", "1", "1", "300", LengthUnit.TENTH, today.plusDays(48)),
                size(
                        "DG-1",
                        "depth gauge 0 to 150 mm",
                        GaugeKind.DEPTH_GAUGE,
                        "0.01",
                        "0.02",
                        "0",
                        "150",
                        LengthUnit.MILLIMETRE,
                        today.plusDays(25)),
                size(
                        "PS-1",
                        "pin set, minus, 1 to 20 mm",
                        GaugeKind.PINS,
                        "0.01",
                        "0.002",
                        "1",
                        "19",
                        LengthUnit.MILLIMETRE,
                        today.plusDays(300)),
                size(
                        "PS-2",
                        "pin set, minus, 0.011 to 1 in",
                        GaugeKind.PINS,
                        "0.0005",
                        "0.0001",
                        "0.011",
                        "0.989",
                        LengthUnit.INCH,
                        today.plusDays(300)),
                new Gauge(
                        0,
                        "PM-3",
                        "plugs and mandrels of the bridge",
                        GaugeKind.PLUG,
                        new BigDecimal("1"),
                        LengthUnit.MICROMETRE,
                        new BigDecimal("1"),
                        LengthUnit.MICROMETRE,
                        new BigDecimal("1"),
                        LengthUnit.MICROMETRE,
                        ReadingUnit.ANSWER,
                        null,
                        null,
                        "gauge room",
                        today.plusDays(120),
                        "",
                        "",
                        GaugeStatus.IN_SERVICE,
                        24,
                        null,
                        null,
                        null,
                        null,
                        null,
                        "",
                        0),
                dial(
                        "LI-2",
                        "lever indicator, fine",
                        "0.2",
                        "0.3",
                        "50",
                        LengthUnit.MICROMETRE,
                        "gauge room",
                        today.plusDays(64)),
                gauge(
                        "SG-1",
                        "dial snap gauge 25 to 60 mm",
                        GaugeKind.SNAP_GAUGE,
                        "0.5",
                        "0.5",
                        "120",
                        LengthUnit.MICROMETRE,
                        null,
                        "gauge room",
                        today.plusDays(150)),
                gauge(
                        "SC-1",
                        "squareness comparator on a stand",
                        GaugeKind.SQUARENESS_COMPARATOR,
                        "1",
                        "1.5",
                        "400",
                        LengthUnit.MICROMETRE,
                        null,
                        "plate 1",
                        today.plusDays(88)),
                master(
                        "GB-88",
                        "block set, 88 pieces",
                        GaugeKind.BLOCK_SET,
                        null,
                        null,
                        LengthUnit.MILLIMETRE,
                        today.plusDays(200)),
                master(
                        "GB-81",
                        "block set, 81 pieces, inch",
                        GaugeKind.BLOCK_SET,
                        null,
                        null,
                        LengthUnit.INCH,
                        today.plusDays(28)),
                master(
                        "SR-72",
                        "setting ring 72 mm",
                        GaugeKind.SETTING_RING,
                        "72.000",
                        "0.8",
                        LengthUnit.MILLIMETRE,
                        today.plusDays(170)),
                master(
                        "SD-45",
                        "setting disc 45 mm",
                        GaugeKind.SETTING_DISC,
                        "45.000",
                        "-0.4",
                        LengthUnit.MILLIMETRE,
                        today.plusDays(170)),
                master(
                        "SQ-2",
                        "master square 300 mm",
                        GaugeKind.SQUARE,
                        "300",
                        "1.2",
                        LengthUnit.MILLIMETRE,
                        today.plusDays(230)));
    }

    private static Gauge dial(
            String mark,
            String name,
            String graduation,
            String error,
            String travel,
            LengthUnit unit,
            String place,
            LocalDate due) {
        return gauge(mark, name, GaugeKind.INDICATOR, graduation, error, travel, unit, null, place, due);
    }

    private static Gauge bore(
            String mark, String name, String graduation, String error, String travel, LengthUnit unit, LocalDate due) {
        return gauge(mark, name, GaugeKind.BORE_GAUGE, graduation, error, travel, unit, null, "gauge room", due);
    }

    private static Gauge size(
            String mark,
            String name,
            GaugeKind kind,
            String graduation,
            String error,
            String from,
            String range,
            LengthUnit unit,
            LocalDate due) {
        return gauge(mark, name, kind, graduation, error, range, unit, new BigDecimal(from), "gauge room", due);
    }

    private static Gauge gauge(
            String mark,
            String name,
            GaugeKind kind,
            String graduation,
            String error,
            String travel,
            LengthUnit unit,
            @org.jspecify.annotations.Nullable BigDecimal from,
            String place,
            LocalDate due) {
        return new Gauge(
                0,
                mark,
                name,
                kind,
                new BigDecimal(graduation),
                unit,
                new BigDecimal(error),
                unit,
                new BigDecimal(travel),
                unit,
                ReadingUnit.of(unit),
                from,
                from == null ? null : unit,
                place,
                due,
                "V-" + mark.replace("-", ""),
                "",
                GaugeStatus.IN_SERVICE,
                12,
                mark.startsWith("LI") ? 400 : null,
                kind == GaugeKind.INDICATOR ? 100 : null,
                null,
                null,
                null,
                "",
                0);
    }

    private static Gauge master(
            String mark,
            String name,
            GaugeKind kind,
            @org.jspecify.annotations.Nullable String size,
            @org.jspecify.annotations.Nullable String deviation,
            LengthUnit unit,
            LocalDate due) {
        return new Gauge(
                0,
                mark,
                name,
                kind,
                BigDecimal.ONE,
                unit,
                new BigDecimal("0.3"),
                LengthUnit.MICROMETRE,
                BigDecimal.ONE,
                unit,
                ReadingUnit.of(unit),
                null,
                null,
                "gauge room",
                due,
                "V-" + mark.replace("-", ""),
                "",
                GaugeStatus.IN_SERVICE,
                24,
                null,
                null,
                size == null ? null : new BigDecimal(size),
                size == null ? null : unit,
                deviation == null ? null : new BigDecimal(deviation),
                "",
                0);
    }
}
