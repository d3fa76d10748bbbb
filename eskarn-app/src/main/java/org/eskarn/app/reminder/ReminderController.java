package org.eskarn.app.reminder;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import org.eskarn.app.account.SignedIn;
import org.eskarn.app.page.NotFound;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** A person’s calendar of what is due. */
@Controller
class ReminderController {

    private static final MediaType CALENDAR = new MediaType("text", "calendar", StandardCharsets.UTF_8);

    private final CalendarLinks links;
    private final DueDates due;
    private final Clock clock;

    ReminderController(CalendarLinks links, DueDates due, Clock clock) {
        this.links = links;
        this.due = due;
        this.clock = clock;
    }

    @GetMapping("/reminders")
    String show(@AuthenticationPrincipal SignedIn person, Model model) {
        model.addAttribute("place", "bench");
        model.addAttribute("madeAt", links.madeAt(person.id()).orElse(null));
        return "reminder/reminders";
    }

    @PostMapping("/reminders/calendar")
    String make(@AuthenticationPrincipal SignedIn person, Model model) {
        String token = links.make(person.id());
        model.addAttribute(
                "address",
                ServletUriComponentsBuilder.fromCurrentContextPath()
                        .path("/calendar/" + token + ".ics")
                        .toUriString());
        return show(person, model);
    }

    @PostMapping("/reminders/calendar/revoke")
    String revoke(@AuthenticationPrincipal SignedIn person) {
        links.revoke(person.id());
        return "redirect:/reminders";
    }

    /** Read by calendars, which do not sign in. */
    @GetMapping("/calendar/{token:[A-Za-z0-9_-]+}.ics")
    ResponseEntity<String> calendar(@PathVariable String token) {
        if (!links.good(token)) {
            throw new NotFound();
        }
        return ResponseEntity.ok().contentType(CALENDAR).body(due.calendar(clock.instant()));
    }
}
