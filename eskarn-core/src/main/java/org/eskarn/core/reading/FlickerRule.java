package org.eskarn.core.reading;

import org.eskarn.core.result.Note;

/** What counts of a needle that flickers: two schools, chosen for each requirement. */
public enum FlickerRule {
    /** The middle of the band; half its width goes into the uncertainty. Usual for form and orientation. */
    MIDDLE(Note.of("core.the-middle-of-the-band")),
    /** Its ends: the highest high and the lowest low. The band is in the figure, so it is not in the uncertainty too. */
    EXTREMES(Note.of("core.the-ends-of-the-band"));

    private final Note title;

    FlickerRule(Note title) {
        this.title = title;
    }

    public Note title() {
        return title;
    }
}
