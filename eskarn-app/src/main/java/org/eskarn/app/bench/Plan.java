package org.eskarn.app.bench;

import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketService.InHand;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.core.units.Length;

/**
 * What is done on a day: its dockets in the order in which they are best worked, or in which somebody put them, and what has to be
 * fetched for them.
 *
 * @param until the day up to which dockets are due: today, or as far ahead as there are a few to plan
 * @param others how many more are in hand that do not wait
 * @param together how long all of it usually takes; empty where that is not known of any
 * @param unknown of how many dockets it is not known
 */
record Plan(
        LocalDate until,
        List<Row> rows,
        List<BenchLine> waiting,
        List<Needed> gauges,
        List<String> masters,
        int others,
        Optional<Duration> together,
        int unknown) {

    /** Fewer due today are joined by what comes next. */
    private static final int WORTH_PLANNING = 6;

    /**
     * One docket.
     *
     * @param gauges the marks of those that its open requirements are read with
     * @param usual how long one like it took before
     */
    record Row(int number, BenchLine line, String gauges, Optional<Duration> usual, boolean first, boolean last) {

        public Optional<Long> minutes() {
            return usual.map(Plan::minutes);
        }
    }

    /**
     * A gauge to fetch.
     *
     * @param dockets that it is read in, in the order of the plan
     * @param trouble why it cannot be used as it is; empty where it can
     */
    record Needed(Gauge gauge, List<Integer> dockets, String trouble) {}

    static long minutes(Duration duration) {
        return Math.max(1, Math.round(duration.toSeconds() / 60.0));
    }

    public Optional<Long> togetherMinutes() {
        return together.map(Plan::minutes);
    }

    static Plan of(
            InHand inHand,
            Map<Long, Integer> places,
            Map<Long, Duration> usual,
            List<Gauge> register,
            LocalDate today) {
        List<Docket> ready = inHand.dockets().stream()
                .filter(docket -> docket.waitsFor().isEmpty())
                .toList();
        LocalDate until = ready.stream()
                .map(Docket::due)
                .sorted()
                .limit(WORTH_PLANNING)
                .reduce(today, (latest, due) -> due.isAfter(latest) ? due : latest);
        List<Docket> ordered = ready.stream()
                .filter(docket -> !docket.due().isAfter(until))
                .sorted(order(places))
                .toList();
        List<Row> rows = new ArrayList<>();
        for (Docket docket : ordered) {
            rows.add(new Row(
                    rows.size() + 1,
                    BenchLine.of(docket),
                    String.join(", ", gauges(docket).map(Gauge::mark).distinct().toList()),
                    Optional.ofNullable(usual.get(docket.part().id())),
                    rows.isEmpty(),
                    rows.size() == ordered.size() - 1));
        }
        List<Duration> known =
                rows.stream().flatMap(row -> row.usual().stream()).toList();
        List<BenchLine> waiting = inHand.dockets().stream()
                .filter(docket -> docket.waitsFor().isPresent())
                .map(BenchLine::of)
                .toList();
        return new Plan(
                until,
                rows,
                waiting,
                needed(ordered, today),
                masters(ordered, register),
                inHand.total() - waiting.size() - rows.size(),
                known.stream().reduce(Duration::plus),
                rows.size() - known.size());
    }

    /** As somebody put them; else what is only to be signed, what shares a gauge, and warm parts last. */
    private static Comparator<Docket> order(Map<Long, Integer> places) {
        return Comparator.<Docket, Integer>comparing(docket -> places.getOrDefault(docket.id(), Integer.MAX_VALUE))
                .thenComparing(docket -> !docket.settled())
                .thenComparing(Docket::due)
                .thenComparing(Plan::warm)
                .thenComparing(
                        docket -> gauges(docket).findFirst().map(Gauge::mark).orElse(""))
                .thenComparing(Docket::number);
    }

    private static boolean warm(Docket docket) {
        return open(docket).anyMatch(setUp -> setUp.requirement().setUp().warm());
    }

    private static Stream<SetUp> open(Docket docket) {
        return docket.suggested().stream().filter(setUp -> !setUp.settled());
    }

    private static Stream<Gauge> gauges(Docket docket) {
        return open(docket).flatMap(setUp -> setUp.sweep().gauges().stream()).filter(gauge -> !gauge.missing());
    }

    private static List<Needed> needed(List<Docket> ordered, LocalDate today) {
        Map<Long, Gauge> gauges = new LinkedHashMap<>();
        Map<Long, List<Integer>> dockets = new LinkedHashMap<>();
        for (Docket docket : ordered) {
            gauges(docket).forEach(gauge -> {
                gauges.putIfAbsent(gauge.id(), gauge);
                List<Integer> of = dockets.computeIfAbsent(gauge.id(), unused -> new ArrayList<>());
                if (!of.contains(docket.number())) {
                    of.add(docket.number());
                }
            });
        }
        return gauges.values().stream()
                .map(gauge -> new Needed(
                        gauge,
                        dockets.getOrDefault(gauge.id(), List.of()),
                        gauge.needsOverride(today) ? gauge.standing(today) : ""))
                .toList();
    }

    /** The masters of the sizes that gauges are set to: by their marks where the register has them, else by their size. */
    private static List<String> masters(List<Docket> ordered, List<Gauge> all) {
        return ordered.stream()
                .flatMap(Plan::open)
                .filter(SetUp::onMaster)
                .flatMap(setUp -> setUp.requirement().terms().basis().setTo().stream())
                .map(size -> master(size, all))
                .distinct()
                .toList();
    }

    private static String master(Length size, List<Gauge> all) {
        return all.stream()
                .filter(gauge -> gauge.kind().master() && gauge.isSize(size))
                .findFirst()
                .map(gauge -> gauge.mark() + " · " + gauge.place())
                .orElse(size.toString());
    }
}
