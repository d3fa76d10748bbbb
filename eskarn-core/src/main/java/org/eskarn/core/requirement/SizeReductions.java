package org.eskarn.core.requirement;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.StationsUnfit.Reason;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.size.SizeMap;
import org.eskarn.core.size.SizeMap.Section;
import org.eskarn.core.uncertainty.Contribution;
import org.eskarn.core.uncertainty.Contribution.Source;
import org.eskarn.core.uncertainty.UncertaintyBudget;
import org.eskarn.core.units.Length;
import org.eskarn.core.verdict.Bounds;

/** Reductions of sizes. Size = size of the master + reading, or the reading itself where no master is set. */
final class SizeReductions {

    private SizeReductions() {}

    /** Every local size must lie within the limits; the one worst placed is judged. */
    static Reduction sizes(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        double[] sizes = sizesOf(requirement, sweep);
        List<Figure> figures = new ArrayList<>();
        if (sweep.layout().kind() == LayoutKind.RINGS || sweep.layout().kind() == LayoutKind.LINE) {
            SizeMap map = mapOf(sweep, sizes);
            map.sections().forEach(s -> figures.add(Figure.size("mean at " + place(sweep, s), s.mean())));
            figures.add(Figure.deviation(
                    "difference of diameters, worst", map.leastRound().difference()));
            if (map.sections().size() > 1) {
                figures.add(Figure.deviation("taper", map.taper()));
            }
            if (map.sections().size() > 2) {
                figures.add(Figure.deviation(map.barrel() < 0 ? "waist" : "barrel", map.barrel()));
            }
        } else {
            figures.add(Figure.size("largest", Arrays.stream(sizes).max().orElseThrow()));
            figures.add(Figure.size("smallest", Arrays.stream(sizes).min().orElseThrow()));
        }
        return new Figures(worst(sizes, requirement.bounds()), GaugeParts.ofOne(requirement, dial, sweep), figures);
    }

    /** Out-of-round of the worst section, as difference of diameters or radial, half of it. */
    static Reduction outOfRound(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        double factor = requirement.statedAs() == StatedAs.RADIAL ? 0.5 : 1;
        SizeMap map = mapOf(sweep, sizesOf(requirement, sweep));
        List<Figure> figures = new ArrayList<>();
        for (Section section : map.sections()) {
            String where = sweep.layout().kind() == LayoutKind.RING ? "" : " at " + place(sweep, section);
            figures.add(Figure.deviation("difference of diameters" + where, section.difference()));
        }
        return new Figures(
                factor * map.leastRound().difference(),
                GaugeParts.ofDifference(requirement, dial, sweep, factor),
                figures);
    }

    /** Taper = mean at the last section − mean at the first, scaled to the length the limit is stated over. */
    static Reduction taper(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        SizeMap map = mapOf(sweep, sizesOf(requirement, sweep));
        if (map.sections().size() < 2) {
            throw new StationsUnfit(Reason.TOO_FEW, "A taper needs readings at two distances from the end or more.");
        }
        double measured = map.length() * sweep.layout().unit().micrometres().doubleValue();
        Length per = requirement.limit().per();
        double factor = per == null ? 1 : per.micrometres() / measured;
        List<Figure> figures = new ArrayList<>();
        figures.add(Figure.deviation(
                "taper over " + Written.number(map.length()) + " "
                        + sweep.layout().unit().symbol(),
                map.taper()));
        if (map.sections().size() > 2) {
            figures.add(Figure.deviation(map.barrel() < 0 ? "waist" : "barrel", map.barrel()));
        }
        return new Figures(map.taper() * factor, GaugeParts.ofDifference(requirement, dial, sweep, factor), figures);
    }

    /**
     * A hole between the largest pin that enters and the smallest that does not. The figure is the middle of that
     * bracket and its half width is in the uncertainty, so that a pass needs the whole bracket within the limits; of
     * several holes the one worst placed is judged. A bracket that lies across a limit names the pin to try next.
     */
    static Reduction pins(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        double[] pins = sizesOf(requirement, sweep);
        if (pins.length < 2) {
            throw new StationsUnfit(Reason.TOO_FEW, "A hole needs two pins: one that enters and one that does not.");
        }
        Bounds bounds = requirement.bounds();
        List<Figure> figures = new ArrayList<>();
        double judged = 0;
        double half = 0;
        double furthest = Double.NEGATIVE_INFINITY;
        for (int i = 0; i + 1 < pins.length; i += 2) {
            if (pins[i] >= pins[i + 1]) {
                throw new StationsUnfit(
                        Reason.CONTRADICTION,
                        "A pin that enters is not smaller than one that does not: look at "
                                + sweep.readings().get(i).station().name() + " again.");
            }
            double reach = Math.max(bounds.outside(pins[i]), bounds.outside(pins[i + 1]));
            if (reach > furthest) {
                furthest = reach;
                judged = (pins[i] + pins[i + 1]) / 2;
                half = (pins[i + 1] - pins[i]) / 2;
            }
            next(pins[i], pins[i + 1], bounds, figures);
        }
        UncertaintyBudget budget = GaugeParts.ofOne(requirement, dial, sweep)
                .with(new Contribution(Source.BRACKET, half / UncertaintyBudget.COVERAGE_FACTOR));
        return new Figures(judged, budget, figures);
    }

    private static void next(double enters, double not, Bounds bounds, List<Figure> figures) {
        for (Double bound : Arrays.asList(bounds.lower(), bounds.upper())) {
            if (bound != null && enters < bound && bound < not) {
                figures.add(Figure.size("pin to try next", bound));
            }
        }
    }

    /** Each pair is a hole and its shaft; clearance = hole − shaft, negative for interference. */
    static Reduction clearance(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        return PairReductions.of(requirement, dial, sweep, (first, second) -> first - second, 1, "clearance");
    }

    static double[] sizesOf(Requirement requirement, Sweep sweep) {
        double master = requirement.basis().setTo().map(Length::micrometres).orElse(0.0);
        return Arrays.stream(sweep.micrometres())
                .map(reading -> master + reading)
                .toArray();
    }

    private static SizeMap mapOf(Sweep sweep, double[] sizes) {
        double[] at = sweep.readings().stream()
                .mapToDouble(r -> r.station().along() == null ? 0 : r.station().distance())
                .toArray();
        return SizeMap.of(at, sizes);
    }

    private static String place(Sweep sweep, Section section) {
        return Written.number(section.at()) + " " + sweep.layout().unit().symbol();
    }

    /** The figure nearest to a bound or furthest beyond one; the mean where nothing is asked. */
    static double worst(double[] figures, Bounds bounds) {
        if (bounds.open()) {
            return Arrays.stream(figures).average().orElseThrow();
        }
        return Arrays.stream(figures)
                .boxed()
                .max(Comparator.comparingDouble(bounds::outside))
                .orElseThrow();
    }
}
