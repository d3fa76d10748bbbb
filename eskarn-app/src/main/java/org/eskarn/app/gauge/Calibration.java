package org.eskarn.app.gauge;

import java.time.LocalDate;
import org.eskarn.app.page.Words;

/** One calibration of a gauge, as its row stands. */
public record Calibration(
        long id,
        long gaugeId,
        LocalDate doneOn,
        String doneBy,
        Result result,
        String points,
        LocalDate nextDue,
        String note,
        String recordedByName) {

    /** What came of it. */
    public enum Result {
        GOOD(Words.say("gauge.within-its-limits")),
        ADJUSTED(Words.say("gauge.out-as-found-adjusted")),
        FAILED(Words.say("gauge.out-of-its-limits"));

        private final String title;

        Result(String title) {
            this.title = title;
        }

        public String title() {
            return title;
        }

        public boolean failed() {
            return this == FAILED;
        }
    }
}
