package org.eskarn.core.flat;

/** How the error of what a part is measured with is told from the part's own. */
public enum Reversal {
    NONE("once: the gauge and fixture count as true", "", "", ""),
    ON_MASTER("on a master first, then on the part", "master", "part", "Now on the part."),
    PART_TURNED(
            "twice: then with the part turned over",
            "first",
            "turned",
            "Turn the part over, and read the same places."),
    FIXTURE_TURNED(
            "twice: then with the arbor or gauge turned half round",
            "first",
            "turned",
            "Turn the arbor or gauge half round, and read the same places.");

    private final String title;
    private final String first;
    private final String second;
    private final String between;

    Reversal(String title, String first, String second, String between) {
        this.title = title;
        this.first = first;
        this.second = second;
        this.between = between;
    }

    public String title() {
        return title;
    }

    /** What the first set-up is called before the name of each station; empty where there is one only. */
    public String first() {
        return first;
    }

    public String second() {
        return second;
    }

    /** What is done between both set-ups, for whoever does it. */
    public String between() {
        return between;
    }

    public boolean twice() {
        return this != NONE;
    }

    /** How the error of one reading enters the part's share, two readings being independent. */
    public double spread() {
        return switch (this) {
            case NONE -> 1;
            case ON_MASTER -> Math.sqrt(2);
            case PART_TURNED, FIXTURE_TURNED -> Math.sqrt(0.5);
        };
    }
}
