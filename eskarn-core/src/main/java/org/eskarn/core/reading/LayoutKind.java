package org.eskarn.core.reading;

import org.eskarn.core.result.Note;

/** How the stations of a layout lie to each other. */
public enum LayoutKind {
    /** Round one section. */
    RING(Note.of("core.ring"), true, Note.of("core.angles-in-degrees-on-the-clock-as"), Note.text(""), "8"),
    /** Round several sections along a length, one after the other. */
    RINGS(
            Note.of("core.rings-along-a-length"),
            true,
            Note.of("core.distances-from-the-end"),
            Note.of("core.angles-in-degrees-on-the-clock-as"),
            "10 60 110"),
    /** Each section turned a whole turn and watched: the lowest and the highest that the needle shows. */
    WATCHED(
            Note.of("core.whole-turn-watched"),
            true,
            Note.of("core.distances-of-the-sections-or-empty"),
            Note.text(""),
            "10 60"),
    LINE(Note.of("core.line"), true, Note.of("core.distances-from-the-end"), Note.text(""), "0 50 100"),
    /** Several lines over the same distances, read one after the other. */
    LINES(
            Note.of("core.lines-side-by-side"),
            true,
            Note.of("core.names-of-the-lines-with-semicolons-between"),
            Note.of("core.distances-from-the-end"),
            "left; right"),
    /** A straightedge or bridge moved along, each placement overlapping those before it. */
    STEPS(
            Note.of("core.overlapping-placements"),
            false,
            Note.of("core.distances-of-each-placement-with-semicolons-between"),
            Note.text(""),
            "0 100 200; 100 200 300; 200 300 400"),
    /** Rows of equal length on a plane, read row by row. */
    GRID(
            Note.of("core.grid"),
            true,
            Note.of("core.distances-to-the-right"),
            Note.of("core.distances-upwards"),
            "10 60 110"),
    /** Single places, by name alone or with a place on a plane. */
    POINTS(
            Note.of("core.points"),
            true,
            Note.of("core.names-or-name-and-two-distances-or"),
            Note.text(""),
            "A 0 0; B 80 0; C 80 60; D 0 60"),
    /** Two readings that belong together, such as both ends of an arbor. */
    PAIRS(Note.of("core.pairs"), false, Note.of("core.names-of-the-pairs-with-semicolons-between"), Note.text(""), "2"),
    /** The same two ends read again and again. */
    CYCLES(Note.of("core.repeated-cycles"), false, Note.of("core.how-many-cycles"), Note.text(""), "5"),
    /** One number a push, from a zero at rest. */
    PUSHES(Note.of("core.pushes-from-rest"), true, Note.of("core.how-many-pushes"), Note.text(""), "3"),
    /** Pins of known size tried in one hole, each of which enters or does not. */
    PINS(
            Note.of("core.series-of-pins"),
            false,
            Note.of("core.sizes-of-the-pins-smallest-first"),
            Note.text(""),
            "11.99 12.00 12.01 12.02"),
    /** Questions answered yes or no. */
    YES_NO(
            Note.of("core.yes-or-no"),
            false,
            Note.of("core.questions-with-semicolons-between"),
            Note.text(""),
            "The plug enters to the shoulder");

    private final Note title;
    private final boolean returns;
    private final Note first;
    private final Note second;
    private final String example;

    LayoutKind(Note title, boolean returns, Note first, Note second, String example) {
        this.title = title;
        this.returns = returns;
        this.first = first;
        this.second = second;
        this.example = example;
    }

    public Note title() {
        return title;
    }

    /** Whether the first station is read once more at the end, when the readings are deviations. */
    public boolean returns() {
        return returns;
    }

    /** What the first field of a written layout holds. */
    public Note first() {
        return first;
    }

    /** What its second field holds; empty where there is none. */
    public Note second() {
        return second;
    }

    /** Whether it is written in two fields. */
    public boolean hasSecond() {
        return this == RINGS || this == GRID || this == LINES;
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
            case WATCHED, LINES, STEPS, POINTS, PAIRS, CYCLES, PUSHES, YES_NO -> false;
        };
    }

    /** Whether stations come two and two. */
    public boolean paired() {
        return this == PAIRS || this == CYCLES;
    }

    /** Whether a whole turn is watched, so that a reading has the place where it was seen, if any. */
    public boolean watched() {
        return this == WATCHED;
    }

    /** Whether two readings belong to one place of the picture. */
    public boolean twoAtAPlace() {
        return paired() || watched();
    }

    /** Whether its stations are answered with yes or no. */
    public boolean answered() {
        return this == YES_NO || this == PINS;
    }

    /** Whether pins are tried at its stations. */
    public boolean pins() {
        return this == PINS;
    }

    /** Whether it runs round one section or several. */
    public boolean round() {
        return this == RING || this == RINGS;
    }

    /** Whether it runs round one section. */
    public boolean ring() {
        return this == RING;
    }

    /** Whether it runs round several sections. */
    public boolean rings() {
        return this == RINGS;
    }

    /** Whether it is one line. */
    public boolean line() {
        return this == LINE;
    }

    /** Whether its placements overlap. */
    public boolean steps() {
        return this == STEPS;
    }
}
