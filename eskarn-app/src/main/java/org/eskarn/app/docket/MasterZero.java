package org.eskarn.app.docket;

import java.math.BigDecimal;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * The zero of a sweep as it was set on a master.
 *
 * @param gaugeNumber 1, or 2 for the gauge of the second reading of each pair
 * @param deviation how far the master is from what the zero means, µm; readings grow by it
 * @param uncertainty of the master when the zero was set on it, k = 2, µm; null in zeros from before it was kept
 * @param setting what the gauge read on it, as typed
 * @param masterId of the master; null in zeros from before it was kept, where no gauge is called that
 * @param recheck what it read on it again at the end, as typed; null until then
 */
public record MasterZero(
        long sweepId,
        int gaugeNumber,
        String master,
        BigDecimal deviation,
        String setting,
        BigDecimal settingMicrometres,
        @Nullable String recheck,
        @Nullable BigDecimal recheckMicrometres,
        long setBy,
        String setByName,
        Instant setAt,
        @Nullable BigDecimal uncertainty,
        @Nullable Long masterId) {

    /** How far the master read off at the end, µm; null until it was read again. */
    public @Nullable Double drift() {
        return recheckMicrometres == null
                ? null
                : (Double) recheckMicrometres.subtract(settingMicrometres).doubleValue();
    }
}
