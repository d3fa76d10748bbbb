package org.eskarn.app.docket;

import org.eskarn.app.page.Words;
import org.eskarn.core.verdict.Outcome;

/** How a requirement stands, for its mark: an outcome, left out, or not begun. */
public enum Standing {
    PASS(Words.say("docket.standing-pass")),
    FAIL(Words.say("docket.standing-fail")),
    NOT_PROVEN(Words.say("docket.not-proven")),
    RECORDED(Words.say("docket.standing-recorded")),
    LEFT_OUT(Words.say("docket.left-out")),
    OPEN(Words.say("docket.not-begun"));

    private final String word;

    Standing(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    public static Standing of(Outcome outcome) {
        return switch (outcome) {
            case PASS -> PASS;
            case FAIL -> FAIL;
            case NOT_PROVEN -> NOT_PROVEN;
            case RECORDED -> RECORDED;
        };
    }

    public static Standing of(SetUp setUp) {
        if (setUp.wholeLeftOut().isPresent()) {
            return LEFT_OUT;
        }
        boolean begun = setUp.sweeps().size() > 1 || !setUp.sweep().readings().isEmpty();
        return begun ? of(setUp.verdict().outcome()) : OPEN;
    }
}
