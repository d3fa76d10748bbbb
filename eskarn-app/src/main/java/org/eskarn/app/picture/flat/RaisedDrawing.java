package org.eskarn.app.picture.flat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.Drawing;
import org.eskarn.app.picture.engine.RoundSteps;
import org.eskarn.app.picture.engine.ScaleText;
import org.eskarn.app.picture.engine.Sketch;
import org.eskarn.app.picture.engine.Xy;
import org.eskarn.core.flat.Facets;
import org.eskarn.core.reading.Station;

/**
 * A face seen from the front and above, heights raised by a stated factor. What is up on the plan goes back to the right, so
 * that left and right stay what they are.
 */
public final class RaisedDrawing {

    private static final double LEFT = 40;
    private static final double RIGHT = 600;
    private static final double FOOT = 402;
    private static final double ROOM_ABOVE = 340;
    /** How much of a distance to the back is drawn, and which way. */
    private static final double BACK = 0.55;

    private static final double BACK_RADIANS = Math.toRadians(52);
    private static final int MOST_BLOCKS = 28;
    /** How much of the height of the picture the heights take at least. */
    private static final double LEAST_RAISED = 110;

    private static final double MOST_RAISED = 200;

    private final Plate plate;
    private final Display display;
    private final ToneScale ramp;
    private final BlockMeans drawn;
    private final double left;
    private final double front;
    private final double perMillimetre;
    private final double perMicrometre;
    private final double raised;

    private RaisedDrawing(Plate plate, Display display, ToneScale ramp) {
        this.plate = plate;
        this.display = display;
        this.ramp = ramp;
        this.drawn = BlockMeans.of(plate, MOST_BLOCKS);
        this.left = plate.stations().stream().mapToDouble(plate::x).min().orElse(0);
        this.front = plate.stations().stream().mapToDouble(plate::y).min().orElse(0);
        double width = plate.stations().stream().mapToDouble(plate::x).max().orElse(0) - left;
        double depth = plate.stations().stream().mapToDouble(plate::y).max().orElse(0) - front;
        double wide = Math.max(width + depth * BACK * Math.sin(BACK_RADIANS), 1e-6);
        double high = Math.max(depth * BACK * Math.cos(BACK_RADIANS), 1e-6);
        this.perMillimetre = Math.min((RIGHT - LEFT) / wide, (ROOM_ABOVE - LEAST_RAISED) / high);
        this.raised = Math.min(MOST_RAISED, ROOM_ABOVE - high * perMillimetre);
        double range = Math.max(ramp.highest() - ramp.lowest(), display.finest());
        // A round factor, so that it can be said.
        double factor = RoundSteps.atMost(raised / range / (perMillimetre / 1000));
        this.perMicrometre = factor * perMillimetre / 1000;
    }

    public static Drawing of(Plate plate, Display display) {
        return new RaisedDrawing(plate, display, ToneScale.of(plate.heights(), display)).draw();
    }

    /** What changed, pale where it was lowered and dark where it was raised. */
    static Drawing ofChange(Plate plate, Display display) {
        return new RaisedDrawing(plate, display, ToneScale.parted(plate.heights(), display)).draw();
    }

    private Xy at(double x, double y, double height) {
        double back = (y - front) * perMillimetre * BACK;
        return new Xy(
                LEFT + (x - left) * perMillimetre + back * Math.sin(BACK_RADIANS),
                FOOT - back * Math.cos(BACK_RADIANS) - (height - ramp.lowest()) * perMicrometre);
    }

    private Drawing draw() {
        Sketch sketch = new Sketch();
        Facets facets = drawn.facets();
        double[] corners = facets.heights(drawn.heights());
        base(sketch, facets);
        List<int[]> order = new ArrayList<>(pieces(facets));
        order.sort(Comparator.comparingDouble((int[] t) -> -mean(t, facets.y())));
        for (int[] t : order) {
            List<Xy> piece = IntStream.of(t)
                    .mapToObj(i -> at(facets.x()[i], facets.y()[i], corners[i]))
                    .toList();
            sketch.area(ramp.look(ramp.tone(mean(t, corners))), piece).closed(Sketch.QUIET, 0.6, piece);
        }
        said(sketch);
        sketch.text("d-fill-quiet", new Xy(LEFT, FOOT + 40), "start", 13, 400, Words.say("picture.front-left"));
        sketch.scaleBar(new Xy(612, FOOT), raised * 0.6, perMicrometre, true, display);
        return sketch.drawn(
                Words.say("picture.raised-seen-from-the-front", plate.title()),
                Words.say(
                        "picture.heights-dark-is-high",
                        ScaleText.grouped(1000 * perMicrometre / perMillimetre),
                        plate.called(),
                        drawn.said()));
    }

    /** Whole cells where there are many, triangles where there are few. */
    private static List<int[]> pieces(Facets facets) {
        return facets.middles().size() > 64 ? facets.middles() : facets.triangles();
    }

    private static double mean(int[] which, double[] values) {
        return IntStream.of(which).mapToDouble(i -> values[i]).average().orElse(0);
    }

    /** The level of the lowest place, so that it is seen how far the others stand above it. */
    private void base(Sketch sketch, Facets facets) {
        double right = java.util.Arrays.stream(facets.x()).max().orElse(0);
        double back = java.util.Arrays.stream(facets.y()).max().orElse(0);
        List<Xy> corners = List.of(
                at(left, front, ramp.lowest()),
                at(right, front, ramp.lowest()),
                at(right, back, ramp.lowest()),
                at(left, back, ramp.lowest()));
        sketch.area(Sketch.STONE, corners).closed(Sketch.HAIR, 1, corners);
    }

    private void said(Sketch sketch) {
        if (ramp.highest() > ramp.lowest()) {
            said(sketch, plate.highest(), -10, Words.say("picture.high-2"));
            said(sketch, plate.lowest(), 20, Words.say("picture.low-2"));
        }
    }

    private void said(Sketch sketch, int i, double down, String word) {
        Station station = plate.stations().get(i);
        Xy at = at(plate.x(station), plate.y(station), plate.heights()[i]);
        sketch.dot("d-fill-ink", at, 4);
        double x = Math.min(Math.max(at.x(), LEFT + 90), RIGHT - 90);
        String said = display.signed(plate.heights()[i]) + word + station.name();
        sketch.text("d-fill-ink", new Xy(x, at.y() + down), "middle", 14, 700, said);
    }
}
