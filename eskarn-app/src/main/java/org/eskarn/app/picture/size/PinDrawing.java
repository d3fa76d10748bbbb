package org.eskarn.app.picture.size;

import java.util.List;
import java.util.Optional;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.Drawing;
import org.eskarn.app.picture.engine.Sketch;
import org.eskarn.app.picture.engine.Subject;
import org.eskarn.app.picture.engine.Xy;
import org.eskarn.core.evaluation.Assessment;
import org.eskarn.core.evaluation.PinReduction;
import org.eskarn.core.reading.Station;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.result.Figure;
import org.eskarn.core.verdict.Bounds;

/** A series of pins along a scale of sizes: which entered, which did not, the bracket between them, and the limits. */
public final class PinDrawing {

    private static final double LEFT = 70;
    private static final double RIGHT = 570;
    private static final double RULE = 250;
    /** Below the sizes of the pins, where no limit crosses it. */
    private static final double NEXT = RULE + 68;

    private final double lowest;
    private final double span;

    private PinDrawing(double lowest, double highest) {
        double margin = Math.max((highest - lowest) * 0.08, 1e-3);
        this.lowest = lowest - margin;
        this.span = highest - lowest + 2 * margin;
    }

    private double x(double micrometres) {
        return LEFT + (micrometres - lowest) / span * (RIGHT - LEFT);
    }

    public static Drawing of(Subject subject, Assessment assessment, Display display) {
        Sweep sweep = assessment.corrected();
        double unit = sweep.layout().unit().micrometres().doubleValue();
        List<Station> pins = sweep.layout().stations();
        Bounds bounds = subject.terms().bounds();
        double low =
                pins.stream().mapToDouble(pin -> pin.distance() * unit).min().orElse(0);
        double high =
                pins.stream().mapToDouble(pin -> pin.distance() * unit).max().orElse(1);
        low = bounds.lower() == null ? low : Math.min(low, bounds.lower());
        high = bounds.upper() == null ? high : Math.max(high, bounds.upper());
        PinDrawing scale = new PinDrawing(low, high);
        Sketch sketch = new Sketch();
        bracket(assessment).ifPresent(pin -> {
            double from = scale.x(pin.bracket().lower().orElseThrow());
            double to = scale.x(pin.bracket().upper().orElseThrow());
            sketch.area(
                    Sketch.SHADE, List.of(new Xy(from, 150), new Xy(to, 150), new Xy(to, RULE), new Xy(from, RULE)));
            sketch.text(
                    "d-fill-ink",
                    new Xy((from + to) / 2, 140),
                    "middle",
                    14,
                    650,
                    Words.say("picture.the-hole-lies-here"));
        });
        sketch.line(Sketch.INK, 1.6, new Xy(LEFT, RULE), new Xy(RIGHT, RULE));
        limit(sketch, scale, bounds.lower(), Words.say("picture.lower-limit"), "end");
        limit(sketch, scale, bounds.upper(), Words.say("picture.upper-limit"), "start");
        Optional<Station> next = assessment.sweep().next();
        int every = Math.max(1, pins.size() / 7);
        for (int i = 0; i < pins.size(); i++) {
            double x = scale.x(pins.get(i).distance() * unit);
            boolean tried = i < sweep.readings().size();
            boolean enters = tried && sweep.readings().get(i).micrometres() > 0;
            boolean isNext = next.filter(pins.get(i)::equals).isPresent();
            Xy at = new Xy(x, enters ? 205 : 176);
            if (enters) {
                sketch.dot("d-fill-ink", at, 9);
            } else if (tried) {
                sketch.circle(Sketch.INK, 2, "", at, 9);
                sketch.line(Sketch.INK, 2, new Xy(x - 6, 182), new Xy(x + 6, 170));
            } else {
                sketch.circle(isNext ? Sketch.BRASS : Sketch.HAIR, isNext ? 3 : 1, "", new Xy(x, 190), 9);
            }
            sketch.line(Sketch.INK, 1.2, new Xy(x, RULE), new Xy(x, RULE + 8));
            if (i % every == 0) {
                double down = RULE + 26 + (i / every % 2) * 18;
                sketch.text(
                        "d-fill-quiet",
                        new Xy(x, down),
                        "middle",
                        13,
                        400,
                        pins.get(i).name());
            }
            if (isNext) {
                sketch.text(
                        "d-fill-brass",
                        new Xy(x, NEXT),
                        "middle",
                        14,
                        700,
                        Words.say("picture.next-2", pins.get(i).name()));
            }
        }
        assessment.reduction().stream()
                .flatMap(reduction -> reduction.figures().stream())
                .filter(figure -> figure.name().equals(PinReduction.TRY_NEXT))
                .mapToDouble(Figure::amount)
                .forEach(untried -> sketch.text(
                        "d-fill-brass",
                        new Xy(scale.x(untried), NEXT),
                        "middle",
                        14,
                        700,
                        Words.say("picture.try-next", display.amount(untried), display.symbol())));
        return sketch.drawn(
                Words.say("picture.pins-tried", subject.name()),
                Words.say("picture.filled-enters-barred-does-not-sizes-to", display.symbol()));
    }

    private static Optional<PinReduction> bracket(Assessment assessment) {
        return assessment.reduction().filter(PinReduction.class::isInstance).map(PinReduction.class::cast);
    }

    private static void limit(
            Sketch sketch,
            PinDrawing scale,
            @org.jspecify.annotations.Nullable Double bound,
            String label,
            String anchor) {
        if (bound != null) {
            double x = scale.x(bound);
            sketch.dashed(Sketch.QUIET, new Xy(x, 90), new Xy(x, RULE + 8));
            sketch.text("d-fill-quiet", new Xy(x + (anchor.equals("end") ? -6 : 6), 96), anchor, 13, 400, label);
        }
    }
}
