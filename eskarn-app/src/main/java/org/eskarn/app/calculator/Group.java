package org.eskarn.app.calculator;

import org.eskarn.app.page.Words;

/** Calculators that belong together, in the order they are listed. */
public enum Group {
    GENERAL(Words.say("calculators.blocks-and-dials")),
    FITS(Words.say("calculators.fits-bearings-and-warmth")),
    ROUND(Words.say("calculators.round-things")),
    FLAT(Words.say("calculators.flat-things"));

    private final String title;

    Group(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
