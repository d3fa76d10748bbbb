package org.eskarn.app.remedy;

import java.util.ArrayList;
import java.util.List;
import org.eskarn.core.evaluation.Assessment;
import org.eskarn.core.evaluation.HeightsReduction;
import org.eskarn.core.evaluation.JournalsReduction;
import org.eskarn.core.evaluation.Reduction;
import org.eskarn.core.evaluation.RingReduction;
import org.eskarn.core.evaluation.SizeReduction;
import org.eskarn.core.evaluation.SlopesReduction;
import org.eskarn.core.remedy.Shortfall;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.verdict.Outcome;

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
    SEAT("What can be done", "Sleeving and plating change strength and heat: the design and the maker's data decide."),
    REGRIND(
            "Grind it",
            "Wheel guarded and sound, part held so that it cannot leave the chuck, eyes protected. Wheel stopped before it is"
                    + " measured."),
    PACKING(
            "Pack or screw it level",
            "Load off before anything is put under. Lift with a bar or jack, never with fingers in the gap."),
    GUIDE(
            "Set the guide",
            "Isolate the machine and lock it off before reaching in. A guide that closes towards a cutter traps the work and"
                    + " throws it."),
    SPRING(
            "Spring it back",
            "Eyes protected, others clear: a link that slips or cracks under load flies. Never warm it. The maker's data decide"
                    + " whether it may be sprung at all."),
    LEAVE(
            "Leave it as it is",
            "Where people rely on it, whoever answers for the machine decides, not the inspector alone.");

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
        return this == TRUING || this == GUIDE;
    }

    /** Whether something has to be typed before it can be worked out. */
    public boolean asks() {
        return switch (this) {
            case TAPER, CUT, REGRIND, PACKING, GUIDE, SPRING, LEAVE -> true;
            case OFFSET, TRUING, SEAT -> false;
        };
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
        Characteristic what = requirement.characteristic();
        if (reduction instanceof HeightsReduction) {
            kinds.addAll(what == Characteristic.FLATNESS ? List.of(REGRIND) : List.of(PACKING, REGRIND));
        }
        if (reduction instanceof SlopesReduction && what == Characteristic.PARALLELISM_OF_LINES) {
            kinds.add(GUIDE);
        }
        if (reduction instanceof SlopesReduction && what == Characteristic.BEND_AND_TWIST) {
            kinds.add(SPRING);
        }
        Outcome outcome = assessment.verdict().outcome();
        if (reduction != null && (outcome == Outcome.FAIL || outcome == Outcome.NOT_PROVEN)) {
            kinds.add(LEAVE);
        }
        return kinds;
    }
}
