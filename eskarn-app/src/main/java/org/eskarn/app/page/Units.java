package org.eskarn.app.page;

import org.eskarn.core.units.LengthUnit;

/** Which units a person wants to see. The record and the verdict keep those of the drawing. */
public enum Units {
    AS_DRAWN(Words.say("page.as-drawn")),
    METRIC(Words.say("page.mm-m")),
    INCH(Words.say("page.in-tenths"));

    private final String title;

    Units(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }

    /** The unit shown in place of one used on the drawing or the dial. */
    public LengthUnit shown(LengthUnit drawn) {
        boolean same = this == AS_DRAWN || drawn.metric() == (this == METRIC);
        return same ? drawn : drawn.companion();
    }

    /** The next choice, for a button that goes round. */
    public Units next() {
        return values()[(ordinal() + 1) % values().length];
    }
}
