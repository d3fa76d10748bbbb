package org.eskarn.app.picture;

import java.util.List;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.Drawing;
import org.eskarn.app.picture.engine.LimitLine;
import org.eskarn.app.picture.engine.Sketch;
import org.eskarn.app.picture.engine.Subject;
import org.eskarn.app.picture.engine.Xy;
import org.eskarn.core.evaluation.Condition;
import org.eskarn.core.evaluation.ConditionsReduction;
import org.eskarn.core.verdict.Bounds;

/** Conditions side by side: the judged figure of each with its uncertainty, the limits dashed across. */
final class ConditionsDrawing {

    private static final double LEFT = 92;
    private static final double RIGHT = 600;
    private static final double TOP = 56;
    private static final double FOOT = 330;
    private static final double HEIGHT = 400;
    private static final double WIDEST = 120;
    private static final double BAR = 9;
    /** Rows that names stand in, one after the other, so that each has the width of as many conditions. */
    private static final int ROWS = 2;

    private static final double LETTER = 7.4;
    /** Between two conditions, from which a figure fits beside its bar. */
    private static final double ROOM = 70;

    private ConditionsDrawing() {}

    static Drawing of(Subject subject, ConditionsReduction reduction, Display display) {
        Bounds bounds = subject.terms().bounds();
        List<Condition> conditions = reduction.conditions();
        boolean size = subject.terms().characteristic().sized();
        double low = size ? Double.POSITIVE_INFINITY : 0;
        double high = size ? Double.NEGATIVE_INFINITY : 0;
        for (Condition each : conditions) {
            low = Math.min(low, each.figure() - each.below());
            high = Math.max(high, each.figure() + each.expanded());
        }
        for (Double bound : new Double[] {bounds.lower(), bounds.upper()}) {
            if (bound != null) {
                low = Math.min(low, bound);
                high = Math.max(high, bound);
            }
        }
        double from = low;
        double scale = (FOOT - TOP) / Math.max(high - low, display.finest() * 4);
        Sketch sketch = new Sketch();
        if (!size) {
            double zero = FOOT - (0 - from) * scale;
            sketch.line(Sketch.BRASS, 1.4, new Xy(LEFT, zero), new Xy(RIGHT, zero));
            sketch.text("d-fill-brass", new Xy(LEFT - 8, zero + 5), "end", 13, 650, "0");
        }
        for (Double bound : new Double[] {bounds.lower(), bounds.upper()}) {
            if (bound != null) {
                LimitLine.across(sketch, LEFT, RIGHT, FOOT - (bound - from) * scale, bound, display);
            }
        }
        double step = Math.min(WIDEST, (RIGHT - LEFT - 40) / conditions.size());
        for (int i = 0; i < conditions.size(); i++) {
            Condition each = conditions.get(i);
            double x = LEFT + 34 + step * (i + 0.5) - 20;
            double y = FOOT - (each.figure() - from) * scale;
            double above = y - each.expanded() * scale;
            double below = y + each.below() * scale;
            sketch.line(Sketch.PETROL, 1.6, new Xy(x, above), new Xy(x, below));
            sketch.line(Sketch.PETROL, 1.6, new Xy(x - BAR, above), new Xy(x + BAR, above));
            sketch.line(Sketch.PETROL, 1.6, new Xy(x - BAR, below), new Xy(x + BAR, below));
            sketch.dot("d-fill-ink", new Xy(x, y), 5);
            boolean wide = step >= ROOM;
            sketch.text(
                    "d-fill-ink",
                    wide ? new Xy(x + BAR + 4, y + 5) : new Xy(x, above - 7),
                    wide ? "start" : "middle",
                    wide ? 14 : 12,
                    i == reduction.worst() ? 700 : 400,
                    display.amount(each.figure()));
            sketch.text(
                    "d-fill-quiet",
                    new Xy(x, FOOT + 34 + (i % ROWS) * 18),
                    "middle",
                    13,
                    400,
                    shortened(each.name(), (int) (ROWS * step / LETTER) - 1));
        }
        return sketch.drawn(
                Words.say("picture.conditions-side-by-side", subject.name()),
                Words.say("picture.bars-are-u-the-worst-stands-bold", display.symbol()),
                HEIGHT);
    }

    private static String shortened(String name, int longest) {
        return name.length() <= longest ? name : name.substring(0, Math.max(1, longest - 1)) + "…";
    }
}
