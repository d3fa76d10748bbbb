package org.eskarn.app.gauge;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * A gauge read on its master before use.
 *
 * @param readings as typed, with blanks between
 * @param odd index of the reading the conclusion does not rest on, from 0; null if it rests on all
 * @param cause why that one was odd; empty if none
 * @param mean of the readings it rests on, in the unit
 * @param fitUntil the day to which it is fit for use; null where it is not
 */
public record GaugeCheckRow(
        long id,
        long gaugeId,
        String master,
        String readings,
        LengthUnit unit,
        @Nullable Integer odd,
        String cause,
        BigDecimal mean,
        BigDecimal deviation,
        boolean fit,
        @Nullable LocalDate fitUntil,
        String checkedByName,
        Instant checkedAt) {}
