package org.eskarn.app.gauge;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.eskarn.app.page.DayCalendar;
import org.eskarn.app.page.Words;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** When calibrations fall due, by date and by use; also as a calendar file (RFC 5545). */
@Controller
@RequestMapping("/gauges/schedule")
class ScheduleController {

    private static final MediaType CALENDAR = new MediaType("text", "calendar", StandardCharsets.UTF_8);

    private final GaugeService gauges;
    private final Clock clock;

    ScheduleController(GaugeService gauges, Clock clock) {
        this.gauges = gauges;
        this.clock = clock;
    }

    /**
     * One gauge in the schedule.
     *
     * @param useShare how much of its interval of uses is spent, in percent; null where it has none
     */
    record Line(
            Gauge gauge,
            int uses,
            @org.jspecify.annotations.Nullable Integer useShare) {}

    @GetMapping
    String show(Model model) {
        LocalDate today = LocalDate.now(clock);
        Map<Long, Integer> uses = gauges.uses();
        List<Line> lines = gauges.watched().stream()
                .map(gauge -> line(gauge, uses.getOrDefault(gauge.id(), 0)))
                .toList();
        Map<String, List<Line>> byMonth = lines.stream()
                .collect(Collectors.groupingBy(
                        line -> month(line.gauge().nextDue(), today), TreeMap::new, Collectors.toList()));
        model.addAttribute("place", "gauges");
        model.addAttribute("today", today);
        model.addAttribute("months", byMonth);
        model.addAttribute(
                "byUse",
                lines.stream()
                        .filter(line -> line.useShare() != null)
                        .sorted(Comparator.comparing(
                                (Line line) -> -java.util.Objects.requireNonNullElse(line.useShare(), 0)))
                        .toList());
        return "gauge/schedule";
    }

    private static Line line(Gauge gauge, int uses) {
        Integer interval = gauge.intervalUses();
        return new Line(gauge, uses, interval == null ? null : (Integer) (100 * uses / interval));
    }

    private static String month(LocalDate due, LocalDate today) {
        return due.isBefore(today) ? "" : due.toString().substring(0, 7);
    }

    @GetMapping(path = "/calibrations.ics")
    ResponseEntity<String> calendar() {
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"calibrations.ics\"")
                .body(DayCalendar.of(Words.say("gauge.calibrations"), gauges.calendar(), clock.instant()));
    }
}
