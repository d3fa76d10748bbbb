package org.eskarn.app.picture.flat;

import java.util.List;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.Drawing;
import org.eskarn.app.picture.engine.Sketch;
import org.eskarn.app.picture.engine.Subject;
import org.eskarn.app.picture.engine.Xy;
import org.eskarn.core.evaluation.SlopesReduction;
import org.eskarn.core.evaluation.SlopesReduction.Slope;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.CharacteristicLayout;

/**
 * Slopes from pairs, each as a line against the one it is compared with: an axis over its face in two planes with the
 * resultant, guides against what they guide to, a link in its attitudes.
 */
public final class SlopesDrawing {

    private static final double LEFT = 60;
    private static final double RIGHT = 450;
    private static final double TOP = 44;
    private static final double FOOT = 440;
    private static final int MOST = 4;
    private static final double SIDE = 26;

    private final Subject subject;
    private final SlopesReduction reduction;
    private final Display display;
    private final Characteristic what;
    private final int shown;
    private final double panel;
    private final double scale;

    private SlopesDrawing(Subject subject, SlopesReduction reduction, Display display) {
        this.subject = subject;
        this.reduction = reduction;
        this.display = display;
        this.what = subject.terms().characteristic();
        this.shown = Math.min(MOST, reduction.slopes().size());
        this.panel = (FOOT - TOP) / Math.max(2, shown);
        double most = reduction.slopes().stream()
                .mapToDouble(slope -> Math.abs(slope.rise()))
                .max()
                .orElse(0);
        this.scale = panel * 0.3 / Math.max(most, display.finest() * 4);
    }

    public static Drawing of(Subject subject, SlopesReduction reduction, Display display) {
        return new SlopesDrawing(subject, reduction, display).draw();
    }

    private Drawing draw() {
        Sketch sketch = new Sketch();
        for (int i = 0; i < shown; i++) {
            panel(sketch, reduction.slopes().get(i), TOP + i * panel + panel / 2, i == reduction.worst());
        }
        if (what == Characteristic.PARALLELISM_OF_AXIS && shown == 2) {
            resultant(sketch);
        }
        sketch.scaleBar(new Xy(34, FOOT - 10), panel * 0.3, scale, true, display);
        return sketch.drawn(
                subject.name() + ", "
                        + (shown < reduction.slopes().size()
                                ? Words.say("picture.the-first-pairs", shown)
                                : Words.say("picture.pair-by-pair")),
                Words.say("picture.slopes-magnified-the-bar-is-the-scale", datum()));
    }

    private String datum() {
        return switch (what) {
            case PARALLELISM_OF_AXIS -> Words.say("picture.parallel-to-the-face");
            case PARALLELISM_OF_LINES -> Words.say("picture.the-line-the-gauge-goes-along");
            default -> Words.say("picture.the-straightedge-or-arbor-it-is-compared");
        };
    }

    private void panel(Sketch sketch, Slope slope, double y, boolean worst) {
        double half = slope.rise() * scale / 2;
        // Of two lines plus is open at the back: the other line goes away from the gauge there.
        double up = what == Characteristic.PARALLELISM_OF_LINES ? -half : half;
        Xy first = new Xy(LEFT + SIDE, y + up);
        Xy second = new Xy(RIGHT - SIDE, y - up);
        double below = y + panel * 0.3;
        sketch.line(Sketch.BRASS, 1.6, new Xy(LEFT + SIDE, below), new Xy(RIGHT - SIDE, below));
        body(sketch, first, second);
        sketch.line(worst ? Sketch.PETROL : Sketch.INK, worst ? 2.6 : 1.8, first, second);
        for (Xy end : List.of(first, second)) {
            sketch.line(Sketch.HAIR, 1, end, new Xy(end.x(), below));
            sketch.dot("d-fill-ink", end, 3.6);
        }
        List<String> ends = CharacteristicLayout.ends(what);
        sketch.text("d-fill-quiet", new Xy(first.x(), below + 16), "middle", 12, 400, ends.get(0));
        sketch.text("d-fill-quiet", new Xy(second.x(), below + 16), "middle", 12, 400, ends.get(1));
        sketch.text(
                worst ? "d-fill-petrol" : "d-fill-ink",
                new Xy(LEFT + SIDE, y - panel * 0.4),
                "start",
                14,
                700,
                slope.name());
        sketch.text(
                "d-fill-ink",
                new Xy(RIGHT - SIDE, y - panel * 0.4),
                "end",
                14,
                400,
                display.signed(slope.rise()) + " " + display.symbol() + words(slope));
    }

