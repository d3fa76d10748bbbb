package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.flat.Shares;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.PlaceName;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.StationsUnfit.Reason;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.result.Details;
import org.eskarn.core.result.Figure;
import org.eskarn.core.result.FigureTable;
import org.eskarn.core.result.FigureTable.Row;
import org.eskarn.core.result.Note;
import org.eskarn.core.uncertainty.UncertaintyBudget;
import org.eskarn.core.units.Length;

/**
 * Slopes from pairs of readings: an axis in its planes, two lines against each other, a link in its attitudes.
 *
 * <pre>
 * rise       = second − first reading, of two lines first − second (plus: they open towards the second end)
 * slope      = rise / span
 * judged     = rise · length ÷ span, where the limit is stated over a length and the span is known, else the rise
 * resultant  = √(x² + y²) over two planes at right angles
 * </pre>
 *
 * Read in two set-ups, the rises of both are shared out between part and fixture first ({@link Shares}).
 *
 * <p>Budget: the difference of two readings, times length ÷ span where the limit is stated over a length, times the reversal's
 * spread ({@link org.eskarn.core.flat.Reversal#spread}): a share is half the sum or difference of two rises, so √½. A resultant
 * keeps the budget of one plane: along its own direction it is one rise.
 *
 * <p>Degenerate cases: a pair with one reading, or a reversal whose second set-up is not read, is refused; an unknown span
 * leaves the rise as it is.
 *
 * <p>Source: geometry of two points; the reversal as textbooks of workshop metrology give it.
 *
 * @param slopes in the order read
 * @param worst index of the one judged; of a resultant the larger of its two
 * @param span between the two places, mm; 0 where it is not known
 */
