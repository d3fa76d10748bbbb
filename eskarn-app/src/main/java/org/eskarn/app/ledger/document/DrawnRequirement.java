package org.eskarn.app.ledger.document;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the drawing asks, as it stood when the docket was signed.
 *
 * @param limit the one that counts for this docket
 * @param otherLimit the one for parts in service beside that for new parts, or the other way round; absent where there is one
 * @param conditions it is read under, one after the other; absent for one
 * @param conditionsChosen true where they were chosen at the bench and the drawing does not name them; else absent
 * @param datumRead how its datum is had; absent where the part stands on it
 * @param axisFace how a face lies to the rings of its axis; absent where it is not held to one, or was not asked yet
 * @param further free texts beside all this; absent where there are none
 * @param ruleFigure ratio or percentage of that rule; absent for the usual one
 * @param rule as the requirement states it; the rule that was applied stands with the figures
 */
public record DrawnRequirement(
        Choice characteristic,
        FeaturePart feature,
        String datum,
        String circumstances,
        LimitPart limit,
        @Nullable LimitPart otherLimit,
        boolean inService,
        Choice statedAs,
        Choice rule,
        @Nullable String ruleFigure,
        Choice flicker,
        @Nullable Amount allowedReturn,
        int validSweeps,
        Choice combination,
        LayoutPart layout,
        Choice zeroRule,
        Choice zeroing,
        @Nullable Amount setTo,
        @Nullable Amount radius,
        @Nullable Amount span,
        @Nullable Amount pinClass,
        Choice reversal,
        List<Choice> gauges,
        @Nullable Amount finestGraduation,
        boolean warm,
        Choice work,
        @Nullable List<FurtherPart> further,
        @Nullable List<String> conditions,
        @Nullable Choice datumRead,
        @Nullable Choice axisFace,
        @Nullable Boolean conditionsChosen) {

    private static final String ITSELF = "ITSELF";

    /** Whether the characteristic left no choice of what is judged. */
    public boolean figureItself() {
        return statedAs.code().equals(ITSELF);
    }

    /** @param code of its label */
    public record FurtherPart(String code, String text) {}

    /** @param side touched: OUTSIDE or INSIDE */
    public record FeaturePart(
            String name,
            String letter,
            String side,
            @Nullable Amount size,
            String seenFrom) {}

    public record LimitPart(
            String kind,
            @Nullable String nominal,
            @Nullable String lower,
            @Nullable String upper,
            String unit,
            String code,
            @Nullable String only,
            String reason,
            @Nullable Amount per,
            String words) {}

    /** As it was written. */
    public record LayoutPart(Choice kind, String unit, String first, String second) {}
}
