package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.flat.Shares;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.Reading;
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
