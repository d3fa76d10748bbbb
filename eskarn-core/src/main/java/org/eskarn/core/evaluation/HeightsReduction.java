package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.eskarn.core.flat.LeastSquaresPlane;
import org.eskarn.core.flat.MinimumZonePlane;
import org.eskarn.core.flat.Tilt;
import org.eskarn.core.flat.Wear;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Station;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.StationsUnfit.Reason;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.result.Details;
import org.eskarn.core.result.Figure;
import org.eskarn.core.result.Note;
import org.eskarn.core.round.FullIndicatorMovement;
import org.eskarn.core.uncertainty.UncertaintyBudget;

/**
 * Heights over a plane: parallelism to the plate, tilt and flatness at once, of which the requirement judges one.
 *
 * <pre>
 * flatness      = width of the minimum zone, or range about the least squares plane, µm
 * parallelism   = highest − lowest height, µm
 * </pre>
 *
 * <p>Where the requirement has its datum read, parallelism is the range of the other places above the direction of the datum's own
 * ({@link DatumPlane}), and what that direction is known to counts.
 *
 * <p>Budget: of a minimum zone its contacts as it weighs them ({@link GaugeParts#ofZone}); of a range the difference of two readings
 * ({@link GaugeParts#ofDifference}, factor 1), where that a fitted plane tilts with their errors too is left out.
 *
 * <p>Degenerate cases: heights on one line, or fewer than three, show no plane: flatness refuses them, parallelism judges the
 * raw range meanwhile. Three places are always flat, so that fewer than four are refused once all is read.
 *
 * <p>Source: ISO 12781-1 (reference planes); ISO 1101 (parallelism to a datum plane).
 *
 * @param x to the right in mm, in the order read
 * @param y upwards on the plan in mm, same order
 * @param heights µm, same order; of a needle that flickers the middle
 * @param zone exact; of bands judged by their extremes it holds both ends of each, and its contacts count them one after the
 *     other
 * @param plane by least squares
 */
