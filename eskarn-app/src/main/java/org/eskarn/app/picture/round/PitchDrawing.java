package org.eskarn.app.picture.round;

import java.util.List;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.Drawing;
import org.eskarn.app.picture.engine.Sketch;
import org.eskarn.app.picture.engine.Subject;
import org.eskarn.app.picture.engine.Xy;
import org.eskarn.core.evaluation.Assessment;
import org.eskarn.core.evaluation.PitchReduction;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.Station;
import org.eskarn.core.reading.Sweep;

/** A row or ring of holes where they should be, with an arrow to where each is: its accumulated error, magnified. */
public final class PitchDrawing {

    private static final double LEFT = 84;
    private static final double RIGHT = 560;
    private static final double LINE = 210;
    private static final Xy CENTRE = new Xy(320, 226);
    private static final double RING = 142;
    private static final double LONGEST = 54;
    private static final int MOST_LABELLED = 14;

    private final Subject subject;
    private final Assessment assessment;
    private final Display display;
    private final Sweep sweep;
    private final double[] errors;
    /** The largest error; −1 before the first reading. */
    private final int worst;

    private final double scale;
    private final boolean ring;
    private final double hole;

    private PitchDrawing(Subject subject, Assessment assessment, Display display) {
        this.subject = subject;
        this.assessment = assessment;
        this.display = display;
        this.sweep = assessment.corrected();
        this.errors =
                assessment.reduction().orElse(null) instanceof PitchReduction pitch ? pitch.asRead() : new double[0];
        this.worst = errors.length == 0 ? -1 : largest(errors);
        this.ring = sweep.layout().kind() == LayoutKind.RING;
        int count = sweep.layout().size();
        double spacing = ring ? 2 * Math.PI * RING / count : (RIGHT - LEFT) / Math.max(1, count - 1);
        double largest = worst < 0 ? 0 : Math.abs(errors[worst]);
        double least = display.finest();
        this.scale = Math.min(LONGEST, Math.max(12, spacing * 0.45)) / Math.max(largest, least);
        this.hole = Math.max(4, Math.min(15, spacing * 0.22));
    }

    private static int largest(double[] errors) {
        int largest = 0;
        for (int i = 1; i < errors.length; i++) {
            largest = Math.abs(errors[i]) > Math.abs(errors[largest]) ? i : largest;
        }
        return largest;
    }

    public static Drawing of(Subject subject, Assessment assessment, Display display) {
        return new PitchDrawing(subject, assessment, display).draw();
    }

    private Drawing draw() {
        Sketch sketch = new Sketch();
        if (ring) {
            sketch.circle(Sketch.HAIR, 1, "", CENTRE, RING);
        } else {
            sketch.line(Sketch.HAIR, 1, new Xy(LEFT - 24, LINE), new Xy(RIGHT + 24, LINE));
        }
        List<Station> stations = sweep.layout().stations();
        int every = (stations.size() + MOST_LABELLED - 1) / MOST_LABELLED;
        for (int i = 0; i < stations.size(); i++) {
            Xy ideal = at(stations.get(i), i);
            boolean isNext =
                    assessment.sweep().next().filter(stations.get(i)::equals).isPresent();
            sketch.circle(
                    isNext ? Sketch.BRASS : Sketch.QUIET,
                    isNext ? 3 : 1.2,
                    i < errors.length || isNext ? "" : Sketch.DASHED,
                    ideal,
                    hole);
            boolean besideTheWorst = worst >= 0 && i != worst && Math.abs(i - worst) < every;
            boolean labelled = i == worst || i % every == 0 && !besideTheWorst;
            if (labelled) {
                name(sketch, stations.get(i), ideal, i);
            }
            if (i < errors.length) {
                sketch.arrow(Sketch.INK, "d-fill-ink", 2.4, ideal, moved(ideal, stations.get(i), errors[i] * scale));
                if (labelled) {
                    sketch.text(
                            "d-fill-ink",
                            figureAt(ideal, stations.get(i), i),
                            anchor(stations.get(i)),
                            13,
                            i == worst ? 700 : 400,
                            display.signed(errors[i]));
                }
            }
        }
        sketch.text("d-fill-brass", ring ? CENTRE : new Xy(320, 60), "middle", 14, 700, next());
        if (errors.length > 0) {
            sketch.scaleBar(new Xy(60, 452), LONGEST, scale, false, display);
        }
        return sketch.drawn(
                Words.say("picture.seen-from", subject.name(), subject.seenFrom()),
                Words.say(
                        "picture.circles-where-they-should-be-arrows-error",
                        ring ? Words.say("picture.clockwise") : Words.say("picture.to-the-right")));
    }

    private String next() {
        return assessment
                .sweep()
                .next()
                .map(station -> Words.say("picture.next-2", station.name()))
                .orElse("");
    }

    private Xy at(Station station, int index) {
        if (ring) {
            return Xy.polar(CENTRE, RING, station.radians());
        }
        if (sweep.layout().kind() == LayoutKind.LINE) {
            double first = sweep.layout().stations().stream()
                    .mapToDouble(Station::distance)
                    .min()
                    .orElse(0);
            double last = sweep.layout().stations().stream()
                    .mapToDouble(Station::distance)
                    .max()
                    .orElse(1);
            double share = last > first ? (station.distance() - first) / (last - first) : 0.5;
            return new Xy(LEFT + share * (RIGHT - LEFT), LINE);
        }
        int count = sweep.layout().size();
        return new Xy(LEFT + (count > 1 ? (RIGHT - LEFT) * index / (count - 1) : 0), LINE);
    }

    /** Along the row to the right, or clockwise round the ring. */
    private Xy moved(Xy ideal, Station station, double by) {
        return ring
                ? new Xy(ideal.x() + by * Math.cos(station.radians()), ideal.y() + by * Math.sin(station.radians()))
                : new Xy(ideal.x() + by, ideal.y());
    }

    private void name(Sketch sketch, Station station, Xy ideal, int index) {
        if (ring) {
            Xy at = Xy.polar(CENTRE, RING - hole - 22, station.radians());
            sketch.text("d-fill-quiet", new Xy(at.x(), at.y() + 4), "middle", 12, 400, station.name());
            return;
        }
        // Every second name lower, so that neighbours do not run into each other.
        double below = hole + 24 + (index % 2) * 18;
        sketch.text("d-fill-quiet", new Xy(ideal.x(), LINE + below), "middle", 12, 400, shortened(station.name()));
    }

    private static String shortened(String name) {
        return name.length() > 14 ? name.substring(0, 13) + "…" : name;
    }

    private Xy figureAt(Xy ideal, Station station, int index) {
        if (ring) {
            Xy at = Xy.polar(CENTRE, RING + hole + 18, station.radians());
            return new Xy(at.x(), at.y() + 5);
        }
        return new Xy(ideal.x(), LINE - hole - 12 - (index % 2) * 18);
    }

    private String anchor(Station station) {
        if (!ring || Math.abs(Math.sin(station.radians())) < 0.3) {
            return "middle";
        }
        return Math.sin(station.radians()) > 0 ? "start" : "end";
    }
}
