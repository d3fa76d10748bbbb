package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalInt;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.StationsUnfit.Reason;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.result.Details;
import org.eskarn.core.result.Figure;
import org.eskarn.core.result.FigureTable;
import org.eskarn.core.result.FigureTable.Row;
import org.eskarn.core.result.Note;
import org.eskarn.core.result.WrittenNumber;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.size.SizeMap;
import org.eskarn.core.size.SizeMap.Section;
import org.eskarn.core.uncertainty.UncertaintyBudget;
import org.eskarn.core.units.Length;

/**
 * The map of a shaft or bore: sizes over sections and directions. Judged is the local size worst placed, the worst
 * out-of-round, or the taper, as the characteristic says; all of them are told.
 *
 * <pre>
 * local size    = the size worst placed, µm                                                  one reading: factor 1
 * out-of-round  = largest − smallest diameter of a section, as such or halved                difference: factor 1 or ½
 * mean size     = the mean of all local sizes, where that is asked or nothing is limited   mean of n: factor 1, 1/√n of each reading
 * taper         = (mean at the last section − mean at the first) · length / distance of both  difference: length / distance
 *                 or what the straight line fitted to all sections rises over that length      the same
 * </pre>
 *
 * <p>Budget: {@link GaugeParts#ofOne} of a size, {@link GaugeParts#ofMean} of a mean, {@link GaugeParts#ofDifference} with the factor
 * above of the others; that a section's mean has less spread than one reading is not taken as a gain there.
 *
 * <p>Degenerate cases: taper needs two sections, out-of-round two directions in one; fewer are refused.
 *
 * <p>Source: ISO 14405-1 (two-point size); taper as workshops say it.
 *
 * @param sizes in µm, in the order read
 * @param worst index of the size worst placed; empty where sizes are not limited
 */
