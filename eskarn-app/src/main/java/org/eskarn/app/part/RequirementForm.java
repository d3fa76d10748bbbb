package org.eskarn.app.part;

import org.eskarn.core.flat.Reversal;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.Combination;
import org.eskarn.core.requirement.LimitKind;
import org.eskarn.core.requirement.LimitUnit;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.requirement.Zeroing;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/** What stands in the fields of the requirement editor, as typed: its head and four groups, each bound by name; blank where none came. */
public record RequirementForm(
        @Nullable String title,
        @Nullable Long featureId,
        Characteristic characteristic,
        LimitTerms.Form limit,
        LayoutTerms.Form layout,
        GaugeTerms.Form gauge,
        SetUpTerms.Form setUp) {

    public RequirementForm {
        characteristic = characteristic == null ? Characteristic.CIRCULAR_RUNOUT_RADIAL : characteristic;
        limit = limit == null ? LimitTerms.Form.blank(LengthUnit.MILLIMETRE) : limit;
        layout = layout == null ? LayoutTerms.Form.blank(LengthUnit.MILLIMETRE) : layout;
        gauge = gauge == null ? GaugeTerms.Form.blank(LengthUnit.MILLIMETRE) : gauge;
        setUp = setUp == null ? SetUpTerms.Form.blank("") : setUp;
    }

    static RequirementForm blank(LengthUnit unit, String preparations) {
        return new RequirementForm(
                "",
                null,
                Characteristic.CIRCULAR_RUNOUT_RADIAL,
                LimitTerms.Form.blank(unit),
                LayoutTerms.Form.blank(unit),
                GaugeTerms.Form.blank(unit),
                SetUpTerms.Form.blank(preparations));
    }

    static RequirementForm of(PartRequirement requirement) {
        return new RequirementForm(
                requirement.title(),
                requirement.head().featureId(),
                requirement.characteristic(),
                LimitTerms.Form.of(
                        requirement.characteristic(),
                        requirement.limit(),
                        requirement.serviceLimit().orElse(null),
                        requirement.limitTerms()),
                LayoutTerms.Form.of(requirement.layout(), requirement.feature().side()),
                GaugeTerms.Form.of(
                        requirement.gaugeKind(),
                        requirement.secondGaugeKind().orElse(null),
                        requirement.gauge(),
                        requirement.layout().layoutUnit()),
                SetUpTerms.Form.of(requirement.setUp(), requirement.preparations()));
    }

    public LimitKind chosenLimit() {
        return limit.chosenKind(characteristic);
    }

    public LayoutKind chosenLayout() {
        return layout.chosenKind(characteristic);
    }

    public Zeroing chosenZeroing() {
        return gauge.chosenZeroing(characteristic, chosenLayout());
    }

    public Reversal chosenReversal() {
        return layout.chosenReversal(characteristic);
    }

    public Combination chosenCombination() {
        return gauge.chosenCombination();
    }

    public StatedAs chosenStatement() {
        return limit.chosenStatement(characteristic);
    }

    public LimitUnit chosenUnit() {
        return limit.chosenUnit(characteristic, layout.unit());
    }

    /** The unit an allowed return is typed in: that of the limit. */
    public LengthUnit returnUnit() {
        return chosenUnit().length().orElse(layout.unit());
    }

    /**
     * The same after a choice was changed: another characteristic brings its usual limit and layout, another layout an
     * example of how it is written.
     *
     * @param lines the preparations, another sheet where another kind of work was chosen
     */
    RequirementForm after(Characteristic before, LayoutKind layoutBefore, @Nullable String lines) {
        boolean other = characteristic != before;
        LayoutKind chosen = other ? characteristic.layouts().get(0) : chosenLayout();
        boolean written = chosen == layoutBefore && !(other && characteristic == Characteristic.BORE_SIZE);
        return new RequirementForm(
                title,
                featureId,
                characteristic,
                other ? limit.usualOf(characteristic) : limit,
                layout.over(characteristic, chosen, written),
                gauge,
                setUp.with(lines));
    }
}
