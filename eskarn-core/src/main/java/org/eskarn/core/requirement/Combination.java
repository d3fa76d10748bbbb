package org.eskarn.core.requirement;

/** What is judged when several sweeps count. */
public enum Combination {
    MEAN("mean", "the mean of all valid sweeps, place by place"),
    MEDIAN("median", "the median of all valid sweeps, place by place"),
    WORST("worst", "the worst of all valid sweeps");

    private final String title;
    private final String explanation;

    Combination(String title, String explanation) {
        this.title = title;
        this.explanation = explanation;
    }

    /** The short word beside a figure. */
    public String title() {
        return title;
    }

    public String explanation() {
        return explanation;
    }
}
