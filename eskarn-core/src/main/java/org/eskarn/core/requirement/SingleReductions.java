package org.eskarn.core.requirement;

import java.util.Arrays;
import java.util.List;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.uncertainty.UncertaintyBudget;

/** Reductions of readings that stand each for itself. */
final class SingleReductions {

    private SingleReductions() {}

    /** The reading worst placed is judged; where nothing is asked, the mean is recorded. */
    static Reduction each(Requirement requirement, Dial dial, Sweep sweep) {
        double[] readings = SizeReductions.sizesOf(requirement, sweep);
        boolean sizes = requirement.characteristic().sized();
        return new Figures(
                SizeReductions.worst(readings, requirement.bounds()),
                GaugeParts.ofOne(requirement, dial, sweep),
                List.of(
                        new Figure("highest", Arrays.stream(readings).max().orElseThrow(), sizes),
                        new Figure("lowest", Arrays.stream(readings).min().orElseThrow(), sizes),
                        new Figure("mean", Arrays.stream(readings).average().orElseThrow(), sizes)));
    }

    /** How many questions were answered no. */
    static Reduction answers(Requirement requirement, Dial dial, Sweep sweep) {
        double no =
                Arrays.stream(sweep.micrometres()).filter(answer -> answer == 0).count();
        return new Figures(no, new UncertaintyBudget(List.of()), List.of());
    }
}
