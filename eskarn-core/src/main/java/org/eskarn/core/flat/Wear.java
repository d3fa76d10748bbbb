package org.eskarn.core.flat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.core.reading.StationsUnfit;

/**
 * Wear against an unworn border: the least squares plane through the border is what the face once was; what lies below it has
 * gone. The border is the places on the edge of their convex hull.
 *
 * @param border indices of the border, in the order read
 * @param depths µm below the plane of the border, in the order read; negative above it
 * @param deepest index of the deepest place inside the border
 */
public record Wear(List<Integer> border, double[] depths, int deepest) {

    /** A place this near to an edge of the hull, as a share of the hull's reach, lies on it. */
    private static final double ON_EDGE = 1e-6;

    /**
     * @param x places in any one unit
     * @param y places in the same unit, same length and order
     * @param micrometres heights in µm, same length and order
     * @return empty where no place lies inside the border, or the border fixes no plane
     */
    public static Optional<Wear> of(double[] x, double[] y, double[] micrometres) {
        List<Integer> hull = ConvexHull.of(x, y);
        if (hull.size() < 3) {
            return Optional.empty();
        }
        List<Integer> border = new ArrayList<>();
        List<Integer> inside = new ArrayList<>();
        for (int i = 0; i < x.length; i++) {
            (onEdge(hull, x, y, i) ? border : inside).add(i);
        }
        try {
            LeastSquaresPlane plane = LeastSquaresPlane.fit(of(x, border), of(y, border), of(micrometres, border));
            double middleX = mean(of(x, border));
            double middleY = mean(of(y, border));
            double[] depths = new double[x.length];
            for (int i = 0; i < x.length; i++) {
                depths[i] = plane.level()
                        + plane.slopeX() * (x[i] - middleX)
                        + plane.slopeY() * (y[i] - middleY)
                        - micrometres[i];
            }
            return inside.stream()
                    .reduce((one, other) -> depths[other] > depths[one] ? other : one)
                    .map(deepest -> new Wear(border, depths, deepest));
        } catch (StationsUnfit e) {
            return Optional.empty();
        }
    }

    private static boolean onEdge(List<Integer> hull, double[] x, double[] y, int i) {
        for (int k = 0; k < hull.size(); k++) {
            int a = hull.get(k);
            int b = hull.get((k + 1) % hull.size());
            double dx = x[b] - x[a];
            double dy = y[b] - y[a];
            double aside = Math.abs(dx * (y[i] - y[a]) - dy * (x[i] - x[a])) / Math.hypot(dx, dy);
            if (aside <= ON_EDGE * Math.hypot(dx, dy)) {
                return true;
            }
        }
        return false;
    }

    private static double[] of(double[] values, List<Integer> which) {
        return which.stream().mapToDouble(i -> values[i]).toArray();
    }

    private static double mean(double[] values) {
        return java.util.Arrays.stream(values).average().orElse(0);
    }
}
