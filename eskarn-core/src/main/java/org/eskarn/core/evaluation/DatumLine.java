package org.eskarn.core.evaluation;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.eskarn.core.evaluation.LineReduction.Fitted;
import org.eskarn.core.flat.LeastSquaresLine;
import org.eskarn.core.flat.MinimumZoneLine;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.StationsUnfit.Reason;
import org.eskarn.core.requirement.DatumRead;
import org.eskarn.core.result.Note;

/**
 * The line of a datum read in the same set-up as an upright. Its distances count towards the side from which the upright is touched, and
 * plus is high on it and outwards on the upright: where the datum rises by s towards that side, the upright square to it goes back by s
 * for each mm of height, so that reading + s · height is the deviation from square.
 *
 * @param slope s, µm for each mm
 * @param squares Σ q² of its places about their middle, mm²; {@link DatumPlane} says what for
 */
record DatumLine(LineReadings trace, double slope, double squares) {

    /** @throws StationsUnfit if there is no line of that name, or none beside it */
    static DatumLine of(DatumRead how, List<LineReadings> traces) throws StationsUnfit {
        LineReadings datum = traces.stream()
                .filter(trace -> DatumPlane.lineOf(trace.name()))
                .findFirst()
                .orElseThrow(() -> new StationsUnfit(Reason.TOO_FEW, Note.of("core.name-one-line-datum")));
        if (traces.size() < 2) {
            throw new StationsUnfit(Reason.TOO_FEW, Note.of("core.only-the-datum-is-read"));
        }
        double slope = how == DatumRead.LEAST_SQUARES
                ? LeastSquaresLine.fit(datum.at(), datum.middle()).slope()
                : MinimumZoneLine.fit(datum.at(), datum.middle()).slope();
        double middle = Arrays.stream(datum.at()).average().orElseThrow();
        double squares = Arrays.stream(datum.at())
                .map(at -> (at - middle) * (at - middle))
                .sum();
        return new DatumLine(datum, slope, squares);
    }

    /** The other lines as they stand to it. */
    List<LineReadings> against(List<LineReadings> traces) {
        return traces.stream()
                .filter(trace -> !DatumPlane.lineOf(trace.name()))
                .map(trace -> new LineReadings(
                        trace.name(),
                        trace.at(),
                        squared(trace.at(), trace.low()),
                        squared(trace.at(), trace.high()),
                        trace.fixture()))
                .toList();
    }

    private double[] squared(double[] at, double[] read) {
        double[] deviations = read.clone();
        for (int i = 0; i < at.length; i++) {
            deviations[i] += slope * at[i];
        }
        return deviations;
    }

    /** What its own readings add to the variance of a difference over a height, in variances of one reading. */
    double adds(double height) {
        return squares > 0 ? height * height / squares : 0;
    }

    /** As it is drawn. */
    Fitted fitted() {
        double middle = Arrays.stream(trace.at()).average().orElseThrow();
        double level = Arrays.stream(trace.middle()).average().orElseThrow() - slope * middle;
        return new Fitted(trace, level, slope, Optional.empty());
    }
}
