package org.eskarn.app.picture.fit;

import java.util.ArrayList;
import java.util.List;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.Drawing;
import org.eskarn.app.picture.engine.RoundSteps;
import org.eskarn.app.picture.engine.ScaleText;
import org.eskarn.app.picture.engine.Sketch;
import org.eskarn.app.picture.engine.TextSpace;
import org.eskarn.app.picture.engine.Xy;
import org.eskarn.core.fit.MatedSizes;
import org.eskarn.core.fit.MatedSizes.Place;
import org.eskarn.core.verdict.Bounds;

/** The clearance along the length of a pair, from its tightest to its loosest, with what is wanted. */
public final class ClearanceDrawing {

    private static final double LEFT = 84;
    private static final double RIGHT = 600;
    private static final double TOP = 40;
    private static final double FOOT = 400;
    private static final int LABELS = 6;
    private static final double LETTERS = 13;

    private ClearanceDrawing() {}

    /**
     * @param distances how places along the length are said
     */
    public static Drawing of(MatedSizes pair, Bounds wanted, Display distances, Display display) {
        double low = Math.min(0, pair.tightest().tightest());
        double high = Math.max(0, pair.loosest().loosest());
        for (Double bound : new Double[] {wanted.lower(), wanted.upper()}) {
            if (bound != null) {
                low = Math.min(low, bound);
                high = Math.max(high, bound);
            }
        }
        double span = Math.max(high - low, 10 * display.finest());
        double top = high + 0.08 * span;
        double foot = low - 0.08 * span;
        Sketch sketch = new Sketch();
        scale(sketch, top, foot, display);
        List<Place> places = pair.places();
        double from = places.get(0).at();
        double to = places.get(places.size() - 1).at();
        List<Xy> tight = new ArrayList<>();
        List<Xy> loose = new ArrayList<>();
        List<Xy> mean = new ArrayList<>();
        for (Place place : places) {
            double x = to == from
                    ? (LEFT + RIGHT) / 2
                    : LEFT + 24 + (place.at() - from) / (to - from) * (RIGHT - LEFT - 48);
            tight.add(new Xy(x, y(place.tightest(), top, foot)));
            loose.add(new Xy(x, y(place.loosest(), top, foot)));
            mean.add(new Xy(x, y(place.mean(), top, foot)));
        }
        band(sketch, tight, loose);
        limits(sketch, wanted, top, foot, display);
        sketch.polyline(Sketch.PETROL, 2, mean);
        for (int i = 0; i < places.size(); i++) {
            sketch.line(Sketch.INK, 1.4, tight.get(i), loose.get(i));
            sketch.dot("d-fill-petrol", mean.get(i), 3.4);
        }
        feet(sketch, places, mean, distances);
        ends(sketch, pair, tight, loose, display);
        return sketch.drawn(
                Words.say("picture.clearance-along-the-length-hole-less-shaft"),
                Words.say(
                        "picture.bars-tightest-to-loosest-petrol-the-mean",
                        wanted.open() ? "" : Words.say("picture.dashed-wanted")));
    }

    private static double y(double clearance, double top, double foot) {
        return TOP + (top - clearance) / (top - foot) * (FOOT - TOP);
    }

    private static void band(Sketch sketch, List<Xy> tight, List<Xy> loose) {
        List<Xy> corners = new ArrayList<>(loose);
        for (int i = tight.size() - 1; i >= 0; i--) {
            corners.add(tight.get(i));
        }
        sketch.area(Sketch.SHADE, corners);
    }

    private static void scale(Sketch sketch, double top, double foot, Display display) {
        double step = RoundSteps.atLeast((display.of(top) - display.of(foot)) / LABELS);
        for (long i = (long) Math.ceil(display.of(foot) / step); i <= Math.floor(display.of(top) / step); i++) {
            double y = y(display.micrometres(i * step), top, foot);
            sketch.line(i == 0 ? Sketch.BRASS : Sketch.HAIR, i == 0 ? 2.2 : 0.7, new Xy(LEFT, y), new Xy(RIGHT, y));
            sketch.text(
                    i == 0 ? "d-fill-brass" : "d-fill-quiet",
                    new Xy(LEFT - 8, y + 4.5),
                    "end",
                    LETTERS,
                    400,
                    (i > 0 ? "+" : "") + ScaleText.plain(i * step) + (i == 0 ? " " + display.symbol() : ""));
        }
        sketch.text("d-fill-quiet", new Xy(RIGHT, TOP - 14), "end", LETTERS, 400, Words.say("picture.upwards-looser"));
    }

    private static void limits(Sketch sketch, Bounds wanted, double top, double foot, Display display) {
        for (Double bound : new Double[] {wanted.lower(), wanted.upper()}) {
            if (bound != null) {
                double y = y(bound, top, foot);
                sketch.dashed(Sketch.INK, new Xy(LEFT, y), new Xy(RIGHT, y));
                sketch.text("d-fill-ink", new Xy(RIGHT + 6, y + 4.5), "start", LETTERS, 400, display.signed(bound));
            }
        }
    }

    /** Distances under the places, those that would meet left out. */
    private static void feet(Sketch sketch, List<Place> places, List<Xy> at, Display distances) {
        TextSpace room = new TextSpace();
        for (int i = 0; i < places.size(); i++) {
            String said = ScaleText.plain(places.get(i).at());
            Xy foot = new Xy(at.get(i).x(), FOOT + 22);
            if (room.take(foot, "middle", LETTERS, said + "  ")) {
                sketch.text("d-fill-quiet", foot, "middle", LETTERS, 400, said);
            }
        }
        sketch.text(
                "d-fill-quiet",
                new Xy(RIGHT, FOOT + 44),
                "end",
                LETTERS,
                400,
                Words.say("picture.from-the-end", distances.symbol()));
    }

    private static void ends(Sketch sketch, MatedSizes pair, List<Xy> tight, List<Xy> loose, Display display) {
        int tightest = pair.places().indexOf(pair.tightest());
        int loosest = pair.places().indexOf(pair.loosest());
        Xy low = tight.get(tightest);
        Xy high = loose.get(loosest);
        sketch.text(
                "d-fill-ink",
                new Xy(low.x(), low.y() + 17),
                "middle",
                14,
                700,
                display.signed(pair.tightest().tightest()));
        sketch.text(
                "d-fill-ink",
                new Xy(high.x(), high.y() - 8),
                "middle",
                14,
                700,
                display.signed(pair.loosest().loosest()));
    }
}
