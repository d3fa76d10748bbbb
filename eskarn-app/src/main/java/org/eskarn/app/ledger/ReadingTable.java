package org.eskarn.app.ledger;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import org.eskarn.app.ledger.document.DrawnRequirement.LayoutPart;
import org.eskarn.app.ledger.document.SweepPart;
import org.eskarn.app.ledger.document.SweepPart.ReadingPart;
import org.eskarn.app.ledger.document.SweepPart.StationPart;
import org.eskarn.app.page.Words;
import org.jspecify.annotations.Nullable;

/**
 * Readings laid out like the part: round a ring from left to right, a grid with its places, lines and rings side by side, pairs
 * with their two ends.
 *
 * @param corner what stands over the names of the rows
 * @param struck whether the sweep was set aside
 */
public record ReadingTable(String title, String corner, List<String> columns, List<Row> rows, boolean struck) {

    /** Stations of a ring or line that stand side by side on paper. */
    private static final int SIDE_BY_SIDE = 12;

    /** Letters that the names of so many may have together, with what stands between two. */
    private static final int LETTERS = 94;

    private static final int BETWEEN = 2;

    private static final double HALF_A_TURN = 180;

    public record Row(String name, List<String> cells, boolean struck) {}

    /**
     * The tables of the sweeps of one attempt.
     *
     * @param with what the words speak of: see {@link org.eskarn.app.docket.GaugeInUse}
     */
    static List<ReadingTable> of(LayoutPart layout, String with, List<SweepPart> sweeps) {
        List<SweepPart> read =
                sweeps.stream().filter(sweep -> !sweep.readings().isEmpty()).toList();
        return switch (layout.kind().code()) {
            case "RING", "LINE", "POINTS", "STEPS", "PINS", "YES_NO" ->
                plane(read) ? each(layout, with, read) : sideBySide(layout, with, read);
            default -> each(layout, with, read);
        };
    }

    private static boolean plane(List<SweepPart> sweeps) {
        return sweeps.stream()
                .flatMap(sweep -> sweep.stations().stream())
                .anyMatch(station -> station.along() != null && station.across() != null);
    }

    /** One row for each sweep, its stations from left to right. */
    private static List<ReadingTable> sideBySide(LayoutPart layout, String with, List<SweepPart> sweeps) {
        Set<String> stations = new LinkedHashSet<>();
        for (SweepPart sweep : sweeps) {
            sweep.readings().forEach(reading -> {
                if (reading.place() <= sweep.stations().size()) {
                    stations.add(name(sweep, reading.place()));
                }
            });
        }
        boolean returns = sweeps.stream()
                .anyMatch(sweep -> sweep.readings().stream()
                        .anyMatch(reading -> reading.place() > sweep.stations().size()));
        List<String> all = new ArrayList<>(stations);
        inPlace(all, sweeps);
        if (returns) {
            all.add(Words.say("ledger.return"));
        }
        List<ReadingTable> tables = new ArrayList<>();
        for (int from = 0, to; from < all.size(); from = to) {
            to = from + fitting(all.subList(from, all.size()));
            List<String> part = all.subList(from, to);
            List<Row> rows = new ArrayList<>();
            for (SweepPart sweep : sweeps) {
                Map<String, String> cells = new LinkedHashMap<>();
                sweep.readings()
                        .forEach(reading -> cells.merge(
                                name(sweep, reading.place()), typed(sweep, reading), (a, b) -> a + " · " + b));
                rows.add(new Row(
                        Words.say("ledger.sweep", sweep.number(), with),
                        part.stream()
                                .map(station -> cells.getOrDefault(station, ""))
                                .toList(),
                        sweep.setAside() != null));
            }
            tables.add(
                    new ReadingTable(from == 0 ? unit(layout, sweeps) : "", Words.say("ledger.at"), part, rows, false));
        }
        return tables;
    }

    /** How many of them stand side by side; one at least. */
    private static int fitting(List<String> names) {
        int count = 0;
        int letters = 0;
        while (count < Math.min(names.size(), SIDE_BY_SIDE)) {
            letters += names.get(count).length() + BETWEEN;
            if (count > 0 && letters > LETTERS) {
                break;
            }
            count++;
        }
        return count;
    }

    /** What was found while hunting stands between its neighbours, where the stations have an order of their own. */
    private static void inPlace(List<String> names, List<SweepPart> sweeps) {
        Map<String, Double> places = new LinkedHashMap<>();
        boolean round = false;
        for (SweepPart sweep : sweeps) {
            for (StationPart station : sweep.stations()) {
                round |= station.angle() != null;
                String place = round ? station.angle() : station.along();
                if (place != null) {
                    places.putIfAbsent(station.name(), Double.valueOf(place));
                }
            }
        }
        Set<Double> different = new HashSet<>(places.values());
        if (names.size() < 2 || !places.keySet().containsAll(names) || different.size() < places.size()) {
            return;
        }
        double first = places.getOrDefault(names.get(0), 0.0);
        double step = places.getOrDefault(names.get(1), 0.0) - first;
        boolean rising = round ? within(step) <= HALF_A_TURN : step > 0;
        boolean turning = round;
        names.sort(Comparator.comparingDouble(name -> {
            double from = (places.getOrDefault(name, 0.0) - first) * (rising ? 1 : -1);
            return turning ? within(from) : from;
        }));
    }

