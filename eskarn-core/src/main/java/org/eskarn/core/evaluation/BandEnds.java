package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.verdict.Bounds;
import org.jspecify.annotations.Nullable;

/**
 * The figure of a needle that flickered, where the ends of its band count: of all figures that come of reading each band at
 * its lower or its upper end, the one worst placed against the bounds; without bounds the one of the largest amount. The band
 * is in the figure then, so it is not in the uncertainty too.
 *
 * <p>Figures are convex in the readings (ranges, zones, single values, sums, all of them largest of such), so the worst lies
 * at the ends and nowhere between. Up to {@value #ALL} bands every choice is tried. Of more, each of the bands that move the
 * figure most starts a search of its own, at either end and with all others at the other; one band after the other is then
 * turned over as long as that makes the figure worse.
 *
 * <p>The zero moves with the reading it was set at: a place that was read once more is taken as far from it as it was read.
 */
final class BandEnds {

    /** Bands of which every choice of ends is tried. */
    private static final int ALL = 8;

    /** Most bands that start a search, where there are more; of very many fewer, as each search then costs more. */
    private static final int STARTS = 12;

    private static final int FEWEST_STARTS = 3;

    /** Starts × bands, about. */
    private static final int PATIENCE = 300;

    private static final double WORSE = 1e-9;

    /** What comes of still readings. */
    @FunctionalInterface
    interface Figure {
        Reduction of(Sweep still) throws StationsUnfit;
    }

    private final Sweep sweep;
    private final Bounds bounds;
    private final Figure figure;
    private final int[] bands;
    private @Nullable Reduction worst;
    private Placed furthest = new Placed(Double.NEGATIVE_INFINITY, 0);

    /**
     * How bad a choice of ends is: how far out its figure lies, and of equal ones how many places are out.
     */
    private record Placed(double outside, int places) {

        boolean worseThan(Placed other) {
            boolean alike = Math.abs(outside - other.outside) <= WORSE;
            return alike ? places > other.places : outside > other.outside;
        }
    }

    private BandEnds(Sweep sweep, Bounds bounds, Figure figure) {
        this.sweep = sweep;
        this.bounds = bounds;
        this.figure = figure;
        this.bands = IntStream.range(0, sweep.readings().size())
                .filter(i -> sweep.readings().get(i).halfBand() > 0
                        && !sweep.layout().closes(sweep.readings().get(i).station()))
                .toArray();
    }

    /** @throws StationsUnfit if the stations do not show the figure */
    static Reduction worst(Sweep sweep, Bounds bounds, Figure figure) throws StationsUnfit {
        return new BandEnds(sweep, bounds, figure).search();
    }

    private Reduction search() throws StationsUnfit {
        if (bands.length <= ALL) {
            for (int choice = 0; choice < 1 << bands.length; choice++) {
                boolean[] upper = new boolean[bands.length];
                for (int k = 0; k < upper.length; k++) {
                    upper[k] = (choice >> k & 1) == 1;
                }
                placed(upper);
            }
        } else {
            for (int start : strongest()) {
                for (boolean end : new boolean[] {true, false}) {
                    boolean[] upper = new boolean[bands.length];
                    java.util.Arrays.fill(upper, !end);
                    upper[start] = end;
                    climb(upper);
                }
            }
        }
        return java.util.Objects.requireNonNull(worst);
    }

    /** The bands that move the figure most, each by itself. */
    private List<Integer> strongest() throws StationsUnfit {
        double[] effect = new double[bands.length];
        for (int k = 0; k < bands.length; k++) {
            boolean[] upper = new boolean[bands.length];
            double low = placed(upper).outside();
            upper[k] = true;
            double high = placed(upper).outside();
            effect[k] = Math.abs(high - low);
        }
        List<Integer> order =
                new ArrayList<>(IntStream.range(0, bands.length).boxed().toList());
        order.sort(Comparator.comparingDouble(k -> -effect[k]));
        int starts = Math.max(FEWEST_STARTS, Math.min(STARTS, PATIENCE / order.size()));
        return order.subList(0, Math.min(starts, order.size()));
    }

    private void climb(boolean[] upper) throws StationsUnfit {
        Placed reached = placed(upper);
        boolean higher = true;
        while (higher) {
            higher = false;
            for (int k = 0; k < upper.length; k++) {
                upper[k] = !upper[k];
                Placed turned = placed(upper);
                if (turned.worseThan(reached)) {
                    reached = turned;
                    higher = true;
                } else {
                    upper[k] = !upper[k];
                }
            }
        }
    }

    /** How far out the figure lies with these ends; the worst of all is kept. */
    private Placed placed(boolean[] upper) throws StationsUnfit {
        Reduction reduction = figure.of(still(upper));
        double judged = reduction.judged();
        OutOfLimits out = OutOfLimits.of(bounds, reduction.each());
        Placed placed = new Placed(
                bounds.open() ? Math.abs(judged) : bounds.outside(judged),
                out.over().size() + out.under().size());
        if (worst == null || placed.worseThan(furthest)) {
            furthest = placed;
            worst = reduction;
        }
        return placed;
    }

    private Sweep still(boolean[] upper) {
        double[] shift = new double[sweep.readings().size()];
        for (int k = 0; k < bands.length; k++) {
            double half = sweep.readings().get(bands[k]).halfBand();
            shift[bands[k]] = upper[k] ? half : -half;
        }
        List<Reading> readings = new ArrayList<>();
        for (Reading reading : sweep.readings()) {
            int at = readings.size();
            boolean closes = sweep.layout().closes(reading.station());
            int moved = closes ? sweep.layout().zeroOf(reading.station()).number() - 1 : at;
            readings.add(Reading.still(reading.station(), reading.micrometres() + shift[moved]));
        }
        Double atReturn = sweep.atReturn();
        Double returned = atReturn == null
                ? null
                : (Double) (atReturn + shift[sweep.layout().returnStation().number() - 1]);
        return new Sweep(sweep.layout(), readings, returned);
    }
}
