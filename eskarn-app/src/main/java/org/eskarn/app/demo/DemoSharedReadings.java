package org.eskarn.app.demo;

import static org.eskarn.core.round.SurfaceSide.INSIDE;
import static org.eskarn.core.round.SurfaceSide.OUTSIDE;

import org.eskarn.app.docket.DocketConflict;

/** A shaft whose requirements were typed by line: one ring of readings answers two of them, one set of sizes three. */
final class DemoSharedReadings {

    private DemoSharedReadings() {}

    static DemoPart layshaft() {
        return DemoPart.metric("TG-260", "A", "Layshaft", "case-hardened steel", "11.5")
                .feature("Journal A", "A", OUTSIDE, "40", "the gear side")
                .feature("Journal B", "B", OUTSIDE, "45", "the gear side")
                .feature("Pilot bore", "C", INSIDE, "22", "the gear side")
                .says(
                        "runout 0.02 8 of A",
                        "round 0.006 8 of A",
                        "runout 0.02 8 of B",
                        "bore 22 H7 3x2 30 of C",
                        "taper 0.008 3x2 30 of C",
                        "oval 0.006 3x2 30 of C");
    }

    static void make(DemoInspector inspector, int docket, long by) throws DocketConflict {
        inspector.sweep(docket, 1, "0 2 5.5 9 12.5 9.5 5 2 0.5", by);
        inspector.prove(docket, 1, by);
    }
}
