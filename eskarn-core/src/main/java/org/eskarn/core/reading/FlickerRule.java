package org.eskarn.core.reading;

/** What counts of a needle that flickers: two schools, chosen for each requirement. */
public enum FlickerRule {
    /** The middle of the band; half its width goes into the uncertainty. Usual for form and orientation. */
    MIDDLE("the middle of the band"),
    /** Its ends: the highest high and the lowest low. The band is in the figure, so it is not in the uncertainty too. */
    EXTREMES("the ends of the band");

    private final String title;

    FlickerRule(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
