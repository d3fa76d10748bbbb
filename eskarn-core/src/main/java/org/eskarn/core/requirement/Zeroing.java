package org.eskarn.core.requirement;

/** How often the gauge is set to zero in a sweep. */
public enum Zeroing {
    ONE_FOR_ALL("one zero for all"),
    EACH_STEP("zero again at each section or step");

    private final String title;

    Zeroing(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
