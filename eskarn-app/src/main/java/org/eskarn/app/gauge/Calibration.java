package org.eskarn.app.gauge;

import java.time.LocalDate;

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
        GOOD("within its limits"),
        ADJUSTED("out as found, adjusted"),
        FAILED("out of its limits");

        private final String title;

        Result(String title) {
            this.title = title;
        }

        public String title() {
            return title;
        }
    }
}
