package org.eskarn.app.picture.engine;

import java.util.List;

/** A point of a drawing, in its own units, y downwards. */
public record Xy(double x, double y) {

    /** The point at a radius and an angle that runs clockwise from the top. */
    public static Xy polar(Xy centre, double radius, double radians) {
        return new Xy(centre.x + radius * Math.sin(radians), centre.y - radius * Math.cos(radians));
    }

    /** The corners of a rectangle, clockwise from its upper left. */
    public static List<Xy> box(double left, double top, double right, double foot) {
        return List.of(new Xy(left, top), new Xy(right, top), new Xy(right, foot), new Xy(left, foot));
    }

    /** The coordinate as it is written into a drawing, to a tenth of a unit. */
    public static String written(double coordinate) {
        long tenths = Math.round(coordinate * 10);
        return tenths % 10 == 0 ? Long.toString(tenths / 10) : Double.toString(tenths / 10.0);
    }

    @Override
    public String toString() {
        return written(x) + "," + written(y);
    }
}
