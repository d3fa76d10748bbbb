package org.eskarn.app.reminder;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.DueDocket;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.app.page.DayCalendar;
import org.eskarn.app.page.Words;
import org.springframework.stereotype.Component;

/** What falls due: dockets in hand and gauges that are not withdrawn. */
@Component
class DueDates {

    private final DocketService dockets;
    private final GaugeService gauges;

    DueDates(DocketService dockets, GaugeService gauges) {
        this.dockets = dockets;
        this.gauges = gauges;
    }

    /** By their day. */
    List<DueDocket> dockets() {
        return dockets.due();
    }

    List<Gauge> gauges() {
        return gauges.watched();
    }

    /** What is due, and nothing of what was found, as a calendar. */
    String calendar(Instant made) {
        List<DayCalendar.Entry> entries = new ArrayList<>();
        dockets()
                .forEach(docket -> entries.add(new DayCalendar.Entry(
                        "docket-" + docket.number(),
                        docket.due(),
                        Words.say("reminder.docket-due", docket.number(), docket.part(), docket.serial()),
                        "")));
        entries.addAll(gauges.calendar());
        return DayCalendar.of(Words.say("reminder.calendar-name"), entries, made);
    }
}
