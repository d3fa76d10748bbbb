package org.eskarn.app.docket.work;

import java.util.List;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.page.Words;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.Station;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.Zeroing;

/** What has to be done with the zero before the next station is read: at a new section, step, set-up or condition. */
final class ZeroFirst {

    private ZeroFirst() {}

    /** Empty for nothing. */
    static String words(SetUp setUp) {
        boolean stepwise = setUp.requirement().gauge().zeroing() == Zeroing.EACH_STEP;
        Reversal reversal = setUp.requirement().layout().reversal();
        Station next = setUp.assessment().sweep().next().orElse(null);
        List<String> conditions = setUp.requirement().layout().conditionNames();
        if (!(stepwise || reversal.twice() || !conditions.isEmpty()) || next == null) {
            return "";
        }
        Layout layout = setUp.sweep().layout();
        if (layout.closes(next)) {
            return Words.say("docket.first-place-again-its-zero-must-hold");
        }
        if (!conditions.isEmpty() && (next.number() == 1 || layout.beginsSetUp(next) > 0)) {
            return Words.say("docket.condition-now", conditions.get(next.setUp()))
                    + (layout.returns() && next.number() > 1 ? Words.say("docket.set-the-gauge-to-zero-here") : "");
        }
        int begun = layout.beginsSetUp(next);
        if (begun > 0) {
            return Words.of(begun == 1 ? reversal.between() : reversal.back())
                    + (layout.returns() ? Words.say("docket.set-the-gauge-to-zero-here") : "");
        }
        if (layout.kind() == LayoutKind.RINGS || layout.kind() == LayoutKind.LINES) {
            return next.number() > 1 && layout.zeroAt(next)
                    ? Words.say(
                            "docket.new-set-the-gauge-to-zero-here",
                            layout.kind() == LayoutKind.RINGS ? Words.say("docket.section") : Words.say("docket.line"))
                    : "";
        }
        if (!stepwise) {
            return "";
        }
        if (setUp.requirement().characteristic() == Characteristic.STRAIGHTNESS) {
            return next.number() > 1
                    ? Words.say("docket.move-it-on-near-foot-where-the")
                    : Words.say("docket.near-foot-at-the-start");
        }
        return next.number() > 1 ? Words.say("docket.set-the-gauge-to-zero-at-the") : "";
    }
}
