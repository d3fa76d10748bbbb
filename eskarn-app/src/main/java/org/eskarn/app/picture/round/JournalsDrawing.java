package org.eskarn.app.picture.round;

import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.Drawing;
import org.eskarn.app.picture.engine.Sketch;
import org.eskarn.app.picture.engine.Subject;
import org.eskarn.app.picture.engine.TextSpace;
import org.eskarn.app.picture.engine.Xy;
import org.eskarn.core.evaluation.FaceToAxisReduction;
import org.eskarn.core.evaluation.JournalsReduction;
import org.eskarn.core.evaluation.JournalsReduction.Journal;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.round.Offset;

/**
 * The centres of several journals seen along the axis: each an arrow from the axis to where its centre lies, and of a face to where it
 * stands out furthest.
 */
public final class JournalsDrawing {

    private static final Xy CENTRE = new Xy(320, 228);
    private static final double ROOM = 128;
    private static final double DIAL = 176;

    private static final int SIZE = 14;
    private static final int LINE = 17;

    /** Where a name may stand, in lines from its tip, the nearest first. */
    private static final int[] LINES = {0, 1, -1, 2, -2, 3, -3, 4};

    private JournalsDrawing() {}

    public static Drawing of(Subject subject, JournalsReduction reduction, Display display) {
        Requirement terms = subject.terms();
        double limit = terms.bounds().open()
                ? 0
                : terms.bounds().width() * terms.statedAs().movementPerUnit() / 2;
        double largest = reduction.journals().stream()
                .flatMap(journal -> journal.offset().stream())
                .mapToDouble(Offset::amount)
                .max()
                .orElse(0);
        double least = display.finest();
        double scale = ROOM / Math.max(Math.max(limit, largest), least);
        boolean toAxis = terms.characteristic() == Characteristic.SQUARENESS;
        Sketch sketch = new Sketch();
        sketch.clock(CENTRE, DIAL);
        if (limit > 0) {
            sketch.circle(Sketch.QUIET, 1.2, Sketch.DASHED, CENTRE, limit * scale);
        }
        Xy before = null;
        TextSpace room = new TextSpace();
        for (Journal journal : reduction.journals()) {
            if (journal.offset().isEmpty()) {
                continue;
            }
            Offset offset = journal.offset().get();
            Xy tip = Xy.polar(CENTRE, offset.amount() * scale, offset.direction());
            sketch.arrow(Sketch.PETROL, "d-fill-petrol", 2.4, CENTRE, tip);
            sketch.dot("d-fill-ink", tip, 3.4);
            if (before != null) {
                sketch.line(Sketch.INK, 1, before, tip);
            }
            before = tip;
            String name = toAxis ? faceOrRing(terms, reduction.journals().indexOf(journal), journal) : journal.name();
            named(sketch, room, tip, name + ": " + display.amount(offset.amount()) + " " + display.symbol());
        }
        sketch.scaleBar(new Xy(60, 452), ROOM / 2, scale, false, display);
        if (toAxis) {
            return sketch.drawn(
                    Words.say("picture.face-and-rings-seen-from", subject.name(), subject.seenFrom()),
                    Words.say(
                            "picture.cross-the-axis-arrows-to-ring-and-face",
                            limit > 0 ? Words.say("picture.dashed-limit-of-a-face") : ""));
        }
        return sketch.drawn(
                Words.say("picture.centres-of-its-sections-seen-from", subject.name(), subject.seenFrom()),
                Words.say(
                        "picture.cross-the-axis-arrows-to-each-centre",
                        limit > 0 ? Words.say("picture.dashed-limit-as-an-offset") : ""));
    }

    private static String faceOrRing(Requirement terms, int index, Journal journal) {
        boolean ring = terms.basis().datum().read() && index < FaceToAxisReduction.RINGS;
        return ring ? Words.say("picture.datum-ring", journal.name()) : Words.say("picture.face-at", journal.name());
    }

    /** Beside its tip; where another name stands there, the next free line below or above. */
    private static void named(Sketch sketch, TextSpace room, Xy tip, String name) {
        boolean right = tip.x() >= CENTRE.x();
        String anchor = right ? "start" : "end";
        for (int line : LINES) {
            Xy at = new Xy(tip.x() + (right ? 12 : -12), tip.y() + 5 + line * LINE);
            if (room.take(at, anchor, SIZE, name) || line == LINES[LINES.length - 1]) {
                sketch.text("d-fill-ink", at, anchor, SIZE, 650, name);
                return;
            }
        }
    }
}