    private static double within(double degrees) {
        return (degrees % (2 * HALF_A_TURN) + 2 * HALF_A_TURN) % (2 * HALF_A_TURN);
    }

    private static String name(SweepPart sweep, int place) {
        return place > sweep.stations().size()
                ? Words.say("ledger.return")
                : sweep.stations().get(place - 1).name();
    }

    /** What was typed; with its unit where that is not the one the gauge is read in. */
    private static String typed(SweepPart sweep, ReadingPart reading) {
        return reading.typed();
    }

    private static String unit(LayoutPart layout, List<SweepPart> sweeps) {
        Set<String> units = new LinkedHashSet<>();
        for (SweepPart sweep : sweeps) {
            sweep.gauges().forEach(gauge -> {
                if (gauge.readIn() != null) {
                    units.add(gauge.readIn());
                }
            });
        }
        return Words.say(
                "ledger.as-typed",
                layout.kind().words(),
                units.isEmpty() ? "" : Words.say("ledger.in", String.join(Words.say("ledger.and"), units)));
    }

    /** A table for each sweep: columns and rows by the places of the stations. */
    private static List<ReadingTable> each(LayoutPart layout, String with, List<SweepPart> sweeps) {
        List<ReadingTable> tables = new ArrayList<>();
        for (SweepPart sweep : sweeps) {
            tables.add(crossed(layout, with, sweep));
        }
        return tables;
    }

    private static ReadingTable crossed(LayoutPart layout, String with, SweepPart sweep) {
        Axes axes = Axes.of(layout);
        Map<String, Map<String, String>> cells = new LinkedHashMap<>();
        Set<String> columns = new LinkedHashSet<>();
        for (ReadingPart reading : sweep.readings()) {
            boolean back = reading.place() > sweep.stations().size();
            StationPart station = back ? null : sweep.stations().get(reading.place() - 1);
            String column = station == null ? Words.say("ledger.return") : axes.column(station);
            String row = station == null ? Words.say("ledger.return") : axes.row(station);
            if (station == null) {
                column = columns.isEmpty() ? column : columns.iterator().next();
            }
            columns.add(column);
            cells.computeIfAbsent(row, unused -> new LinkedHashMap<>())
                    .merge(column, typed(sweep, reading), (a, b) -> a + " · " + b);
        }
        List<String> heads = axes.sorted(columns, false);
        List<Row> rows = new ArrayList<>();
        for (String row : axes.sorted(cells.keySet(), axes.upwards())) {
            Map<String, String> own = cells.getOrDefault(row, Map.of());
            rows.add(new Row(
                    row, heads.stream().map(head -> own.getOrDefault(head, "")).toList(), false));
        }
        return new ReadingTable(
                Words.say("ledger.sweep-3", sweep.number(), unit(layout, List.of(sweep)), with),
                axes.corner(),
                heads,
                rows,
                sweep.setAside() != null);
    }

    /** What columns and rows are. */
    private record Axes(
            String corner, Function<StationPart, String> across, Function<StationPart, String> down, boolean upwards) {

        static Axes of(LayoutPart layout) {
            String unit = layout.unit();
            return switch (layout.kind().code()) {
                case "RINGS" -> new Axes("° \\ " + unit, s -> number(s.along()), s -> number(s.angle()), false);
                case "LINES" -> new Axes(unit, s -> String.valueOf(s.line()), s -> number(s.along()), false);
                case "PAIRS", "CYCLES" -> new Axes("", Axes::end, Axes::pair, false);
                default -> new Axes("y \\ x, " + unit, s -> number(s.along()), s -> number(s.across()), true);
            };
        }

        private static String end(StationPart station) {
            int comma = station.name().lastIndexOf(", ");
            return comma < 0 ? station.name() : station.name().substring(comma + 2);
        }

        private static String pair(StationPart station) {
            int comma = station.name().lastIndexOf(", ");
            return comma < 0 ? station.name() : station.name().substring(0, comma);
        }

        private static String number(@Nullable String coordinate) {
            return coordinate == null
                    ? "–"
                    : new BigDecimal(coordinate).stripTrailingZeros().toPlainString();
        }

        String column(StationPart station) {
            return across.apply(station);
        }

        String row(StationPart station) {
            return down.apply(station);
        }

        /** By size where all are numbers, else as first read; the return stays last. */
        List<String> sorted(Set<String> names, boolean descending) {
            List<String> numbers = new ArrayList<>();
            List<String> others = new ArrayList<>();
            for (String name : names) {
                (name.matches("-?\\d+(\\.\\d+)?") ? numbers : others).add(name);
            }
            Comparator<String> bySize = Comparator.comparing(BigDecimal::new);
            Set<String> ordered = new TreeSet<>(descending ? bySize.reversed() : bySize);
            ordered.addAll(numbers);
            List<String> all = new ArrayList<>(ordered);
            all.addAll(others);
            return all;
        }
    }
}
