package org.eskarn.app.picture;

import org.eskarn.app.page.Display;
import org.eskarn.core.remedy.OffsetMove;
import org.eskarn.core.remedy.Way;

/** Where the centre is, where it has to go, and where the chosen move leaves it: all about the axis. */
public final class MoveDrawing {

    private static final Xy CENTRE = new Xy(320, 226);
    private static final double DIAL = 168;
    private static final double ROOM = 112;
    private static final int HOURS = 12;

    private MoveDrawing() {}

    public static Drawing of(Subject subject, OffsetMove move, OffsetMove.Choice chosen, Display display) {
        double from = Way.opposite(move.towards());
        double reach = Math.max(move.offset(), Math.abs(move.offset() - chosen.moved()));
        double scale = ROOM / reach;
        Sketch sketch = new Sketch();
        sketch.circle(Sketch.HAIR, 1, "", CENTRE, DIAL);
        for (int hour = 1; hour <= HOURS; hour++) {
            double radians = 2 * Math.PI * hour / HOURS;
            sketch.line(Sketch.HAIR, 1, Xy.polar(CENTRE, DIAL, radians), Xy.polar(CENTRE, DIAL - 7, radians));
            Xy at = Xy.polar(CENTRE, DIAL + 18, radians);
            String degrees = hour % 3 == 0 ? " · " + 30 * (hour % HOURS) + "°" : "";
            String anchor = hour == 3 ? "start" : hour == 9 ? "end" : "middle";
            sketch.text("d-fill-quiet", new Xy(at.x(), at.y() + 5), anchor, 13, 400, hour + degrees);
        }
        sketch.line(Sketch.BRASS, 1.6, new Xy(CENTRE.x() - 12, CENTRE.y()), new Xy(CENTRE.x() + 12, CENTRE.y()));
        sketch.line(Sketch.BRASS, 1.6, new Xy(CENTRE.x(), CENTRE.y() - 12), new Xy(CENTRE.x(), CENTRE.y() + 12));
        Xy now = Xy.polar(CENTRE, move.offset() * scale, from);
        Xy then = Xy.polar(CENTRE, (move.offset() - chosen.moved()) * scale, from);
        sketch.arrow(Sketch.PETROL, "d-fill-petrol", 5, now, then);
        sketch.circle(Sketch.INK, 2, "", now, 6);
        sketch.dot("d-fill-ink", then, 5);
        label(sketch, now, "centre now");
        if (Math.hypot(now.x() - then.x(), now.y() - then.y()) > 34) {
            label(sketch, then, "then");
        }
        double bar = display.micrometres(RoundSteps.atMost(display.of(ROOM / 2 / scale)));
        sketch.scaleBar(
                new Xy(60, 452), bar * scale, false, RingDrawing.plain(display.of(bar)) + " " + display.symbol());
        return sketch.drawn(
                subject.name() + ", seen from " + subject.seenFrom(),
                "brass cross: the axis · ring: the centre now · arrow: the move, magnified as the bar shows");
    }

    private static void label(Sketch sketch, Xy at, String text) {
        boolean right = at.x() >= CENTRE.x();
        sketch.text(
                "d-fill-ink", new Xy(at.x() + (right ? 14 : -14), at.y() + 5), right ? "start" : "end", 14, 650, text);
    }
}
