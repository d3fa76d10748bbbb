package org.eskarn.app.picture.round;

import java.util.ArrayList;
import java.util.List;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.Drawing;
import org.eskarn.app.picture.engine.LimitLine;
import org.eskarn.app.picture.engine.Sketch;
import org.eskarn.app.picture.engine.Xy;
import org.eskarn.core.remedy.Truing;
import org.eskarn.core.verdict.Bounds;

/** The movement after each step of truing against the limit. */
public final class ConvergenceDrawing {

    private static final double LEFT = 78;
    private static final double RIGHT = 580;
    private static final double TOP = 40;
    private static final double FOOT = 250;

    private ConvergenceDrawing() {}

    /**
     * @param places where each step was made, one fewer than there are movements
     */
    public static Drawing of(Truing truing, Bounds limit, List<String> places, Display display) {
        List<Double> movements = truing.movements();
        double largest = movements.stream().mapToDouble(m -> m).max().orElse(0);
        largest = limit.upper() == null ? largest : Math.max(largest, limit.upper());
        double scale = (FOOT - TOP) / Math.max(largest * 1.08, 1e-3);
        double step = (RIGHT - LEFT - 60) / Math.max(movements.size() - 1, 4);
        Sketch sketch = new Sketch();
        sketch.line(Sketch.BRASS, 1.4, new Xy(LEFT, FOOT), new Xy(RIGHT, FOOT));
        sketch.text("d-fill-brass", new Xy(LEFT - 8, FOOT + 5), "end", 13, 650, "0");
        Double upper = limit.upper();
        if (upper != null) {
            LimitLine.across(sketch, LEFT, RIGHT, FOOT - upper * scale, upper, display);
        }
        List<Xy> points = new ArrayList<>();
        for (int i = 0; i < movements.size(); i++) {
            points.add(new Xy(LEFT + 30 + i * step, FOOT - movements.get(i) * scale));
        }
        sketch.polyline(Sketch.INK, 1.6, points);
        for (int i = 0; i < points.size(); i++) {
            boolean best = i == truing.best() && points.size() > 1;
            Xy at = points.get(i);
            sketch.dot("d-fill-ink", at, 4.4);
            sketch.text(
                    "d-fill-ink",
                    new Xy(at.x(), at.y() - 11),
                    "middle",
                    14,
                    best ? 700 : 400,
                    display.amount(movements.get(i)));
            String label = i == 0 ? Words.say("picture.found") : Words.say("picture.step", i);
            sketch.text("d-fill-quiet", new Xy(at.x(), FOOT + 22), "middle", 13, 400, label);
            if (i > 0 && i <= places.size()) {
                sketch.text("d-fill-quiet", new Xy(at.x(), FOOT + 40), "middle", 12, 400, places.get(i - 1));
            }
        }
        return sketch.drawn(
                Words.say("picture.movement-after-each-step", display.symbol()),
                Words.say("picture.the-best-step-stands-bold"));
    }
}
