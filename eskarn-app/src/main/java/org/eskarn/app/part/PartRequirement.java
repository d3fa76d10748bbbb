package org.eskarn.app.part;

import java.util.List;
import java.util.Optional;
import org.eskarn.app.gauge.GaugeKind;
import org.eskarn.app.picture.engine.Subject;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutRejected;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.ZeroRule;
import org.eskarn.core.requirement.Zeroing;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;

/**
 * A requirement of a part, whole.
 *
 * @param limit for new parts
 * @param serviceLimit for parts in service, where it differs
 * @param terms what the core needs of it, with the limit that counts
 * @param preparations in the order they are done
 */
public record PartRequirement(
        RequirementRow row,
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
            RequirementRow row,
            Feature feature,
            Limit limit,
            Optional<Limit> serviceLimit,
            List<Preparation> preparations)
            throws LayoutRejected {
        boolean returns = row.layoutKind().returns() && !row.characteristic().readsSizes();
        Layout plain = row.written().read(row.characteristic().ends()).returning(returns);
        Layout once = row.zeroing() == Zeroing.EACH_STEP ? plain.rezeroed() : plain;
        Layout layout = once.inSetUps(row.reversal().setUps());
        Optional<Length> allowedReturn = row.allowedReturn() == null || row.allowedReturnUnit() == null
                ? Optional.empty()
                : Optional.of(new Length(row.allowedReturn(), row.allowedReturnUnit()));
        Requirement terms = new Requirement(
                row.characteristic(),
                feature.side(),
                limit,
                row.statedAs(),
                row.rule(),
                allowedReturn,
                row.flicker(),
                row.repeats(),
                row.combination(),
                layout,
                row.basis().of(feature.size()));
        return new PartRequirement(row, feature, limit, serviceLimit, terms, preparations);
    }

    /** The same, judged by the limit for parts in service where there is one. */
    public PartRequirement inService() {
        return serviceLimit
                .map(service -> new PartRequirement(row, feature, limit, serviceLimit, with(service), preparations))
                .orElse(this);
    }

    private Requirement with(Limit other) {
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
                terms.basis());
    }

    /** Whether the drawing is in millimetres rather than inches. */
    public boolean metric() {
        return limit.unit().length().orElse(row.layoutUnit()).metric();
    }

    /** The kind of gauge it is read with; of a pair, the one for the hole. */
    public GaugeKind gaugeKind() {
        return outsideOnly() ? GaugeKind.BORE_GAUGE : row.gaugeKind();
    }

    /** The kind of gauge for the shaft of a pair, where the one for the hole cannot read it, or another was chosen. */
    public Optional<GaugeKind> secondGaugeKind() {
        if (row.characteristic() != Characteristic.FIT_OF_PAIR) {
            return Optional.empty();
        }
        GaugeKind chosen = row.secondGaugeKind();
        if (chosen != null) {
            return Optional.of(chosen);
        }
        if (outsideOnly()) {
            return Optional.of(row.gaugeKind());
        }
        boolean wholeSizes = row.setTo() == null;
        return row.gaugeKind() == GaugeKind.BORE_GAUGE
                ? Optional.of(wholeSizes ? GaugeKind.MICROMETER : GaugeKind.SNAP_GAUGE)
                : Optional.empty();
    }

    /** Whether the gauge that was named for a pair reads its shaft only. */
    private boolean outsideOnly() {
        return row.characteristic() == Characteristic.FIT_OF_PAIR
                && (row.gaugeKind() == GaugeKind.SNAP_GAUGE || row.gaugeKind() == GaugeKind.MICROMETER);
    }

    /** The size its gauge has to reach, µm: that of its master, or else of the feature. */
    public Optional<Double> reach() {
        return terms.basis()
                .setTo()
                .or(() -> terms.characteristic().readsSizes() ? feature.size() : Optional.empty())
                .map(Length::micrometres);
    }

    /** Where its zero is set: a gauge set to a size is set on a master of that size. */
    public ZeroRule zeroRule() {
        return row.setTo() == null ? row.zeroRule() : ZeroRule.MASTER;
    }

    /** What its picture shows. */
    public Subject subject() {
        return new Subject(terms, feature.name(), feature.seenFrom(), feature.size());
    }

    /** The unit figures of the verdict are said in: that of the drawing for sizes, else that of the dial. */
    public LengthUnit figureUnit(LengthUnit ofDial) {
        boolean sizes = row.characteristic().sized() || row.characteristic().angular();
        return sizes ? limit.unit().length().orElse(row.layoutUnit()) : ofDial;
    }

    /** What names the gauge and the zero, so that requirements that share them can be worked one after the other. */
    public String zeroName() {
        return row.workKind() + " " + row.gaugeKind() + " " + zeroRule() + " " + row.setTo();
    }
}
