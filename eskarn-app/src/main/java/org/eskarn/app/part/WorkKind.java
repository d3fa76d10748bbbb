package org.eskarn.app.part;

import org.eskarn.app.page.Words;

/** Where and how a part is held while it is measured. */
public enum WorkKind {
    BETWEEN_CENTRES(Words.say("part.between-centres")),
    ON_THE_PLATE(Words.say("part.on-the-plate")),
    IN_A_FIXTURE(Words.say("part.in-a-fixture")),
    ON_THE_MACHINE(Words.say("part.on-the-machine")),
    IN_THE_ASSEMBLY(Words.say("part.in-the-vehicle-or-assembly"));

    private final String title;

    WorkKind(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
