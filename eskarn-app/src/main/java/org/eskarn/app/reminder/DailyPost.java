package org.eskarn.app.reminder;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * To whom the summary of a day goes.
 *
 * @param recipients addresses with commas between; empty for nobody
 * @param hourOfDay from which hour on it is sent
 * @param lastSent the day it was last sent on; null before the first
 */
record DailyPost(
        int version,
        String recipients,
        int hourOfDay,
        @Nullable LocalDate lastSent) {

    List<String> addresses() {
        return Arrays.stream(recipients.split("[,;\\s]+"))
                .filter(each -> !each.isEmpty())
                .toList();
    }
}
