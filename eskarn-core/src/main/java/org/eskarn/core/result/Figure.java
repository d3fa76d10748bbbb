package org.eskarn.core.result;

/**
 * A figure beside the judged one.
 *
 * @param name what it is, as read aloud: mean at 60 mm
 * @param amount in µm; of an angle or a direction in degrees, of a number as it is; NaN where there is none
 */
public record Figure(String name, double amount, Kind kind) {

    /** What a figure is, and so how it is said. */
    public enum Kind {
        /** A difference, said in the unit of the readings. */
        DEVIATION,
        /** A whole size, said in the unit of the drawing. */
        SIZE,
        /** A direction round a section, in degrees. */
        DIRECTION,
        /** A small angle, in degrees. */
        ANGLE,
        /** A plain number. */
        NUMBER
    }

    public static Figure deviation(String name, double micrometres) {
        return new Figure(name, micrometres, Kind.DEVIATION);
    }

    public static Figure size(String name, double micrometres) {
        return new Figure(name, micrometres, Kind.SIZE);
    }

    public static Figure direction(String name, double degrees) {
        return new Figure(name, degrees, Kind.DIRECTION);
    }

    public static Figure angle(String name, double degrees) {
        return new Figure(name, degrees, Kind.ANGLE);
    }

    public static Figure number(String name, double number) {
        return new Figure(name, number, Kind.NUMBER);
    }

    /** An empty place in a table. */
    public static Figure none() {
        return new Figure("", Double.NaN, Kind.NUMBER);
    }

    public boolean known() {
        return !Double.isNaN(amount);
    }
}
