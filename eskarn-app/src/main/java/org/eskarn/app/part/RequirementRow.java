package org.eskarn.app.part;

import java.math.BigDecimal;
import java.util.Optional;
import org.eskarn.app.gauge.GaugeKind;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.WrittenLayout;
import org.eskarn.core.requirement.Basis;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.Combination;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.requirement.ZeroRule;
import org.eskarn.core.requirement.Zeroing;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.DecisionRule;
import org.jspecify.annotations.Nullable;

/**
 * A requirement as its row stands.
 *
 * @param layoutUnit of the distances of its layout, and of setTo, radius and span
 * @param setTo the size of the master at which the gauge reads zero; null where it reads whole sizes
 * @param radius where an axial runout is read or a phase stands
 * @param span between the places of a pair
 * @param warm whether the part comes to it warm
 * @param resolution how finely the gauge must read; null where any will do
 * @param pinClass tolerance of the pins, minus where they are made below their nominal; null where they count as true
 * @param combination what is judged of several valid sweeps
 * @param secondGaugeKind of the second reading of each pair; null where one gauge reads both
 * @param reversal whether it is read in two set-ups
 * @param gaugeId the gauge that was named for it; null where any fit one will do
 */
public record RequirementRow(
        long id,
        long partId,
        long featureId,
        int position,
        String title,
        Characteristic characteristic,
        StatedAs statedAs,
        DecisionRule rule,
        @Nullable BigDecimal allowedReturn,
        @Nullable LengthUnit allowedReturnUnit,
        FlickerRule flicker,
        int repeats,
        ZeroRule zeroRule,
        LayoutKind layoutKind,
        LengthUnit layoutUnit,
        String layoutFirst,
        String layoutSecond,
        @Nullable BigDecimal setTo,
        @Nullable BigDecimal radius,
        @Nullable BigDecimal span,
        boolean warm,
        WorkKind workKind,
        GaugeKind gaugeKind,
        @Nullable BigDecimal resolution,
        @Nullable LengthUnit resolutionUnit,
        @Nullable Long gaugeId,
        String datum,
        String circumstances,
        Zeroing zeroing,
        @Nullable BigDecimal pinClass,
        Reversal reversal,
        Combination combination,
        @Nullable GaugeKind secondGaugeKind) {

    public WrittenLayout written() {
        return new WrittenLayout(layoutKind, layoutUnit, layoutFirst, layoutSecond);
    }

    public Basis basis() {
        return new Basis(
                length(setTo), length(radius), length(span), zeroing, length(pinClass), reversal, Optional.empty());
    }

    public Optional<Length> finest() {
        return resolution == null || resolutionUnit == null
                ? Optional.empty()
                : Optional.of(new Length(resolution, resolutionUnit));
    }

    private Optional<Length> length(@Nullable BigDecimal amount) {
        return Optional.ofNullable(amount).map(known -> new Length(known, layoutUnit));
    }
}
