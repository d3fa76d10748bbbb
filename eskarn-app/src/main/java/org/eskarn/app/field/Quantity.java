package org.eskarn.app.field;

/** What a field takes, and with that the unit that is meant where none is typed. */
public enum Quantity {
    /** Whole sizes, distances and limits. */
    SIZE(""),
    /** What is small beside them. */
    SMALL(""),
    /** What is read off a gauge. */
    READ(""),
    /** Distances between places of a layout. */
    PLACE(""),
    CELSIUS("°C"),
    /** A difference of temperatures. */
    KELVIN("K"),
    /** Thermal expansion. */
    PER_MILLION_AND_KELVIN("10⁻⁶/K"),
    PER_MINUTE("rev/min"),
    DEGREES("°"),
    /** A number of things, or one without a unit. */
    NUMBER(""),
    TEXT(""),
    CHOICE(""),
    /** A choice of the unit that others are typed in. */
    UNIT(""),
    TICK("");

    private final String symbol;

    Quantity(String symbol) {
        this.symbol = symbol;
    }

    /** Empty where it depends on the unit chosen, and where there is none. */
    String symbol() {
        return symbol;
    }

    public boolean length() {
        return this == SIZE || this == SMALL || this == READ || this == PLACE;
    }

    /** Whether one of a list is chosen. */
    public boolean chosen() {
        return this == CHOICE || this == UNIT;
    }

    public boolean ticked() {
        return this == TICK;
    }
}
