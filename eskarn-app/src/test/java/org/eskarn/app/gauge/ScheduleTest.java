package org.eskarn.app.gauge;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Page;
import java.nio.charset.StandardCharsets;
import java.time.format.DateTimeFormatter;
import java.util.List;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningEskarn.class)
class ScheduleTest {

    @Test
    void theCalendarFileHoldsEveryGaugeThatIsWatchedInTheFormatsOwnLines(Eskarn eskarn) {
        Page page = eskarn.signedIn("i.varn");
        APIResponse response =
                page.context().request().get(eskarn.address() + "/gauges/schedule/calibrations.ics", Eskarn.retrying());
        assertThat(response.headers().get("content-type")).startsWith("text/calendar");
        String text = response.text();
        assertThat(text).startsWith("BEGIN:VCALENDAR\r\nVERSION:2.0\r\n").endsWith("END:VCALENDAR\r\n");
        String unfolded = text.replace("\r\n ", "");
        long watched = eskarn.bean(GaugeService.class).all().stream()
                .filter(gauge -> gauge.status() != GaugeStatus.WITHDRAWN)
                .count();
        assertThat(unfolded.lines().filter("BEGIN:VEVENT"::equals)).hasSize((int) watched);
        assertThat(unfolded).contains("SUMMARY:Calibration due: LI-7\\, lever indicator\\, inch");
        List<String> days = unfolded.lines()
                .filter(line -> line.startsWith("DTSTART"))
                .map(line -> line.substring(line.indexOf(':') + 1))
                .toList();
        assertThat(days)
                .containsExactlyInAnyOrderElementsOf(eskarn.bean(GaugeService.class).all().stream()
                        .filter(gauge -> gauge.status() != GaugeStatus.WITHDRAWN)
                        .map(gauge -> DateTimeFormatter.BASIC_ISO_DATE.format(gauge.nextDue()))
                        .toList());
        assertThat(text.split("\r\n", -1))
                .allSatisfy(line ->
                        assertThat(line.getBytes(StandardCharsets.UTF_8)).hasSizeLessThanOrEqualTo(75));
    }
}
