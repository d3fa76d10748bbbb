package org.eskarn.core.requirement;

/** Where the zero is set. */
public enum ZeroRule {
    FIRST_STATION("on the first station", "Touch the first station and turn the dial to zero."),
    LOWEST("on the lowest point", "Find the lowest point over the whole way and turn the dial to zero there."),
    MASTER("on a master", "Set the gauge on its master and turn the dial to zero; wipe both first.");

    private final String title;
    private final String instruction;

    ZeroRule(String title, String instruction) {
        this.title = title;
        this.instruction = instruction;
    }

    public String title() {
        return title;
    }

    public String instruction() {
        return instruction;
    }
}
