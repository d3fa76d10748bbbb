package org.eskarn.app.page;

import java.time.Clock;
import java.time.ZoneId;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** What every page may show. */
@ControllerAdvice
class PageAdvice {

    private final Clock clock;

    PageAdvice(Clock clock) {
        this.clock = clock;
    }

    /** The zone in which times are said. */
    @ModelAttribute("zone")
    ZoneId zone() {
        return clock.getZone();
    }
}
