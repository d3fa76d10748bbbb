package org.eskarn.app.picture.engine;

import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;

/** A limit across a picture of amounts that stand side by side: dashed, with what it is above its right end. */
public final class LimitLine {

    private LimitLine() {}

    /** @param limit µm */
    public static void across(Sketch sketch, double left, double right, double y, double limit, Display display) {
        sketch.dashed(Sketch.QUIET, new Xy(left, y), new Xy(right, y));
        sketch.text(
                "d-fill-quiet",
                new Xy(right, y - 7),
                "end",
                13,
                400,
                Words.say("picture.limit-2", display.amount(limit), display.symbol()));
    }
}
