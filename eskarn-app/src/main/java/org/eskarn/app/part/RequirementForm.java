package org.eskarn.app.part;

import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.eskarn.app.gauge.GaugeKind;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.Words;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.line.LineLimit;
import org.eskarn.core.line.RequirementLine;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.CharacteristicLayout;
import org.eskarn.core.requirement.Combination;
import org.eskarn.core.requirement.LimitKind;
import org.eskarn.core.requirement.LimitUnit;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.requirement.Zeroing;
import org.eskarn.core.units.Length;
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

    /** A new one on a part, in the unit that the part is drawn in. */
    static RequirementForm usual(List<Feature> features, String preparations) {
        boolean inch = features.stream().anyMatch(each -> each.nominalUnit() == LengthUnit.INCH);
        return blank(inch ? LengthUnit.INCH : LengthUnit.MILLIMETRE, preparations);
    }

    public static RequirementForm of(PartRequirement requirement) {
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

    /** The same with where its limit comes from. */
    RequirementForm limitFrom(String source) {
        return new RequirementForm(title, featureId, characteristic, limit.from(source), layout, gauge, setUp);
    }

    public LimitKind chosenLimit() {
        return limit.chosenKind(characteristic);
    }

    public LayoutKind chosenLayout() {
        return layout.chosenKind(characteristic);
    }

    /** The kinds of gauge that read it, and the one that was chosen, whether it does or not. */
    public List<GaugeKind> gaugeKinds() {
        return GaugeKind.measuring().stream()
                .filter(kind -> kind.reads(characteristic) || kind == gauge.kind() || kind == gauge.secondKind())
                .toList();
    }

    /** Whether the master it is compared with may be read at stations of its own. */
    public boolean ownMaster() {
        return CharacteristicLayout.mayHaveOwnMaster(chosenLayout(), chosenReversal());
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
     * The same with what a line says filled in; what it does not say has the usual value of its characteristic.
     *
     * @param features of the part, one of which may be meant
     * @param sheets how a part is prepared for each kind of work
     * @throws FormRefused if it names a feature that there is not
     */
    RequirementForm said(RequirementLine line, List<Feature> features, Map<WorkKind, String> sheets)
            throws FormRefused {
        RequirementForm usual = line.characteristic() == characteristic ? this : of(line.characteristic(), sheets);
        LimitTerms.Form said = usual.limit.said(line);
        LayoutTerms.Form layoutSaid = usual.layout.said(line);
        Optional<Feature> meant = line.feature().isEmpty()
                ? features.stream()
                        .filter(each -> featureId != null && each.id() == featureId)
                        .findFirst()
                        .or(() -> alone(features))
                        .or(() -> line.limit().flatMap(limit -> meant(limit, features)))
                : Optional.of(named(line.feature(), features));
        return new RequirementForm(
                title,
                meant.map(Feature::id).orElse(null),
                line.characteristic(),
                said,
                layoutSaid,
                usual.gauge.said(line, layoutSaid.unit(), meant.orElse(null)),
                usual.setUp);
    }

    /** The same without what a line before this one said: whoever takes a word back takes back what it meant. */
    RequirementForm unsaid(RequirementLine before, List<Feature> features) {
        Feature meant = features.stream()
                .filter(each -> featureId != null && each.id() == featureId)
                .findFirst()
                .orElse(null);
        return new RequirementForm(
                title,
                featureId,
                characteristic,
                limit.unsaid(before),
                layout.unsaid(before),
                gauge.unsaid(before, layout.unit(), meant),
                setUp);
    }

    private RequirementForm of(Characteristic other, Map<WorkKind, String> sheets) {
        return new RequirementForm(
                title,
                featureId,
                other,
                limit.usualOf(other),
                layout.over(other, other.layouts().get(0), false),
                gauge.usualOf(other, characteristic),
                setUp.usualOf(WorkKind.usual(other), sheets));
    }

    /** By its name or letter, or as much of its name as tells it from the others. */
    private static Feature named(String name, List<Feature> features) throws FormRefused {
        String small = name.toLowerCase(Locale.ROOT);
        return features.stream()
                .filter(each ->
                        each.name().equalsIgnoreCase(name) || each.letter().equalsIgnoreCase(name))
                .findFirst()
                .or(() -> alone(features.stream()
                        .filter(each -> each.name().toLowerCase(Locale.ROOT).contains(small))
                        .toList()))
                .orElseThrow(() -> new FormRefused("line", Words.say("part.line-feature-unknown", name)));
    }

    private static <T> Optional<T> alone(List<T> found) {
        return found.size() == 1 ? Optional.of(found.get(0)) : Optional.empty();
    }

    /** The only one of the nominal size. */
    private static Optional<Feature> meant(LineLimit limit, List<Feature> features) {
        Optional<LengthUnit> unit = limit.unit().length();
        if (limit.nominal().isEmpty() || unit.isEmpty()) {
            return Optional.empty();
        }
        BigDecimal size = new Length(new BigDecimal(limit.nominal()), unit.get()).exactMicrometres();
        return alone(features.stream()
                .filter(each -> each.size()
                        .filter(own -> own.exactMicrometres().compareTo(size) == 0)
                        .isPresent())
                .toList());
    }

    /**
     * The same after a choice was changed: another characteristic brings its usual limit and layout, another layout an
     * example of how it is written.
     *
     * @param lines the preparations, another sheet where another kind of work was chosen
     * @param sheets how a part is prepared for each kind of work
     */
    RequirementForm after(
            Characteristic before, LayoutKind layoutBefore, @Nullable String lines, Map<WorkKind, String> sheets) {
        boolean other = characteristic != before;
        LayoutKind chosen = other ? characteristic.layouts().get(0) : chosenLayout();
        boolean written = chosen == layoutBefore && !(other && characteristic == Characteristic.BORE_SIZE);
        return new RequirementForm(
                title,
                featureId,
                characteristic,
                other ? limit.usualOf(characteristic) : limit,
                layout.over(characteristic, chosen, written),
                other ? gauge.usualOf(characteristic, before) : gauge,
                other ? setUp.usualOf(WorkKind.usual(characteristic), sheets) : setUp.with(lines));
    }
}
