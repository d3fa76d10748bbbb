package org.eskarn.core.reading;

/** How the stations of a layout lie to each other. */
public enum LayoutKind {
    /** Round one section. */
    RING("ring", true, "Angles in degrees, on the clock as 3h, or how many equal steps", "", "8"),
    /** Round several sections along a length, one after the other. */
    RINGS(
            "rings along a length",
            true,
            "Distances from the end",
            "Angles in degrees, on the clock as 3h, or how many equal steps",
            "10 60 110"),
    LINE("line", true, "Distances from the end", "", "0 50 100"),
    /** Several lines over the same distances, read one after the other. */
    LINES(
            "lines side by side",
            true,
            "Names of the lines, with semicolons between",
            "Distances from the end",
            "left; right"),
    /** A straightedge or bridge moved along, each placement overlapping those before it. */
    STEPS(
            "overlapping placements",
            false,
            "Distances of each placement, with semicolons between",
            "",
            "0 100 200; 100 200 300; 200 300 400"),
    /** Rows of equal length on a plane, read row by row. */
    GRID("grid", true, "Distances to the right", "Distances upwards", "10 60 110"),
    /** Single places, by name alone or with a place on a plane. */
    POINTS(
            "points",
            true,
            "Names; or name and two distances; or A 0 0 to 80 60 in 5; or rim round 0 0 at 40 in 8",
            "",
            "A 0 0; B 80 0; C 40 60"),
    /** Two readings that belong together, such as both ends of an arbor. */
    PAIRS("pairs", false, "Names of the pairs, with semicolons between, or how many", "", "2"),
    /** The same two ends read again and again. */
    CYCLES("repeated cycles", false, "How many cycles", "", "5"),
    /** Pins of known size tried in one hole, each of which enters or does not. */
    PINS("series of pins", false, "Sizes of the pins, smallest first", "", "11.99 12.00 12.01 12.02"),
    /** Questions answered yes or no. */
    YES_NO("yes or no", false, "Questions, with semicolons between", "", "The plug enters to the shoulder");

    private final String title;
    private final boolean returns;
    private final String first;
    private final String second;
    private final String example;

    LayoutKind(String title, boolean returns, String first, String second, String example) {
        this.title = title;
        this.returns = returns;
        this.first = first;
        this.second = second;
        this.example = example;
    }

    public String title() {
        return title;
    }

    /** Whether the first station is read once more at the end, when the readings are deviations. */
    public boolean returns() {
        return returns;
    }

    /** What the first field of a written layout holds. */
    public String first() {
        return first;
    }

    /** What its second field holds; empty where there is none. */
    public String second() {
        return second;
    }

    public String example() {
        return example;
    }

    /** An example for the second field; empty where there is none. */
    public String secondExample() {
        return switch (this) {
            case RINGS -> "4";
            case GRID -> "10 60";
            case LINES -> "10 60 110";
            default -> "";
        };
    }

    /** Whether stations can be added while hunting for a high or a low. */
    public boolean hunted() {
        return switch (this) {
            case RING, RINGS, LINE, GRID, PINS -> true;
            case LINES, STEPS, POINTS, PAIRS, CYCLES, YES_NO -> false;
        };
    }

    /** Whether stations come two and two. */
    public boolean paired() {
        return this == PAIRS || this == CYCLES;
    }

    /** Whether its stations are answered with yes or no. */
    public boolean answered() {
        return this == YES_NO || this == PINS;
    }
}
