package org.eskarn.app.docket;

import org.eskarn.app.page.Words;

/** How a reading came in. */
public enum ReadingSource {
    /** Typed, or sent by a gauge that types like a keyboard. */
    KEYPAD(""),
    PASTED(Words.say("docket.pasted")),
    SIMULATED(Words.say("docket.simulated-indicator")),
    /** Sent by another program, under a token of the person who answers for it. */
    PROGRAM(Words.say("docket.sent-by-a-program"));

    private final String title;

    ReadingSource(String title) {
        this.title = title;
    }

    /** What is said of it on paper; empty for the usual way. */
    public String title() {
        return title;
    }
}
