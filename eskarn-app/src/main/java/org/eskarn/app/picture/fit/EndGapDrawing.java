package org.eskarn.app.picture.fit;

import java.util.List;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.Drawing;
import org.eskarn.app.picture.engine.Sketch;
import org.eskarn.app.picture.engine.Xy;

/**
 * A bearing under its cap, cut along the axis: housing with its shoulder at the right, rings against it, the cap from the left
 * with its spigot or recess. With a gap the cap is seated; with a crush its flange stands off the face by as much.
 */
public final class EndGapDrawing {

    private static final double FACE = 190;
    private static final double SHOULDER = 540;
    private static final double TOP = 130;
    private static final double FOOT = 330;
    private static final double FLANGE = 46;
    private static final double WALL = 44;

    /** How wide the gap is drawn at least and at most, whatever it is. */
    private static final double LEAST = 10;

    private static final double MOST = 44;

    private EndGapDrawing() {}

    /**
     * @param depth of the housing, µm
     * @param widths of the rings, µm
     * @param gap µm; below 0 for a crush
     */
    public static Drawing of(double depth, List<Double> widths, double gap, Display display) {
        double rings = widths.stream().mapToDouble(Double::doubleValue).sum();
        double shown = Math.max(LEAST, Math.min(MOST, LEAST + Math.abs(gap) / 10));
        boolean crush = gap < 0;
        // The stack takes its share of the depth; what is left is the spigot, or where the cap has a recess, its
        // hollow.
        double perMicrometre = (SHOULDER - FACE) / Math.max(depth, rings);
        double stackFrom = Math.max(FACE - 60, SHOULDER - rings * perMicrometre);
        double standsOff = crush ? shown : 0;
        double spigotTo = crush ? stackFrom : stackFrom - shown;
        Sketch sketch = new Sketch();
        housing(sketch);
        rings(sketch, widths, rings, stackFrom);
        cap(sketch, FACE - standsOff, spigotTo);
        mark(sketch, crush ? FACE - standsOff : spigotTo, crush ? FACE : stackFrom, crush, gap, display);
        return sketch.drawn(
                Words.say("picture.cut-along-the-axis-the-shoulder-at"),
                Words.say(
                        "picture.not-to-scale",
                        crush
                                ? Words.say("picture.the-cap-stands-off-its-face-by")
                                : Words.say("picture.the-gap-is-drawn-larger-than-it")));
    }

    private static void housing(Sketch sketch) {
        for (boolean upper : new boolean[] {true, false}) {
            double y = upper ? TOP - WALL : FOOT;
            List<Xy> wall = Xy.box(FACE, y, SHOULDER + 40, y + WALL);
            sketch.area(Sketch.STONE, wall).closed(Sketch.INK, 1.6, wall);
            double inner = upper ? TOP : FOOT - 34;
            List<Xy> shoulder = Xy.box(SHOULDER, inner, SHOULDER + 40, inner + 34);
            sketch.area(Sketch.STONE, shoulder).closed(Sketch.INK, 1.6, shoulder);
        }
        sketch.axis(new Xy(110, (TOP + FOOT) / 2), new Xy(SHOULDER + 70, (TOP + FOOT) / 2));
        sketch.text(
                "d-fill-quiet",
                new Xy((FACE + SHOULDER) / 2, TOP - WALL - 10),
                "middle",
                14,
                400,
                Words.say("picture.housing"));
        sketch.text(
                "d-fill-quiet",
                new Xy(SHOULDER + 20, FOOT + WALL + 20),
                "middle",
                14,
                400,
                Words.say("picture.shoulder"));
    }

    private static void rings(Sketch sketch, List<Double> widths, double all, double from) {
        double x = SHOULDER;
        for (int i = 0; i < widths.size(); i++) {
            double next = x - widths.get(i) / all * (SHOULDER - from);
            for (double y : new double[] {TOP, FOOT - 56}) {
                List<Xy> ring = Xy.box(next, y, x, y + 56);
                sketch.area(Sketch.SHADE, ring).closed(Sketch.INK, 1.6, ring);
            }
            sketch.text(
                    "d-fill-quiet",
                    new Xy((next + x) / 2, (TOP + FOOT) / 2 - 8),
                    "middle",
                    13,
                    400,
                    Integer.toString(i + 1));
            x = next;
        }
    }

    private static void cap(Sketch sketch, double seat, double spigotTo) {
        List<Xy> flange = Xy.box(seat - FLANGE, TOP - WALL, seat, FOOT + WALL);
        sketch.area("d-fill-sheet", flange).closed(Sketch.INK, 1.8, flange);
        for (double y : new double[] {TOP + 2, FOOT - 32}) {
            List<Xy> spigot = Xy.box(Math.min(seat, spigotTo), y, Math.max(seat, spigotTo), y + 30);
            sketch.area("d-fill-sheet", spigot).closed(Sketch.INK, 1.8, spigot);
        }
        sketch.text(
                "d-fill-quiet",
                new Xy(seat - FLANGE / 2, FOOT + WALL + 20),
                "middle",
                14,
                400,
                Words.say("picture.cap"));
    }

    private static void mark(Sketch sketch, double from, double to, boolean crush, double gap, Display display) {
        double y = crush ? TOP - WALL - 22 : FOOT - 17;
        sketch.area(
                crush ? "d-fill-fail" : "d-fill-petrol",
                Xy.box(from, crush ? TOP - WALL : FOOT - 32, to, crush ? FOOT + WALL : FOOT - 2));
        Xy label = new Xy((from + to) / 2, crush ? y : FOOT + WALL + 44);
        sketch.line(
                Sketch.PETROL,
                1,
                new Xy((from + to) / 2, crush ? TOP - WALL : FOOT - 2),
                new Xy(label.x(), label.y() + (crush ? 4 : -14)));
        sketch.text(
                "d-fill-petrol",
                label,
                "middle",
                15,
                700,
                (crush ? Words.say("picture.crush") : Words.say("picture.gap")) + display.amount(Math.abs(gap)) + " "
                        + display.symbol());
    }
}
