package org.eskarn.app.docket;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.gauge.GaugeKind;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.part.PartRequirement;
import org.eskarn.core.evaluation.Suitability;
import org.jspecify.annotations.Nullable;

/**
 * Which gauges can do a requirement: of the kind asked for, fine enough, reading sizes or deviations as it needs, reaching
 * the size. A gauge that is coarse against the limit is used like any other; how near the limit it proves nothing is said, and it is
 * offered after those that are not. What is overdue, in question or withdrawn is used with a reason only.
 */
public final class GaugeChoice {

    private GaugeChoice() {}

    /**
     * A gauge of the kind asked for.
     *
     * @param refusal why it cannot do it, as half a sentence; empty if it can
     * @param override whether it is used only with a reason and a name
     * @param standing how it stands, in words
     */
    public record Offer(Gauge gauge, Suitability suitability, String refusal, boolean override, String standing) {

        public boolean free() {
            return refusal.isEmpty() && !override;
        }

        /** What it can decide, before anything is read; empty where nothing is limited. */
        public String decides(Display display) {
            if (suitability.share() == 0) {
                return "";
            }
            String expanded = display.amount(suitability.expanded()) + " " + display.symbol();
            long share = Math.max(1, Math.round(100 * suitability.share()));
            String zone = display.amount(suitability.undecided()) + " " + display.symbol();
            return suitability.coarse()
                    ? Words.say("docket.u-of-the-tolerance-decides-stringently", expanded, share, zone)
                    : suitability.undecided() > 0
                            ? Words.say("docket.u-of-the-tolerance-undecided-within", expanded, share, zone)
                            : Words.say("docket.u-of-the-tolerance", expanded, share);
        }
    }

    /** The kind that is required: of a pair 1 for the hole and 2 for the shaft; empty where no second gauge is. */
    public static Optional<GaugeKind> kind(PartRequirement requirement, int number) {
        return number == 1 ? Optional.of(requirement.gaugeKind()) : requirement.secondGaugeKind();
    }

    /**
     * All gauges of the kind asked for: first those that are free to use, of the drawing's own system, and of them the
     * coarsest that is fine enough, for it is the quickest to read; last those that cannot do it.
     *
     * @param number 1, or 2 for the gauge of the second reading of each pair
     */
    public static List<Offer> offers(PartRequirement requirement, int number, List<Gauge> all, LocalDate today) {
        GaugeKind kind = kind(requirement, number).orElse(null);
        return all.stream()
                .filter(gauge -> ofKind(requirement, kind, gauge))
                .map(gauge -> offer(requirement, gauge, today))
                .sorted(Comparator.comparing((Offer offer) -> !offer.refusal().isEmpty())
                        .thenComparing(offer -> offer.gauge().kind() != kind)
                        .thenComparing(Offer::override)
                        .thenComparing(offer -> offer.suitability().coarse())
                        .thenComparing(offer -> offer.gauge().graduationUnit().metric() != requirement.metric())
                        .thenComparing(
                                offer -> -offer.gauge().dial().graduation().micrometres())
                        .thenComparing(offer -> offer.gauge().mark()))
                .toList();
    }

    /**
     * Whether a gauge is of the kind asked for, or tells heights as that does, whole or from a zero, where both do alike. What a
     * depth gauge shows has the other sign.
     */
    public static boolean ofKind(PartRequirement requirement, @Nullable GaugeKind kind, Gauge gauge) {
        return gauge.kind() == kind
                || (kind != null
                        && requirement.terms().characteristic().readEitherWay()
                        && kind.tellsHeights()
                        && gauge.kind().tellsHeights());
    }

    public static Offer offer(PartRequirement requirement, Gauge gauge, LocalDate today) {
        Suitability suitability = Suitability.of(requirement.terms(), gauge.dial());
        return new Offer(
                gauge, suitability, refusal(requirement, gauge), gauge.needsOverride(today), gauge.standing(today));
    }

    private static String refusal(PartRequirement requirement, Gauge gauge) {
        if (gauge.kind().limitGauge()) {
            return "";
        }
        if (!gauge.readsSizes()
                && requirement.terms().characteristic().comparedWithMaster()
                && requirement.terms().basis().setTo().isEmpty()) {
            return Words.say("docket.it-compares-with-a-master-and-the");
        }
        boolean wholeSizes = requirement.terms().characteristic().readsSizes()
                && requirement.terms().basis().setTo().isEmpty()
                && gauge.kind() != GaugeKind.INDICATOR;
        if (gauge.readsSizes() != wholeSizes
                && !requirement.terms().characteristic().readEitherWay()) {
            return wholeSizes
                    ? Words.say("docket.it-reads-deviations-not-whole-sizes")
                    : Words.say("docket.it-reads-whole-sizes-not-deviations");
        }
        if (!requirement.reach().map(gauge::reaches).orElse(true)) {
            return Words.say("docket.it-does-not-reach-the-size");
        }
        boolean fine = requirement
                .gauge()
                .finest()
                .map(finest -> gauge.dial().graduation().micrometres() <= finest.micrometres() + 1e-9)
                .orElse(true);
        return fine ? "" : Words.say("docket.its-graduation-is-coarser-than-asked");
    }

    /**
     * The gauge named for it, else the first that can do it; empty where the register has none. Another kind is never
     * taken.
     *
     * @param number 1, or 2 for the gauge of the second reading of each pair
     */
    static Optional<Gauge> usual(PartRequirement requirement, int number, List<Gauge> all, LocalDate today) {
        Long named = requirement.gauge().gaugeId();
        List<Offer> able = offers(requirement, number, all, today).stream()
                .filter(offer -> offer.refusal().isEmpty())
                .toList();
        return able.stream()
                .filter(offer -> number == 1 && named != null && offer.gauge().id() == named)
                .findFirst()
                .or(() -> able.stream().findFirst())
                .map(Offer::gauge);
    }
}
