package org.eskarn.app.docket;

import java.util.Locale;
import org.eskarn.app.page.Words;

/** The order of work. */
public enum Step {
    REQUIRE(Words.say("docket.require"), "R"),
    GAUGE(Words.say("docket.gauge"), "G"),
    PREPARE(Words.say("docket.prepare"), "P"),
    ZERO(Words.say("docket.zero"), "Z"),
    SWEEP(Words.say("docket.sweep-3"), "S"),
    PROVE(Words.say("docket.prove"), "O"),
    VERDICT(Words.say("docket.verdict"), "V");

    private final String title;
    private final String key;

    Step(String title, String key) {
        this.title = title;
        this.key = key;
    }

    public String title() {
        return title;
    }

    /** The letter on the keyboard that shows this step. */
    public String key() {
        return key;
    }

    /** Whether the step belongs to one sweep and is done again with the next; the others stand for the set-up. */
    public boolean ofSweep() {
        return compareTo(ZERO) >= 0;
    }

    /** Whether each requirement has it by itself, also where one set of readings answers several. */
    public boolean ofRequirement() {
        return this == REQUIRE || this == VERDICT;
    }

    /** Whether a person says that it is done; the others are done when all their ticks or readings are in. */
    public boolean confirmed() {
        return this != PREPARE && this != SWEEP;
    }

    /** Whether the step may be left out, with a reason; without the others there is no verdict. */
    public boolean canBeLeftOut() {
        return this == GAUGE || this == PREPARE || this == ZERO || this == PROVE;
    }

    /** As addresses and files of its page name it. */
    public String path() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Whether readings are typed in it. */
    public boolean reads() {
        return this == SWEEP;
    }
}
