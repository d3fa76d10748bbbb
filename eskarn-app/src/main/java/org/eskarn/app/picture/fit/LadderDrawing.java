package org.eskarn.app.picture.fit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.Drawing;
import org.eskarn.app.picture.engine.RoundSteps;
import org.eskarn.app.picture.engine.ScaleText;
import org.eskarn.app.picture.engine.Sketch;
import org.eskarn.app.picture.engine.Xy;
import org.eskarn.core.fit.ToleranceClass;
import org.jspecify.annotations.Nullable;

/**
 * The fit ladder: zones of holes, shafts and rings side by side, each as high above or below the nominal as its deviations
 * say, with measured sizes as pointers at their side, and the clearance between a hole and a shaft as arrows.
 */
public final class LadderDrawing {

    private static final double LEFT = 74;
    private static final double RIGHT = 622;
    private static final double TOP = 62;
    private static final double FOOT = 424;
    private static final double WIDEST = 120;
    private static final int RUNGS = 7;
    private static final double ARROWS = 150;
    private static final double LETTERS = 13;

    private LadderDrawing() {}

    /** What a zone is of. */
    public enum Side {
        HOLE(Sketch.STONE),
        SHAFT(Sketch.SHADE);

        private final String look;

        Side(String look) {
            this.look = look;
        }
    }

    /**
     * One zone of the ladder; deviations from nominal in µm.
     *
     * @param lower null where only measured sizes are known
     * @param measured in µm from nominal
     */
    public record Zone(
            String name,
            Side side,
            @Nullable Double lower,
            @Nullable Double upper,
            double[] measured) {

        public static Zone of(String name, Side side, double lower, double upper) {
            return new Zone(name, side, lower, upper, new double[0]);
        }

        public Zone with(double[] sizes) {
            return new Zone(name, side, lower, upper, sizes);
        }

        private DoubleStream marks() {
            return DoubleStream.concat(
                    Stream.of(lower, upper).filter(java.util.Objects::nonNull).mapToDouble(Double::doubleValue),
                    Arrays.stream(measured));
        }
    }

    /**
     * @param clearance whether the arrows between the first hole and the first shaft are drawn
     */
    public static Drawing of(String title, List<Zone> zones, boolean clearance, Display display) {
        double high = zones.stream().flatMapToDouble(Zone::marks).max().orElse(0);
        double low = zones.stream().flatMapToDouble(Zone::marks).min().orElse(0);
        high = Math.max(high, 0);
        low = Math.min(low, 0);
        double span = Math.max(high - low, display.finest() * 10);
        Scale scale = new Scale(high + 0.06 * span, low - 0.06 * span);
        Sketch sketch = new Sketch();
        rungs(sketch, scale, display);
        double room = (RIGHT - LEFT - (clearance ? ARROWS : 0)) / zones.size();
        List<Double> middles = new ArrayList<>();
        for (int i = 0; i < zones.size(); i++) {
            middles.add(LEFT + room * (i + 0.5));
        }
        for (int i = 0; i < zones.size(); i++) {
            zone(sketch, scale, zones.get(i), middles.get(i), Math.min(WIDEST, room * 0.36), display);
        }
        if (clearance) {
            arrows(sketch, scale, zones, display);
        }
        return sketch.drawn(title, Words.say("picture.deviations-from-nominal-in-to-scale-among", display.symbol()));
    }

    /** A hole or shaft with its class, where it has one. */
    public static String named(String what, @Nullable ToleranceClass written) {
        return written == null ? what : what + " " + written;
    }

    private record Scale(double top, double foot) {
        double y(double deviation) {
            return TOP + (top - deviation) / (top - foot) * (FOOT - TOP);
        }
    }

    private static void rungs(Sketch sketch, Scale scale, Display display) {
        double step = RoundSteps.atLeast((display.of(scale.top) - display.of(scale.foot)) / RUNGS);
        long first = (long) Math.ceil(display.of(scale.foot) / step);
        long last = (long) Math.floor(display.of(scale.top) / step);
        for (long i = first; i <= last; i++) {
            double y = scale.y(display.micrometres(i * step));
            sketch.line(i == 0 ? Sketch.BRASS : Sketch.HAIR, i == 0 ? 2.2 : 0.7, new Xy(LEFT, y), new Xy(RIGHT, y));
            sketch.text(
                    i == 0 ? "d-fill-brass" : "d-fill-quiet",
                    new Xy(LEFT - 8, y + 4.5),
                    "end",
                    LETTERS,
                    i == 0 ? 700 : 400,
                    i == 0 ? Words.say("picture.nominal") : (i > 0 ? "+" : "") + ScaleText.plain(i * step));
        }
    }

