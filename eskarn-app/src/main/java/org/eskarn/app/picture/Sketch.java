package org.eskarn.app.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.eskarn.app.picture.Drawing.Shape;

/** Puts a drawing together, the lowest first. Not for sharing between requests. */
final class Sketch {

    static final String INK = "d-ink";
    static final String HAIR = "d-hair";
    static final String QUIET = "d-quiet";
    static final String PETROL = "d-petrol";
    static final String BRASS = "d-brass";
    static final String STONE = "d-fill-stone";
    static final String SHADE = "d-fill-shade";
    static final String DASHED = "6 5";
    private static final Xy NOWHERE = new Xy(0, 0);

    private final List<Shape> shapes = new ArrayList<>();

    private Sketch path(String look, String d, double width, String dash) {
        shapes.add(new Shape(look, d, width, dash, "", NOWHERE, "", 0, 0));
        return this;
    }

    /** A filled area. */
    Sketch area(String look, List<Xy> corners) {
        return path(look, joined(corners) + "Z", 0, "");
    }

    Sketch line(String look, double width, Xy... points) {
        return path(look, joined(List.of(points)), width, "");
    }

    Sketch dashed(String look, Xy... points) {
        return path(look, joined(List.of(points)), 1.2, DASHED);
    }

    /** The line of an axis. */
    Sketch axis(Xy from, Xy to) {
        return path(BRASS, joined(List.of(from, to)), 1.2, "14 4 3 4");
    }

    Sketch polyline(String look, double width, List<Xy> points) {
        return points.size() < 2 ? this : path(look, joined(points), width, "");
    }

    Sketch closed(String look, double width, List<Xy> points) {
        return points.size() < 2 ? this : path(look, joined(points) + "Z", width, "");
    }

    Sketch circle(String look, double width, String dash, Xy centre, double radius) {
        return path(look, round(centre, radius), width, dash);
    }

    Sketch dot(String look, Xy centre, double radius) {
        return path(look, round(centre, radius), 0, "");
    }

    /** An arrow with its head at the second point; too short for a head it is a line alone. */
    Sketch arrow(String look, String fill, double width, Xy from, Xy to) {
        double dx = to.x() - from.x();
        double dy = to.y() - from.y();
        double length = Math.hypot(dx, dy);
        if (length < 1) {
            return this;
        }
        double head = Math.min(11, length * 0.6);
        double ux = dx / length;
        double uy = dy / length;
        Xy neck = new Xy(to.x() - ux * head, to.y() - uy * head);
        line(look, width, from, neck);
        return area(
                fill,
                List.of(
                        to,
                        new Xy(neck.x() - uy * head * 0.45, neck.y() + ux * head * 0.45),
                        new Xy(neck.x() + uy * head * 0.45, neck.y() - ux * head * 0.45)));
    }

    Sketch text(String fill, Xy at, String anchor, double size, int weight, String text) {
        if (!text.isEmpty()) {
            shapes.add(new Shape(fill, "", 0, "", text, at, anchor, size, weight));
        }
        return this;
    }

    /** A bar of the length of a deviation, to read the magnification by. */
    Sketch scaleBar(Xy from, double length, boolean upright, String label) {
        Xy to = upright ? new Xy(from.x(), from.y() - length) : new Xy(from.x() + length, from.y());
        double across = 5;
        if (upright) {
            line(INK, 1.4, new Xy(from.x() - across, from.y()), new Xy(from.x() + across, from.y()));
            line(INK, 1.4, new Xy(to.x() - across, to.y()), new Xy(to.x() + across, to.y()));
        } else {
            line(INK, 1.4, new Xy(from.x(), from.y() - across), new Xy(from.x(), from.y() + across));
            line(INK, 1.4, new Xy(to.x(), to.y() - across), new Xy(to.x(), to.y() + across));
        }
        line(INK, 1.4, from, to);
        return upright
                ? text("d-fill-ink", new Xy(from.x() - 24, to.y() - 9), "start", 13, 400, label)
                : text("d-fill-ink", new Xy(to.x() + 9, from.y() + 5), "start", 13, 400, label);
    }

    Drawing drawn(String title, String scaleLine) {
        return new Drawing(title, scaleLine, shapes);
    }

    private static String joined(List<Xy> points) {
        return "M" + points.stream().map(Xy::toString).collect(Collectors.joining("L"));
    }

    private static String round(Xy centre, double radius) {
        String r = Xy.written(radius);
        String d = Xy.written(2 * radius);
        return "M" + new Xy(centre.x() - radius, centre.y()) + "a" + r + "," + r + " 0 1,0 " + d + ",0a" + r + "," + r
                + " 0 1,0 -" + d + ",0";
    }
}
