package org.eskarn.app.gauge;

import java.math.BigDecimal;
import java.time.LocalDate;
import org.eskarn.app.page.Words;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * One calibration of a gauge, as its row stands.
 *
 * @param placeUnit of the places on the scale where its errors were found; null of one recorded before they were read
 * @param pointUnit of the errors and their uncertainty; null where the other is
 * @param uncertainty of each error, k = 2; null where none was stated
 */
public record Calibration(
        long id,
        long gaugeId,
        LocalDate doneOn,
        String doneBy,
        Result result,
        String points,
        LocalDate nextDue,
        String note,
        String recordedByName,
        @Nullable LengthUnit placeUnit,
        @Nullable LengthUnit pointUnit,
        @Nullable BigDecimal uncertainty) {

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