public record HeightsReduction(
        double judged,
        UncertaintyBudget budget,
        double[] x,
        double[] y,
        double[] heights,
        MinimumZonePlane zone,
        LeastSquaresPlane plane,
        Details told)
        implements Reduction {

    private static final int FEWEST_FOR_FLATNESS = 4;

    /** Flatness by the minimum zone or the least squares plane, whichever the requirement names. */
    static Reduction flatness(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        return of(requirement, dial, sweep, true);
    }

    /** Parallelism to the plate = highest − lowest of the raw heights. */
    static Reduction parallelism(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        if (requirement.basis().datum().read() && sweep.stationsToGo() == 0) {
            return of(requirement, dial, sweep, false);
        }
        try {
            return of(requirement, dial, sweep, false);
        } catch (StationsUnfit e) {
            // So far the heights lie on a line; the raw range stands without a plane.
            double raw = range(bands(requirement, sweep));
            return new Figures(
                    raw,
                    GaugeParts.ofDifference(requirement, dial, sweep, 1),
                    List.of(Figure.deviation(Note.of("core.highest-less-lowest"), raw)));
        }
    }

    private static HeightsReduction of(Requirement requirement, Dial dial, Sweep sweep, boolean flatness)
            throws StationsUnfit {
        double perPlace = sweep.layout().unit().millimetres();
        double[] x = sweep.readings().stream()
                .mapToDouble(r -> r.station().along() == null ? 0 : r.station().distance() * perPlace)
                .toArray();
        double[] y = sweep.readings().stream()
                .mapToDouble(r -> r.station().across() == null ? 0 : r.station().height() * perPlace)
                .toArray();
        if (flatness && sweep.stationsToGo() == 0 && places(x, y) < FEWEST_FOR_FLATNESS) {
            throw new StationsUnfit(Reason.TOO_FEW, Note.of("core.three-stations-are-always-flat"));
        }
        if (!flatness && requirement.basis().datum().read()) {
            return toDatum(requirement, dial, sweep, x, y);
        }
        double[] middles = sweep.micrometres();
        double[] bands = bands(requirement, sweep);
        boolean both = bands.length > middles.length;
        MinimumZonePlane zone = MinimumZonePlane.fit(both ? twice(x) : x, both ? twice(y) : y, bands);
        LeastSquaresPlane plane = LeastSquaresPlane.fit(x, y, middles);
        double least = both ? about(plane, x, y, bands) : plane.deviation();
        double raw = range(bands);
        boolean byZone = requirement.statedAs() == StatedAs.MINIMUM_ZONE;
        return new HeightsReduction(
                flatness ? (byZone ? zone.width() : least) : raw,
                flatness && byZone
                        ? GaugeParts.ofZone(requirement, dial, sweep, zone.width(), zone.contacts())
                        : GaugeParts.ofDifference(requirement, dial, sweep, 1),
                x,
                y,
                middles,
                zone,
                plane,
                told(sweep, flatness, x, y, middles, zone, plane, least, raw));
    }

    /** Parallelism to a datum face read in the same set-up: the range of the other places above its direction. */
    private static HeightsReduction toDatum(Requirement requirement, Dial dial, Sweep sweep, double[] x, double[] y)
            throws StationsUnfit {
        int[] datum = which(sweep, true);
        int[] face = which(sweep, false);
        if (face.length == 0) {
            throw new StationsUnfit(Reason.TOO_FEW, Note.of("core.only-the-datum-is-read"));
        }
        double[] middles = sweep.micrometres();
        DatumPlane plane = DatumPlane.of(requirement.basis().datum(), of(x, datum), of(y, datum), of(middles, datum));
        boolean ends = requirement.flicker() == FlickerRule.EXTREMES;
        int highest = face[0];
        int lowest = face[0];
        double[] high = new double[x.length];
        double[] low = new double[x.length];
        for (int i : face) {
            double band = ends ? sweep.readings().get(i).halfBand() : 0;
            high[i] = plane.above(x[i], y[i], middles[i] + band);
            low[i] = plane.above(x[i], y[i], middles[i] - band);
            highest = high[i] > high[highest] ? i : highest;
            lowest = low[i] < low[lowest] ? i : lowest;
        }
        double[] above = new double[x.length];
        double middle = 0;
        for (int i : datum) {
            middle += plane.above(x[i], y[i], middles[i]) / datum.length;
        }
        for (int i = 0; i < above.length; i++) {
            above[i] = plane.above(x[i], y[i], middles[i]) - middle;
        }
        double judged = high[highest] - low[lowest];
        double adds = 0;
        for (int i : face) {
            for (int k : face) {
                adds = Math.max(adds, plane.adds(x[i] - x[k], y[i] - y[k]));
            }
        }
        Tilt tilt = new Tilt(plane.slopeX(), plane.slopeY());
        List<Figure> figures = List.of(
                Figure.deviation(Note.of("core.parallelism-to-the-datum"), judged),
                Figure.deviation(Note.of("core.raw-highest-less-lowest"), range(of(middles, face))),
                Figure.slope(Note.of("core.tilt-of-the-datum"), tilt.steepest()));
        List<Note> remarks = List.of(Note.of(
                "core.held-against-the-datum",
                requirement.basis().datum().title(),
                datum.length,
                sweep.readings().get(highest).station().name(),
                sweep.readings().get(lowest).station().name()));
        return new HeightsReduction(
                judged,
                GaugeParts.ofDifference(requirement, dial, sweep, Math.sqrt((2 + adds) / 2)),
                x,
                y,
                above,
                MinimumZonePlane.fit(x, y, above),
                LeastSquaresPlane.fit(x, y, above),
                new Details(figures, List.of(), remarks));
    }

    private static int[] which(Sweep sweep, boolean datum) {
        return IntStream.range(0, sweep.readings().size())
                .filter(i -> DatumPlane.holds(sweep.readings().get(i).station()) == datum)
                .toArray();
    }

    private static double[] of(double[] all, int[] which) {
        return IntStream.of(which).mapToDouble(i -> all[i]).toArray();
    }

    private static long places(double[] x, double[] y) {
        return IntStream.range(0, x.length)
                .mapToObj(i -> x[i] + " " + y[i])
                .distinct()
                .count();
    }

    /** The heights; where extremes count, the lower ends of all bands and then the upper ones. */
    private static double[] bands(Requirement requirement, Sweep sweep) {
        boolean extremes = requirement.flicker() == FlickerRule.EXTREMES
                && sweep.readings().stream().anyMatch(reading -> reading.halfBand() > 0);
        return extremes ? Lines.concat(sweep.lows(), sweep.highs()) : sweep.micrometres();
    }

    private static double[] twice(double[] places) {
        return Lines.concat(places, places);
    }

    private static double range(double[] heights) {
        return FullIndicatorMovement.of(heights).amount();
    }

    /** Range of the ends of all bands about the least squares plane of their middles. */
    private static double about(LeastSquaresPlane plane, double[] x, double[] y, double[] bands) {
        double[] left = bands.clone();
        for (int i = 0; i < left.length; i++) {
            left[i] -= plane.slopeX() * x[i % x.length] + plane.slopeY() * y[i % x.length];
        }
        return range(left);
    }

    private static Details told(
            Sweep sweep,
            boolean flatness,
            double[] x,
            double[] y,
            double[] heights,
            MinimumZonePlane zone,
            LeastSquaresPlane plane,
            double least,
            double raw) {
        Tilt tilt = new Tilt(plane.slopeX(), plane.slopeY());
        List<Figure> figures = new ArrayList<>(List.of(
                Figure.deviation(Note.of("core.parallelism-to-the-plate-highest-less-lowest"), raw),
                Figure.deviation(Note.of("core.flatness-minimum-zone"), zone.width()),
                Figure.deviation(Note.of("core.flatness-least-squares"), least),
                Figure.slope(Note.of("core.tilt"), tilt.steepest())));
        List<Note> remarks = new ArrayList<>();
        if (tells(tilt, x, y, zone)) {
            remarks.add(Note.of("core.downhill-is-on-the-plan", tilt.words(), Figure.slope(tilt.steepest())));
        }
        List<Station> stations = sweep.readings().stream().map(Reading::station).toList();
        if (flatness && stations.size() > 3 && zone.width() > 0) {
            remarks.add(Note.of(
                    "core.the-zone-is-held-above-by-and", held(zone, stations, true), held(zone, stations, false)));
        }
        if (flatness && sweep.stationsToGo() == 0) {
            Wear.of(x, y, heights).ifPresent(wear -> remarks.add(worn(wear, stations)));
        }
        return new Details(figures, List.of(), remarks);
    }

    private static Note worn(Wear wear, List<Station> stations) {
        double depth = wear.depths()[wear.deepest()];
        String place = stations.get(wear.deepest()).name();
        Figure apart = Figure.deviation(Math.abs(depth));
        return depth >= 0
                ? Note.of("core.against-its-border-it-is-deepest-at", place, apart)
                : Note.of("core.nothing-inside-lies-below-the-border-the", place, apart);
    }

    /** A tilt is told where it lifts one side of the face by more than a quarter of what the face is out of flat. */
    private static boolean tells(Tilt tilt, double[] x, double[] y, MinimumZonePlane zone) {
        double lift = Math.abs(tilt.slopeX()) * range(x) + Math.abs(tilt.slopeY()) * range(y);
        return lift > zone.width() / 4 && lift > 0;
    }

    /** The tilt, where it is worth telling. */
    public Optional<Tilt> tilt() {
        Tilt tilt = new Tilt(plane.slopeX(), plane.slopeY());
        return tells(tilt, x, y, zone) ? Optional.of(tilt) : Optional.empty();
    }

    private static String held(MinimumZonePlane zone, List<Station> stations, boolean above) {
        return zone.contacts().stream()
                .filter(contact -> contact.above() == above && contact.weight() > 0)
                .map(contact -> stations.get(contact.index() % stations.size()).name())
                .distinct()
                .collect(Collectors.joining(", "));
    }

    /** The heights with the tilt taken out, so that they stand about the middle of the zone, µm. */
    public double[] levelled() {
        double[] left = heights.clone();
        for (int i = 0; i < left.length; i++) {
            left[i] -= zone.at(x[i], y[i]);
        }
        return left;
    }
}
