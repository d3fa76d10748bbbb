package org.eskarn.app.remedy;

import java.util.ArrayList;
import java.util.List;
import org.eskarn.core.remedy.Shortfall;
import org.eskarn.core.requirement.Assessment;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.JournalsReduction;
import org.eskarn.core.requirement.Reduction;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.RingReduction;
import org.eskarn.core.requirement.SizeReduction;
import org.eskarn.core.round.SurfaceSide;

/** The corrections there are. */
public enum RemedyKind {
    OFFSET(
            "Move it back",
            "Support what hangs on the joint before dowels or bolts come out. Keep hands out of the gap."),
    TRUING(
            "True it",
            "Eye protection, and others clear. Strike with a tool softer than the part; hold the assembly so that it cannot jump."),
    TAPER(
            "Turn the taper out",
            "Isolate the lathe before the tailstock is moved. Lock it again before the spindle runs."),
    CUT(
            "Plan the cut",
            "A part warm from the cut burns: gloves. Machine stopped and the tool clear before it is measured."),
    SEAT("What can be done", "Sleeving and plating change strength and heat: the design and the maker's data decide.");

    private final String title;
    private final String caution;

    RemedyKind(String title, String caution) {
        this.title = title;
        this.caution = caution;
    }

    public String title() {
        return title;
    }

    /** What can hurt in it; local rules, the drawing and the maker's data come first. */
    public String caution() {
        return caution;
    }

    /** Whether its steps are logged one by one. */
    public boolean stepped() {
        return this == TRUING;
    }

    /** The corrections that make sense of what was found, the usual one first. */
    public static List<RemedyKind> of(Requirement requirement, Assessment assessment) {
        Reduction reduction = assessment.reduction().orElse(null);
        List<RemedyKind> kinds = new ArrayList<>();
        if (reduction instanceof RingReduction ring && ring.centre().isPresent()) {
            boolean opening = requirement.side() == SurfaceSide.INSIDE;
            boolean radial = requirement.characteristic() != Characteristic.CIRCULAR_RUNOUT_AXIAL;
            if (radial) {
                kinds.add(opening ? OFFSET : TRUING);
                kinds.add(opening ? TRUING : OFFSET);
            }
        }
        if (reduction instanceof JournalsReduction
                && requirement.characteristic() != Characteristic.CIRCULAR_RUNOUT_AXIAL) {
            kinds.add(TRUING);
        }
        if (reduction instanceof SizeReduction sizes) {
            boolean sections = sizes.map().sections().size() > 1;
            if (requirement.characteristic().sized()) {
                boolean lacking = Shortfall.of(
                                requirement.side() == SurfaceSide.INSIDE, sizes.sizes(), requirement.bounds())
                        .isPresent();
                kinds.addAll(lacking ? List.of(SEAT, CUT) : List.of(CUT, SEAT));
            }
            if (sections && requirement.side() == SurfaceSide.OUTSIDE) {
                kinds.add(requirement.characteristic() == Characteristic.TAPER ? 0 : kinds.size(), TAPER);
            }
        }
        return kinds;
    }
}
