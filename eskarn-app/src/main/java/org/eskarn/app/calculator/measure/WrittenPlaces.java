package org.eskarn.app.calculator.measure;

import java.math.RoundingMode;
import java.util.EnumSet;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.eskarn.app.field.Restating;
import org.eskarn.app.page.TypedQuantity;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.WrittenLayout;
import org.eskarn.core.units.LengthUnit;

/** Layouts written with units of their own. */
final class WrittenPlaces {

    /** A number with a unit after it that no word goes on. */
    private static final Pattern OWN = Pattern.compile(
            "(-?[\\d.,]*\\d[.,]?)(mm|µm|μm|um|in|inch|\"|thou|tenths?)(?=[\\s;]|$)", Pattern.CASE_INSENSITIVE);

    private static final Pattern BARE = Pattern.compile("(?<=^|[\\s;])-?[\\d.,]+(?=[\\s;]|$)");

    /** As many as a layout takes; a place need not be known better. */
    private static final int DECIMALS = 6;

    private WrittenPlaces() {}

    /** How the first field is said in another unit. */
    static Restating first(LayoutKind kind) {
        return switch (kind) {
            case RINGS, WATCHED, LINE, STEPS, GRID, PINS -> Restating.LENGTHS;
            case POINTS -> Restating.PLACES;
            case RING, LINES, PAIRS, CYCLES, PUSHES, YES_NO -> Restating.NOTHING;
        };
    }

    static Restating second(LayoutKind kind) {
        return switch (kind) {
            case GRID, LINES -> Restating.LENGTHS;
            case RING, RINGS, WATCHED, LINE, STEPS, POINTS, PAIRS, CYCLES, PUSHES, PINS, YES_NO -> Restating.NOTHING;
        };
    }

    /**
     * The layout as the core reads it. Where every distance has one unit of its own it is in that unit, and its stations are called
     * as they were typed; otherwise what has another unit is converted.
     */
    static WrittenLayout layout(LayoutKind kind, LengthUnit unit, String first, String second) {
        boolean ofFirst = first(kind) == Restating.LENGTHS;
        boolean ofSecond = second(kind) == Restating.LENGTHS;
        String distances =
                (ofFirst ? TypedQuantity.joined(first) + ";" : "") + (ofSecond ? TypedQuantity.joined(second) : "");
        Set<LengthUnit> units = units(distances);
        if (BARE.matcher(distances).find()) {
            units.add(unit);
        }
        LengthUnit own = units.size() == 1 ? units.iterator().next() : unit;
        if (kind.pins() && units.size() > 1) {
            // A pin is as large as it is written; converted with its last decimal rounded it would be another.
            return new WrittenLayout(kind, unit, first, second);
        }
        return new WrittenLayout(kind, own, ofFirst ? in(own, first) : first, ofSecond ? in(own, second) : second);
    }

    private static Set<LengthUnit> units(String distances) {
        return OWN.matcher(distances)
                .results()
                .flatMap(found -> LengthUnit.named(found.group(2)).stream())
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(LengthUnit.class)));
    }

    private static String in(LengthUnit unit, String written) {
        return OWN.matcher(TypedQuantity.joined(written))
                .replaceAll(found -> Matcher.quoteReplacement(TypedQuantity.length(found.group(), unit)
                        .map(length -> length.amount()
                                .setScale(DECIMALS, RoundingMode.HALF_UP)
                                .stripTrailingZeros()
                                .toPlainString())
                        .orElse(found.group())));
    }
}
