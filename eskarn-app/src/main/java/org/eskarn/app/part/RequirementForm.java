package org.eskarn.app.part;

import java.math.BigDecimal;
import java.util.stream.Collectors;
import org.eskarn.app.gauge.GaugeKind;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.Combination;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.Limit.Direction;
import org.eskarn.core.requirement.LimitKind;
import org.eskarn.core.requirement.LimitUnit;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.requirement.ZeroRule;
import org.eskarn.core.requirement.Zeroing;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.DecisionRule;
import org.jspecify.annotations.Nullable;

/** What stands in the fields of the requirement editor, as typed. Cautions are the lines that begin with “!”. */
public record RequirementForm(
        @Nullable String title,
        @Nullable Long featureId,
        Characteristic characteristic,
        @Nullable LimitKind limitKind,
        @Nullable String nominal,
        @Nullable String lower,
        @Nullable String upper,
        LimitUnit unit,
        @Nullable String code,
        @Nullable Direction only,
        @Nullable String reason,
        @Nullable String per,
        @Nullable String serviceLower,
        @Nullable String serviceUpper,
        @Nullable StatedAs statedAs,
        DecisionRule rule,
        @Nullable String datum,
        @Nullable LayoutKind layoutKind,
        LengthUnit lengthUnit,
        @Nullable String layoutFirst,
        @Nullable String layoutSecond,
        @Nullable String setTo,
        @Nullable String radius,
        @Nullable String span,
        ZeroRule zeroRule,
        FlickerRule flicker,
        @Nullable String allowedReturn,
        @Nullable String repeats,
        GaugeKind gaugeKind,
        @Nullable String resolution,
        LengthUnit resolutionUnit,
        @Nullable Boolean warm,
        WorkKind workKind,
        @Nullable String circumstances,
        @Nullable String preparations,
        @Nullable Zeroing zeroing,
        @Nullable String pinClass,
        @Nullable Reversal reversal,
        @Nullable Combination combination,
        @Nullable GaugeKind secondGaugeKind) {

    static RequirementForm blank(LengthUnit unit, String preparations) {
        Characteristic usual = Characteristic.CIRCULAR_RUNOUT_RADIAL;
        return new RequirementForm(
                "",
                null,
                usual,
                LimitKind.MAXIMUM,
                "",
                "",
                "",
                LimitUnit.of(unit),
                "",
                null,
                "",
                "",
                "",
                "",
                StatedAs.MOVEMENT,
                DecisionRule.SIMPLE,
                "",
                LayoutKind.RING,
                unit,
                "8",
                "",
                "",
                "",
                "",
                ZeroRule.FIRST_STATION,
                FlickerRule.MIDDLE,
                "",
                "1",
                GaugeKind.INDICATOR,
                "",
                unit.metric() ? LengthUnit.MICROMETRE : LengthUnit.TENTH,
                false,
                WorkKind.BETWEEN_CENTRES,
                "",
                preparations,
                Zeroing.ONE_FOR_ALL,
                "",
                Reversal.NONE,
                Combination.MEAN,
                null);
    }

    static RequirementForm of(PartRequirement requirement) {
        RequirementRow row = requirement.row();
        Limit limit = requirement.limit();
        Limit service = requirement.serviceLimit().orElse(null);
        Length per = limit.per();
        return new RequirementForm(
                row.title(),
                row.featureId(),
                row.characteristic(),
                limit.kind(),
                written(limit.nominal()),
                written(limit.lower()),
                written(limit.upper()),
                limit.unit(),
                limit.code(),
                limit.only(),
                limit.reason(),
                per == null ? "" : per.amount().toPlainString(),
                service == null ? "" : written(service.lower()),
                service == null ? "" : written(service.upper()),
                statement(row),
                row.rule(),
                row.datum(),
                row.layoutKind(),
                row.layoutUnit(),
                row.layoutFirst(),
                row.layoutSecond(),
                written(row.setTo()),
                written(row.radius()),
                written(row.span()),
                row.zeroRule(),
                row.flicker(),
                written(row.allowedReturn()),
                Integer.toString(row.repeats()),
                requirement.gaugeKind(),
                written(row.resolution()),
                row.resolutionUnit() == null ? row.layoutUnit() : row.resolutionUnit(),
                row.warm(),
                row.workKind(),
                row.circumstances(),
                requirement.preparations().stream()
                        .map(p -> (p.caution() ? "! " : "") + p.text())
                        .collect(Collectors.joining("\n")),
                row.zeroing(),
                written(row.pinClass()),
                row.reversal(),
                row.combination(),
                requirement.secondGaugeKind().orElse(null));
    }

    /** A form that names no zone was meant by least squares. */
    private static StatedAs statement(RequirementRow row) {
        boolean form = row.characteristic().statements().contains(StatedAs.LEAST_SQUARES);
        return form && row.statedAs() == StatedAs.ITSELF ? StatedAs.LEAST_SQUARES : row.statedAs();
    }

    private static String written(@Nullable BigDecimal number) {
        return number == null ? "" : number.toPlainString();
    }

    /** The kind of limit chosen, or the usual one where the characteristic knows no such kind. */
    public LimitKind chosenLimit() {
        LimitKind chosen = limitKind;
        return chosen != null && characteristic.limits().contains(chosen)
                ? chosen
                : characteristic.limits().get(0);
    }

    public LayoutKind chosenLayout() {
        LayoutKind chosen = layoutKind;
        return chosen != null && characteristic.layouts().contains(chosen)
                ? chosen
                : characteristic.layouts().get(0);
    }

    public Zeroing chosenZeroing() {
        Zeroing chosen = zeroing;
        return chosen != null && characteristic.rezeroed() ? chosen : Zeroing.ONE_FOR_ALL;
    }

    public Reversal chosenReversal() {
        Reversal chosen = reversal;
        boolean possible = characteristic.reversible() && chosenLayout() != LayoutKind.STEPS;
        return chosen != null && possible ? chosen : Reversal.NONE;
    }

    public Combination chosenCombination() {
        Combination chosen = combination;
        return chosen == null ? Combination.MEAN : chosen;
    }

    public StatedAs chosenStatement() {
        StatedAs chosen = statedAs;
        return chosen != null && characteristic.statements().contains(chosen)
                ? chosen
                : characteristic.statements().get(0);
    }

    public LimitUnit chosenUnit() {
        if (characteristic.angular()) {
            return LimitUnit.DEGREE;
        }
        return unit == LimitUnit.DEGREE ? LimitUnit.of(lengthUnit) : unit;
    }

    /** The unit an allowed return is typed in: that of the limit. */
    public LengthUnit returnUnit() {
        return chosenUnit().length().orElse(lengthUnit);
    }

    /**
     * The same after a choice was changed: another characteristic brings its usual limit and layout, another layout an
     * example of how it is written.
     *
     * @param lines the preparations, another sheet where another kind of work was chosen
     */
    RequirementForm after(Characteristic before, LayoutKind layoutBefore, @Nullable String lines) {
        boolean other = characteristic != before;
        LayoutKind layout = other ? characteristic.layouts().get(0) : chosenLayout();
        boolean written = layout == layoutBefore && !(other && characteristic == Characteristic.BORE_SIZE);
        return new RequirementForm(
                title,
                featureId,
                characteristic,
                other ? characteristic.limits().get(0) : limitKind,
                nominal,
                lower,
                upper,
                unit,
                code,
                only,
                reason,
                per,
                serviceLower,
                serviceUpper,
                other ? characteristic.statements().get(0) : statedAs,
                rule,
                datum,
                layout,
                lengthUnit,
                written ? layoutFirst : characteristic.usualFirst(layout),
                written ? layoutSecond : characteristic.usualSecond(layout),
                setTo,
                radius,
                span,
                zeroRule,
                flicker,
                allowedReturn,
                repeats,
                gaugeKind,
                resolution,
                resolutionUnit,
                warm,
                workKind,
                circumstances,
                lines,
                zeroing,
                pinClass,
                reversal,
                combination,
                secondGaugeKind);
    }
}