public record SlopesReduction(
        double judged,
        UncertaintyBudget budget,
        List<Slope> slopes,
        int worst,
        double span,
        Details told,
        List<Figure> each)
        implements Reduction {

    private static final double UM_PER_MM = 1000;

    /** µm; a limit stated over what a slope is told over anyway, 100 mm or 4 in. */
    private static final List<Double> USUAL_UM = List.of(100_000.0, 101_600.0);

    /**
     * One pair.
     *
     * @param piece what stands before a colon in its name: one of several pieces compared; empty without
     * @param rise the part's share, µm over the span
     * @param scaled to the length of the limit, µm
     * @param fixture share of what it was measured with, µm over the span; 0 where read once
     */
    public record Slope(String name, String piece, double rise, double scaled, double fixture) {}

    public SlopesReduction {
        slopes = List.copyOf(slopes);
    }

    static Reduction of(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        Reversal reversal = requirement.basis().reversal();
        double[] readings = sweep.micrometres();
        int pairs = sweep.layout().size() / (reversal.twice() ? 4 : 2);
        int read = reversal.twice() ? Math.max(0, readings.length / 2 - pairs) : readings.length / 2;
        if (read == 0) {
            throw new StationsUnfit(
                    Reason.TOO_FEW,
                    reversal.twice() && readings.length > 1
                            ? Note.of("core.the-second-set-up-tells-the-part")
                            : Note.of("core.a-pair-needs-both-its-readings"));
        }
        double span = requirement.basis().span().map(Length::micrometres).orElse(0.0);
        Length per = requirement.limit().per();
        double factor = per == null || span == 0 ? 1 : per.micrometres() / span;
        int sign = requirement.characteristic() == Characteristic.PARALLELISM_OF_LINES ? -1 : 1;
        List<Slope> slopes = new ArrayList<>();
        for (int i = 0; i < read; i++) {
            double first = sign * (readings[2 * i + 1] - readings[2 * i]);
            int again = reversal.twice() ? i + pairs : i;
            double second = sign * (readings[2 * again + 1] - readings[2 * again]);
            Shares shares = Shares.of(reversal, first, second);
            String name = String.valueOf(sweep.layout().stations().get(2 * i).line());
            slopes.add(new Slope(
                    name, PlaceName.of(name).group(), shares.part(), factor * shares.part(), shares.fixture()));
        }
        return judged(requirement, dial, sweep, slopes, span, factor * reversal.spread());
    }

    private static Reduction judged(
            Requirement requirement, Dial dial, Sweep sweep, List<Slope> slopes, double span, double factor) {
        Map<String, Double> resultants = resultants(slopes);
        boolean resultant = requirement.statedAs() == StatedAs.RESULTANT;
        double[] scaled = slopes.stream().mapToDouble(Slope::scaled).toArray();
        boolean open = requirement.bounds().open();
        int worst = open || resultant
                ? IntStream.range(0, scaled.length)
                        .reduce((a, b) -> Math.abs(scaled[b]) > Math.abs(scaled[a]) ? b : a)
                        .orElse(0)
                : SizeReductions.worstAt(scaled, requirement.bounds());
        double judged = resultant
                ? resultants.values().stream().mapToDouble(each -> each).max().orElse(0)
                : scaled[worst];
        UncertaintyBudget budget = GaugeParts.ofDifference(requirement, dial, sweep, factor);
        return new SlopesReduction(
                judged,
                budget,
                slopes,
                worst,
                span / 1000,
                told(requirement, slopes, worst, span, resultants, budget.expanded()),
                resultant
                        ? resultants.entrySet().stream()
                                .map(piece -> Figure.deviation(Note.text(piece.getKey()), piece.getValue()))
                                .toList()
                        : slopes.stream()
                                .map(slope -> Figure.deviation(Note.text(slope.name()), slope.scaled()))
                                .toList());
    }

    /** √ of the sum of squares, piece by piece: with two planes at right angles the whole error of the axis. */
    private static Map<String, Double> resultants(List<Slope> slopes) {
        Map<String, Double> resultants = new LinkedHashMap<>();
        slopes.forEach(slope -> resultants.merge(slope.piece(), Math.abs(slope.scaled()), Math::hypot));
        return resultants;
    }

    private static Details told(
            Requirement requirement,
            List<Slope> slopes,
            int worst,
            double span,
            Map<String, Double> resultants,
            double expanded) {
        Characteristic what = requirement.characteristic();
        Length per = requirement.limit().per();
        boolean scaled = per != null && span > 0;
        List<Note> heads = new ArrayList<>(List.of(Note.of("core.pair"), Note.of("core.over-the-span")));
        if (scaled) {
            heads.add(Note.of("core.over", java.util.Objects.requireNonNull(per)));
        }
        boolean hundred = span > 0 && (per == null || !USUAL_UM.contains(per.micrometres()));
        if (hundred) {
            heads.add(Note.of("core.slope"));
        }
        if (span > 0) {
            heads.add(Note.of("core.angle"));
        }
        boolean twice = requirement.basis().reversal().twice();
        if (twice) {
            heads.add(Note.of("core.fixtures-share"));
        }
        List<Row> rows = slopes.stream()
                .map(slope -> {
                    List<Figure> cells = new ArrayList<>(List.of(Figure.deviation(slope.rise())));
                    if (scaled) {
                        cells.add(Figure.deviation(slope.scaled()));
                    }
                    if (hundred) {
                        cells.add(Figure.slope(slope.rise() / span * UM_PER_MM));
                    }
                    if (span > 0) {
                        cells.add(Figure.angle(Note.text(""), Math.toDegrees(slope.rise() / span)));
                    }
                    if (twice) {
                        cells.add(Figure.deviation(slope.fixture()));
                    }
                    return new Row(Note.text(slope.name()), cells);
                })
                .toList();
        List<Note> remarks = new ArrayList<>(directions(what, slopes, worst));
        List<Figure> figures = new ArrayList<>();
        if (what == Characteristic.PARALLELISM_OF_AXIS) {
            resultants.forEach((piece, amount) -> figures.add(Figure.deviation(
                    Note.of("core.resultant-of-the-planes", piece.isEmpty() ? "" : ", " + piece), amount)));
        }
        if (what == Characteristic.PARALLELISM_OF_LINES && slopes.size() == 2) {
            // Read from the other side, what opens seems to close: which of both it is, only who read them knows.
            Note both =
                    Note.of("core.against", slopes.get(0).name(), slopes.get(1).name());
            figures.add(Figure.deviation(
                    Note.of("core.both-read-from-one-side", both),
                    slopes.get(0).scaled() - slopes.get(1).scaled()));
            figures.add(Figure.deviation(
                    Note.of("core.read-from-opposite-sides", both),
                    slopes.get(0).scaled() + slopes.get(1).scaled()));
        }
        // The two planes of an axis, or bend and twist, are not alike: their mean says nothing.
        if (what == Characteristic.PARALLELISM_OF_LINES && slopes.size() > 1) {
            figures.add(Figure.deviation(
                    Note.of("core.mean"),
                    slopes.stream().mapToDouble(Slope::scaled).average().orElse(0)));
        }
        if (what == Characteristic.PARALLELISM_OF_AXIS && per != null && span > 0 && per.micrometres() > span) {
            remarks.add(Note.of("core.read-over-less-than-the-error-is", per));
        }
        pieces(slopes, remarks);
        if (what == Characteristic.PARALLELISM_OF_LINES) {
            List<Figure> each = slopes.stream()
                    .map(slope -> Figure.deviation(Note.text(slope.name()), slope.scaled()))
                    .toList();
            BetterOf.named(each, requirement.bounds(), expanded).ifPresent(remarks::add);
        }
        return new Details(figures, List.of(new FigureTable(Note.of("core.pair-by-pair"), heads, rows)), remarks);
    }

    private static List<Note> directions(Characteristic what, List<Slope> slopes, int worst) {
        Slope slope = slopes.get(worst);
        Figure amount = Figure.deviation(Math.abs(slope.rise()));
        Note which =
                slopes.size() > 1 ? Note.of("core.decides", slope.name()) : Note.of("core.line-named", slope.name());
        if (slope.rise() == 0) {
            return List.of();
        }
        return switch (what) {
            case PARALLELISM_OF_LINES ->
                List.of(Note.of(
                        "core.it-towards-the-back-by",
                        which,
                        (slope.rise() > 0 ? Note.of("core.opens") : Note.of("core.closes")),
                        amount));
            case PARALLELISM_OF_AXIS ->
                List.of(Note.of(
                        "core.the-far-end-stands-the-gauge-by",
                        which,
                        (slope.rise() > 0 ? Note.of("core.nearer-to") : Note.of("core.further-from")),
                        amount));
            default ->
                List.of(Note.of(
                        "core.the-other-side-reads",
                        which,
                        (slope.rise() > 0 ? Note.of("core.higher") : Note.of("core.lower")),
                        amount));
        };
    }

    /** Pieces are compared plane by plane with the first. */
    private static void pieces(List<Slope> slopes, List<Note> remarks) {
        String first = slopes.get(0).piece();
        for (Slope slope : slopes) {
            if (!slope.piece().isEmpty() && !slope.piece().equals(first)) {
                String plane = PlaceName.of(slope.name()).own();
                slopes.stream()
                        .filter(other -> other.piece().equals(first)
                                && PlaceName.of(other.name()).own().equals(plane))
                        .findFirst()
                        .ifPresent(other -> remarks.add(Note.of(
                                "core.differs-from-by",
                                slope.piece(),
                                first,
                                plane,
                                Figure.deviation(slope.scaled() - other.scaled()))));
            }
        }
    }
}
