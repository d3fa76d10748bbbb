package org.eskarn.app.picture.flat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.Drawing;
import org.eskarn.app.picture.engine.ScaleText;
import org.eskarn.app.picture.engine.Sketch;
import org.eskarn.app.picture.engine.TextSpace;
import org.eskarn.app.picture.engine.Xy;
import org.eskarn.core.flat.Facets;
import org.eskarn.core.reading.Station;
import org.eskarn.core.zone.ThinnestBand.Contact;

/**
 * A face seen from above: to scale in position, heights in the tones of one ramp with labelled contours between the places
 * that were read, every reading at its station as long as there is room.
 */
public final class PlateDrawing {

    private static final double LEFT = 46;
    private static final double RIGHT = 572;
    private static final double TOP = 40;
    private static final double BOTTOM = 388;
    private static final double MARGIN = 40;
    private static final int MOST_NAMED = 25;
    private static final int MOST_SAID = 60;
    private static final int MOST_DOTTED = 400;
    private static final int MOST_BLOCKS = 50;
    private static final double KEY_TOP = 420;
    private static final double KEY_WIDTH = 360;
    private static final double LABEL_APART = 46;
    private static final double NEAR = 26;

    private final Plate plate;
    private final Display display;
    private final ToneScale ramp;
    private final double scale;
    private final double middleX;
    private final double middleY;
    private final List<Xy> spots;
    private final String low;
    private final String high;
    private final int highest;
    private final int lowest;
    private final TextSpace room = new TextSpace();

    private PlateDrawing(Plate plate, Display display, ToneScale ramp, String low, String high) {
        this.plate = plate;
        this.display = display;
        this.ramp = ramp;
        this.low = low;
        this.high = high;
        this.highest = plate.highest();
        this.lowest = plate.lowest();
        double[] x = across(plate::x, Plate.Mark::x);
        double[] y = across(plate::y, Plate.Mark::y);
        double left = x[0];
        double right = x[1];
        double front = y[0];
        double back = y[1];
        double width = Math.max(right - left, 1e-6);
        double height = Math.max(back - front, 1e-6);
        this.scale = Math.min((RIGHT - LEFT - 2 * MARGIN) / width, (BOTTOM - TOP - 2 * MARGIN) / height);
        this.middleX = (left + right) / 2;
        this.middleY = (front + back) / 2;
        this.spots = plate.stations().stream()
                .map(station -> at(plate.x(station), plate.y(station)))
                .toList();
    }

    public static Drawing of(Plate plate, Display display) {
        return new PlateDrawing(
                        plate,
                        display,
                        ToneScale.of(plate.heights(), display),
                        Words.say("picture.low-word"),
                        Words.say("picture.high-word"))
                .draw();
    }

    /** What changed: pale where it was lowered, dark where it was raised. */
    static Drawing ofChange(Plate plate, Display display) {
        return new PlateDrawing(
                        plate,
                        display,
                        ToneScale.parted(plate.heights(), display),
                        Words.say("picture.lowered"),
                        Words.say("picture.raised-word"))
                .draw();
    }

    /** What is above 0 in one tone, what is below in another. */
    static Drawing parted(Plate plate, Display display, String below, String above) {
        ToneScale all = ToneScale.of(plate.heights(), display);
        ToneScale two = new ToneScale(all.lowest(), all.highest(), new double[] {0}, false);
        return new PlateDrawing(plate, display, two, below, above).draw();
    }

    /** From where to where stations and marks reach. */
    private double[] across(ToDoubleFunction<Station> ofStation, ToDoubleFunction<Plate.Mark> ofMark) {
        DoubleSummaryStatistics reach = DoubleStream.concat(
                        plate.stations().stream().mapToDouble(ofStation),
                        plate.marks().stream().mapToDouble(ofMark))
                .summaryStatistics();
        return new double[] {reach.getMin(), reach.getMax()};
    }

    private Xy at(double x, double y) {
        return new Xy((LEFT + RIGHT) / 2 + (x - middleX) * scale, (TOP + BOTTOM) / 2 - (y - middleY) * scale);
    }

    private Drawing draw() {
        Sketch sketch = new Sketch();
        BlockMeans drawn = BlockMeans.of(plate, MOST_BLOCKS);
        List<List<Xy[]>> contours = face(sketch, drawn);
        next(sketch);
        marks(sketch);
        extremes(sketch);
        if (plate.stations().size() <= MOST_DOTTED) {
            for (int i = 0; i < plate.stations().size(); i++) {
                spot(sketch, i);
            }
        }
        contacts(sketch);
        labels(sketch, contours);
        key(sketch);
        downhill(sketch);
        return sketch.drawn(
                Words.say("picture.seen-from-above", plate.title()),
                Words.say(
                        "picture.positions-to-scale-in-dark-is",
                        plate.called(),
                        display.symbol(),
                        high,
                        drawn.said(),
                        plate.contacts().isEmpty() ? "" : Words.say("picture.hold-the-zone")));
    }

