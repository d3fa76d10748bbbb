package org.eskarn.core.remedy;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.eskarn.core.flat.MinimumZonePlane;

/**
 * Bringing a face parallel to its plate by lifting it where it stands: packing under corners and sides, or screws. The plane
 * to be levelled is that of the minimum zone, so that what is left is as little as can be: the flatness.
 *
 * <pre>
 * lift at a support  = −(slopeX · x + slopeY · y) + c
 * packing            c so that the lowest lift is 0: packing only lifts
 * screws             c so that one screw stays as it is and the others turn least in all
 * reading to come    = reading + lift of the plane at its place, less that at the first station
 * </pre>
 *
 * <p>Source: plane geometry; the part is rigid and stands on its supports.
 *
 * <p>Degenerate cases: with four screws the lifts lie in one plane too; the fourth is only brought to touch.
 *
 * @param lifts at the supports in their order, µm, plus is up
 * @param fixed index of the support that stays as it is
 * @param predicted readings to come at the stations in their order, µm, the first as it was
 * @param parallelism highest − lowest of them, µm
 */
public record Packing(List<Double> lifts, int fixed, double[] predicted, double parallelism) {

    /**
     * A place where the part stands.
     *
     * @param x mm to the right
     * @param y mm upwards on the plan
     */
    public record Support(String name, double x, double y) {}

    public Packing {
        lifts = List.copyOf(lifts);
    }

    /**
     * @param screws whether supports can be lowered too
     * @throws IllegalArgumentException if there are fewer than two supports
     */
    public static Packing of(
            MinimumZonePlane plane, double[] x, double[] y, double[] heights, List<Support> supports, boolean screws) {
        if (supports.size() < 2) {
            throw new IllegalArgumentException(
                    "a face is brought parallel at two supports or more, not at " + supports.size());
        }
        double[] needed = supports.stream()
                .mapToDouble(support -> -plane.slopeX() * support.x() - plane.slopeY() * support.y())
                .toArray();
        int fixed = fixed(needed, screws);
        List<Double> lifts = new ArrayList<>();
        for (double each : needed) {
            lifts.add(each - needed[fixed]);
        }
        double[] predicted = new double[heights.length];
        for (int i = 0; i < heights.length; i++) {
            predicted[i] = heights[i] - plane.slopeX() * (x[i] - x[0]) - plane.slopeY() * (y[i] - y[0]);
        }
        double range = Arrays.stream(predicted).max().orElse(0)
                - Arrays.stream(predicted).min().orElse(0);
        return new Packing(lifts, fixed, predicted, range);
    }

    /** Packing leaves the lowest lift as it is; screws the one about which the others move least in all. */
    private static int fixed(double[] needed, boolean screws) {
        int fixed = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < needed.length; i++) {
            double own = needed[i];
            double cost = screws
                    ? Arrays.stream(needed).map(each -> Math.abs(each - own)).sum()
                    : own;
            if (cost < least) {
                least = cost;
                fixed = i;
            }
        }
        return fixed;
    }
}
