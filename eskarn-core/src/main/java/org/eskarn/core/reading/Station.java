package org.eskarn.core.reading;

import java.math.BigDecimal;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A marked place to touch. Which of the coordinates it has depends on the kind of its layout.
 *
 * @param number 1 for the station the sweep starts at, counting on in the order of reading
 * @param name what people call it: 45°, 60 mm, corner A
 * @param angle degrees from the top, clockwise as seen from the stated end of the part, at least 0 and below 360
 * @param along distance from an end, or to the right on a plane, in the unit of the layout
 * @param across distance upwards on a plane, in the unit of the layout
 * @param line the line, rim, placement or pair it belongs to, where the layout has several
 * @param onRim whether that line runs round a rim
 * @param setUp which of the set-ups it is read in, from 0; 0 also where there is one only
 */
public record Station(
        int number,
        String name,
        @Nullable BigDecimal angle,
        @Nullable BigDecimal along,
        @Nullable BigDecimal across,
        @Nullable String line,
        boolean onRim,
        int setUp) {

    private static final BigDecimal FULL_TURN = BigDecimal.valueOf(360);

    public Station {
        if (number < 1) {
            throw new IllegalArgumentException("a station's number starts at 1, not " + number);
        }
        if (name.isBlank()) {
            throw new IllegalArgumentException("station " + number + " has no name");
        }
        if (angle != null && (angle.signum() < 0 || angle.compareTo(FULL_TURN) >= 0)) {
            throw new IllegalArgumentException("a station's angle is from 0 to below 360 degrees, not " + angle);
        }
    }

    /** On no rim, in the first set-up. */
    public Station(
            int number,
            String name,
            @Nullable BigDecimal angle,
            @Nullable BigDecimal along,
            @Nullable BigDecimal across,
            @Nullable String line) {
        this(number, name, angle, along, across, line, false, 0);
    }

    /** A place round a section, called by its angle. */
    public static Station round(int number, BigDecimal angle) {
        return new Station(number, written(angle) + "°", angle, null, null, null);
    }

    /** A place that has only a name. */
    public static Station named(int number, String name) {
        return new Station(number, name, null, null, null, null);
    }

    /** The rim it is on, if it is on one: nothing is known of what lies inside. */
    public Optional<String> rim() {
        return Optional.ofNullable(line).filter(name -> onRim);
    }

    /** The same place at another point of the order of reading, called otherwise. */
    public Station as(int newNumber, String newName) {
        return new Station(newNumber, newName, angle, along, across, line, onRim, setUp);
    }

    /** The same place, read in the first set-up. */
    public Station first() {
        return in(0);
    }

    /** The same place, read in another set-up. */
    Station in(int newSetUp) {
        return new Station(number, name, angle, along, across, line, onRim, newSetUp);
    }

    /**
     * The angle in radians.
     *
     * @throws IllegalStateException if the station lies on no ring
     */
    public double radians() {
        return Math.toRadians(known(angle, "angle"));
    }

    /**
     * The distance along, in the unit of the layout.
     *
     * @throws IllegalStateException if the station has none
     */
    public double distance() {
        return known(along, "distance");
    }

    /**
     * The distance across, in the unit of the layout.
     *
     * @throws IllegalStateException if the station has none
     */
    public double height() {
        return known(across, "second distance");
    }

    private double known(@Nullable BigDecimal coordinate, String what) {
        if (coordinate == null) {
            throw new IllegalStateException("station " + number + " has no " + what);
        }
        return coordinate.doubleValue();
    }

    static String written(BigDecimal coordinate) {
        return coordinate.stripTrailingZeros().toPlainString();
    }
}
