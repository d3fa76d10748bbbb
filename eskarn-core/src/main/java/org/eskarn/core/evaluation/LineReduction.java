package org.eskarn.core.evaluation;

import java.util.List;
import java.util.Optional;
import org.eskarn.core.flat.MinimumZoneLine;
import org.eskarn.core.result.Details;
import org.eskarn.core.uncertainty.UncertaintyBudget;

/**
 * Readings along lines: straightness, squareness, bores in line.
 *
 * @param lines in the order read
 * @param worst index of the one judged
 */
public record LineReduction(double judged, UncertaintyBudget budget, List<Fitted> lines, int worst, Details told)
        implements Reduction {

    public LineReduction {
        lines = List.copyOf(lines);
    }

    /**
     * A line with what was fitted to it.
     *
     * @param level of the line through it at 0, µm
     * @param slope of it, µm for each mm
     * @param zone where the exact zone is asked for
     */
    public record Fitted(LineReadings trace, double level, double slope, Optional<MinimumZoneLine> zone) {

        /** What lies off the fitted line, µm, in the order read. */
        public double[] left() {
            double[] left = trace.middle();
            for (int i = 0; i < left.length; i++) {
                left[i] -= level + slope * trace.at()[i];
            }
            return left;
        }
    }
}
