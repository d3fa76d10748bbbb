package org.eskarn.app.picture;

import java.util.List;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.Drawing;
import org.eskarn.app.picture.engine.LimitLine;
import org.eskarn.app.picture.engine.Sketch;
import org.eskarn.app.picture.engine.Xy;
import org.eskarn.core.pieces.PieceFigure;
import org.eskarn.core.pieces.PiecesCompared;
import org.eskarn.core.verdict.Bounds;
import org.eskarn.core.verdict.Outcome;

/** One requirement over the pieces, in the order read: each figure with ±U, the limits, and where the others lie. */
public final class PiecesDrawing {

    private static final double LEFT = 70;
    private static final double RIGHT = 880;
    private static final double TOP = 26;
    private static final double FOOT = 250;
    private static final double HEIGHT = 300;
    private static final double BAR = 5;
    private static final double SIGMAS = 3;
    private static final double MARGIN = 0.12;
    /** Figures stand beside their dots as long as they have this much room. */
    private static final double ROOM = 60;

    private static final double LETTER = 7.6;
    private static final int MOST_NAMES = 24;

    private final double low;
    private final double scale;

    private PiecesDrawing(double low, double high) {
        this.low = low;
        this.scale = (FOOT - TOP) / (high - low);
    }

    private double y(double micrometres) {
        return FOOT - (micrometres - low) * scale;
    }

    /** @param outcomes of the figures, in their order */
    public static Drawing of(
            String title,
            List<PieceFigure> figures,
            List<Outcome> outcomes,
            PiecesCompared compared,
            Bounds bounds,
            Display display) {
        PiecesDrawing drawing = scaled(figures, bounds, display);
        Sketch sketch = new Sketch();
        drawing.frame(sketch, compared, bounds, display);
        double step = (RIGHT - LEFT) / figures.size();
        int every = (figures.size() + MOST_NAMES - 1) / MOST_NAMES;
        int longest = (int) (every * step / LETTER);
        for (int i = 0; i < figures.size(); i++) {
            PieceFigure figure = figures.get(i);
            boolean fails = outcomes.get(i) == Outcome.FAIL;
            Xy at = new Xy(LEFT + (i + 0.5) * step, drawing.y(figure.value()));
            double above = drawing.y(figure.value() + figure.expanded());
            double below = drawing.y(figure.value() - figure.expanded());
            sketch.area(
                    Sketch.SHADE,
                    List.of(
                            new Xy(at.x() - BAR, above),
                            new Xy(at.x() + BAR, above),
                            new Xy(at.x() + BAR, below),
                            new Xy(at.x() - BAR, below)));
            sketch.dot(fails ? "d-fill-fail" : "d-fill-ink", at, 5);
            if (compared.apart().contains(i)) {
                sketch.circle("d-fail", 2, "", at, 10);
            }
            if (step >= ROOM) {
                sketch.text(
                        "d-fill-ink",
                        new Xy(at.x() + 13, at.y() - 6),
                        "start",
                        13,
                        compared.apart().contains(i) ? 700 : 450,
                        display.amount(figure.value()));
            }
            if (i % every == 0) {
                sketch.text(
                        "d-fill-quiet", new Xy(at.x(), FOOT + 24), "middle", 13, 450, ending(figure.piece(), longest));
            }
        }
        return sketch.drawn(
                Words.say("picture.pieces-in-the-order-read", title),
                Words.say("picture.pieces-bars-are-u", display.symbol()),
                HEIGHT);
    }

    private static PiecesDrawing scaled(List<PieceFigure> figures, Bounds bounds, Display display) {
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (PieceFigure each : figures) {
            low = Math.min(low, each.value() - each.expanded());
            high = Math.max(high, each.value() + each.expanded());
        }
        for (Double bound : new Double[] {bounds.lower(), bounds.upper()}) {
            if (bound != null) {
                low = Math.min(low, bound);
                high = Math.max(high, bound);
            }
        }
        // What is limited upwards alone is seen from zero.
        boolean fromZero = bounds.lower() == null && bounds.upper() != null && low >= 0;
        double margin = MARGIN * Math.max(high - low, display.finest() * 4);
        return new PiecesDrawing(fromZero ? 0 : low - margin, high + margin);
    }

    private void frame(Sketch sketch, PiecesCompared compared, Bounds bounds, Display display) {
        if (compared.scatter() > 0) {
            double above = Math.max(TOP, y(compared.middle() + SIGMAS * compared.scatter()));
            double below = Math.min(FOOT, y(compared.middle() - SIGMAS * compared.scatter()));
            sketch.area(
                    Sketch.STONE,
                    List.of(new Xy(LEFT, above), new Xy(RIGHT, above), new Xy(RIGHT, below), new Xy(LEFT, below)));
        }
        if (Double.isFinite(compared.middle())) {
            sketch.line(Sketch.HAIR, 1, new Xy(LEFT, y(compared.middle())), new Xy(RIGHT, y(compared.middle())));
            sketch.text(
                    "d-fill-quiet",
                    new Xy(LEFT - 8, y(compared.middle()) + 5),
                    "end",
                    13,
                    450,
                    display.amount(compared.middle()));
        }
        sketch.line(Sketch.HAIR, 1, new Xy(LEFT, FOOT), new Xy(RIGHT, FOOT));
        for (Double bound : new Double[] {bounds.lower(), bounds.upper()}) {
            if (bound != null) {
                LimitLine.across(sketch, LEFT, RIGHT, y(bound), bound, display);
            }
        }
    }

    /** The end of a serial tells pieces apart. */
    private static String ending(String serial, int longest) {
        return serial.length() <= longest ? serial : "…" + serial.substring(serial.length() - Math.max(1, longest - 1));
    }
}
