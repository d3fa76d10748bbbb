package org.eskarn.app.page;

import biweekly.Biweekly;
import biweekly.ICalVersion;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.property.DateStart;
import biweekly.util.DateTimeComponents;
import biweekly.util.Duration;
import biweekly.util.ICalDate;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Date;
import java.util.List;

/** Days on which something falls due as a calendar (RFC 5545), each as long as the day, in no zone. */
public final class DayCalendar {

    private DayCalendar() {}

    /**
     * @param id of the thing, by which it keeps its entry when its day moves
     * @param location empty for none
     */
    public record Entry(String id, LocalDate day, String summary, String location) {}

    /** @param made when it is made */
    public static String of(String name, List<Entry> entries, Instant made) {
        ICalendar calendar = new ICalendar();
        calendar.setVersion(ICalVersion.V2_0);
        calendar.setProductId("-//Eskarn//Due//EN");
        calendar.setName(name);
        calendar.setRefreshInterval(Duration.builder().hours(1).build());
        entries.forEach(entry -> calendar.addEvent(event(entry, made)));
        return Biweekly.write(calendar).go();
    }

    private static VEvent event(Entry entry, Instant made) {
        LocalDate day = entry.day();
        VEvent event = new VEvent();
        event.setUid(entry.id() + "@eskarn");
        event.setDateTimeStamp(Date.from(made));
        event.setDateStart(new DateStart(
                new ICalDate(new DateTimeComponents(day.getYear(), day.getMonthValue(), day.getDayOfMonth()), false)));
        event.setSummary(entry.summary());
        if (!entry.location().isEmpty()) {
            event.setLocation(entry.location());
        }
        return event;
    }
}
