package org.eskarn.app.picture.size;

import java.util.ArrayList;
import java.util.List;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.Drawing;
import org.eskarn.app.picture.engine.RoundSteps;
import org.eskarn.app.picture.engine.ScaleText;
import org.eskarn.app.picture.engine.Sketch;
import org.eskarn.app.picture.engine.Subject;
import org.eskarn.app.picture.engine.Xy;
import org.eskarn.core.evaluation.Assessment;
import org.eskarn.core.evaluation.SizeReduction;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Station;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.size.SizeMap;
import org.eskarn.core.verdict.Bounds;

/**
 * A shaft or bore cut lengthwise: its stations at their distances, its profile with the deviations magnified on both sides of
 * the axis, every size a dot on the upper edge, the limits dashed.
 */
public final class SectionDrawing {

    private static final double LEFT = 96;
    private static final double RIGHT = 560;
    private static final double AXIS = 226;
    /** From the axis to where the middle of all sizes is drawn. */
    private static final double EDGE = 98;
    /** How far a deviation may reach from there. */
    private static final double ROOM = 52;

    private static final double OVERHANG = 24;
    private static final double WALL = 172;
    private static final int MOST_LABELLED = 9;

    private final Subject subject;
    private final Assessment assessment;
    private final Display display;
    private final Sweep sweep;
    private final boolean bore;
    private final SizeMap map;
    private final double[] sizes;
    private final double first;
    private final double perPlace;
    private final double middle;
    private final double scale;
    /** The size worst placed; −1 where sizes are not limited. */
    private final int worst;
    /** The upper edge from end to end, with the end sections carried on to the ends. */
    private final List<Xy> edge = new ArrayList<>();

    private SectionDrawing(Subject subject, Assessment assessment, SizeReduction reduction, Display display) {
        this.subject = subject;
        this.assessment = assessment;
        this.display = display;
        this.sweep = assessment.corrected();
        this.bore = subject.terms().side() == SurfaceSide.INSIDE;
        this.map = reduction.map();
        this.sizes = reduction.sizes();
        double from = sweep.layout().stations().stream()
                .mapToDouble(Station::distance)
                .min()
                .orElse(0);
        double to = sweep.layout().stations().stream()
                .mapToDouble(Station::distance)
                .max()
                .orElse(0);
        this.first = from;
        this.perPlace = to > from ? (RIGHT - LEFT - 2 * OVERHANG) / (to - from) : 0;
        Bounds bounds = limits();
        double lowest = bounds.lower() == null ? Double.POSITIVE_INFINITY : bounds.lower();
        double highest = bounds.upper() == null ? Double.NEGATIVE_INFINITY : bounds.upper();
        for (double size : sizes) {
            lowest = Math.min(lowest, size);
            highest = Math.max(highest, size);
        }
        this.middle = (lowest + highest) / 2;
        double least = display.finest() * 4;
        this.scale = ROOM / Math.max((highest - lowest) / 2, least);
        this.worst = reduction.worst().orElse(-1);
        edge.add(new Xy(LEFT, above(map.first().mean())));
        map.sections().forEach(section -> edge.add(new Xy(x(section.at()), above(section.mean()))));
        edge.add(new Xy(RIGHT, above(map.last().mean())));
    }

    /** Only what limits whole sizes is a line in the picture. */
    private Bounds limits() {
        return subject.terms().characteristic().sized() ? subject.terms().bounds() : Bounds.OPEN;
    }

    public static Drawing of(Subject subject, Assessment assessment, SizeReduction reduction, Display display) {
        return new SectionDrawing(subject, assessment, reduction, display).draw();
    }

    private Drawing draw() {
        Sketch sketch = new Sketch();
        material(sketch);
        sketch.axis(new Xy(LEFT - 18, AXIS), new Xy(RIGHT + 18, AXIS));
        limit(sketch, limits().upper(), Words.say("picture.upper-limit"), -2);
        limit(sketch, limits().lower(), Words.say("picture.lower-limit"), 11);
        profile(sketch);
        places(sketch);
        spots(sketch);
        next(sketch);
        sketch.scaleBar(new Xy(40, AXIS + 24), ROOM, scale, true, display);
        return sketch.drawn(
                Words.say("picture.cut-lengthwise-from", subject.name(), subject.seenFrom()),
                Words.say("picture.length-to-scale-deviation-the-bar-is", times(), limitLine()));
    }

    private String times() {
        if (perPlace == 0) {
            return Words.say("picture.magnified");
        }
        double along = perPlace / sweep.layout().unit().micrometres().doubleValue();
        // An edge moves by half of what the diameter does; it is drawn by the whole, and said so by the bar.
        return "× " + ScaleText.grouped(RoundSteps.atMost(scale / along * 1.02));
    }

    private String limitLine() {
        return limits().open()
                ? ""
                : Words.say("picture.dashed-limits", subject.terms().limit().words());
    }

    /** The upper edge where the size is {@code micrometres}; the lower one mirrors it. */
    private double above(double micrometres) {
        return AXIS - EDGE - (micrometres - middle) * scale;
    }

    private static Xy mirrored(Xy point) {
        return new Xy(point.x(), 2 * AXIS - point.y());
    }

