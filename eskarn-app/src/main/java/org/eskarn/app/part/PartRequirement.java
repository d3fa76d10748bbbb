package org.eskarn.app.part;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.eskarn.app.gauge.GaugeKind;
import org.eskarn.app.picture.engine.Subject;
import org.eskarn.core.reading.LayoutRejected;
import org.eskarn.core.requirement.Basis;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.CharacteristicLayout;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.ZeroRule;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;

/**
 * A requirement of a part, whole: its head, its four groups, and what belongs to them.
 *
 * @param limit for new parts
 * @param serviceLimit for parts in service, where it differs
 * @param terms what the core needs of it, with the limit that counts
 * @param preparations in the order they are done
 */
public record PartRequirement(
        RequirementHead head,
        LimitTerms limitTerms,
        LayoutTerms layout,
        GaugeTerms gauge,
        SetUpTerms setUp,
        Feature feature,
        Limit limit,
        Optional<Limit> serviceLimit,
        Requirement terms,
        List<Preparation> preparations) {

    public PartRequirement {
        preparations = List.copyOf(preparations);
    }

    /**
     * @throws LayoutRejected if its layout is none
     */
    static PartRequirement of(
            RequirementHead head,
            LimitTerms limitTerms,
            LayoutTerms layout,
            GaugeTerms gauge,
            SetUpTerms setUp,
            Feature feature,
            Limit limit,
            Optional<Limit> serviceLimit,
            List<Preparation> preparations)
            throws LayoutRejected {
        Characteristic characteristic = head.characteristic();
        Requirement terms = new Requirement(
                characteristic,
                feature.side(),
                limit,
                limitTerms.statedAs(),
                limitTerms.decisionRule(),
                gauge.statedReturn(),
                gauge.flicker(),
                gauge.repeats(),
                gauge.combination(),
                CharacteristicLayout.read(
                        characteristic, layout.written(), gauge.zeroing(), layout.reversal(), layout.conditionNames()),
                basis(layout, gauge, feature.side()).of(feature.size()));
        return new PartRequirement(
                head, limitTerms, layout, gauge, setUp, feature, limit, serviceLimit, terms, preparations);
    }

    private static Basis basis(LayoutTerms layout, GaugeTerms gauge, SurfaceSide side) {
        return new Basis(
                        layout.length(gauge.setTo()),
                        layout.length(layout.radius()),
                        layout.length(layout.span()),
                        gauge.zeroing(),
                        layout.length(gauge.pinClass()),
                        layout.reversal(),
                        Optional.empty())
                .under(layout.conditionNames(), layout.datumRead())
                .with(layout.face(side));
    }

    public long id() {
        return head.id();
    }

    public int position() {
        return head.position();
    }

    public String title() {
        return head.title();
    }

    public Characteristic characteristic() {
        return head.characteristic();
    }

    /** Free texts beside what it is computed from, each with the code of its label. */
    public List<FurtherTerm> further() {
        return limitTerms.further();
    }

    /** The same on its part, once that has given it a place. */
    PartRequirement placed(long id, long partId, int position) {
        return new PartRequirement(
                new RequirementHead(id, partId, feature.id(), position, head.title(), head.characteristic()),
                limitTerms,
                layout,
                gauge,
                setUp,
                feature,
                limit,
                serviceLimit,
                terms,
                preparations);
    }

    /**
     * Whether readings taken for another requirement answer this one as they stand: the same places of the same feature, read
     * with the same kind of gauge from the same zero, and all that is prepared for this one prepared for the other too.
     */
    public boolean readLike(PartRequirement other) {
        List<String> prepared =
                other.preparations.stream().map(Preparation::text).toList();
        return feature.id() == other.feature.id()
                && terms.layout().equals(other.terms.layout())
                && zeroAnswers(other)
                && terms.hunted() == other.terms.hunted()
                && terms.repeats() == other.terms.repeats()
                && terms.combination() == other.terms.combination()
                && characteristic().readAs(other.characteristic())
                && gaugeKind() == other.gaugeKind()
                && secondGaugeKind().equals(other.secondGaugeKind())
                && gauge.finest().equals(other.gauge.finest())
                && Objects.equals(gauge.gaugeId(), other.gauge.gaugeId())
                && setUp.workKind() == other.setUp.workKind()
                && setUp.warm() == other.setUp.warm()
                && setUp.circumstances().equals(other.setUp.circumstances())
                && preparations.stream().allMatch(line -> prepared.contains(line.text()));
    }

    /** Whether it is held to the same datum, as far as both name one. */
    public boolean heldLike(PartRequirement other) {
        String own = limitTerms.datum();
        String others = other.limitTerms.datum();
        return own.isEmpty() || others.isEmpty() || own.equals(others);
    }

    /** Whether it is read from the same zero; what only compares places is told from a master's zero as well as from any. */
    private boolean zeroAnswers(PartRequirement other) {
        Basis own = terms.basis();
        if (own.equals(other.terms.basis())) {
            return zeroRule() == other.zeroRule();
        }
        return own.setTo().isEmpty()
                && !characteristic().comparedWithMaster()
                && own.setTo(other.terms.basis().setTo()).equals(other.terms.basis());
    }

    /** The same, prepared for and zeroed as another is that it shares its readings with. */
    public PartRequirement readAs(PartRequirement other) {
        return new PartRequirement(
                head,
                limitTerms,
                layout,
                gauge.zeroedLike(other.gauge),
                setUp,
                feature,
                limit,
                serviceLimit,
                with(terms.limit(), other.terms.basis()),
                other.preparations);
    }

    /** Whether it can be read under several conditions. */
    public boolean mayHaveConditions() {
        return characteristic().mayHaveConditions(layout.layoutKind())
                && !layout.reversal().twice();
    }

    /**
     * The same read under conditions, with semicolons between their names; empty for none.
     *
     * @throws LayoutRejected if that comes to more stations than a layout has
     */
    public PartRequirement readUnder(String conditions) throws LayoutRejected {
        if (conditions.equals(layout.conditions())) {
            return this;
        }
        PartRequirement under = of(
                head, limitTerms, layout.under(conditions), gauge, setUp, feature, limit, serviceLimit, preparations);
        return judgedInService() ? under.inService() : under;
    }

    /** The same on a feature of another revision. */
    PartRequirement on(Feature other) {
        return new PartRequirement(
                head, limitTerms, layout, gauge, setUp, other, limit, serviceLimit, terms, preparations);
    }

    /** The same, judged by the limit for parts in service where there is one. */
    public PartRequirement inService() {
        return serviceLimit
                .map(service -> new PartRequirement(
                        head,
                        limitTerms,
                        layout,
                        gauge,
                        setUp,
                        feature,
                        limit,
                        serviceLimit,
                        with(service, terms.basis()),
                        preparations))
                .orElse(this);
    }

    private Requirement with(Limit other, Basis basis) {
        return new Requirement(
                terms.characteristic(),
                terms.side(),
                other,
                terms.statedAs(),
                terms.rule(),
                terms.allowedReturn(),
                terms.flicker(),
                terms.repeats(),
                terms.combination(),
                terms.layout(),
                basis);
    }

    /** Whether it is judged by a limit for parts in service, which is not the limit for new ones. */
    public boolean judgedInService() {
        return serviceLimit.filter(service -> service.equals(terms.limit())).isPresent();
    }

    /** What is asked of it as a new part. */
    public Requirement asNew() {
        return with(limit, terms.basis());
    }

    /** Whether the drawing is in millimetres rather than inches. */
    public boolean metric() {
        return limit.unit().length().orElse(layout.layoutUnit()).metric();
    }

    /** The kind of gauge it is read with; of a pair, the one for the hole. */
    public GaugeKind gaugeKind() {
        return outsideOnly() ? GaugeKind.BORE_GAUGE : gauge.gaugeKind();
    }

    /** The kind of gauge for the shaft of a pair, where the one for the hole cannot read it, or another was chosen. */
    public Optional<GaugeKind> secondGaugeKind() {
        if (head.characteristic() != Characteristic.FIT_OF_PAIR) {
            return Optional.empty();
        }
        GaugeKind chosen = gauge.secondGaugeKind();
        if (chosen != null) {
            return Optional.of(chosen);
        }
        if (outsideOnly()) {
            return Optional.of(gauge.gaugeKind());
        }
        boolean wholeSizes = gauge.setTo() == null;
        return gauge.gaugeKind() == GaugeKind.BORE_GAUGE
                ? Optional.of(wholeSizes ? GaugeKind.MICROMETER : GaugeKind.SNAP_GAUGE)
                : Optional.empty();
    }

    /** Whether the gauge that was named for a pair reads its shaft only. */
    private boolean outsideOnly() {
        return head.characteristic() == Characteristic.FIT_OF_PAIR
                && (gauge.gaugeKind() == GaugeKind.SNAP_GAUGE || gauge.gaugeKind() == GaugeKind.MICROMETER);
    }

    /** The size its gauge has to reach, µm: that of its master, or else of the feature. */
    public Optional<Double> reach() {
        return terms.basis()
                .setTo()
                .or(() -> terms.characteristic().readsSizes()
                                && !terms.characteristic().triedWithLeaves()
                        ? feature.size()
                        : Optional.empty())
                .map(Length::micrometres);
    }

    /** Where its zero is set: a gauge set to a size is set on a master of that size. */
    public ZeroRule zeroRule() {
        return gauge.setTo() == null ? gauge.zeroRule() : ZeroRule.MASTER;
    }

    /** Whether the slide of a machine may have made the face that its indicator reads. */
    public boolean asksSlide() {
        return setUp.workKind() == WorkKind.ON_THE_MACHINE
                && switch (head.characteristic()) {
                    case FLATNESS, STRAIGHTNESS, PARALLELISM_OF_FACES, PARALLELISM_OF_LINES, SQUARENESS -> true;
                    default -> false;
                };
    }

    /** The sign a drawing writes before its limit. */
    public CalloutSign sign() {
        return CalloutSign.of(head.characteristic().sign());
    }

    /** What its picture shows. */
    public Subject subject() {
        return new Subject(terms, feature.name(), feature.seenFrom(), feature.size());
    }

    /** The unit figures of the verdict are said in: that of the drawing for sizes, else that of the dial. */
    public LengthUnit figureUnit(LengthUnit ofDial) {
        boolean sizes = head.characteristic().sized() || head.characteristic().angular();
        return sizes ? limit.unit().length().orElse(layout.layoutUnit()) : ofDial;
    }

    /** What names the gauge and the zero, so that requirements that share them can be worked one after the other. */
    public String zeroName() {
        return setUp.workKind() + " " + gauge.gaugeKind() + " " + zeroRule() + " " + gauge.setTo();
    }
}
