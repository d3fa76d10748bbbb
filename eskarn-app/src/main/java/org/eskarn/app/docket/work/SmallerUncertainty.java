package org.eskarn.app.docket.work;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.docket.GaugeChoice;
import org.eskarn.app.docket.GaugeChoice.Offer;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.core.uncertainty.Contribution;
import org.eskarn.core.uncertainty.Contribution.Source;
import org.eskarn.core.uncertainty.UncertaintyBudget;

/** What would make an uncertainty smaller, from its largest part: a gauge of the register by its mark, or how many sweeps more. */
final class SmallerUncertainty {

    /** A gauge is worth naming that takes off a tenth of U at least. */
    private static final double WORTH = 0.9;

    private SmallerUncertainty() {}

    /** One sentence; empty where there is no budget. */
    static String of(SetUp setUp, List<Gauge> all, LocalDate today, Display display) {
        Optional<UncertaintyBudget> budget = setUp.judgement().budget();
        Optional<Contribution> largest =
                budget.flatMap(parts -> parts.largestFirst().stream().findFirst());
        if (largest.isEmpty()) {
            return "";
        }
        Source source = largest.get().source();
        Optional<String> named = source == Source.GAUGE_ERROR || source == Source.RESOLUTION
                ? finer(setUp, budget.orElseThrow(), all, today, display)
                : source == Source.REPEATS || source == Source.CHECKS ? Optional.of(sweeps(setUp)) : Optional.empty();
        return named.orElseGet(() -> Words.say("docket.made-smaller-by", source.smaller()));
    }

    /** Half the part of the repeats needs four times as many. */
    private static String sweeps(SetUp setUp) {
        int counted = Math.max(1, setUp.judgement().counted().size());
        return Words.say(
                "docket.more-sweeps-halve-it", 3 * counted, setUp.gaugeInUse().code());
    }

    private static Optional<String> finer(
            SetUp setUp, UncertaintyBudget budget, List<Gauge> all, LocalDate today, Display display) {
        Gauge used = setUp.sweep().gauge();
        double now = GaugeChoice.offer(setUp.requirement(), used, today)
                .suitability()
                .expanded();
        return GaugeChoice.offers(setUp.requirement(), 1, all, today).stream()
                .filter(Offer::free)
                .filter(offer -> offer.gauge().id() != used.id())
                .filter(offer -> offer.suitability().expanded() > 0
                        && offer.suitability().expanded() < WORTH * now)
                .min(Comparator.comparingDouble(offer -> offer.suitability().expanded()))
                .map(offer -> Words.say(
                        "docket.another-gauge-instead",
                        offer.gauge().mark(),
                        used.mark(),
                        display.amount(Math.max(
                                offer.suitability().expanded(),
                                budget.expanded() * offer.suitability().expanded() / now)),
                        display.symbol()));
    }
}