    private double x(double place) {
        return perPlace == 0 ? (LEFT + RIGHT) / 2 : LEFT + OVERHANG + (place - first) * perPlace;
    }

    private void material(Sketch sketch) {
        List<Xy> upper = new ArrayList<>(edge);
        if (bore) {
            List<Xy> lower =
                    new ArrayList<>(upper.stream().map(SectionDrawing::mirrored).toList());
            upper.add(new Xy(RIGHT, AXIS - WALL));
            upper.add(new Xy(LEFT, AXIS - WALL));
            lower.add(new Xy(RIGHT, AXIS + WALL));
            lower.add(new Xy(LEFT, AXIS + WALL));
            sketch.area(Sketch.STONE, upper).area(Sketch.STONE, lower);
            return;
        }
        for (int i = edge.size() - 1; i >= 0; i--) {
            upper.add(mirrored(edge.get(i)));
        }
        sketch.area(Sketch.STONE, upper);
    }

    private void profile(Sketch sketch) {
        List<Xy> lower = edge.stream().map(SectionDrawing::mirrored).toList();
        sketch.polyline(Sketch.INK, 1.8, edge).polyline(Sketch.INK, 1.8, lower);
        sketch.line(Sketch.INK, 1.8, edge.get(0), bore ? new Xy(LEFT, AXIS - WALL) : lower.get(0));
        Xy end = edge.get(edge.size() - 1);
        sketch.line(Sketch.INK, 1.8, end, bore ? new Xy(RIGHT, AXIS - WALL) : mirrored(end));
        if (bore) {
            sketch.line(Sketch.INK, 1.8, lower.get(0), new Xy(LEFT, AXIS + WALL));
            sketch.line(Sketch.INK, 1.8, mirrored(end), new Xy(RIGHT, AXIS + WALL));
        }
    }

    private void limit(Sketch sketch, @org.jspecify.annotations.Nullable Double size, String label, double down) {
        if (size != null) {
            double y = above(size);
            sketch.dashed(Sketch.QUIET, new Xy(LEFT - 14, y), new Xy(RIGHT + 14, y));
            sketch.dashed(Sketch.QUIET, new Xy(LEFT - 14, 2 * AXIS - y), new Xy(RIGHT + 14, 2 * AXIS - y));
            sketch.text("d-fill-quiet", new Xy(RIGHT + 18, y + down), "start", 12, 400, label);
        }
    }

    private void places(Sketch sketch) {
        List<Double> places = sweep.layout().distances();
        int every = (places.size() + MOST_LABELLED - 1) / MOST_LABELLED;
        double foot = AXIS + WALL + 16;
        for (int i = 0; i < places.size(); i++) {
            double x = x(places.get(i));
            sketch.line(Sketch.HAIR, 1, new Xy(x, foot - 6), new Xy(x, foot + 6));
            if (i % every == 0) {
                sketch.text(
                        "d-fill-quiet",
                        new Xy(x, foot + 22),
                        "middle",
                        13,
                        400,
                        ScaleText.plain(places.get(i)) + " "
                                + sweep.layout().unit().symbol());
            }
        }
    }

    private void spots(Sketch sketch) {
        boolean room = map.sections().size() <= MOST_LABELLED;
        for (int i = 0; i < sizes.length; i++) {
            sketch.dot("d-fill-ink", point(i), sizes.length > 60 ? 2 : 3.6);
        }
        for (SizeMap.Section section : map.sections()) {
            if (room || section.largestIndex() == worst || section.smallestIndex() == worst) {
                double centre = Math.min(Math.max(x(section.at()), LEFT + 56), RIGHT - 56);
                Xy at = new Xy(centre, above(section.mean()) + (bore ? 24 : 22));
                String mean = display.amount(section.mean());
                sketch.text(
                        "d-fill-ink",
                        at,
                        "middle",
                        13,
                        400,
                        perPlace == 0 || map.sections().size() <= 5 ? Words.say("picture.mean", mean) : mean);
            }
        }
        if (worst >= 0) {
            Xy at = point(worst);
            Reading reading = sweep.readings().get(worst);
            double left = Math.min(Math.max(at.x(), LEFT + 84), RIGHT - 84);
            sketch.text(
                    "d-fill-ink",
                    new Xy(left, bore ? at.y() + 44 : Math.max(AXIS - WALL - 2, at.y() - 12)),
                    "middle",
                    14,
                    700,
                    Words.say(
                            "picture.worst-at",
                            display.amount(sizes[worst]),
                            reading.station().name()));
        }
    }

    private Xy point(int index) {
        return new Xy(x(sweep.readings().get(index).station().distance()), above(sizes[index]));
    }

    private void next(Sketch sketch) {
        assessment.sweep().next().ifPresent(station -> {
            double x = x(station.distance());
            sketch.line(Sketch.BRASS, 2, new Xy(x, AXIS - WALL - 18), new Xy(x, AXIS + WALL + 8));
            sketch.text(
                    "d-fill-brass",
                    new Xy(Math.min(Math.max(x, LEFT + 40), RIGHT - 40), AXIS - WALL - 26),
                    "middle",
                    14,
                    700,
                    Words.say("picture.next-2", station.name()));
        });
    }
}
