package org.eskarn.app.picture;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.Drawing;
import org.eskarn.app.picture.engine.LimitLine;
import org.eskarn.app.picture.engine.Sketch;
import org.eskarn.app.picture.engine.Xy;
import org.eskarn.core.gauge.CalibrationCurve;
import org.eskarn.core.gauge.CalibrationCurve.Point;

/** What a calibration found along the scale: the errors with what they are known to, between the limits of the gauge. */
public final class CalibrationDrawing {

    private static final double LEFT = 70;
    private static final double RIGHT = 600;
    private static final double TOP = 30;
    private static final double FOOT = 230;
    private static final double HEIGHT = 280;
    private static final double MARGIN = 1.25;

    private CalibrationDrawing() {}

    /**
     * @param limit maximum permissible error, µm
     * @param places how places on the scale are said
     * @param errors how errors are said
     */
    public static Drawing of(CalibrationCurve curve, double limit, Display places, Display errors) {
        List<Point> points = curve.points();
        double first = points.get(0).indication();
        double span = points.get(points.size() - 1).indication() - first;
        double most = points.stream()
                .mapToDouble(point -> Math.abs(point.error()) + curve.expanded())
                .max()
                .orElse(0);
        double high = MARGIN * Math.max(limit, most);
        double middle = (TOP + FOOT) / 2;
        double scale = (FOOT - TOP) / 2 / high;
        Sketch sketch = new Sketch();
        List<Xy> line = new ArrayList<>();
        List<Xy> above = new ArrayList<>();
        List<Xy> below = new ArrayList<>();
        for (Point point : points) {
            double x = LEFT + (RIGHT - LEFT) * (point.indication() - first) / span;
            line.add(new Xy(x, middle - point.error() * scale));
            above.add(new Xy(x, middle - (point.error() + curve.expanded()) * scale));
            below.add(new Xy(x, middle - (point.error() - curve.expanded()) * scale));
        }
        Collections.reverse(below);
        above.addAll(below);
        if (curve.expanded() > 0) {
            sketch.area(Sketch.SHADE, above);
        }
        sketch.line(Sketch.HAIR, 1, new Xy(LEFT, middle), new Xy(RIGHT, middle));
        LimitLine.across(sketch, LEFT, RIGHT, middle - limit * scale, limit, errors);
        LimitLine.across(sketch, LEFT, RIGHT, middle + limit * scale, -limit, errors);
        sketch.polyline(Sketch.PETROL, 2, line);
        for (int i = 0; i < points.size(); i++) {
            Xy at = line.get(i);
            sketch.dot("d-fill-ink", at, 4);
            sketch.text(
                    "d-fill-ink",
                    new Xy(at.x(), at.y() - 10),
                    "middle",
                    13,
                    450,
                    errors.signed(points.get(i).error()));
            sketch.text(
                    "d-fill-quiet",
                    new Xy(at.x(), FOOT + 24),
                    "middle",
                    13,
                    450,
                    Display.plain(places.of(points.get(i).indication()), 3));
        }
        return sketch.drawn(
                Words.say("picture.errors-along-the-scale"),
                Words.say("picture.errors-in-places-in", errors.symbol(), places.symbol()),
                HEIGHT);
    }
}
