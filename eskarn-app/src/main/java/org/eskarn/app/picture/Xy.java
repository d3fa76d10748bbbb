package org.eskarn.app.picture;

import java.util.Locale;

/** A point of a drawing, in its own units, y downwards. */
public record Xy(double x, double y) {

    /** The point at a radius and an angle that runs clockwise from the top. */
    static Xy polar(Xy centre, double radius, double radians) {
        return new Xy(centre.x + radius * Math.sin(radians), centre.y - radius * Math.cos(radians));
    }

    /** The coordinate as it is written into a drawing. */
    static String written(double coordinate) {
        return String.format(Locale.ROOT, "%.1f", coordinate);
    }

    @Override
    public String toString() {
        return written(x) + "," + written(y);
    }
}
