package org.eskarn.app.gauge;

import biweekly.Biweekly;
import biweekly.ICalVersion;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.property.DateStart;
import biweekly.util.DateTimeComponents;
import biweekly.util.ICalDate;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Date;
import java.util.List;
import org.eskarn.app.page.Words;

/** Due dates as a calendar file (RFC 5545): one whole day for each gauge. */
final class CalibrationCalendar {

    private static final String PRODUCT = "-//Eskarn//Gauges//EN";

    private CalibrationCalendar() {}

    /** @param made when the file is made */
    static String of(List<Gauge> gauges, Instant made) {
        ICalendar calendar = new ICalendar();
        calendar.setVersion(ICalVersion.V2_0);
        calendar.setProductId(PRODUCT);
        gauges.forEach(gauge -> calendar.addEvent(event(gauge, made)));
        return Biweekly.write(calendar).go();
    }

    private static VEvent event(Gauge gauge, Instant made) {
        VEvent event = new VEvent();
        // The same gauge keeps its entry when its date moves.
        event.setUid("gauge-" + gauge.id() + "@eskarn");
        event.setDateTimeStamp(Date.from(made));
        event.setDateStart(day(gauge.nextDue()));
        event.setSummary(Words.say("gauge.calibration-due", gauge.mark(), gauge.name()));
        event.setLocation(gauge.place());
        return event;
    }

    /** The day itself, in no zone. */
    private static DateStart day(LocalDate date) {
        DateTimeComponents day = new DateTimeComponents(date.getYear(), date.getMonthValue(), date.getDayOfMonth());
        return new DateStart(new ICalDate(day, false));
    }
}
