package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.List;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.StationsUnfit.Reason;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.result.Details;
import org.eskarn.core.result.Figure;
import org.eskarn.core.result.Note;

/**
 * Reductions of readings that come two and two.
 *
 * <p>Budget: the difference of the two readings of a pair ({@link GaugeParts#ofDifference}, factor 1); of several cycles the one
 * worst placed is judged, so no mean makes it smaller.
 *
 * <p>Degenerate cases: rest without a push is refused; a pair with one reading is refused while it is the only one, else left out.
 */
final class PairReductions {

    private PairReductions() {}

    /**
     * Play of each cycle = its range, or of each push how far it reads from rest; the worst is judged, the mean is told.
     */
    static Reduction play(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        double[] readings = sweep.micrometres();
        if (readings.length < 2) {
            throw new StationsUnfit(
                    Reason.TOO_FEW,
                    sweep.layout().kind() == LayoutKind.PUSHES
                            ? Note.of("core.a-push-is-read-against-rest")
                            : Note.of("core.a-pair-needs-both-its-readings"));
        }
        List<Figure> figures = new ArrayList<>();
        List<Figure> cycles = new ArrayList<>();
        boolean pushed = sweep.layout().kind() == LayoutKind.PUSHES;
        double[] each = new double[pushed ? readings.length - 1 : readings.length / 2];
        for (int i = 0; i < each.length; i++) {
            each[i] =
                    pushed ? Math.abs(readings[i + 1] - readings[0]) : Math.abs(readings[2 * i + 1] - readings[2 * i]);
            String name = pushed
                    ? sweep.readings().get(i + 1).station().name()
                    : String.valueOf(sweep.readings().get(2 * i).station().line());
            figures.add(Figure.deviation(Note.of("core.play", name), each[i]));
            cycles.add(Figure.deviation(Note.text(name), each[i]));
        }
        if (each.length > 1) {
            figures.add(Figure.deviation(
                    Note.of("core.largest"), java.util.Arrays.stream(each).max().orElseThrow()));
            figures.add(Figure.deviation(
                    Note.of("core.smallest"),
                    java.util.Arrays.stream(each).min().orElseThrow()));
            figures.add(Figure.deviation(
                    Note.of("core.mean"),
                    java.util.Arrays.stream(each).average().orElseThrow()));
        }
        return new Figures(
                SizeReductions.worst(each, requirement.bounds()),
                GaugeParts.ofDifference(requirement, dial, sweep, 1),
                Details.of(figures),
                cycles);
    }
}