    private String words(Slope slope) {
        if (slope.rise() == 0) {
            return "";
        }
        boolean plus = slope.rise() > 0;
        return switch (what) {
            case PARALLELISM_OF_LINES ->
                plus ? Words.say("picture.opens-to-the-back") : Words.say("picture.closes-to-the-back");
            case PARALLELISM_OF_AXIS ->
                plus ? Words.say("picture.far-end-nearer") : Words.say("picture.far-end-further");
            default -> plus ? Words.say("picture.other-side-higher") : Words.say("picture.other-side-lower");
        };
    }

    /** What the line belongs to, lightly: an arbor in its bore, a bar, a link with its eyes. */
    private void body(Sketch sketch, Xy first, Xy second) {
        if (what == Characteristic.BEND_AND_TWIST) {
            for (Xy eye : List.of(first, second)) {
                sketch.circle(Sketch.HAIR, 1.6, "", eye, 17).circle(Sketch.HAIR, 1.2, "", eye, 9);
            }
            return;
        }
        double thick = what == Characteristic.PARALLELISM_OF_AXIS ? 9 : 14;
        boolean axis = what == Characteristic.PARALLELISM_OF_AXIS;
        sketch.area(
                Sketch.STONE,
                List.of(
                        new Xy(first.x(), first.y() - thick),
                        new Xy(second.x(), second.y() - thick),
                        new Xy(second.x(), second.y() + (axis ? thick : 0)),
                        new Xy(first.x(), first.y() + (axis ? thick : 0))));
    }

    /** Both planes together, as seen along the axis. */
    private void resultant(Sketch sketch) {
        Slope upright = reduction.slopes().get(0);
        Slope level = reduction.slopes().get(1);
        double most = Math.max(Math.hypot(upright.scaled(), level.scaled()), display.finest());
        Xy centre = new Xy(545, TOP + panel);
        double per = 52 / most;
        Xy tip = new Xy(centre.x() + level.scaled() * per, centre.y() - upright.scaled() * per);
        sketch.circle(Sketch.HAIR, 1, "", centre, 60);
        sketch.line(Sketch.BRASS, 1.4, new Xy(centre.x() - 60, centre.y()), new Xy(centre.x() + 60, centre.y()));
        sketch.line(Sketch.BRASS, 1.4, new Xy(centre.x(), centre.y() - 60), new Xy(centre.x(), centre.y() + 60));
        sketch.dashed(Sketch.QUIET, tip, new Xy(tip.x(), centre.y()));
        sketch.dashed(Sketch.QUIET, tip, new Xy(centre.x(), tip.y()));
        sketch.arrow(Sketch.PETROL, "d-fill-petrol", 2.2, centre, tip);
        sketch.text("d-fill-quiet", new Xy(centre.x(), centre.y() - 66), "middle", 12, 400, upright.name());
        sketch.text("d-fill-quiet", new Xy(centre.x() + 66, centre.y() + 4), "start", 12, 400, level.name());
        sketch.text(
                "d-fill-petrol",
                new Xy(centre.x(), centre.y() + 80),
                "middle",
                14,
                700,
                Words.say(
                        "picture.resultant",
                        display.amount(Math.hypot(upright.scaled(), level.scaled())),
                        display.symbol()));
    }
}
