package org.eskarn.app.picture.flat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.Drawing;
import org.eskarn.app.picture.engine.RoundSteps;
import org.eskarn.app.picture.engine.ScaleText;
import org.eskarn.app.picture.engine.Sketch;
import org.eskarn.app.picture.engine.Subject;
import org.eskarn.app.picture.engine.Xy;
import org.eskarn.core.evaluation.LineReadings;
import org.eskarn.core.evaluation.LineReduction;
import org.eskarn.core.evaluation.LineReduction.Fitted;
import org.eskarn.core.flat.MinimumZoneLine;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.zone.ThinnestBand.Contact;

/**
 * Readings along lines, to scale along them and magnified across: straightness with its zone, bores in line, and, standing
 * upright beside the square they are compared with, squareness.
 */
public final class LineDrawing {

    private static final double LEFT = 70;
    private static final double RIGHT = 560;
    private static final double TOP = 54;
    private static final double FOOT = 396;
    private static final int MOST_SAID = 14;
    private static final int MOST_PLACES = 9;
    private static final int MOST_DRAWN = 1200;
    private static final double EDGE = 34;

    private final Subject subject;
    private final LineReduction reduction;
    private final Sweep sweep;
    private final Display display;
    private final boolean levelled;
    private final boolean upright;
    private final double from;
    private final double to;
    private final double middle;
    private final double scale;

    private LineDrawing(Subject subject, LineReduction reduction, Sweep sweep, Display display, boolean levelled) {
        this.subject = subject;
        this.reduction = reduction;
        this.sweep = sweep;
        this.display = display;
        this.levelled = levelled;
        this.upright = subject.terms().characteristic() == Characteristic.SQUARENESS;
        this.from = places().min().orElse(0);
        this.to = places().max().orElse(1);
        double low = upright ? 0 : Double.POSITIVE_INFINITY;
        double high = upright ? 0 : Double.NEGATIVE_INFINITY;
        for (Fitted line : reduction.lines()) {
            for (int i = 0; i < line.trace().at().length; i++) {
                low = Math.min(low, value(line, i, line.trace().low()));
                high = Math.max(high, value(line, i, line.trace().high()));
            }
            if (line.zone().isPresent()) {
                MinimumZoneLine zone = line.zone().get();
                for (double at : new double[] {from, to}) {
                    double centre = levelled ? 0 : zone.at(at);
                    low = Math.min(low, centre - zone.width() / 2);
                    high = Math.max(high, centre + zone.width() / 2);
                }
            } else if (!levelled && line.equals(reduction.lines().get(reduction.worst()))) {
                // An axis that is carried on to the far bore can end far from where that was read.
                for (double at : new double[] {from, to}) {
                    low = Math.min(low, line.level() + line.slope() * at);
                    high = Math.max(high, line.level() + line.slope() * at);
                }
            }
        }
        double across = upright ? RIGHT - LEFT - 150 : FOOT - TOP - 80;
        this.middle = (low + high) / 2;
        this.scale = across / Math.max(high - low, display.finest() * 10);
    }

    private java.util.stream.DoubleStream places() {
        return reduction.lines().stream()
                .flatMapToDouble(line -> Arrays.stream(line.trace().at()));
    }

    public static Drawing of(Subject subject, LineReduction reduction, Sweep sweep, Display display, boolean levelled) {
        return new LineDrawing(subject, reduction, sweep, display, levelled).draw();
    }

    /** A reading as it is drawn: with the slope of its fitted line taken out, where that is asked. */
    private double value(Fitted line, int i, double[] readings) {
        return levelled
                ? readings[i] - line.level() - line.slope() * line.trace().at()[i]
                : readings[i];
    }

    private Xy at(double place, double micrometres) {
        double along = to > from ? (place - from) / (to - from) : 0.5;
        double across = (micrometres - middle) * scale;
        return upright
                ? new Xy((LEFT + RIGHT) / 2 - across, FOOT - 14 - along * (FOOT - TOP - 28))
                : new Xy(LEFT + EDGE / 2 + along * (RIGHT - LEFT - EDGE), (TOP + FOOT) / 2 - across);
    }

    private Drawing draw() {
        Sketch sketch = new Sketch();
        frame(sketch);
        boolean one = reduction.lines().size() == 1;
        for (int k = 0; k < reduction.lines().size(); k++) {
            Fitted line = reduction.lines().get(k);
            boolean worst = k == reduction.worst();
            if (worst) {
                zone(sketch, line);
            }
            trace(sketch, line, worst, one);
        }
        sketch.scaleBar(
                upright ? new Xy(LEFT - 30, FOOT + 58) : new Xy(34, FOOT),
                upright ? 130 : 90,
                scale,
                !upright,
                display);
        double along = (upright ? FOOT - TOP - 28 : RIGHT - LEFT - EDGE) / Math.max(to - from, 1e-9) / 1000;
        return sketch.drawn(
                Words.say("picture.from-2", subject.name(), subject.seenFrom()),
                Words.say(
                        "picture.to-scale-deviation",
                        upright ? Words.say("picture.height") : Words.say("picture.length"),
                        ScaleText.grouped(RoundSteps.atMost(scale / along * 1.02)),
                        levelled ? Words.say("picture.slope-taken-out") : "",
                        meaning()));
    }

    private String meaning() {
        return switch (subject.terms().characteristic()) {
            case SQUARENESS -> Words.say("picture.the-gauge-stands-on-the-left-brass");
            case BORES_IN_LINE -> Words.say("picture.petrol-axis-of-the-first-bore-carried");
            default ->
                reduction.lines().get(reduction.worst()).zone().isPresent()
                        ? Words.say("picture.petrol-the-zone-and-what-holds-it")
                        : Words.say("picture.petrol-least-squares-line");
        };
    }

