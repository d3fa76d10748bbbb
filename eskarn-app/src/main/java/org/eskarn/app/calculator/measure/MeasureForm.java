package org.eskarn.app.calculator.measure;

import org.eskarn.app.picture.engine.View;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.ReadingUnit;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.CharacteristicLayout;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.requirement.Zeroing;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * What stands in the fields of a calculator, as typed; what is missing is filled in from what is usual.
 *
 * @param unit of lengths, limits and the drawing
 * @param readings one after the other, with blanks, semicolons or lines between
 * @param drawer offsets that exist, as “D25 0.025; D50 0.050”
 * @param per the length a limit is stated over
 * @param vee included angle of a V-block, degrees
 */
public record MeasureForm(
        @Nullable Characteristic what,
        @Nullable SurfaceSide side,
        @Nullable LayoutKind layout,
        @Nullable String first,
        @Nullable String second,
        @Nullable LengthUnit unit,
        @Nullable String readings,
        @Nullable ReadingUnit readingUnit,
        @Nullable String graduation,
        @Nullable String size,
        @Nullable String setTo,
        @Nullable String radius,
        @Nullable String pinClass,
        @Nullable Zeroing zeroing,
        @Nullable StatedAs statedAs,
        @Nullable String lower,
        @Nullable String upper,
        @Nullable String drawer,
        @Nullable String vee,
        @Nullable String span,
        @Nullable String per,
        @Nullable Reversal reversal,
        @Nullable FlickerRule flicker,
        @Nullable View view) {

    MeasureForm filled() {
        Characteristic asked = what == null ? Characteristic.CIRCULAR_RUNOUT_RADIAL : what;
        LayoutKind kind = layout != null && asked.layouts().contains(layout)
                ? layout
                : asked.layouts().get(0);
        LengthUnit lengths = unit == null ? LengthUnit.MILLIMETRE : unit;
        StatedAs stated = statedAs != null && asked.statements(kind).contains(statedAs)
                ? statedAs
                : asked.statements().get(0);
        boolean inside = asked == Characteristic.OFFSET_OF_OPENING || asked == Characteristic.BORE_SIZE;
        return new MeasureForm(
                asked,
                side == null ? (inside ? SurfaceSide.INSIDE : SurfaceSide.OUTSIDE) : side,
                kind,
                first == null ? CharacteristicLayout.first(asked, kind) : first,
                second == null ? CharacteristicLayout.second(asked, kind) : second,
                lengths,
                readings == null ? "" : readings,
                readingUnit == null ? usualReading(asked, lengths) : readingUnit,
                graduation == null ? usualGraduation(asked, lengths) : graduation,
                size == null ? "" : size,
                setTo == null ? "" : setTo,
                radius == null ? "" : radius,
                pinClass == null ? "" : pinClass,
                zeroing == null || !asked.rezeroed() ? Zeroing.ONE_FOR_ALL : zeroing,
                stated,
                lower == null ? "" : lower,
                upper == null ? "" : upper,
                drawer == null ? "" : drawer,
                vee == null ? "" : vee,
                span == null ? "" : span,
                per == null ? "" : per,
                reversal == null || !asked.reversible() || kind == LayoutKind.STEPS ? Reversal.NONE : reversal,
                flicker == null ? FlickerRule.MIDDLE : flicker,
                view == null ? View.AS_READ : view);
    }

    private static String usualGraduation(Characteristic what, LengthUnit unit) {
        return !what.readsSizes() ? "1" : unit.metric() ? "0.001" : "0.0001";
    }

    private static ReadingUnit usualReading(Characteristic what, LengthUnit unit) {
        if (what.readsSizes()) {
            return unit.metric() ? ReadingUnit.MILLIMETRE : ReadingUnit.INCH;
        }
        return unit.metric() ? ReadingUnit.MICROMETRE : ReadingUnit.TENTH;
    }

    /** Whether the sections or steps may each have a zero of their own. */
    public boolean mayRezero() {
        return what != null && layout != null && what.mayRezero(layout);
    }
}
