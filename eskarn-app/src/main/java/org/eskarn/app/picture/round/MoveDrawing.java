package org.eskarn.app.picture.round;

import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.Drawing;
import org.eskarn.app.picture.engine.Sketch;
import org.eskarn.app.picture.engine.Subject;
import org.eskarn.app.picture.engine.Xy;
import org.eskarn.core.remedy.OffsetMove;
import org.eskarn.core.round.Way;

/** Where the centre is, where it has to go, and where the chosen move leaves it: all about the axis. */
public final class MoveDrawing {

    private static final Xy CENTRE = new Xy(320, 226);
    private static final double DIAL = 168;
    private static final double ROOM = 112;
    private static final double BESIDE = 240;
    private static final double ABOVE = 140;
    private static final double DOWEL = 17;
    private static final double THROW = 6;

    private MoveDrawing() {}

    /** @param dowels whether it is moved by two dowels, each of which is shown as it is turned */
    public static Drawing of(
            Subject subject, OffsetMove move, OffsetMove.Choice chosen, boolean dowels, Display display) {
        double from = Way.opposite(move.towards());
        double reach = Math.max(move.offset(), Math.abs(move.offset() - chosen.moved()));
        double scale = ROOM / reach;
        Sketch sketch = new Sketch();
        sketch.clock(CENTRE, DIAL);
        Xy now = Xy.polar(CENTRE, move.offset() * scale, from);
        Xy then = Xy.polar(CENTRE, (move.offset() - chosen.moved()) * scale, from);
        sketch.arrow(Sketch.PETROL, "d-fill-petrol", 5, now, then);
        sketch.circle(Sketch.INK, 2, "", now, 6);
        sketch.dot("d-fill-ink", then, 5);
        label(sketch, now, Words.say("picture.centre-now"));
        if (Math.hypot(now.x() - then.x(), now.y() - then.y()) > 34) {
            label(sketch, then, Words.say("picture.then"));
        }
        if (dowels) {
            dowel(sketch, new Xy(CENTRE.x() - BESIDE, CENTRE.y() - ABOVE), move.towards());
            dowel(sketch, new Xy(CENTRE.x() + BESIDE, CENTRE.y() - ABOVE), move.towards());
        }
        sketch.scaleBar(new Xy(60, 452), ROOM / 2, scale, false, display);
        return sketch.drawn(
                Words.say("picture.seen-from", subject.name(), subject.seenFrom()),
                Words.say("picture.brass-cross-the-axis-ring-the-centre"));
    }

    /** A dowel as it stands in the block, and its offset end, which the housing sits on: towards where the centre has to go. */
    private static void dowel(Sketch sketch, Xy at, double towards) {
        Xy end = Xy.polar(at, THROW, towards);
        sketch.circle(Sketch.QUIET, 1.4, "", at, DOWEL);
        sketch.circle(Sketch.INK, 2, "", end, DOWEL);
        sketch.arrow(Sketch.PETROL, "d-fill-petrol", 3, at, Xy.polar(at, 2.2 * DOWEL, towards));
        sketch.text(
                "d-fill-quiet", new Xy(at.x(), at.y() + 3 * DOWEL + 6), "middle", 13, 400, Words.say("picture.dowel"));
    }

    private static void label(Sketch sketch, Xy at, String text) {
        boolean right = at.x() >= CENTRE.x();
        sketch.text(
                "d-fill-ink", new Xy(at.x() + (right ? 14 : -14), at.y() + 5), right ? "start" : "end", 14, 650, text);
    }
}
