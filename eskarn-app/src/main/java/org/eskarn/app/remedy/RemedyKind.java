package org.eskarn.app.remedy;

import java.util.ArrayList;
import java.util.List;
import org.eskarn.app.page.Words;
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
    OFFSET(Words.say("remedy.move-it-back"), Words.say("remedy.support-what-hangs-on-the-joint-before")),
    TRUING(Words.say("remedy.true-it"), Words.say("remedy.eye-protection-and-others-clear-strike-with")),
    TAPER(Words.say("remedy.turn-the-taper-out"), Words.say("remedy.isolate-the-lathe-before-the-tailstock-is")),
    CUT(Words.say("remedy.plan-the-cut"), Words.say("remedy.a-part-warm-from-the-cut-burns")),
    SEAT(Words.say("remedy.what-can-be-done"), Words.say("remedy.sleeving-and-plating-change-strength-and-heat")),
    REGRIND(Words.say("remedy.grind-it"), Words.say("remedy.wheel-guarded-and-sound-part-held-so")),
    PACKING(Words.say("remedy.pack-or-screw-it-level"), Words.say("remedy.load-off-before-anything-is-put-under")),
    GUIDE(Words.say("remedy.set-the-guide"), Words.say("remedy.isolate-the-machine-and-lock-it-off")),
    SPRING(Words.say("remedy.spring-it-back"), Words.say("remedy.eyes-protected-others-clear-a-link-that")),
    LEAVE(Words.say("remedy.leave-it-as-it-is"), Words.say("remedy.where-people-rely-on-it-whoever-answers"));

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
