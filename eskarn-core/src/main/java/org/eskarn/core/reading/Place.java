package org.eskarn.core.reading;

import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * A station that has no number yet.
 *
 * @param onRim whether its line runs round a rim
 */
public record Place(
        String name,
        @Nullable BigDecimal angle,
        @Nullable BigDecimal along,
        @Nullable BigDecimal across,
        @Nullable String line,
        boolean onRim) {

    Place(
            String name,
            @Nullable BigDecimal angle,
            @Nullable BigDecimal along,
            @Nullable BigDecimal across,
            @Nullable String line) {
        this(name, angle, along, across, line, false);
    }

    Place(String name, @Nullable BigDecimal angle, @Nullable BigDecimal along, @Nullable BigDecimal across) {
        this(name, angle, along, across, null);
    }

    Station numbered(int number) {
        return new Station(number, name, angle, along, across, line, onRim, 0);
    }

    static Place plane(String name, BigDecimal x, BigDecimal y) {
        return new Place(name.isEmpty() ? "x " + Station.written(x) + " y " + Station.written(y) : name, null, x, y);
    }
}
