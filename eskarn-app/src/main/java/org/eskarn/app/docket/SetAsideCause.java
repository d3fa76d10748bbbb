package org.eskarn.app.docket;

import org.eskarn.app.page.Words;

/** Why a sweep does not count. */
public enum SetAsideCause {
    DIRT(Words.say("docket.dirt-or-oil-film")),
    LIFTED_FOOT(Words.say("docket.lifted-foot-or-loose-clamp")),
    MOVED(Words.say("docket.part-stand-or-gauge-moved")),
    WRONG_PLACE(Words.say("docket.wrong-place-or-order")),
    MISREAD(Words.say("docket.misread-or-mistyped")),
    WARM(Words.say("docket.part-or-gauge-not-at-one-temperature")),
    GAUGE(Words.say("docket.gauge-at-fault")),
    OTHER(Words.say("docket.another-cause"));

    private final String title;

    SetAsideCause(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
