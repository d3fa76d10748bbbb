package org.eskarn.app.remedy;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.eskarn.core.evaluation.Assessment;
import org.eskarn.core.evaluation.HeightsReduction;
import org.eskarn.core.evaluation.JournalsReduction;
import org.eskarn.core.evaluation.RingReduction;
import org.eskarn.core.evaluation.SizeReduction;
import org.eskarn.core.evaluation.SlopesReduction;
import org.eskarn.core.evaluation.WatchedReduction;
import org.eskarn.core.remedy.Shortfall;
import org.eskarn.core.requirement.RemedyKind;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.verdict.Outcome;

/** Which of the corrections of a characteristic make sense of what was found. */
public final class RemedyChoice {

    private RemedyChoice() {}

    /** The usual one first. */
    public static List<RemedyKind> of(Requirement requirement, Assessment assessment) {
        if (assessment.reduction().isEmpty()) {
            return List.of();
        }
        List<RemedyKind> kinds = new ArrayList<>(requirement.characteristic().remedies().stream()
                .filter(kind -> possible(kind, requirement, assessment))
                .toList());
        if (requirement.side() == SurfaceSide.INSIDE) {
            first(RemedyKind.OFFSET, RemedyKind.TRUING, kinds);
        }
        if (lacking(requirement, assessment)) {
            first(RemedyKind.SEAT, RemedyKind.CUT, kinds);
        }
        return kinds;
    }

    private static void first(RemedyKind one, RemedyKind other, List<RemedyKind> kinds) {
        int at = kinds.indexOf(one);
        int before = kinds.indexOf(other);
        if (at >= 0 && before >= 0 && before < at) {
            Collections.swap(kinds, before, at);
        }
    }

    private static boolean possible(RemedyKind kind, Requirement requirement, Assessment assessment) {
        return switch (kind) {
            case OFFSET -> centred(assessment);
            case TRUING ->
                centred(assessment)
                        || assessment.reduction(JournalsReduction.class).isPresent()
                        || assessment.reduction(WatchedReduction.class).isPresent();
            case TAPER ->
                requirement.side() == SurfaceSide.OUTSIDE
                        && assessment
                                .reduction(SizeReduction.class)
                                .filter(sizes -> sizes.map().sections().size() > 1)
                                .isPresent();
            case CUT, SEAT -> assessment.reduction(SizeReduction.class).isPresent();
            case REGRIND, PACKING ->
                assessment.reduction(HeightsReduction.class).isPresent();
            case GUIDE, SPRING -> assessment.reduction(SlopesReduction.class).isPresent();
            case LEAVE ->
                assessment.verdict().outcome() == Outcome.FAIL
                        || assessment.verdict().outcome() == Outcome.NOT_PROVEN;
        };
    }

    private static boolean centred(Assessment assessment) {
        return assessment
                .reduction(RingReduction.class)
                .flatMap(RingReduction::centre)
                .isPresent();
    }

    /** Whether metal is missing, so that no cut helps. */
    private static boolean lacking(Requirement requirement, Assessment assessment) {
        return assessment
                .reduction(SizeReduction.class)
                .flatMap(sizes ->
                        Shortfall.of(requirement.side() == SurfaceSide.INSIDE, sizes.sizes(), requirement.bounds()))
                .isPresent();
    }
}
