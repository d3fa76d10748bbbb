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
import org.eskarn.app.ledger.document.DrawnRequirement.FurtherPart;
import org.eskarn.app.ledger.document.DrawnRequirement.LayoutPart;
import org.eskarn.app.ledger.document.DrawnRequirement.LimitPart;
import org.eskarn.app.page.Words;
import org.eskarn.app.part.Feature;
import org.eskarn.app.part.GaugeTerms;
import org.eskarn.app.part.LayoutTerms;
import org.eskarn.app.part.PartRequirement;
import org.eskarn.core.requirement.Basis;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.Requirement;
import org.jspecify.annotations.Nullable;

/** What the drawing asks, for a document. */
final class AskedParts {

    private AskedParts() {}

    static DrawnRequirement of(PartRequirement requirement, boolean inService, boolean conditionsChosen) {
        LayoutTerms layout = requirement.layout();
        GaugeTerms gauge = requirement.gauge();
        Basis basis = requirement.terms().basis();
        Requirement terms = requirement.terms();
        Optional<Limit> other = inService && requirement.serviceLimit().isPresent()
                ? Optional.of(requirement.limit())
                : requirement.serviceLimit();
        return new DrawnRequirement(
                choice(
                        requirement.characteristic(),
                        requirement.characteristic().title()),
                feature(requirement.feature()),
                requirement.limitTerms().datum(),
                requirement.setUp().circumstances(),
                limit(terms.limit()),
                other.map(AskedParts::limit).orElse(null),
                inService,
                choice(terms.statedAs(), terms.statedAs().title()),
                choice(terms.rule().kind(), terms.rule().title()),
                plain(requirement.limitTerms().ruleFigure()),
                choice(terms.flicker(), terms.flicker().title()),
                amount(terms.allowedReturn()),
                terms.repeats(),
                choice(terms.combination(), terms.combination().title()),
                new LayoutPart(
                        choice(layout.layoutKind(), layout.layoutKind().title()),
                        layout.layoutUnit().symbol(),
                        layout.layoutFirst(),
                        layout.layoutSecond()),
                choice(gauge.zeroRule(), gauge.zeroRule().title()),
                choice(gauge.zeroing(), gauge.zeroing().title()),
                amount(basis.setTo()),
                amount(basis.radius()),
                amount(basis.span()),
                amount(basis.pinClass()),
                choice(layout.reversal(), layout.reversal().title()),
                gauges(requirement),
                amount(gauge.finest()),
                requirement.setUp().warm(),
                choice(
                        requirement.setUp().workKind(),
                        requirement.setUp().workKind().title()),
                further(requirement),
                layout.conditionNames().isEmpty() ? null : layout.conditionNames(),
                layout.datumRead().read()
                        ? choice(layout.datumRead(), layout.datumRead().title())
                        : null,
                layout.datumRead().read() && layout.axisFace() != null
                        ? choice(layout.axisFace(), layout.axisFace().title())
                        : null,
                conditionsChosen ? true : null);
    }

    private static @Nullable List<FurtherPart> further(PartRequirement requirement) {
        List<FurtherPart> further = requirement.further().stream()
                .map(term -> new FurtherPart(term.code(), term.text()))
                .toList();
        return further.isEmpty() ? null : further;
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
                Words.of(limit.words()));
    }
}
