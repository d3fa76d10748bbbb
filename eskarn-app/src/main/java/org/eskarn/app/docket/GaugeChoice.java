package org.eskarn.app.docket;

import java.util.Comparator;
import java.util.List;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.gauge.GaugeKind;
import org.eskarn.app.part.PartRequirement;
import org.eskarn.core.units.Length;

/** Which gauges can do a requirement: of the kind asked for, fine enough, reading sizes or deviations as it needs. */
final class GaugeChoice {

    private GaugeChoice() {}

    /**
     * The gauges that can do it, the one of the drawing's own system first, then the coarsest that is fine enough, for
     * it is the quickest to read.
     */
    static List<Gauge> fit(PartRequirement requirement, List<Gauge> all) {
        boolean inMetric = requirement.row().layoutUnit().metric();
        return all.stream()
                .filter(gauge -> fits(requirement, gauge))
                .sorted(Comparator.comparing(
                                (Gauge gauge) -> gauge.graduationUnit().metric() != inMetric)
                        .thenComparing(gauge -> -gauge.dial().graduation().micrometres())
                        .thenComparing(Gauge::mark))
                .toList();
    }

    private static boolean fits(PartRequirement requirement, Gauge gauge) {
        boolean fine = requirement
                .row()
                .finest()
                .map(Length::micrometres)
                .map(finest -> gauge.dial().graduation().micrometres() <= finest + 1e-9)
                .orElse(true);
        return gauge.kind() == requirement.row().gaugeKind() && fine && reaches(requirement, gauge);
    }

    private static boolean reaches(PartRequirement requirement, Gauge gauge) {
        boolean wholeSizes = requirement.terms().characteristic().readsSizes()
                && requirement.terms().basis().setTo().isEmpty()
                && gauge.kind() != GaugeKind.INDICATOR;
        if (gauge.readsSizes() != wholeSizes) {
            return gauge.kind() == GaugeKind.PLUG;
        }
        return !wholeSizes
                || requirement
                        .feature()
                        .size()
                        .map(size -> {
                            double from =
                                    gauge.dial().from().map(Length::micrometres).orElse(0.0);
                            double to = from + gauge.dial().travel().micrometres();
                            return size.micrometres() >= from && size.micrometres() <= to;
                        })
                        .orElse(true);
    }

    /** The gauge named for it, else the first that can do it, else any: the Gauge step shows which it is. */
    static Gauge usual(PartRequirement requirement, List<Gauge> all) {
        Long named = requirement.row().gaugeId();
        return all.stream()
                .filter(gauge -> named != null && gauge.id() == named)
                .findFirst()
                .or(() -> fit(requirement, all).stream().findFirst())
                .orElseGet(() -> all.stream()
                        .findFirst()
                        .orElseThrow(() -> new IllegalStateException("there is no gauge to measure with")));
    }
}
