package org.eskarn.app.picture.size;

import java.util.ArrayList;
import java.util.List;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.Drawing;
import org.eskarn.app.picture.engine.Sketch;
import org.eskarn.app.picture.engine.Xy;
import org.eskarn.core.gauge.Repeats;
import org.eskarn.core.units.LengthUnit;

/** One thing read several times, in the order read, between the limits of the gauge's error; the odd one is ringed. */
public final class RepeatsDrawing {

    private static final double LEFT = 70;
    private static final double RIGHT = 520;
    private static final double TOP = 24;
    private static final double BOTTOM = 236;
    private static final int HEIGHT = 268;
    private static final int DECIMALS = 3;

    private final double most;

    private RepeatsDrawing(double most) {
        this.most = most;
    }

    private double y(double amount) {
        return (TOP + BOTTOM) / 2 - amount / most * (BOTTOM - TOP) / 2;
    }

    /** @param limit of the gauge's error, in the unit of the readings */
    public static Drawing of(double[] readings, Repeats all, Repeats used, double limit, LengthUnit unit) {
        double furthest = limit;
        for (double each : readings) {
            furthest = Math.max(furthest, Math.abs(each));
        }
        RepeatsDrawing scale = new RepeatsDrawing(furthest > 0 ? furthest * 1.12 : 1);
        Sketch sketch = new Sketch();
        scale.frame(sketch, limit, used);
        double step = (RIGHT - LEFT) / (readings.length + 1);
        List<Xy> line = new ArrayList<>();
        for (int i = 0; i < readings.length; i++) {
            line.add(new Xy(LEFT + (i + 1) * step, scale.y(readings[i])));
        }
        sketch.polyline(Sketch.HAIR, 1, line);
        for (int i = 0; i < readings.length; i++) {
            boolean odd = all.odd().filter(Integer.valueOf(i)::equals).isPresent();
            sketch.dot("d-fill-ink", line.get(i), 4.5);
            if (odd) {
                sketch.circle("d-fail", 2, "", line.get(i), 10);
            }
            sketch.text(
                    odd ? "d-fill-fail" : "d-fill-quiet",
                    new Xy(line.get(i).x(), BOTTOM + 22),
                    "middle",
                    13,
                    odd ? 700 : 450,
                    String.valueOf(i + 1));
        }
        return sketch.drawn(
                Words.say("picture.repeats-in-the-order-read"), Words.say("picture.in-unit", unit.symbol()), HEIGHT);
    }

    private void frame(Sketch sketch, double limit, Repeats used) {
        sketch.line(Sketch.HAIR, 1, new Xy(LEFT, y(0)), new Xy(RIGHT, y(0)));
        sketch.text("d-fill-quiet", new Xy(LEFT - 8, y(0) + 5), "end", 14, 450, "0");
        if (limit > 0) {
            for (double each : new double[] {limit, -limit}) {
                sketch.dashed(Sketch.INK, new Xy(LEFT, y(each)), new Xy(RIGHT, y(each)));
                sketch.text("d-fill-quiet", new Xy(LEFT - 8, y(each) + 5), "end", 14, 450, signed(each));
            }
        }
        sketch.line(Sketch.PETROL, 2, new Xy(LEFT, y(used.mean())), new Xy(RIGHT, y(used.mean())));
        sketch.text(
                "d-fill-petrol",
                new Xy(RIGHT + 8, y(used.mean()) + 5),
                "start",
                14,
                650,
                Words.say("picture.mean", signed(used.mean())));
    }

    private static String signed(double amount) {
        return (amount > 0 ? "+" : "") + Display.plain(amount, DECIMALS);
    }
}
