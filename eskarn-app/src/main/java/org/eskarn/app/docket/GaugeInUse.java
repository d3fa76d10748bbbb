package org.eskarn.app.docket;

import java.util.Locale;
import org.eskarn.app.page.Words;

/** What the words of the work speak of. Messages choose by it. */
public enum GaugeInUse {
    /** Reads whole sizes, and shows by itself whether it is set. */
    SIZES,
    /** Held in the hand and set to a master. */
    HAND,
    /** Stands, is zeroed, and sweeps. */
    DIAL;

    /** As messages name it. */
    public String code() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** What a step is called. */
    public String title(Step step) {
        if (step == Step.ZERO && this == SIZES) {
            return Words.say("docket.setting");
        }
        return step == Step.SWEEP && this != DIAL ? Words.say("docket.readings-step") : step.title();
    }
}