    /** Paints the face, and returns the contour of each level. */
    private List<List<Xy[]>> face(Sketch sketch, BlockMeans drawn) {
        Facets facets = drawn.facets();
        double[] corners = facets.heights(drawn.heights());
        List<Xy> at = IntStream.range(0, facets.x().length)
                .mapToObj(i -> at(facets.x()[i], facets.y()[i]))
                .toList();
        Contours contours = new Contours(facets, corners, at);
        sketch.filled(ramp.look(0), contours.above(Double.NEGATIVE_INFINITY));
        for (int i = 0; i < ramp.levels().length; i++) {
            sketch.filled(ramp.look(i + 1), contours.above(ramp.levels()[i]));
        }
        List<List<Xy[]>> lines =
                Arrays.stream(ramp.levels()).mapToObj(contours::line).toList();
        lines.forEach(line -> sketch.pieces(Sketch.INK, 0.8, line));
        return lines;
    }

    private void labels(Sketch sketch, List<List<Xy[]>> contours) {
        List<Xy> labelled = new ArrayList<>();
        for (int i = 0; i < contours.size(); i++) {
            label(sketch, ramp.levels()[i], contours.get(i), labelled);
        }
    }

    /** A contour is labelled where it is furthest from stations and other labels, if there is room at all. */
    private void label(Sketch sketch, double level, List<Xy[]> line, List<Xy> labelled) {
        int every = Math.max(1, line.size() / 60);
        Xy best = null;
        double furthest = 0;
        for (int i = 0; i < line.size(); i += every) {
            Xy middle = new Xy(
                    (line.get(i)[0].x() + line.get(i)[1].x()) / 2, (line.get(i)[0].y() + line.get(i)[1].y()) / 2);
            double apart = Math.min(
                    nearest(middle, labelled) - LABEL_APART,
                    plate.stations().size() > MOST_SAID ? Double.MAX_VALUE : nearest(middle, spots) - NEAR);
            if (apart > furthest) {
                furthest = apart;
                best = middle;
            }
        }
        if (best != null) {
            labelled.add(best);
            write(sketch, "d-fill-quiet", new Xy(best.x(), best.y() + 4), "middle", 12, 400, plain(level));
        }
    }

    private String plain(double level) {
        return ScaleText.plain(display.of(level));
    }

    /** Writes where nothing stands yet. */
    private void write(Sketch sketch, String look, Xy at, String anchor, double size, int weight, String text) {
        if (room.take(at, anchor, size, text)) {
            sketch.text(look, at, anchor, size, weight, text);
        }
    }

    private static double nearest(Xy point, List<Xy> others) {
        return others.stream()
                .mapToDouble(other -> Math.hypot(other.x() - point.x(), other.y() - point.y()))
                .min()
                .orElse(1e6);
    }

    private boolean read(int i) {
        return i < plate.heights().length;
    }

    private void spot(Sketch sketch, int i) {
        Station station = plate.stations().get(i);
        Xy at = spots.get(i);
        boolean isNext = plate.next().filter(station::equals).isPresent();
        boolean many = plate.stations().size() > MOST_SAID;
        if (!read(i)) {
            sketch.dot("d-fill-sheet", at, many ? 2.4 : 5).circle(Sketch.QUIET, 1.4, "", at, many ? 2.4 : 5);
        } else {
            sketch.dot("d-fill-ink", at, many ? 1.6 : 3.4);
        }
        if (read(i) && !many && !extreme(i)) {
            Xy above = new Xy(at.x(), at.y() - 8);
            write(sketch, "d-fill-ink", above, "middle", 14, 400, display.signed(plate.heights()[i]));
        }
        if (plate.stations().size() <= MOST_NAMED && !isNext) {
            write(sketch, "d-fill-quiet", new Xy(at.x(), at.y() + 18), "middle", 12, 400, station.name());
        }
    }

    private boolean extreme(int i) {
        return ramp.highest() > ramp.lowest() && (i == highest || i == lowest);
    }

    private void extremes(Sketch sketch) {
        if (!(ramp.highest() > ramp.lowest())) {
            return;
        }
        for (int i : new int[] {highest, lowest}) {
            Xy at = spots.get(i);
            sketch.dot("d-fill-ink", at, 4);
            double x = Math.min(Math.max(at.x(), LEFT + 30), RIGHT - 30);
            String said = display.signed(plate.heights()[i])
                    + (i == highest ? Words.say("picture.high") : Words.say("picture.low"));
            Xy above = new Xy(x, at.y() - 8);
            Xy place = room.take(above, "middle", 14, said) ? above : new Xy(x, at.y() + 20);
            sketch.text("d-fill-ink", place, "middle", 14, 700, said);
        }
    }

