package org.eskarn.app.picture.round;

import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.Drawing;
import org.eskarn.app.picture.engine.Sketch;
import org.eskarn.app.picture.engine.Subject;
import org.eskarn.app.picture.engine.Xy;
import org.eskarn.core.evaluation.WatchedReduction;
import org.eskarn.core.evaluation.WatchedReduction.Section;
import org.eskarn.core.reading.Reading;

/** A turn that was watched: the section with its high and its low spot where they were seen. */
public final class WatchedDrawing {

    private static final Xy CENTRE = new Xy(320, 190);
    private static final double RADIUS = 118;
    private static final double DIAL = 152;
    private static final double OUT = 34;
    private static final double LABEL = 54;

    private WatchedDrawing() {}

    /** @param reduction whose worst section has its high spot noted */
    public static Drawing of(Subject subject, WatchedReduction reduction, Display display) {
        Section worst = reduction.worst();
        Sketch sketch = new Sketch();
        sketch.clock(CENTRE, DIAL);
        sketch.circle(Sketch.INK, 1.6, "", CENTRE, RADIUS);
        worst.highest().ifPresent(high -> spot(sketch, high, true, display));
        spot(sketch, worst.lowest(), false, display);
        sketch.text(
                "d-fill-petrol",
                new Xy(CENTRE.x(), CENTRE.y() - 14),
                "middle",
                16,
                700,
                display.amount(worst.movement()) + " " + display.symbol());
        return sketch.drawn(
                worst.name().isEmpty()
                        ? Words.say("picture.seen-from", subject.name(), subject.seenFrom())
                        : Words.say("picture.watched-at", subject.name(), worst.name(), subject.seenFrom()),
                Words.say("picture.angles-run-clockwise-where-the-needle"));
    }

    /** An arrow outwards at the high spot, inwards at the low one, nothing where nobody noted the place. */
    private static void spot(Sketch sketch, Reading reading, boolean high, Display display) {
        reading.radians().ifPresent(at -> {
            Xy on = place(at, RADIUS);
            Xy tip = place(at, high ? RADIUS + OUT : RADIUS - OUT);
            sketch.arrow(Sketch.PETROL, "d-fill-petrol", 2.4, on, tip);
            Xy label = place(at, high ? RADIUS + LABEL : RADIUS - LABEL);
            String anchor = Math.abs(Math.sin(at)) < 0.4 ? "middle" : (Math.sin(at) > 0) == high ? "start" : "end";
            sketch.text(
                    "d-fill-ink",
                    new Xy(label.x(), label.y() + 5),
                    anchor,
                    14,
                    high ? 700 : 400,
                    display.signed(reading.micrometres())
                            + (high ? Words.say("picture.high") : Words.say("picture.spot-low")));
        });
    }

    /** Degrees from the top, clockwise. */
    private static Xy place(double radians, double radius) {
        return new Xy(CENTRE.x() + radius * Math.sin(radians), CENTRE.y() - radius * Math.cos(radians));
    }
}
