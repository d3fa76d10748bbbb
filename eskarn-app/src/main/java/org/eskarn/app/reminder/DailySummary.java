package org.eskarn.app.reminder;

import jakarta.mail.Message;
import jakarta.mail.MessagingException;
import jakarta.mail.internet.InternetAddress;
import jakarta.mail.internet.MimeMessage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Date;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import org.eskarn.app.actions.ActionAbout;
import org.eskarn.app.actions.ActionLog;
import org.eskarn.app.docket.DueDocket;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.Typed;
import org.eskarn.app.page.Words;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sends each day what is overdue and what falls due soon. */
@Service
public class DailySummary {

    private static final Logger LOG = LoggerFactory.getLogger(DailySummary.class);
    private static final int LONGEST = 400;
    private static final int DOCKETS_AHEAD = 7;
    private static final int GAUGES_AHEAD = 14;
    private static final int LAST_HOUR = 23;

    private final ReminderMapper mapper;
    private final DueDates due;
    private final Post post;
    private final ActionLog actions;
    private final String from;
    private final Clock clock;

    DailySummary(
            ReminderMapper mapper,
            DueDates due,
            Post post,
            ActionLog actions,
            @Value("${eskarn.smtp.from:eskarn@localhost}") String from,
            Clock clock) {
        this.mapper = mapper;
        this.due = due;
        this.post = post;
        this.actions = actions;
        this.from = from;
        this.clock = clock;
    }

    /** What stands in its fields, and where the mail goes. */
    public record Settings(int version, String recipients, String hour, String goesTo) {}

    @Transactional(readOnly = true)
    public Settings settings() {
        DailyPost now = mapper.post();
        return new Settings(now.version(), now.recipients(), String.valueOf(now.hourOfDay()), post.goesTo());
    }

    /**
     * @throws FormRefused if an address or the hour is none, or somebody wrote it meanwhile
     */
    @Transactional(rollbackFor = FormRefused.class)
    public void write(int version, String recipients, String hour) throws FormRefused {
        Typed typed = new Typed(new LinkedHashMap<>());
        String addresses = typed.atMost("recipients", recipients.strip(), LONGEST);
        for (String each : new DailyPost(0, addresses, 0, null).addresses()) {
            if (!address(each)) {
                typed.problem("recipients", Words.say("reminder.no-address", each));
            }
        }
        Integer at = typed.whole("hour", hour, 0, LAST_HOUR);
        if (at == null) {
            typed.problem("hour", Words.say("reminder.enter-an-hour"));
        }
        if (!typed.problems().isEmpty() || at == null) {
            throw new FormRefused(typed.problems());
        }
        if (mapper.write(version, addresses, at) == 0) {
            throw new FormRefused("recipients", Words.say("reminder.somebody-changed-it"));
        }
        actions.tell(ActionAbout.WORKS, Words.say("reminder.action-written", addresses, at));
    }

    private static boolean address(String typed) {
        try {
            new InternetAddress(typed, true).validate();
            return typed.contains("@");
        } catch (MessagingException e) {
            return false;
        }
    }

    /** Looked at every ten minutes: the first time after its hour sends the day’s. What cannot be sent is tried again. */
    void daily() {
        LocalDateTime now = LocalDateTime.now(clock);
        DailyPost settings = mapper.post();
        if (settings.addresses().isEmpty()
                || now.getHour() < settings.hourOfDay()
                || mapper.claim(now.toLocalDate()) == 0) {
            return;
        }
        try {
            send(settings.addresses());
        } catch (IOException e) {
            LOG.warn("The daily summary could not be sent: {}", e.getMessage());
            mapper.giveBack(now.toLocalDate(), settings.lastSent());
        }
    }

    /**
     * Sends one now, whatever was sent before.
     *
     * @throws FormRefused if there is nobody to send it to, or it could not be sent
     */
    public void sendNow() throws FormRefused {
        List<String> addresses = mapper.post().addresses();
        if (addresses.isEmpty()) {
            throw new FormRefused("recipients", Words.say("reminder.nobody-to-send-to"));
        }
        try {
            send(addresses);
        } catch (IOException e) {
            throw new FormRefused("recipients", Words.say("reminder.not-sent", String.valueOf(e.getMessage())));
        }
    }

    private void send(List<String> addresses) throws IOException {
        LocalDate today = LocalDate.now(clock);
        MimeMessage message = post.blank();
        try {
            message.setFrom(new InternetAddress(from));
            for (String each : addresses) {
                message.addRecipient(Message.RecipientType.TO, new InternetAddress(each));
            }
            List<DueDocket> dockets = due.dockets();
            List<Gauge> gauges = due.gauges();
            long late =
                    dockets.stream().filter(each -> each.due().isBefore(today)).count()
                            + gauges.stream()
                                    .filter(each -> each.nextDue().isBefore(today))
                                    .count();
            message.setSubject(Words.say("reminder.subject", day(today), late), StandardCharsets.UTF_8.name());
            message.setText(text(dockets, gauges, today), StandardCharsets.UTF_8.name());
            message.setSentDate(Date.from(clock.instant()));
            message.saveChanges();
        } catch (MessagingException e) {
            throw new IOException(e.getMessage(), e);
        }
        post.send(message);
    }

    private static String text(List<DueDocket> dockets, List<Gauge> gauges, LocalDate today) {
        List<String> lines = new ArrayList<>();
        block(
                lines,
                Words.say("reminder.dockets-overdue"),
                dockets.stream()
                        .filter(each -> each.due().isBefore(today))
                        .map(DailySummary::line)
                        .toList());
        block(
                lines,
                Words.say("reminder.dockets-this-week"),
                dockets.stream()
                        .filter(each ->
                                !each.due().isBefore(today) && each.due().isBefore(today.plusDays(DOCKETS_AHEAD)))
                        .map(DailySummary::line)
                        .toList());
        block(
                lines,
                Words.say("reminder.gauges-overdue"),
                gauges.stream()
                        .filter(each -> each.nextDue().isBefore(today))
                        .map(DailySummary::line)
                        .toList());
        block(
                lines,
                Words.say("reminder.gauges-soon", GAUGES_AHEAD),
                gauges.stream()
                        .filter(each -> !each.nextDue().isBefore(today)
                                && each.nextDue().isBefore(today.plusDays(GAUGES_AHEAD)))
                        .map(DailySummary::line)
                        .toList());
        return lines.isEmpty() ? Words.say("reminder.nothing-due") : String.join("\n", lines);
    }

    private static void block(List<String> lines, String title, List<String> block) {
        if (!block.isEmpty()) {
            lines.add(title);
            block.forEach(line -> lines.add("  " + line));
            lines.add("");
        }
    }

    private static String line(DueDocket docket) {
        return day(docket.due()) + "  "
                + Words.say("reminder.docket-due", docket.number(), docket.part(), docket.serial());
    }

    private static String line(Gauge gauge) {
        return day(gauge.nextDue()) + "  " + Words.say("gauge.calibration-due", gauge.mark(), gauge.name());
    }

    private static String day(LocalDate day) {
        return DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH).format(day);
    }
}
