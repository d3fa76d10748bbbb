package org.eskarn.app.picture.flat;

import java.util.List;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.Picture;
import org.eskarn.app.picture.engine.Sketch;
import org.eskarn.app.picture.engine.Xy;

/** A guide against the line it guides to, seen from above, with the move at its screw. */
public final class GuideDrawing {

    private static final double FRONT = 520;
    private static final double BACK = 110;
    private static final double OTHER = 96;
    private static final double GUIDE = 252;
    private static final double ROOM = 54;

    private GuideDrawing() {}

    /**
     * @param reach from the pivot, in measured lengths
     * @param move at the screw that takes the opening out, µm, signed as the opening
     */
    public record Screw(double reach, double move) {}

    /**
     * @param opening towards the back over the measured length, µm
     * @param screws all it is held by, the nearest to the pivot first
     * @param screwInFront whether the screws are towards the front and the pivot at the back
     */
    public static Picture of(String name, double opening, List<Screw> screws, boolean screwInFront, Display display) {
        double scale = ROOM / Math.max(Math.abs(opening), display.finest() * 4);
        double half = opening * scale / 2;
        Sketch sketch = new Sketch();
        Xy front = new Xy(FRONT, GUIDE - half);
        Xy back = new Xy(BACK, GUIDE + half);
        sketch.line(Sketch.BRASS, 2, new Xy(BACK - 30, OTHER), new Xy(FRONT + 30, OTHER));
        sketch.text(
                "d-fill-brass", new Xy(BACK - 30, OTHER - 12), "start", 14, 700, Words.say("picture.the-other-line"));
        sketch.area(
                Sketch.STONE, List.of(front, back, new Xy(back.x(), back.y() + 34), new Xy(front.x(), front.y() + 34)));
        sketch.line(Sketch.INK, 2.4, back, front);
        sketch.dashed(Sketch.QUIET, new Xy(BACK, GUIDE), new Xy(FRONT, GUIDE));
        for (boolean atFront : new boolean[] {true, false}) {
            Xy end = atFront ? front : back;
            sketch.line(Sketch.HAIR, 1, end, new Xy(end.x(), OTHER));
            sketch.text(
                    "d-fill-quiet",
                    new Xy(end.x(), GUIDE + 92),
                    "middle",
                    14,
                    400,
                    atFront ? Words.say("picture.front") : Words.say("picture.back"));
        }
        double from = screwInFront ? BACK : FRONT;
        double to = screwInFront ? FRONT : BACK;
        double furthest = Math.max(1, screws.get(screws.size() - 1).reach());
        Xy pivot = new Xy(from, (screwInFront ? back : front).y() + 17);
        sketch.circle(Sketch.INK, 1.8, "", pivot, 7)
                .text(
                        "d-fill-ink",
                        new Xy(pivot.x() + (screwInFront ? 14 : -14), pivot.y() + 30),
                        screwInFront ? "start" : "end",
                        13,
                        400,
                        Words.say("picture.turns-here"));
        for (int i = 0; i < screws.size(); i++) {
            Screw screw = screws.get(i);
            boolean alone = screws.size() == 1;
            double x = from + (to - from) * screw.reach() / furthest;
            arrow(sketch, screw, x, alone, i % 2 == 1, screwInFront, display);
        }
        sketch.scaleBar(new Xy(40, GUIDE + 40), ROOM, scale, true, display);
        return sketch.drawn(
                Words.say("picture.seen-from-above", name),
                Words.say(
                        "picture.towards-the-back-opening-magnified-the-bar",
                        opening > 0
                                ? Words.say("picture.opens")
                                : opening < 0 ? Words.say("picture.closes") : Words.say("picture.parallel")));
    }

    /** Of several none says which way: they all go as their arrows do. */
    private static void arrow(
            Sketch sketch, Screw screw, double x, boolean alone, boolean lower, boolean screwInFront, Display display) {
        if (Math.abs(screw.move()) <= display.finest() / 2) {
            return;
        }
        boolean towards = screw.move() > 0 != screwInFront;
        double y = GUIDE + 17;
        sketch.arrow(
                Sketch.PETROL, "d-fill-petrol", 3, new Xy(x, towards ? y + 52 : y), new Xy(x, towards ? y : y + 52));
        String amount = display.amount(Math.abs(screw.move()));
        sketch.text(
                "d-fill-petrol",
                new Xy(x + (screwInFront ? -12 : 12), y + (lower ? 46 : 34)),
                screwInFront ? "end" : "start",
                15,
                700,
                alone
                        ? Words.say(
                                "picture.at-the-screw",
                                amount,
                                display.symbol(),
                                towards ? Words.say("picture.towards-it") : Words.say("picture.away-from-it"))
                        : amount + " " + display.symbol());
    }
}
