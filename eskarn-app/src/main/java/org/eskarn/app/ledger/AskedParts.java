package org.eskarn.app.ledger;

import static org.eskarn.app.ledger.Parts.amount;
import static org.eskarn.app.ledger.Parts.choice;
import static org.eskarn.app.ledger.Parts.plain;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.eskarn.app.gauge.GaugeKind;
import org.eskarn.app.ledger.document.Choice;
import org.eskarn.app.ledger.document.DrawnRequirement;
import org.eskarn.app.ledger.document.DrawnRequirement.FeaturePart;
import org.eskarn.app.ledger.document.DrawnRequirement.LayoutPart;
import org.eskarn.app.ledger.document.DrawnRequirement.LimitPart;
import org.eskarn.app.part.Feature;
import org.eskarn.app.part.PartRequirement;
import org.eskarn.app.part.RequirementRow;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.Requirement;

/** What the drawing asks, for a document. */
final class AskedParts {

    private AskedParts() {}

    static DrawnRequirement of(PartRequirement requirement, boolean inService) {
        RequirementRow row = requirement.row();
        Requirement terms = requirement.terms();
        Optional<Limit> other = inService && requirement.serviceLimit().isPresent()
                ? Optional.of(requirement.limit())
                : requirement.serviceLimit();
        return new DrawnRequirement(
                choice(row.characteristic(), row.characteristic().title()),
                feature(requirement.feature()),
                row.datum(),
                row.circumstances(),
                limit(terms.limit()),
                other.map(AskedParts::limit).orElse(null),
                inService,
                choice(terms.statedAs(), terms.statedAs().title()),
                choice(terms.rule(), terms.rule().title()),
                choice(terms.flicker(), terms.flicker().title()),
                amount(terms.allowedReturn()),
                terms.repeats(),
                choice(terms.combination(), terms.combination().title()),
                new LayoutPart(
                        choice(row.layoutKind(), row.layoutKind().title()),
                        row.layoutUnit().symbol(),
                        row.layoutFirst(),
                        row.layoutSecond()),
                choice(row.zeroRule(), row.zeroRule().title()),
                choice(row.zeroing(), row.zeroing().title()),
                amount(row.basis().setTo()),
                amount(row.basis().radius()),
                amount(row.basis().span()),
                amount(row.basis().pinClass()),
                choice(row.reversal(), row.reversal().title()),
                gauges(requirement),
                amount(row.finest()),
                row.warm(),
                choice(row.workKind(), row.workKind().title()));
    }

    private static List<Choice> gauges(PartRequirement requirement) {
        return Stream.concat(Stream.of(requirement.gaugeKind()), requirement.secondGaugeKind().stream())
                .map((GaugeKind kind) -> choice(kind, kind.title()))
                .toList();
    }

    private static FeaturePart feature(Feature feature) {
        return new FeaturePart(
                feature.name(), feature.letter(), feature.side().name(), amount(feature.size()), feature.seenFrom());
    }

    private static LimitPart limit(Limit limit) {
        return new LimitPart(
                limit.kind().name(),
                plain(limit.nominal()),
                plain(limit.lower()),
                plain(limit.upper()),
                limit.unit().symbol(),
                limit.code(),
                limit.only() == null ? null : limit.only().name(),
                limit.reason(),
                amount(Optional.ofNullable(limit.per())),
                limit.words());
    }
}
