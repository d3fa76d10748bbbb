package org.eskarn.app.remedy;

import java.util.List;
import java.util.Map;
import org.eskarn.app.page.Words;
import org.eskarn.core.requirement.RemedyKind;

/** Works a correction out, whichever it is. */
public final class RemedyAdvice {

    private RemedyAdvice() {}

    /** The kinds there are for what was found, the usual one first. */
    public static List<RemedyKind> kinds(MeasuredState found) {
        return RemedyChoice.of(found.subject().terms(), found.assessment());
    }

    /** The one asked for, or else the usual one. */
    public static Advice of(MeasuredState found, RemedyForm form) {
        List<RemedyKind> kinds = kinds(found);
        RemedyKind asked = form.kind();
        if (kinds.isEmpty()) {
            return Advice.not(
                    asked == null ? RemedyKind.SEAT : asked,
                    Words.say("remedy.nothing-here-can-be-corrected-by-a"),
                    Map.of());
        }
        RemedyKind kind = asked != null && kinds.contains(asked) ? asked : kinds.get(0);
        return switch (kind) {
            case OFFSET -> OffsetAdvice.of(found, form);
            case TRUING -> TruingAdvice.of(found);
            case TAPER -> TaperAdvice.of(found, form);
            case CUT -> CutAdvice.of(found, form);
            case SEAT -> SeatAdvice.of(found, form);
            case REGRIND -> RegrindAdvice.of(found, form);
            case PACKING -> PackingAdvice.of(found, form);
            case GUIDE -> GuideAdvice.of(found, form);
            case SPRING -> SpringAdvice.of(found, form);
            case LEAVE -> LeaveAdvice.of(found, form);
        };
    }
}
