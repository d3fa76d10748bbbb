package org.eskarn.core.requirement;

import java.util.Arrays;
import java.util.Comparator;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.units.Length;
import org.eskarn.core.verdict.Bounds;

/** What all reductions of sizes share. Size = size of the master + reading, or the reading itself without a master. */
final class SizeReductions {

    private SizeReductions() {}

    /** Each pair is a hole and its shaft; clearance = hole − shaft, negative for interference. */
    static Reduction clearance(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        return PairReductions.of(requirement, dial, sweep, (first, second) -> first - second, 1, "clearance");
    }

    static double[] sizesOf(Requirement requirement, Sweep sweep) {
        double master = requirement.basis().setTo().map(Length::micrometres).orElse(0.0);
        return Arrays.stream(sweep.micrometres())
                .map(reading -> master + reading)
                .toArray();
    }

    /** The figure nearest to a bound or furthest beyond one; the mean where nothing is asked. */
    static double worst(double[] figures, Bounds bounds) {
        if (bounds.open()) {
            return Arrays.stream(figures).average().orElseThrow();
        }
        return Arrays.stream(figures)
                .boxed()
                .max(Comparator.comparingDouble(bounds::outside))
                .orElseThrow();
    }
}
