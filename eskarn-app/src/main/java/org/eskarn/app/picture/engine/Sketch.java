package org.eskarn.app.picture.engine;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.eskarn.app.page.Display;
import org.eskarn.app.picture.engine.Drawing.Shape;

/** Puts a drawing together, the lowest first. Not for sharing between requests. */
public final class Sketch {

    public static final String INK = "d-ink";
    public static final String HAIR = "d-hair";
    public static final String QUIET = "d-quiet";
    public static final String PETROL = "d-petrol";
    public static final String BRASS = "d-brass";
    public static final String STONE = "d-fill-stone";
    public static final String SHADE = "d-fill-shade";
    public static final String DASHED = "6 5";
    private static final int HOURS = 12;
    private static final double BAR_END = 5;
    private static final Xy NOWHERE = new Xy(0, 0);

    private final List<Shape> shapes = new ArrayList<>();

    private Sketch path(String look, String d, double width, String dash) {
        shapes.add(new Shape(look, d, width, dash, "", NOWHERE, "", 0, 0));
        return this;
    }

    /** A filled area. */
    public Sketch area(String look, List<Xy> corners) {
        return path(look, joined(corners) + "Z", 0, "");
    }

    /** An area that is written out already; nothing where it is empty. */
    public Sketch filled(String look, String d) {
        return d.isEmpty() ? this : path(look, d, 0, "");
    }

    /** Many short lines as one path. */
    public Sketch pieces(String look, double width, List<Xy[]> pieces) {
        String d = pieces.stream().map(piece -> "M" + piece[0] + "L" + piece[1]).collect(Collectors.joining());
        return d.isEmpty() ? this : path(look, d, width, "");
    }

    public Sketch line(String look, double width, Xy... points) {
        return path(look, joined(List.of(points)), width, "");
    }

    public Sketch dashed(String look, Xy... points) {
        return path(look, joined(List.of(points)), 1.2, DASHED);
    }

    /** The line of an axis. */
    public Sketch axis(Xy from, Xy to) {
        return path(BRASS, joined(List.of(from, to)), 1.2, "14 4 3 4");
    }

    public Sketch polyline(String look, double width, List<Xy> points) {
        return points.size() < 2 ? this : path(look, joined(points), width, "");
    }

    public Sketch closed(String look, double width, List<Xy> points) {
        return points.size() < 2 ? this : path(look, joined(points) + "Z", width, "");
    }

    public Sketch circle(String look, double width, String dash, Xy centre, double radius) {
        return path(look, round(centre, radius), width, dash);
    }

    public Sketch dot(String look, Xy centre, double radius) {
        return path(look, round(centre, radius), 0, "");
    }

    /** An arrow with its head at the second point; too short for a head it is a line alone. */
    public Sketch arrow(String look, String fill, double width, Xy from, Xy to) {
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

    public Sketch text(String fill, Xy at, String anchor, double size, int weight, String text) {
        if (!text.isEmpty()) {
            shapes.add(new Shape(fill, "", 0, "", text, at, anchor, size, weight));
        }
        return this;
    }

    /**
     * A bar to read the magnification by, of a round deviation.
     *
     * @param room how long it may be, in drawing units
     * @param scale drawing units for each µm
     */
    public Sketch scaleBar(Xy from, double room, double scale, boolean upright, Display display) {
        double deviation = display.micrometres(RoundSteps.atMost(display.of(room / scale)));
        double length = deviation * scale;
        double dx = upright ? 0 : 1;
        double dy = upright ? -1 : 0;
        Xy to = new Xy(from.x() + dx * length, from.y() + dy * length);
        for (Xy end : List.of(from, to)) {
            line(
                    INK,
                    1.4,
                    new Xy(end.x() + dy * BAR_END, end.y() - dx * BAR_END),
                    new Xy(end.x() - dy * BAR_END, end.y() + dx * BAR_END));
        }
        line(INK, 1.4, from, to);
        Xy label = upright ? new Xy(from.x() - 24, to.y() - 9) : new Xy(to.x() + 9, from.y() + 5);
        return text(
                "d-fill-ink", label, "start", 13, 400, ScaleText.plain(display.of(deviation)) + " " + display.symbol());
    }

    /** A clock face with the axis in its middle: hours round it, and the four quarters in degrees too. */
    public Sketch clock(Xy centre, double radius) {
        circle(HAIR, 1, "", centre, radius);
        for (int hour = 1; hour <= HOURS; hour++) {
            double radians = 2 * Math.PI * hour / HOURS;
            line(HAIR, 1, Xy.polar(centre, radius, radians), Xy.polar(centre, radius - 7, radians));
            Xy at = Xy.polar(centre, radius + 18, radians);
            String degrees = hour % 3 == 0 ? " · " + 360 / HOURS * (hour % HOURS) + "°" : "";
            String anchor = hour == 3 ? "start" : hour == 9 ? "end" : "middle";
            text("d-fill-quiet", new Xy(at.x(), at.y() + 5), anchor, 13, 400, hour + degrees);
        }
        line(BRASS, 1.6, new Xy(centre.x() - 12, centre.y()), new Xy(centre.x() + 12, centre.y()));
        return line(BRASS, 1.6, new Xy(centre.x(), centre.y() - 12), new Xy(centre.x(), centre.y() + 12));
    }

    /** A drawing that is not as high as the others. */
    public Drawing drawn(String title, String scaleLine, double height) {
        return new Drawing(title, scaleLine, shapes, (int) Math.ceil(height));
    }

    public Drawing drawn(String title, String scaleLine) {
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
