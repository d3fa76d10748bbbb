package org.eskarn.core.result;

/**
 * A figure beside the judged one.
 *
 * @param name what it is, as read aloud: mean at 60 mm
 * @param amount in µm; of a slope in µm for each mm; of an angle or a direction in degrees, of a number as it is; NaN where there is none
 */
public record Figure(Note name, double amount, Kind kind) {

    /** What a figure is, and so how it is said. */
    public enum Kind {
        /** A difference, said in the unit of the readings. */
        DEVIATION,
        /** A slope, said as a difference over a length that people use: 100 mm, or 4 in. */
        SLOPE,
        /** A whole size, said in the unit of the drawing. */
        SIZE,
        /** A direction round a section, in degrees. */
        DIRECTION,
        /** A small angle, in degrees. */
        ANGLE,
        /** A plain number. */
        NUMBER
    }

    public static Figure deviation(Note name, double micrometres) {
        return new Figure(name, micrometres, Kind.DEVIATION);
    }

    /** @param perMillimetre µm for each mm */
    public static Figure slope(Note name, double perMillimetre) {
        return new Figure(name, perMillimetre, Kind.SLOPE);
    }

    /** The same in a table or a sentence. */
    public static Figure slope(double perMillimetre) {
        return slope(Note.text(""), perMillimetre);
    }

    public static Figure size(Note name, double micrometres) {
        return new Figure(name, micrometres, Kind.SIZE);
    }

    public static Figure direction(Note name, double degrees) {
        return new Figure(name, degrees, Kind.DIRECTION);
    }

    public static Figure angle(Note name, double degrees) {
        return new Figure(name, degrees, Kind.ANGLE);
    }

    public static Figure number(Note name, double number) {
        return new Figure(name, number, Kind.NUMBER);
    }

    /** A figure in a table, named by its row and column. */
    public static Figure deviation(double micrometres) {
        return deviation(Note.text(""), micrometres);
    }

    public static Figure of(double amount, Kind kind) {
        return new Figure(Note.text(""), amount, kind);
    }

    /** An empty place in a table. */
    public static Figure none() {
        return new Figure(Note.text(""), Double.NaN, Kind.NUMBER);
    }

    public boolean known() {
        return !Double.isNaN(amount);
    }
}