    private static void zone(Sketch sketch, Scale scale, Zone zone, double middle, double width, Display display) {
        sketch.text("d-fill-ink", new Xy(middle, TOP - 26), "middle", 15, 700, zone.name());
        double left = middle - width / 2;
        double right = middle + width / 2;
        Double upper = zone.upper();
        Double lower = zone.lower();
        if (upper != null && lower != null) {
            double top = scale.y(upper);
            double foot = scale.y(lower);
            List<Xy> corners = Xy.box(left, top, right, foot);
            sketch.area(zone.side().look, corners).closed(Sketch.INK, 1.6, corners);
            // A thin zone has its two figures above and below it, so that they do not meet.
            boolean thin = foot - top < 2 * LETTERS;
            figure(sketch, new Xy(right + 7, thin ? top - 3 : top + 10), display.signed(upper));
            figure(sketch, new Xy(right + 7, thin ? foot + 12 : foot - 4), display.signed(lower));
        }
        pointers(sketch, scale, zone, left, display);
    }

    private static void figure(Sketch sketch, Xy at, String said) {
        sketch.text("d-fill-ink", at, "start", LETTERS, 400, said);
    }

    /** The outermost measured sizes bear their figures, those between are marks. */
    private static void pointers(Sketch sketch, Scale scale, Zone zone, double left, Display display) {
        double[] sizes = zone.measured().clone();
        Arrays.sort(sizes);
        for (int i = 0; i < sizes.length; i++) {
            double y = scale.y(sizes[i]);
            sketch.area(
                    "d-fill-petrol", List.of(new Xy(left - 1, y), new Xy(left - 12, y - 5), new Xy(left - 12, y + 5)));
        }
        if (sizes.length == 0) {
            return;
        }
        double lowest = scale.y(sizes[0]);
        double highest = scale.y(sizes[sizes.length - 1]);
        boolean apart = lowest - highest > LETTERS + 2;
        measured(
                sketch,
                new Xy(left - 16, apart || sizes.length == 1 ? highest + 4.5 : highest - 2),
                display.signed(sizes[sizes.length - 1]));
        if (sizes.length > 1) {
            measured(sketch, new Xy(left - 16, apart ? lowest + 4.5 : lowest + 11), display.signed(sizes[0]));
        }
    }

    private static void measured(Sketch sketch, Xy at, String said) {
        sketch.text("d-fill-petrol", at, "end", LETTERS, 700, said);
    }

    /** The least and the most clearance of the limits, between the edges that make them. */
    private static void arrows(Sketch sketch, Scale scale, List<Zone> zones, Display display) {
        Zone hole = first(zones, Side.HOLE);
        Zone shaft = first(zones, Side.SHAFT);
        if (hole == null
                || shaft == null
                || hole.lower() == null
                || shaft.lower() == null
                || hole.upper() == null
                || shaft.upper() == null) {
            return;
        }
        span(sketch, scale, RIGHT - ARROWS * 0.72, shaft.upper(), hole.lower(), Words.say("picture.least"), display);
        span(sketch, scale, RIGHT - ARROWS * 0.22, shaft.lower(), hole.upper(), Words.say("picture.most"), display);
    }

    private static @Nullable Zone first(List<Zone> zones, Side side) {
        return zones.stream().filter(zone -> zone.side() == side).findFirst().orElse(null);
    }

    private static void span(
            Sketch sketch, Scale scale, double x, double shaft, double hole, String name, Display display) {
        double clearance = hole - shaft;
        Xy from = new Xy(x, scale.y(shaft));
        Xy to = new Xy(x, scale.y(hole));
        for (Xy end : List.of(from, to)) {
            sketch.line(Sketch.PETROL, 1, new Xy(x - 9, end.y()), new Xy(x + 9, end.y()));
        }
        sketch.arrow(Sketch.PETROL, "d-fill-petrol", 1.8, from, to);
        sketch.text("d-fill-quiet", new Xy(x, TOP - 42), "middle", LETTERS, 400, name);
        sketch.text("d-fill-petrol", new Xy(x, TOP - 26), "middle", LETTERS, 700, display.signed(clearance));
    }
}
