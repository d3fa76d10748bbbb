package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.flat.Shares;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Station;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Requirement;

/**
 * Readings along one line, with what belongs to the gauge or fixture taken off.
 *
 * @param name of the line; empty where there is one only
 * @param at places in mm
 * @param low µm, same order; the lower ends of bands where extremes count, else the readings themselves
 * @param high the upper ends, same order
 * @param fixture the share that is not the part's, µm, same order; empty where it was read once
 */
public record LineReadings(String name, double[] at, double[] low, double[] high, double[] fixture) {

    /** The readings, of bands their middles, µm. */
    public double[] middle() {
        double[] middle = low.clone();
        for (int i = 0; i < middle.length; i++) {
            middle[i] = (low[i] + high[i]) / 2;
        }
        return middle;
    }

    /** Highest − lowest, µm. */
    public double range() {
        return Arrays.stream(high).max().orElse(0) - Arrays.stream(low).min().orElse(0);
    }

    /** Between the places furthest apart, mm. */
    public double length() {
        return Arrays.stream(at).max().orElse(0) - Arrays.stream(at).min().orElse(0);
    }

    /** The lines of a sweep in the order first read; of one read in two set-ups as far as both are read. */
    static List<LineReadings> of(Requirement requirement, Sweep sweep) {
        Reversal reversal = requirement.basis().reversal();
        boolean extremes = requirement.flicker() == FlickerRule.EXTREMES;
        if (reversal == Reversal.ON_MASTER && !sameStations(sweep.layout())) {
            return afterMaster(sweep, extremes);
        }
        List<Reading> readings = sweep.readings().stream()
                .filter(reading -> !sweep.layout().closes(reading.station()))
                .toList();
        int places = (sweep.layout().size() - sweep.layout().closings().size()) / (reversal.twice() ? 2 : 1);
        Map<String, List<Integer>> lines = new LinkedHashMap<>();
        int whole = reversal.twice() ? Math.max(0, readings.size() - places) : readings.size();
        for (int i = 0; i < whole; i++) {
            String line = readings.get(i).station().line();
            lines.computeIfAbsent(line == null ? "" : line, unused -> new ArrayList<>())
                    .add(i);
        }
        double perPlace = sweep.layout().unit().millimetres();
        List<LineReadings> traces = new ArrayList<>();
        lines.forEach((name, which) ->
                traces.add(of(name, readings, which, reversal, reversal.twice() ? places : 0, extremes, perPlace)));
        return traces;
    }

    private static boolean sameStations(Layout layout) {
        return placesIn(layout, 0).equals(placesIn(layout, 1));
    }

    private static List<Double> placesIn(Layout layout, int setUp) {
        return layout.stations().stream()
                .filter(station -> station.setUp() == setUp && !layout.closes(station))
                .map(Station::distance)
                .toList();
    }

    /** One line that was read on a master before at stations of its own: between two of them the master runs straight. */
    private static List<LineReadings> afterMaster(Sweep sweep, boolean extremes) {
        List<Reading> read = sweep.readings().stream()
                .filter(reading -> !sweep.layout().closes(reading.station()))
                .toList();
        List<Reading> part =
                read.stream().filter(reading -> reading.station().setUp() == 1).toList();
        List<Reading> master = read.stream()
                .filter(reading -> reading.station().setUp() == 0)
                .sorted(Comparator.comparingDouble(reading -> reading.station().distance()))
                .toList();
        double perPlace = sweep.layout().unit().millimetres();
        int n = part.size();
        double[] at = new double[n];
        double[] low = new double[n];
        double[] high = new double[n];
        double[] fixture = new double[n];
        for (int i = 0; i < n; i++) {
            Reading reading = part.get(i);
            Reading under = between(master, reading.station().distance());
            double band = extremes ? reading.halfBand() + under.halfBand() : 0;
            at[i] = reading.station().distance() * perPlace;
            fixture[i] = under.micrometres();
            low[i] = reading.micrometres() - fixture[i] - band;
            high[i] = reading.micrometres() - fixture[i] + band;
        }
        return n == 0 ? List.of() : List.of(new LineReadings("", at, low, high, fixture));
    }

    /** What the master reads at a distance, on the straight line between the two stations beside it; of their bands the wider. */
    private static Reading between(List<Reading> master, double distance) {
        Reading before = master.get(0);
        for (Reading after : master) {
            double to = after.station().distance();
            if (to >= distance) {
                double from = before.station().distance();
                double share = to > from ? (distance - from) / (to - from) : 1;
                double straight = before.micrometres() + share * (after.micrometres() - before.micrometres());
                return new Reading(after.station(), straight, Math.max(before.halfBand(), after.halfBand()));
            }
            before = after;
        }
        return before;
    }

    private static LineReadings of(
            String name,
            List<Reading> readings,
            List<Integer> which,
            Reversal reversal,
            int second,
            boolean extremes,
            double perPlace) {
        int n = which.size();
        double[] at = new double[n];
        double[] low = new double[n];
        double[] high = new double[n];
        double[] fixture = new double[second > 0 ? n : 0];
        for (int k = 0; k < n; k++) {
            Reading first = readings.get(which.get(k));
            Reading again = readings.get(which.get(k) + second);
            Shares shares = Shares.of(reversal, first.micrometres(), again.micrometres());
            double band = extremes
                    ? second == 0
                            ? first.halfBand()
                            : (first.halfBand() + again.halfBand()) * (reversal == Reversal.ON_MASTER ? 1 : 0.5)
                    : 0;
            at[k] = first.station().distance() * perPlace;
            low[k] = shares.part() - band;
            high[k] = shares.part() + band;
            if (second > 0) {
                fixture[k] = shares.fixture();
            }
        }
        return new LineReadings(name, at, low, high, fixture);
    }
}
