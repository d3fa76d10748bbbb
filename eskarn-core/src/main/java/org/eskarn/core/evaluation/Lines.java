package org.eskarn.core.evaluation;

import java.util.Arrays;
import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.eskarn.core.flat.LeastSquaresLine;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.StationsUnfit.Reason;
import org.eskarn.core.result.Figure;
import org.eskarn.core.result.Note;

/** What reductions along lines share. */
final class Lines {

    private Lines() {}

    static List<LineReadings> someOf(List<LineReadings> traces) throws StationsUnfit {
        List<LineReadings> some = traces.stream()
                .filter(trace -> Arrays.stream(trace.at()).distinct().count() > 1)
                .toList();
        if (some.isEmpty()) {
            throw new StationsUnfit(Reason.TOO_FEW, Note.of("core.a-line-needs-readings-at-two-different"));
        }
        return some;
    }

    static double about(LineReadings trace, double slope) {
        double highest = Double.NEGATIVE_INFINITY;
        double lowest = Double.POSITIVE_INFINITY;
        for (int i = 0; i < trace.at().length; i++) {
            highest = Math.max(highest, trace.high()[i] - slope * trace.at()[i]);
            lowest = Math.min(lowest, trace.low()[i] - slope * trace.at()[i]);
        }
        return highest - lowest;
    }

    static double levelAtZero(LineReadings trace, LeastSquaresLine line) {
        return line.level() - line.slope() * Arrays.stream(trace.at()).average().orElse(0);
    }

    static double[] concat(double[] one, double[] other) {
        return DoubleStream.concat(DoubleStream.of(one), DoubleStream.of(other)).toArray();
    }

    static int largest(double[] values) {
        return IntStream.range(0, values.length)
                .reduce((one, other) -> values[other] > values[one] ? other : one)
                .orElse(0);
    }

    /** What was taken off as not the part's. */
    static void fixtures(List<LineReadings> traces, Reversal reversal, List<Note> remarks) {
        for (LineReadings trace : traces) {
            if (reversal.twice()) {
                double most = Arrays.stream(trace.fixture()).max().orElse(0)
                        - Arrays.stream(trace.fixture()).min().orElse(0);
                Figure share = Figure.deviation(most);
                Note taken = reversal == Reversal.ON_MASTER
                        ? Note.of("core.on-the-master-the-gauge-moved-by", share)
                        : Note.of("core.the-gauges-and-fixtures-own-share-is", share);
                remarks.add(trace.name().isEmpty() ? taken : Note.of("core.of-a-line", trace.name(), taken));
            }
        }
    }
}