public record SizeReduction(
        double judged,
        UncertaintyBudget budget,
        SizeMap map,
        double[] sizes,
        OptionalInt worst,
        Details told,
        List<Figure> each)
        implements Reduction {

    private static final double UM_PER_MM = 1000;

    /** Every local size must lie within the limits, and the one worst placed is judged; or else the mean of all. */
    static SizeReduction local(Requirement requirement, Dial dial, Sweep sweep) {
        double[] sizes = SizeReductions.sizesOf(requirement, sweep);
        boolean mean = requirement.statedAs() == StatedAs.MEAN_SIZE;
        return of(
                requirement,
                sweep,
                sizes,
                mapOf(sweep, sizes),
                mean ? Arrays.stream(sizes).average().orElseThrow() : SizeReductions.worst(sizes, requirement.bounds()),
                mean || requirement.bounds().open()
                        ? GaugeParts.ofMean(requirement, dial, sweep, sizes.length)
                        : GaugeParts.ofOne(requirement, dial, sweep));
    }

    /** Out-of-round of the worst section, as difference of diameters or radial, half of it. */
    static SizeReduction outOfRound(Requirement requirement, Dial dial, Sweep sweep) {
        double factor = requirement.statedAs() == StatedAs.RADIAL ? 0.5 : 1;
        double[] sizes = SizeReductions.sizesOf(requirement, sweep);
        SizeMap map = mapOf(sweep, sizes);
        return of(
                requirement,
                sweep,
                sizes,
                map,
                factor * map.leastRound().difference(),
                GaugeParts.ofDifference(requirement, dial, sweep, factor));
    }

    /** Taper = mean at the last section − mean at the first, scaled to the length the limit is stated over. */
    static SizeReduction taper(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        double[] sizes = SizeReductions.sizesOf(requirement, sweep);
        SizeMap map = mapOf(sweep, sizes);
        if (map.sections().size() < 2) {
            throw new StationsUnfit(Reason.TOO_FEW, Note.of("core.a-taper-needs-readings-at-two-distances"));
        }
        Length per = requirement.limit().per();
        double factor = per == null ? 1 : per.micrometres() / length(sweep, map);
        return of(
                requirement,
                sweep,
                sizes,
                map,
                (requirement.statedAs() == StatedAs.BY_LINE ? map.taperByLine() : map.taper()) * factor,
                GaugeParts.ofDifference(requirement, dial, sweep, factor));
    }

    private static SizeReduction of(
            Requirement requirement,
            Sweep sweep,
            double[] sizes,
            SizeMap map,
            double judged,
            UncertaintyBudget budget) {
        boolean limited =
                requirement.characteristic().sized() && !requirement.bounds().open();
        OptionalInt worst =
                limited ? OptionalInt.of(SizeReductions.worstAt(sizes, requirement.bounds())) : OptionalInt.empty();
        return new SizeReduction(
                judged,
                budget,
                map,
                sizes,
                worst,
                told(
                        requirement,
                        sweep,
                        sizes,
                        map,
                        worst,
                        limited && requirement.statedAs() != StatedAs.MEAN_SIZE
                                ? better(requirement, sweep, sizes, budget)
                                : List.of()),
                limited && requirement.statedAs() != StatedAs.MEAN_SIZE
                        ? SizeReductions.named(sweep, sizes)
                        : List.of());
    }

    /** Of several slots or bores that were each read at several places, which is the better. */
    private static List<Note> better(Requirement requirement, Sweep sweep, double[] sizes, UncertaintyBudget budget) {
        List<String> names = sweep.readings().stream()
                .map(reading -> reading.station().name())
                .toList();
        return BetterOf.ofPieces(names, sizes, Figure.Kind.SIZE, requirement.bounds(), budget.expanded()).stream()
                .toList();
    }

    /** µm between the first and the last section. */
    private static double length(Sweep sweep, SizeMap map) {
        return map.length() * sweep.layout().unit().micrometres().doubleValue();
    }

    private static SizeMap mapOf(Sweep sweep, double[] sizes) {
        double[] at = sweep.readings().stream()
                .mapToDouble(r -> r.station().along() == null ? 0 : r.station().distance())
                .toArray();
        return SizeMap.of(at, sizes);
    }

    private static Details told(
            Requirement requirement, Sweep sweep, double[] sizes, SizeMap map, OptionalInt worst, List<Note> better) {
        List<Figure> figures = new ArrayList<>();
        worst.ifPresent(index -> figures.add(Figure.size(
                Note.of(
                        "core.worst-place",
                        sweep.readings().get(index).station().name()),
                sizes[index])));
        boolean round =
                sweep.layout().kind() == LayoutKind.RINGS || sweep.layout().kind() == LayoutKind.RING;
        if (map.sections().size() > 1) {
            figures.add(Figure.deviation(Note.of("core.taper-last-less-first"), map.taper()));
            figures.add(Figure.slope(Note.of("core.taper"), map.taper() * UM_PER_MM / length(sweep, map)));
        }
        if (map.sections().size() > 2) {
            figures.add(
                    Figure.deviation(map.barrel() < 0 ? Note.of("core.waist") : Note.of("core.barrel"), map.barrel()));
        }
        if (requirement.side() == SurfaceSide.INSIDE && map.sections().size() > 2) {
            figures.add(Figure.deviation(Note.of("core.bell-mouth-first-end"), map.bellMouthAtFirst()));
            figures.add(Figure.deviation(Note.of("core.bell-mouth-last-end"), map.bellMouthAtLast()));
        }
        List<FigureTable> tables = new ArrayList<>();
        List<Note> remarks = new ArrayList<>(better);
        if (round) {
            Section least = map.leastRound();
            Note where =
                    sweep.layout().kind() == LayoutKind.RING ? Note.text("") : Note.of("core.at", place(sweep, least));
            figures.add(Figure.deviation(Note.of("core.out-of-round-of-diameters", where), least.difference()));
            figures.add(Figure.deviation(Note.of("core.out-of-round-radial", where), least.difference() / 2));
            remarks.add(Note.of("core.two-points-cannot-see-lobes-of-an"));
        }
        if (sweep.layout().kind() == LayoutKind.RINGS || sweep.layout().kind() == LayoutKind.LINE) {
            tables.add(table(sweep, map));
        } else if (map.sections().size() == 1) {
            figures.add(Figure.size(Note.of("core.largest"), map.first().largest()));
            figures.add(Figure.size(Note.of("core.smallest"), map.first().smallest()));
        }
        return new Details(figures, tables, remarks);
    }

    private static FigureTable table(Sweep sweep, SizeMap map) {
        List<Row> rows = new ArrayList<>();
        for (Section section : map.sections()) {
            rows.add(Row.of(
                    place(sweep, section),
                    Figure.size(Note.text(""), section.mean()),
                    Figure.size(Note.text(""), section.smallest()),
                    Figure.size(Note.text(""), section.largest()),
                    Figure.deviation(section.difference())));
        }
        return new FigureTable(
                Note.of("core.section-by-section"),
                List.of(
                        Note.of("core.at-3"),
                        Note.of("core.mean"),
                        Note.of("core.smallest"),
                        Note.of("core.largest"),
                        Note.of("core.differ")),
                rows);
    }

    private static String place(Sweep sweep, Section section) {
        return WrittenNumber.number(section.at()) + " " + sweep.layout().unit().symbol();
    }
}
