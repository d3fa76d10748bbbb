package org.eskarn.app.docket;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * A verdict in question because of a gauge found wrong.
 *
 * @param settledReason why it stands all the same; null while it is open
 */
public record Question(
        long id,
        long setUpId,
        int number,
        int position,
        String title,
        String gaugeMark,
        BigDecimal error,
        LengthUnit errorUnit,
        LocalDate since,
        String raisedByName,
        Instant raisedAt,
        @Nullable String settledReason,
        @Nullable String settledByName,
        @Nullable Instant settledAt) {}
