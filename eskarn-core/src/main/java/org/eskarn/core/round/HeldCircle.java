package org.eskarn.core.round;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * The smallest circle about points, and the largest between them, exactly.
 *
 * <p>Circumscribed: the smallest of the circles on two points and through three that holds all. Inscribed: the largest through
 * three points that surround its centre and with none inside; of two opposite points alone the circle can always slide to a
 * third. Both are found on a few points first; the point that lies worst against what was found is added, until none does. No
 * choice of points is ever given up, so that it ends, and what fits the few and all of them is the best of all (any textbook
 * of computational geometry: the Voronoi vertices of the points hold every largest empty circle).
 *
 * <p>Degenerate cases: two largest inscribed circles of equal size are both returned. Points that all lie within half a turn
 * have no inscribed circle.
 *
 * @param x of the centre, in the unit of the points
 * @param y of the centre
 * @param radius of the circle
 * @param touching indexes of the points that hold it
 */
record HeldCircle(double x, double y, double radius, int... touching) {

    /** Of the radius; closer than that is touching. */
    private static final double ROUNDING = 1e-13;

    /** Of the radius; circles that differ by less are equally large. */
    private static final double ALIKE = 1e-11;

    /** Points to begin with. */
    private static final int SPREAD = 12;

    /** @throws IllegalArgumentException if there is no point */
    static HeldCircle circumscribed(double[] x, double[] y) {
        if (x.length == 0) {
            throw new IllegalArgumentException("a circle is held by one point at least");
        }
        List<Integer> few = spread(x.length);
        while (true) {
            HeldCircle circle = smallest(x, y, few);
            int outermost = furthest(x, y, circle);
            if (few.contains(outermost) || distance(x, y, outermost, circle) <= circle.radius * (1 + ROUNDING)) {
                return circle;
            }
            few.add(outermost);
        }
    }

    /** The largest ones, most often one; none where the points do not reach round more than half a turn. */
    static List<HeldCircle> inscribed(double[] x, double[] y) {
        List<Integer> few = spread(x.length);
        while (true) {
            List<HeldCircle> circles = largest(x, y, few);
            if (circles.isEmpty() && few.size() == x.length) {
                return circles;
            }
            int added = few.size();
            for (HeldCircle circle : circles) {
                int innermost = nearest(x, y, circle);
                if (!few.contains(innermost) && distance(x, y, innermost, circle) < circle.radius * (1 - ROUNDING)) {
                    few.add(innermost);
                }
            }
            if (circles.isEmpty()) {
                addAll(few, x.length);
            } else if (few.size() == added) {
                return circles;
            }
        }
    }

    private static List<Integer> spread(int n) {
        List<Integer> few = new ArrayList<>();
        int step = Math.max(1, n / SPREAD);
        for (int i = 0; i < n; i += step) {
            few.add(i);
        }
        return few;
    }

    private static void addAll(List<Integer> few, int n) {
        for (int i = 0; i < n; i++) {
            if (!few.contains(i)) {
                few.add(i);
            }
        }
    }

    private static HeldCircle smallest(double[] x, double[] y, List<Integer> few) {
        HeldCircle best = few.size() == 1 ? new HeldCircle(x[few.get(0)], y[few.get(0)], 0, few.get(0)) : null;
        for (int a = 0; a < few.size(); a++) {
            for (int b = a + 1; b < few.size(); b++) {
                best = smaller(best, onTwo(x, y, few.get(a), few.get(b)), x, y, few);
                for (int c = b + 1; c < few.size(); c++) {
                    best = smaller(best, through(x, y, few.get(a), few.get(b), few.get(c)), x, y, few);
                }
            }
        }
        return Objects.requireNonNull(best);
    }

    private static @Nullable HeldCircle smaller(
            @Nullable HeldCircle best, HeldCircle circle, double[] x, double[] y, List<Integer> few) {
        if (!Double.isFinite(circle.radius) || (best != null && circle.radius >= best.radius)) {
            return best;
        }
        double most = circle.radius * (1 + ROUNDING);
        boolean holds = few.stream().allMatch(i -> distance(x, y, i, circle) <= most);
        return holds ? circle : best;
    }

    private static List<HeldCircle> largest(double[] x, double[] y, List<Integer> few) {
        List<HeldCircle> found = new ArrayList<>();
        for (int a = 0; a < few.size(); a++) {
            for (int b = a + 1; b < few.size(); b++) {
                for (int c = b + 1; c < few.size(); c++) {
                    HeldCircle circle = through(x, y, few.get(a), few.get(b), few.get(c));
                    double least = circle.radius * (1 - ROUNDING);
                    if (Double.isFinite(circle.radius)
                            && circle.surrounded(x, y)
                            && few.stream().allMatch(i -> distance(x, y, i, circle) >= least)) {
                        found.add(circle);
                    }
                }
            }
        }
        double most = found.stream().mapToDouble(HeldCircle::radius).max().orElse(0);
        found.removeIf(circle -> circle.radius < most * (1 - ALIKE));
        found.sort(Comparator.comparingDouble(circle -> -circle.radius));
        return found;
    }

    /** Whether the three points leave no gap of more than half a turn about the centre. */
    private boolean surrounded(double[] xs, double[] ys) {
        for (int k = 0; k < 3; k++) {
            int one = touching[k];
            int next = touching[(k + 1) % 3];
            int third = touching[(k + 2) % 3];
            double side = cross(xs, ys, one, next);
            double opposite =
                    (xs[next] - xs[one]) * (ys[third] - ys[one]) - (ys[next] - ys[one]) * (xs[third] - xs[one]);
            if (side * opposite < 0) {
                return false;
            }
        }
        return true;
    }

    private double cross(double[] xs, double[] ys, int one, int next) {
        return (xs[next] - xs[one]) * (y - ys[one]) - (ys[next] - ys[one]) * (x - xs[one]);
    }

    private static HeldCircle onTwo(double[] x, double[] y, int a, int b) {
        return new HeldCircle((x[a] + x[b]) / 2, (y[a] + y[b]) / 2, Math.hypot(x[a] - x[b], y[a] - y[b]) / 2, a, b);
    }

    private static HeldCircle through(double[] x, double[] y, int a, int b, int c) {
        double bx = x[b] - x[a];
        double by = y[b] - y[a];
        double cx = x[c] - x[a];
        double cy = y[c] - y[a];
        double area = 2 * (bx * cy - by * cx);
        double bb = bx * bx + by * by;
        double cc = cx * cx + cy * cy;
        double dx = (cy * bb - by * cc) / area;
        double dy = (bx * cc - cx * bb) / area;
        return new HeldCircle(x[a] + dx, y[a] + dy, Math.hypot(dx, dy), a, b, c);
    }

    private static double distance(double[] x, double[] y, int i, HeldCircle circle) {
        return Math.hypot(x[i] - circle.x, y[i] - circle.y);
    }

    private static int furthest(double[] x, double[] y, HeldCircle circle) {
        int furthest = 0;
        for (int i = 1; i < x.length; i++) {
            furthest = distance(x, y, i, circle) > distance(x, y, furthest, circle) ? i : furthest;
        }
        return furthest;
    }

    private static int nearest(double[] x, double[] y, HeldCircle circle) {
        int nearest = 0;
        for (int i = 1; i < x.length; i++) {
            nearest = distance(x, y, i, circle) < distance(x, y, nearest, circle) ? i : nearest;
        }
        return nearest;
    }
}
