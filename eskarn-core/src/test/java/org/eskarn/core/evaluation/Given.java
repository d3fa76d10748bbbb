package org.eskarn.core.evaluation;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.Corrections;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.LayoutRejected;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.reading.WrittenLayout;
import org.eskarn.core.requirement.Basis;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.CharacteristicLayout;
import org.eskarn.core.requirement.Combination;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.result.Note;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.DecisionRule;
import org.jspecify.annotations.Nullable;

/** Requirements and sweeps for tests, with what is usual where a test does not care. */
public record Given(Requirement requirement) {

    static final Dial MICRON = new Dial(
            Length.of("1", LengthUnit.MICROMETRE),
            Length.of("1.5", LengthUnit.MICROMETRE),
            Length.of("200", LengthUnit.MICROMETRE));

    static Layout layout(Characteristic characteristic, LayoutKind kind, String first, String second) {
        try {
            return new WrittenLayout(kind, LengthUnit.MILLIMETRE, first, second)
                    .read(CharacteristicLayout.ends(characteristic))
                    .returning(kind.returns() && !characteristic.readsSizes());
        } catch (LayoutRejected e) {
            throw new IllegalArgumentException(e);
        }
    }

    static Layout ring(String angles) {
        return layout(Characteristic.CIRCULAR_RUNOUT_RADIAL, LayoutKind.RING, angles, "");
    }

    public static Limit atMost(String millimetres) {
        return Limit.atMost(Length.of(millimetres, LengthUnit.MILLIMETRE));
    }

    static Given of(Characteristic characteristic, Limit limit, Layout layout) {
        return new Given(new Requirement(
                characteristic,
                characteristic == Characteristic.OFFSET_OF_OPENING ? SurfaceSide.INSIDE : SurfaceSide.OUTSIDE,
                limit,
                characteristic.statements().get(0),
                DecisionRule.SIMPLE,
                Optional.empty(),
                FlickerRule.MIDDLE,
                1,
                layout,
                Basis.NONE));
    }

    private static Requirement with(
            Requirement r, StatedAs statedAs, DecisionRule rule, FlickerRule flicker, int repeats, Basis basis) {
        return new Requirement(
                r.characteristic(),
                r.side(),
                r.limit(),
                statedAs,
                rule,
                r.allowedReturn(),
                flicker,
                repeats,
                r.layout(),
                basis);
    }

    Given stated(StatedAs as) {
        Requirement r = requirement;
        return new Given(with(r, as, r.rule(), r.flicker(), r.repeats(), r.basis()));
    }

    Given rule(DecisionRule rule) {
        Requirement r = requirement;
        return new Given(with(r, r.statedAs(), rule, r.flicker(), r.repeats(), r.basis()));
    }

    Given flicker(FlickerRule flicker) {
        Requirement r = requirement;
        return new Given(with(r, r.statedAs(), r.rule(), flicker, r.repeats(), r.basis()));
    }

    Given repeats(int repeats) {
        Requirement r = requirement;
        return new Given(with(r, r.statedAs(), r.rule(), r.flicker(), repeats, r.basis()));
    }

    Given combined(Combination combination) {
        Requirement r = requirement;
        return new Given(new Requirement(
                r.characteristic(),
                r.side(),
                r.limit(),
                r.statedAs(),
                r.rule(),
                r.allowedReturn(),
                r.flicker(),
                r.repeats(),
                combination,
                r.layout(),
                r.basis()));
    }

    Given on(Basis basis) {
        Requirement r = requirement;
        return new Given(with(r, r.statedAs(), r.rule(), r.flicker(), r.repeats(), basis));
    }

    Given allowedReturn(String millimetres) {
        Requirement r = requirement;
        return new Given(new Requirement(
                r.characteristic(),
                r.side(),
                r.limit(),
                r.statedAs(),
                r.rule(),
                Optional.of(Length.of(millimetres, LengthUnit.MILLIMETRE)),
                r.flicker(),
                r.repeats(),
                r.layout(),
                r.basis()));
    }

    /** Readings of a still needle; the return too, where the layout has one and it is given. */
    static Sweep sweep(Layout layout, @Nullable Double atReturn, double... micrometres) {
        List<Reading> readings = IntStream.range(0, micrometres.length)
                .mapToObj(i -> Reading.still(layout.stations().get(i), micrometres[i]))
                .toList();
        return new Sweep(layout, readings, atReturn);
    }

    /** The assessment of a sweep whose return, if there is one, reads as the first station did. */
    Assessment read(double... micrometres) {
        Layout layout = requirement.layout();
        Double back = layout.returns() && micrometres.length == layout.size() ? (Double) micrometres[0] : null;
        return returned(back, micrometres);
    }

    Assessment returned(@Nullable Double atReturn, double... micrometres) {
        return Assessment.of(requirement, MICRON, sweep(requirement.layout(), atReturn, micrometres), Corrections.NONE);
    }

    /** The code of a note and its arguments, as it is for whoever looks for a fault. */
    static String said(Note note) {
        return note.toString();
    }
}
