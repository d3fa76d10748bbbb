package org.eskarn.app.docket;

import java.time.Instant;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A docket as its row stands.
 *
 * @param gaugeId the gauge that is inspected; null for a part
 * @param supersedes the number of the signed docket whose place it takes; null for none
 */
public record DocketRow(
        long id,
        int number,
        long partId,
        String serial,
        int piece,
        int pieces,
        String purpose,
        String askedBy,
        LocalDate due,
        boolean signed,
        Instant openedAt,
        @Nullable Long gaugeId,
        long openedBy,
        String openedByName,
        @Nullable Integer supersedes,
        String supersedesReason) {

    /** Whether the limits for parts in service count, where the drawing has such. */
    public boolean inService() {
        return purpose.equals(Purpose.IN_SERVICE.recorded());
    }
}