    /** The places along the foot, or along the upright with the square beside it. */
    private void frame(Sketch sketch) {
        String symbol = " " + sweep.layout().unit().symbol();
        double perPlace = sweep.layout().unit().millimetres();
        double[] places = places().distinct().sorted().toArray();
        int every = (places.length + MOST_PLACES - 1) / MOST_PLACES;
        for (int i = 0; i < places.length; i += every) {
            String label = ScaleText.plain(places[i] / perPlace) + symbol;
            if (upright) {
                double y = at(places[i], 0).y();
                sketch.line(Sketch.HAIR, 1, new Xy(LEFT, y), new Xy(RIGHT, y));
                sketch.text("d-fill-quiet", new Xy(RIGHT + 8, y + 5), "start", 13, 400, label);
            } else {
                double x = at(places[i], 0).x();
                sketch.line(Sketch.HAIR, 1, new Xy(x, TOP), new Xy(x, FOOT + 6));
                sketch.text("d-fill-quiet", new Xy(x, FOOT + 24), "middle", 13, 400, label);
            }
        }
        if (upright) {
            double x = at(from, 0).x();
            sketch.line(Sketch.INK, 2, new Xy(LEFT - 20, FOOT), new Xy(RIGHT, FOOT));
            sketch.line(Sketch.BRASS, 1.6, new Xy(x, FOOT), new Xy(x, TOP - 8));
            sketch.text(
                    "d-fill-brass", new Xy(x, TOP - 16), "middle", 13, 700, Words.say("picture.square-to-the-base"));
            sketch.text("d-fill-quiet", new Xy(RIGHT, FOOT + 20), "end", 13, 400, Words.say("picture.base"));
            sketch.text("d-fill-quiet", new Xy(LEFT - 20, TOP + 4), "start", 13, 400, Words.say("picture.gauge-side"));
        }
    }

    private void zone(Sketch sketch, Fitted line) {
        boolean bores = subject.terms().characteristic() == Characteristic.BORES_IN_LINE;
        if (line.zone().isEmpty()) {
            double first = levelled ? 0 : line.level() + line.slope() * from;
            double last = levelled ? 0 : line.level() + line.slope() * to;
            sketch.line(Sketch.PETROL, bores ? 2 : 1.4, at(from, first), at(to, last));
            return;
        }
        MinimumZoneLine zone = line.zone().get();
        double half = zone.width() / 2;
        double first = levelled ? 0 : zone.at(from);
        double last = levelled ? 0 : zone.at(to);
        sketch.area(
                Sketch.SHADE,
                List.of(at(from, first + half), at(to, last + half), at(to, last - half), at(from, first - half)));
        for (double edge : new double[] {half, -half}) {
            sketch.line(Sketch.PETROL, 1.6, at(from, first + edge), at(to, last + edge));
        }
        sketch.text(
                "d-fill-petrol",
                new Xy(RIGHT + 6, (at(to, last + half).y() + at(to, last - half).y()) / 2 + 5),
                "start",
                13,
                700,
                display.amount(zone.width()));
        int n = line.trace().at().length;
        for (Contact contact : zone.contacts()) {
            if (contact.weight() > 0) {
                int i = contact.index() % n;
                double[] ends =
                        contact.index() < n ? line.trace().low() : line.trace().high();
                sketch.circle(Sketch.PETROL, 2, "", at(line.trace().at()[i], value(line, i, ends)), 8);
            }
        }
    }

    private void trace(Sketch sketch, Fitted line, boolean worst, boolean one) {
        LineReadings trace = line.trace();
        double[] middles = trace.middle();
        List<Integer> order = IntStream.range(0, middles.length)
                .boxed()
                .sorted(Comparator.comparingDouble(i -> trace.at()[i]))
                .toList();
        int every = Math.max(1, middles.length / MOST_DRAWN);
        List<Xy> points = new ArrayList<>();
        for (int k = 0; k < order.size(); k += every) {
            int i = order.get(k);
            points.add(at(trace.at()[i], value(line, i, middles)));
        }
        boolean bores = subject.terms().characteristic() == Characteristic.BORES_IN_LINE && points.size() == 4;
        String look = worst ? Sketch.INK : Sketch.QUIET;
        double width = worst ? 1.8 : 1.3;
        if (bores) {
            // The readings belong to two bores; between them there is nothing.
            sketch.line(look, 4, points.get(0), points.get(1)).line(look, 4, points.get(2), points.get(3));
        } else {
            sketch.polyline(look, width, points);
        }
        if (points.size() <= 80) {
            points.forEach(point -> sketch.dot(worst ? "d-fill-ink" : "d-fill-quiet", point, 3.2));
        }
        if (worst && middles.length <= MOST_SAID) {
            for (int i = 0; i < middles.length; i++) {
                Xy at = at(trace.at()[i], value(line, i, middles));
                boolean above = i % 2 == 0;
                sketch.text(
                        "d-fill-ink",
                        upright ? new Xy(at.x() + 12, at.y() - 6) : new Xy(at.x(), above ? at.y() - 13 : at.y() + 23),
                        upright ? "start" : "middle",
                        13,
                        400,
                        display.signed(value(line, i, middles)));
            }
        }
        if (!one && !points.isEmpty()) {
            Xy end = points.get(points.size() - 1);
            sketch.text(
                    worst ? "d-fill-ink" : "d-fill-quiet",
                    upright ? new Xy(end.x(), TOP) : new Xy(RIGHT + 6, end.y() - 10),
                    upright ? "middle" : "start",
                    13,
                    worst ? 700 : 400,
                    trace.name());
        }
    }
}
