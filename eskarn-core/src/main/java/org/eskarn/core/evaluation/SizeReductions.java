package org.eskarn.core.evaluation;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.result.Figure;
import org.eskarn.core.result.Note;
import org.eskarn.core.units.Length;
import org.eskarn.core.verdict.Bounds;

/** What all reductions of sizes share. Size = size of the master + reading, or the reading itself without a master. */
final class SizeReductions {

    private SizeReductions() {}

    static double[] sizesOf(Requirement requirement, Sweep sweep) {
        double master = requirement.basis().setTo().map(Length::micrometres).orElse(0.0);
        return Arrays.stream(sweep.micrometres())
                .map(reading -> master + reading)
                .toArray();
    }

    /** Sizes by the names of their places. */
    static List<Figure> named(Sweep sweep, double[] sizes) {
        return IntStream.range(0, sizes.length)
                .mapToObj(i ->
                        Figure.size(Note.text(sweep.readings().get(i).station().name()), sizes[i]))
                .toList();
    }

    /** The figure nearest to a bound or furthest beyond one; the mean where nothing is asked. */
    static double worst(double[] figures, Bounds bounds) {
        return bounds.open() ? Arrays.stream(figures).average().orElseThrow() : figures[worstAt(figures, bounds)];
    }

    /** Index of the figure nearest to a bound or furthest beyond one, the first of equal ones; 0 where nothing is asked. */
    static int worstAt(double[] figures, Bounds bounds) {
        int worst = 0;
        for (int i = 1; i < figures.length && !bounds.open(); i++) {
            if (bounds.outside(figures[i]) > bounds.outside(figures[worst])) {
                worst = i;
            }
        }
        return worst;
    }
}
