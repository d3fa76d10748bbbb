package org.eskarn.app.reminder;

import org.springframework.boot.autoconfigure.condition.ConditionalOnWebApplication;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Only a server sends mail: a command that reads a copy of the records does not. */
@Component
@ConditionalOnWebApplication
class DailyRun {

    private final DailySummary summary;

    DailyRun(DailySummary summary) {
        this.summary = summary;
    }

    @Scheduled(fixedDelayString = "PT10M", initialDelayString = "PT1M")
    void look() {
        summary.daily();
    }
}
