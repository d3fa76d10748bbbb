package org.eskarn.app.picture.round;

import java.util.ArrayList;
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
import org.eskarn.core.evaluation.RoundnessReduction;
import org.eskarn.core.evaluation.RoundnessReduction.Profile;
import org.eskarn.core.round.Harmonics;
import org.eskarn.core.round.ReferenceCircle;
import org.eskarn.core.round.SurfaceSide;

/**
 * The form of a section about the centre of the circle it is judged by, off-centre taken out: the profile, the inner and outer
 * circle that hold it, where it touches them, and the waves it is made of as far as the stations show them.
 */
public final class RoundnessDrawing {

    private static final Xy CENTRE = new Xy(320, 226);
    private static final double IDEAL = 138;
    private static final double ROOM = 46;
    private static final double MATERIAL = 196;
    private static final int CURVE_POINTS = 240;
    private static final String BETWEEN = " · ";
    private static final int MOST_ANGLES = 8;

    private final Profile profile;
    private final ReferenceCircle circle;
    private final boolean inside;
    private final double[] radians;
    private final double[] seen;
    private final double level;
    private final double scale;

    private RoundnessDrawing(Subject subject, Profile profile, Display display) {
        this.profile = profile;
        this.circle = profile.judged();
        this.inside = subject.terms().side() == SurfaceSide.INSIDE;
        this.level = (circle.inner() + circle.outer()) / 2;
        this.radians = profile.seen().radians();
        this.seen = profile.seen().outwards();
        double limit =
                subject.terms().bounds().open() ? 0 : subject.terms().bounds().width();
        double least = display.finest();
        this.scale = ROOM / Math.max(Math.max(circle.roundness(), limit) / 2, least);
    }

    public static Drawing of(Subject subject, RoundnessReduction reduction, Display display) {
        Profile worst = reduction.profiles().get(reduction.worst());
        return new RoundnessDrawing(subject, worst, display).draw(subject, display);
    }

    private Drawing draw(Subject subject, Display display) {
        Sketch sketch = new Sketch();
        if (inside) {
            sketch.circle("d-stone", 10, "", CENTRE, MATERIAL);
        } else {
            sketch.dot(Sketch.STONE, CENTRE, 70);
        }
        sketch.line(Sketch.QUIET, 1.2, new Xy(CENTRE.x() - 10, CENTRE.y()), new Xy(CENTRE.x() + 10, CENTRE.y()));
        sketch.line(Sketch.QUIET, 1.2, new Xy(CENTRE.x(), CENTRE.y() - 10), new Xy(CENTRE.x(), CENTRE.y() + 10));
        sketch.circle(Sketch.PETROL, 1.8, "", CENTRE, radius(circle.inner()));
        sketch.circle(Sketch.PETROL, 1.8, "", CENTRE, radius(circle.outer()));
        if (circle.kind() == ReferenceCircle.Kind.LEAST_SQUARES) {
            sketch.circle(Sketch.HAIR, 1, "", CENTRE, radius(circle.level()));
        }
        waves(sketch);
        List<Integer> order = IntStream.range(0, seen.length)
                .boxed()
                .sorted(Comparator.comparingDouble(i -> radians[i]))
                .toList();
        sketch.closed(Sketch.INK, 1, order.stream().map(this::point).toList());
        for (int i = 0; i < seen.length; i++) {
            sketch.dot("d-fill-ink", point(i), seen.length > 60 ? 1.8 : seen.length > 30 ? 2.6 : 4);
        }
        for (int touching : circle.touching()) {
            sketch.circle(Sketch.PETROL, 2.4, "", point(touching), 8);
        }
        angles(sketch);
        sketch.scaleBar(new Xy(60, 452), ROOM, scale, false, display);
        lobes(sketch, display);
        return sketch.drawn(
                Words.say(
                        "picture.seen-from-off-centre-taken-out",
                        subject.name(),
                        profile.name().isEmpty() ? "" : Words.say("picture.at-2", profile.name()),
                        subject.seenFrom()),
                Words.say(
                        "picture.angles-run-clockwise-deviation-petrol",
                        times(subject),
                        circle.kind().title(),
                        circle.touching().isEmpty() ? "" : Words.say("picture.rings-where-it-touches")));
    }

    private String times(Subject subject) {
        return ScaleText.times(subject.size()
                .map(size -> RoundSteps.atMost(scale / (IDEAL / (size.micrometres() / 2)) * 1.02)));
    }

    private double radius(double outwards) {
        return IDEAL + (outwards - level) * scale;
    }

    private Xy point(int i) {
        return Xy.polar(CENTRE, radius(seen[i]), radians[i]);
    }

    /** The form without its off-centre, as smooth as the waves that could be fitted. */
    private void waves(Sketch sketch) {
        Harmonics harmonics = profile.harmonics();
        if (harmonics.limit() < 2) {
            return;
        }
        List<Xy> curve = new ArrayList<>();
        for (int i = 0; i < CURVE_POINTS; i++) {
            double radians = 2 * Math.PI * i / CURVE_POINTS;
            double form = harmonics.level();
            for (Harmonics.Wave wave : harmonics.waves()) {
                form += wave.at(radians);
            }
            double about = form - circle.cosine() * Math.cos(radians) - circle.sine() * Math.sin(radians);
            curve.add(Xy.polar(CENTRE, radius(about), radians));
        }
        sketch.closed(Sketch.QUIET, 1.1, curve);
    }

    private void angles(Sketch sketch) {
        int every = (seen.length + MOST_ANGLES - 1) / MOST_ANGLES;
        for (int i = 0; i < seen.length; i += every) {
            Xy at = Xy.polar(CENTRE, inside ? MATERIAL + 22 : 54, radians[i]);
            // As it was marked; along a length the place comes first.
            String name = profile.stations().get(i).name();
            String marked = name.substring(name.indexOf(BETWEEN) < 0 ? 0 : name.indexOf(BETWEEN) + BETWEEN.length());
            sketch.text("d-fill-quiet bare", new Xy(at.x(), at.y() + 5), "middle", 13, 400, marked);
        }
    }

    private void lobes(Sketch sketch, Display display) {
        profile.harmonics()
                .largestLobes()
                .filter(wave -> 2 * wave.amplitude() > circle.roundness() / 4 && wave.amplitude() > 0)
                .ifPresent(wave -> sketch.text(
                        "d-fill-ink",
                        new Xy(600, 457),
                        "end",
                        14,
                        650,
                        Words.say(
                                "picture.crest-to-trough",
                                wave.order() == 2
                                        ? Words.say("picture.oval")
                                        : Words.say("picture.lobes", wave.order()),
                                display.amount(2 * wave.amplitude()),
                                display.symbol())));
    }
}
