package org.eskarn.core.flat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.StationsUnfit.Reason;
import org.eskarn.core.result.Note;

/**
 * A long line put together from short ones that overlap: a straightedge or bridge moved along a bed, each placement with a
 * zero of its own, and a tilt of its own where it shares two places or more with those before.
 *
 * <p>Each placement is laid on what is known so far so that the shared places agree best: by their mean difference where one
 * place is shared, by the least squares line through the differences where several are. A shared place then takes the mean of
 * all its placements.
 *
 * <p>Source: any textbook of machine tool alignment (joining of overlapping straightedge traces).
 *
 * <p>Degenerate cases: one placement alone is returned as it was read; a placement that shares no place is refused.
 *
 * @param at places in order of distance
 * @param heights µm, in the same order
 * @param disagreement largest difference between a placement and what was known at a shared place, after it was laid on, µm
 * @param tilted whether placements were turned as well as lifted; else their readings are taken as level
 */
public record JoinedSteps(double[] at, double[] heights, double disagreement, boolean tilted) {

    /**
     * @param places of each placement, in any one unit
     * @param readings of each placement in µm, same shape
     * @throws StationsUnfit if a placement shares no place with those before it
     */
    public static JoinedSteps of(List<double[]> places, List<double[]> readings) throws StationsUnfit {
        Map<Double, double[]> known = new TreeMap<>();
        double disagreement = 0;
        boolean tilted = false;
        for (int p = 0; p < places.size(); p++) {
            double[] x = places.get(p);
            double[] laid = readings.get(p).clone();
            List<Double> sharedAt = new ArrayList<>();
            List<Double> differences = new ArrayList<>();
            for (int i = 0; i < x.length; i++) {
                double[] height = known.get(x[i]);
                if (height != null) {
                    sharedAt.add(x[i]);
                    differences.add(height[0] / height[1] - laid[i]);
                }
            }
            if (p > 0 && sharedAt.isEmpty()) {
                throw new StationsUnfit(
                        Reason.TOO_FEW, Note.of("core.placement-shares-no-place-with-those-before", p + 1));
            }
            if (p > 0) {
                double[] line = through(sharedAt, differences);
                tilted |= sharedAt.stream().distinct().count() > 1;
                for (int i = 0; i < x.length; i++) {
                    laid[i] += line[0] + line[1] * x[i];
                }
                for (int i = 0; i < x.length; i++) {
                    double[] height = known.get(x[i]);
                    if (height != null) {
                        disagreement = Math.max(disagreement, Math.abs(height[0] / height[1] - laid[i]));
                    }
                }
            }
            for (int i = 0; i < x.length; i++) {
                double[] sum = known.computeIfAbsent(x[i], unused -> new double[2]);
                sum[0] += laid[i];
                sum[1]++;
            }
        }
        return new JoinedSteps(
                known.keySet().stream().mapToDouble(place -> place).toArray(),
                known.values().stream().mapToDouble(sum -> sum[0] / sum[1]).toArray(),
                disagreement,
                tilted);
    }

    /** Level and slope of the line through the differences; of one place their mean, without a slope. */
    private static double[] through(List<Double> at, List<Double> differences) {
        double[] x = at.stream().mapToDouble(place -> place).toArray();
        double[] y = differences.stream().mapToDouble(each -> each).toArray();
        try {
            LeastSquaresLine line = LeastSquaresLine.fit(x, y);
            double middle = at.stream().mapToDouble(place -> place).average().orElseThrow();
            return new double[] {line.level() - line.slope() * middle, line.slope()};
        } catch (StationsUnfit oneplace) {
            return new double[] {
                differences.stream().mapToDouble(each -> each).average().orElseThrow(), 0
            };
        }
    }

    /**
     * The same of a level moved foot to foot: each reading is the rise from one foot to the other.
     *
     * @param ends where the far foot stands each time, rising; the near foot begins at 0
     * @param rises µm from foot to foot
     * @throws StationsUnfit if the ends do not rise from above 0
     */
    public static JoinedSteps ofRises(double[] ends, double[] rises) throws StationsUnfit {
        double[] at = new double[ends.length + 1];
        double[] heights = new double[ends.length + 1];
        for (int i = 0; i < ends.length; i++) {
            if (!(ends[i] > at[i])) {
                throw new StationsUnfit(Reason.TOO_FEW, Note.of("core.each-station-is-where-the-far-foot"));
            }
            at[i + 1] = ends[i];
            heights[i + 1] = heights[i] + rises[i];
        }
        return new JoinedSteps(at, heights, 0, false);
    }
}
