package org.eskarn.app.part;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.eskarn.app.page.Typed;
import org.eskarn.app.page.Words;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.line.LineLayout;
import org.eskarn.core.line.RequirementLine;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.WrittenLayout;
import org.eskarn.core.requirement.AxisFace;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.CharacteristicLayout;
import org.eskarn.core.requirement.DatumRead;
import org.eskarn.core.requirement.UsualConditions;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * The stations of a requirement, and what their distances mean.
 *
 * @param layoutUnit of the distances of its layout, of radius and span, and of the size of its master
 * @param radius where an axial runout is read or a phase stands
 * @param span between the places of a pair; of a level, the length its reading is stated over
 * @param reversal whether it is read in two set-ups
 * @param conditions the names of the conditions it is read under, with semicolons between; empty for one
 * @param datumRead how its datum is had
 * @param axisFace how a face lies to the rings of its axis; null where it is held to none, or was written before this was asked
 */
public record LayoutTerms(
        long requirementId,
        LayoutKind layoutKind,
        LengthUnit layoutUnit,
        String layoutFirst,
        String layoutSecond,
        @Nullable BigDecimal radius,
        @Nullable BigDecimal span,
        Reversal reversal,
        String conditions,
        DatumRead datumRead,
        @Nullable AxisFace axisFace) {

    private static final int LONGEST_CONDITIONS = 240;
    private static final int MOST_CONDITIONS = 12;

    /** The fields of a layout, as typed. */
    public record Form(
            @Nullable LayoutKind kind,
            LengthUnit unit,
            @Nullable String first,
            @Nullable String second,
            @Nullable String radius,
            @Nullable String span,
            @Nullable Reversal reversal,
            @Nullable String conditions,
            @Nullable DatumRead datumRead,
            @Nullable AxisFace axisFace) {

        static Form blank(LengthUnit unit) {
            return new Form(
                    LayoutKind.RING, unit, "8", "", "", "", Reversal.NONE, "", DatumRead.ASSUMED, AxisFace.SHAFT_AWAY);
        }

        static Form of(LayoutTerms terms, SurfaceSide side) {
            return new Form(
                    terms.layoutKind(),
                    terms.layoutUnit(),
                    terms.layoutFirst(),
                    terms.layoutSecond(),
                    Typed.written(terms.radius()),
                    Typed.written(terms.span()),
                    terms.reversal(),
                    terms.conditions(),
                    terms.datumRead(),
                    terms.face(side));
        }

        /** The same over another kind of layout, with an example of how it is written where it is not written yet. */
        Form over(Characteristic characteristic, LayoutKind chosen, boolean written) {
            return new Form(
                    chosen,
                    unit,
                    written ? first : CharacteristicLayout.first(characteristic, chosen),
                    written ? second : CharacteristicLayout.second(characteristic, chosen),
                    radius,
                    span,
                    reversal,
                    conditions,
                    datumRead,
                    axisFace);
        }

        /** The same without what a line before this one said. */
        Form unsaid(RequirementLine before) {
            Characteristic what = before.characteristic();
            Form usual = before.layout().isPresent() ? over(what, what.layouts().get(0), false) : this;
            return new Form(
                    usual.kind,
                    unit,
                    usual.first,
                    usual.second,
                    before.radius().equals(Typed.text(radius)) ? "" : radius,
                    span,
                    reversal,
                    before.conditions().equals(Typed.text(conditions)) ? "" : conditions,
                    datumRead,
                    axisFace);
        }

        /** The same with the stations that a line names; where it names none they stay. */
        Form said(RequirementLine line) {
            LineLayout layout = line.layout()
                    .orElseGet(() -> new LineLayout(
                            chosenKind(line.characteristic()), Typed.text(first), Typed.text(second), unit));
            return new Form(
                    layout.kind(),
                    layout.unit(),
                    layout.first(),
                    layout.second(),
                    line.radius().isEmpty() ? radius : line.radius(),
                    span,
                    reversal,
                    line.conditions().isEmpty() ? conditions : line.conditions(),
                    datumRead,
                    axisFace);
        }

        LayoutKind chosenKind(Characteristic characteristic) {
            return kind != null && characteristic.layouts().contains(kind)
                    ? kind
                    : characteristic.layouts().get(0);
        }

        @Nullable
        AxisFace chosenFace(Characteristic characteristic) {
            return characteristic.heldToAnAxis(chosenKind(characteristic))
                    ? Objects.requireNonNullElse(axisFace, AxisFace.SHAFT_AWAY)
                    : null;
        }

        DatumRead chosenDatum(Characteristic characteristic) {
            return datumRead != null && characteristic.mayReadDatum(chosenKind(characteristic))
                    ? datumRead
                    : DatumRead.ASSUMED;
        }

        /** Whether the second field says anything: of its kind of layout, or of a master that is read at stations of its own. */
        boolean secondUsed(Characteristic characteristic) {
            LayoutKind chosen = chosenKind(characteristic);
            return chosen.hasSecond() || CharacteristicLayout.mayHaveOwnMaster(chosen, chosenReversal(characteristic));
        }

        Reversal chosenReversal(Characteristic characteristic) {
            boolean possible = characteristic.mayReverse(chosenKind(characteristic));
            return reversal != null && possible ? reversal : Reversal.NONE;
        }
    }

    static LayoutTerms of(Form form, Characteristic characteristic, Typed typed) {
        return new LayoutTerms(
                0,
                form.chosenKind(characteristic),
                form.unit(),
                Typed.text(form.first()),
                form.secondUsed(characteristic) ? Typed.text(form.second()) : "",
                characteristic.asksRadius(form.chosenKind(characteristic))
                        ? typed.above("layout.radius", form.radius(), Words.say("part.a-radius"))
                        : null,
                characteristic.spanning()
                        ? typed.above("layout.span", form.span(), Words.say("part.a-distance"))
                        : null,
                form.chosenReversal(characteristic),
                conditions(form, characteristic, typed),
                form.chosenDatum(characteristic),
                form.chosenFace(characteristic));
    }

    private static String conditions(Form form, Characteristic characteristic, Typed typed) {
        if (!characteristic.mayHaveConditions(form.chosenKind(characteristic))
                || form.chosenReversal(characteristic).twice()) {
            return "";
        }
        List<String> names = conditionsMeant(Typed.text(form.conditions()));
        conditionsRefused(names).ifPresent(why -> typed.problem("layout.conditions", why));
        return written(names);
    }

    /** The names of the conditions that are meant by what was typed. */
    public static List<String> conditionsMeant(String typed) {
        return UsualConditions.meant(names(typed));
    }

    /** As they are kept. */
    public static String written(List<String> conditions) {
        return String.join("; ", conditions);
    }

    /** Why these conditions cannot be compared; none at all can. */
    public static Optional<String> conditionsRefused(List<String> names) {
        if (names.size() > MOST_CONDITIONS) {
            return Optional.of(Words.say("part.at-most-conditions", MOST_CONDITIONS));
        }
        if (names.size() == 1) {
            return Optional.of(Words.say("part.two-conditions-are-compared"));
        }
        if (names.stream().distinct().count() < names.size()) {
            return Optional.of(Words.say("part.each-condition-has-its-own-name"));
        }
        return written(names).length() > LONGEST_CONDITIONS
                ? Optional.of(Words.say("part.shorter-names-of-conditions", LONGEST_CONDITIONS))
                : Optional.empty();
    }

    /** The same read under several conditions. */
    LayoutTerms under(String conditions) {
        return new LayoutTerms(
                requirementId,
                layoutKind,
                layoutUnit,
                layoutFirst,
                layoutSecond,
                radius,
                span,
                reversal,
                conditions,
                datumRead,
                axisFace);
    }

    /** How a face lies to the rings; where it was not asked, as it was taken then. */
    AxisFace face(SurfaceSide side) {
        return axisFace != null ? axisFace : side.inside() ? AxisFace.SHAFT_TOWARDS : AxisFace.SHAFT_AWAY;
    }

    /** As the core reads them. */
    public List<String> conditionNames() {
        return names(conditions);
    }

    private static List<String> names(String written) {
        return Arrays.stream(written.split(";"))
                .map(String::strip)
                .filter(name -> !name.isEmpty())
                .toList();
    }

    public WrittenLayout written() {
        return new WrittenLayout(layoutKind, layoutUnit, layoutFirst, layoutSecond);
    }

    Optional<Length> length(@Nullable BigDecimal amount) {
        return Optional.ofNullable(amount).map(known -> new Length(known, layoutUnit));
    }
}
