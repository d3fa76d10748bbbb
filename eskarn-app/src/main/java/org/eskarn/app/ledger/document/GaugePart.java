package org.eskarn.app.ledger.document;

import org.jspecify.annotations.Nullable;

/**
 * A gauge as it was when it read.
 *
 * @param calibration the one in force then; absent where there was none
 * @param state how it stood on that day, in words
 */
public record GaugePart(
        long id,
        String mark,
        String name,
        String serial,
        String kind,
        @Nullable Amount graduation,
        @Nullable Amount maximumError,
        @Nullable String readIn,
        @Nullable CalibrationPart calibration,
        String state) {}
