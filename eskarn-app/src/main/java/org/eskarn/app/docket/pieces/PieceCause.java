package org.eskarn.app.docket.pieces;

import org.eskarn.app.page.Words;

/** What may make pieces differ, looked at one after the other. */
public enum PieceCause {
    DIRT(Words.say("docket.cause-dirt-behind-the-part")),
    SEATING_FACE(Words.say("docket.cause-seating-face-out-of-square")),
    HOLLOW(Words.say("docket.cause-clamped-over-a-hollow")),
    WARM(Words.say("docket.cause-warm-when-read")),
    DRIVER(Words.say("docket.cause-other-centre-or-driver")),
    INSPECTOR(Words.say("docket.cause-another-inspector")),
    GAUGE(Words.say("docket.cause-another-gauge"));

    private final String title;

    PieceCause(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