    /** What holds the zone: a triangle that points up on the upper plane, down on the lower one. */
    private void contacts(Sketch sketch) {
        for (Contact contact : plate.contacts()) {
            if (contact.weight() > 0) {
                Xy at = spots.get(contact.index() % plate.heights().length);
                double up = contact.above() ? -1 : 1;
                // With a light rim, so that it is seen on the darkest tone too.
                sketch.area("d-fill-sheet", triangle(at, up, 1.5)).area("d-fill-petrol", triangle(at, up, 1));
            }
        }
    }

    private static List<Xy> triangle(Xy at, double up, double size) {
        return List.of(
                new Xy(at.x(), at.y() + 8 * up * size),
                new Xy(at.x() - 7 * size, at.y() - 5 * up * size),
                new Xy(at.x() + 7 * size, at.y() - 5 * up * size));
    }

    private void marks(Sketch sketch) {
        for (Plate.Mark mark : plate.marks()) {
            Xy at = at(mark.x(), mark.y());
            List<Xy> square = List.of(
                    new Xy(at.x() - 7, at.y() - 7),
                    new Xy(at.x() + 7, at.y() - 7),
                    new Xy(at.x() + 7, at.y() + 7),
                    new Xy(at.x() - 7, at.y() + 7));
            sketch.area("d-fill-sheet", square).closed(Sketch.PETROL, 2.4, square);
            String anchor = at.x() < LEFT + 60 ? "start" : at.x() > RIGHT - 60 ? "end" : "middle";
            Xy below = new Xy(at.x(), at.y() + 26);
            room.take(below, anchor, 14, mark.label());
            room.take(new Xy(at.x(), at.y() + 8), "middle", 16, "ii");
            sketch.text("d-fill-petrol", below, anchor, 14, 700, mark.label());
        }
    }

    private void next(Sketch sketch) {
        plate.next().ifPresent(station -> {
            Xy at = at(plate.x(station), plate.y(station));
            sketch.circle(Sketch.BRASS, 3, "", at, 13);
            String anchor = at.x() < 140 ? "start" : at.x() > 500 ? "end" : "middle";
            boolean back = plate.heights().length == plate.stations().size();
            String said = (back ? Words.say("picture.return-to") : Words.say("picture.next")) + station.name();
            Xy beside = new Xy(at.x(), at.y() < TOP + MARGIN + 16 ? at.y() + 38 : at.y() - 28);
            room.take(beside, anchor, 14, said);
            sketch.text("d-fill-brass", beside, anchor, 14, 700, said);
        });
    }

    private void key(Sketch sketch) {
        if (ramp.levels().length == 0) {
            return;
        }
        double step = KEY_WIDTH / ramp.tones();
        double left = (LEFT + RIGHT) / 2 - KEY_WIDTH / 2;
        for (int i = 0; i < ramp.tones(); i++) {
            double x = left + i * step;
            List<Xy> box = List.of(
                    new Xy(x, KEY_TOP),
                    new Xy(x + step, KEY_TOP),
                    new Xy(x + step, KEY_TOP + 13),
                    new Xy(x, KEY_TOP + 13));
            sketch.area(ramp.look(i), box).closed(Sketch.HAIR, 1, box);
            if (i > 0) {
                sketch.text("d-fill-quiet", new Xy(x, KEY_TOP + 29), "middle", 12, 400, plain(ramp.levels()[i - 1]));
            }
        }
        sketch.text("d-fill-quiet", new Xy(left - 8, KEY_TOP + 11), "end", 13, 400, low);
        sketch.text("d-fill-quiet", new Xy(left + KEY_WIDTH + 8, KEY_TOP + 11), "start", 13, 400, high);
    }

    private void downhill(Sketch sketch) {
        plate.tilt().filter(tilt -> tilt.steepest() > 0).ifPresent(tilt -> {
            Xy middle = new Xy(604, 80);
            double radians = tilt.downhill();
            sketch.arrow(
                    Sketch.PETROL,
                    "d-fill-petrol",
                    2,
                    Xy.polar(middle, 22, radians + Math.PI),
                    Xy.polar(middle, 22, radians));
            // Small, so that the copy on paper leaves it out.
            sketch.text("d-fill-petrol", new Xy(604, 122), "middle", 12, 700, Words.say("picture.downhill"));
        });
    }
}
