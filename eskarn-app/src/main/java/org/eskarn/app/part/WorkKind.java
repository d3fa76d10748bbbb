package org.eskarn.app.part;

/** Where and how a part is held while it is measured. */
public enum WorkKind {
    BETWEEN_CENTRES("between centres"),
    ON_THE_PLATE("on the plate"),
    IN_A_FIXTURE("in a fixture"),
    ON_THE_MACHINE("on the machine"),
    IN_THE_ASSEMBLY("in the vehicle or assembly");

    private final String title;

    WorkKind(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
