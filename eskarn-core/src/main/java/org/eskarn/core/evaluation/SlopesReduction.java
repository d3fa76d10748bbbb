package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.flat.Shares;
import org.eskarn.core.gauge.Dial;
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

    private static final double HUNDRED = 100;

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
                            ? "The second set-up tells the part from the fixture: read on."
                            : "A pair needs both its readings.");
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
            int colon = name.indexOf(':');
            slopes.add(new Slope(
                    name,
                    colon > 0 ? name.substring(0, colon).strip() : "",
                    shares.part(),
                    factor * shares.part(),
                    shares.fixture()));
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
        return new SlopesReduction(
                judged,
                GaugeParts.ofDifference(requirement, dial, sweep, factor),
                slopes,
                worst,
                span / 1000,
                told(requirement, slopes, worst, span, resultants),
                resultant
                        ? resultants.entrySet().stream()
                                .map(piece -> Figure.deviation(piece.getKey(), piece.getValue()))
                                .toList()
                        : slopes.stream()
                                .map(slope -> Figure.deviation(slope.name(), slope.scaled()))
                                .toList());
    }

    /** √ of the sum of squares, piece by piece: with two planes at right angles the whole error of the axis. */
    private static Map<String, Double> resultants(List<Slope> slopes) {
        Map<String, Double> resultants = new LinkedHashMap<>();
        slopes.forEach(slope -> resultants.merge(slope.piece(), Math.abs(slope.scaled()), Math::hypot));
        return resultants;
    }

    private static Details told(
            Requirement requirement, List<Slope> slopes, int worst, double span, Map<String, Double> resultants) {
        Characteristic what = requirement.characteristic();
        Length per = requirement.limit().per();
        boolean scaled = per != null && span > 0;
        List<String> heads = new ArrayList<>(List.of("pair", "over the span"));
        if (scaled) {
            heads.add("over " + per);
        }
        boolean hundred = span > 0 && (per == null || per.micrometres() != HUNDRED * 1000);
        if (hundred) {
            heads.add("over 100 mm");
        }
        if (span > 0) {
            heads.add("angle");
        }
        boolean twice = requirement.basis().reversal().twice();
        if (twice) {
            heads.add("fixture’s share");
        }
        List<Row> rows = slopes.stream()
                .map(slope -> {
                    List<Figure> cells = new ArrayList<>(List.of(Figure.deviation("", slope.rise())));
                    if (scaled) {
                        cells.add(Figure.deviation("", slope.scaled()));
                    }
                    if (hundred) {
                        cells.add(Figure.deviation("", slope.rise() / span * HUNDRED * 1000));
                    }
                    if (span > 0) {
                        cells.add(Figure.angle("", Math.toDegrees(slope.rise() / span)));
                    }
                    if (twice) {
                        cells.add(Figure.deviation("", slope.fixture()));
                    }
                    return new Row(slope.name(), cells);
                })
                .toList();
        List<Note> remarks = new ArrayList<>(directions(what, slopes, worst));
        List<Figure> figures = new ArrayList<>();
        if (what == Characteristic.PARALLELISM_OF_AXIS) {
            resultants.forEach((piece, amount) -> figures.add(
                    Figure.deviation("resultant of the planes" + (piece.isEmpty() ? "" : ", " + piece), amount)));
        }
        if (what == Characteristic.PARALLELISM_OF_LINES && slopes.size() == 2) {
            // Read from the other side, what opens seems to close: which of both it is, only who read them knows.
            String both = slopes.get(0).name() + " against " + slopes.get(1).name();
            figures.add(Figure.deviation(
                    both + ", both read from one side",
                    slopes.get(0).scaled() - slopes.get(1).scaled()));
            figures.add(Figure.deviation(
                    both + ", read from opposite sides",
                    slopes.get(0).scaled() + slopes.get(1).scaled()));
        }
        // The two planes of an axis, or bend and twist, are not alike: their mean says nothing.
        if (what == Characteristic.PARALLELISM_OF_LINES && slopes.size() > 1) {
            figures.add(Figure.deviation(
                    "mean", slopes.stream().mapToDouble(Slope::scaled).average().orElse(0)));
        }
        if (what == Characteristic.PARALLELISM_OF_AXIS && per != null && span > 0 && per.micrometres() > span) {
            remarks.add(Note.of("Read over less than " + per + ": the error is carried on beyond where it was read."));
        }
        pieces(slopes, remarks);
        return new Details(figures, List.of(new FigureTable("Pair by pair", heads, rows)), remarks);
    }

    private static List<Note> directions(Characteristic what, List<Slope> slopes, int worst) {
        Slope slope = slopes.get(worst);
        Figure amount = Figure.deviation("", Math.abs(slope.rise()));
        String which = slopes.size() > 1 ? slope.name() + " decides: " : slope.name() + ": ";
        if (slope.rise() == 0) {
            return List.of();
        }
        return switch (what) {
            case PARALLELISM_OF_LINES ->
                List.of(Note.of(
                        which + "it " + (slope.rise() > 0 ? "opens" : "closes") + " towards the back by %s.", amount));
            case PARALLELISM_OF_AXIS ->
                List.of(Note.of(
                        which + "the far end stands " + (slope.rise() > 0 ? "nearer to" : "further from")
                                + " the gauge by %s.",
                        amount));
            default ->
                List.of(Note.of(
                        which + "the other side reads %s " + (slope.rise() > 0 ? "higher." : "lower."), amount));
        };
    }

    /** Pieces are compared plane by plane with the first. */
    private static void pieces(List<Slope> slopes, List<Note> remarks) {
        String first = slopes.get(0).piece();
        for (Slope slope : slopes) {
            if (!slope.piece().isEmpty() && !slope.piece().equals(first)) {
                String plane =
                        slope.name().substring(slope.name().indexOf(':') + 1).strip();
                slopes.stream()
                        .filter(other -> other.piece().equals(first)
                                && other.name()
                                        .substring(other.name().indexOf(':') + 1)
                                        .strip()
                                        .equals(plane))
                        .findFirst()
                        .ifPresent(other -> remarks.add(Note.of(
                                slope.piece() + " differs from " + first + ", " + plane + ", by %s.",
                                Figure.deviation("", slope.scaled() - other.scaled()))));
            }
        }
    }
}
