package org.eskarn.core.flat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The convex hull of places on a plane, by A. M. Andrew's chains (Inf. Proc. Letters 9, 1979).
 *
 * <p>Degenerate cases: places all on one line give its two ends, one place gives itself.
 */
final class ConvexHull {

    private ConvexHull() {}

    /** Indices of the corners, counter-clockwise, each once. */
    static List<Integer> of(double[] x, double[] y) {
        List<Integer> order = IntStream.range(0, x.length)
                .boxed()
                .sorted(Comparator.<Integer>comparingDouble(i -> x[i]).thenComparingDouble(i -> y[i]))
                .toList();
        List<Integer> lower = chain(order, x, y);
        List<Integer> reversed = new ArrayList<>(order);
        java.util.Collections.reverse(reversed);
        List<Integer> upper = chain(reversed, x, y);
        List<Integer> hull = new ArrayList<>(lower.subList(0, lower.size() - 1));
        hull.addAll(upper.subList(0, upper.size() - 1));
        return hull.isEmpty() ? List.copyOf(order.subList(0, Math.min(1, order.size()))) : hull;
    }

    private static List<Integer> chain(List<Integer> order, double[] x, double[] y) {
        List<Integer> chain = new ArrayList<>();
        for (int i : order) {
            while (chain.size() >= 2 && turn(x, y, chain.get(chain.size() - 2), chain.get(chain.size() - 1), i) <= 0) {
                chain.remove(chain.size() - 1);
            }
            chain.add(i);
        }
        return chain;
    }

    /** Above 0 for a turn to the left. */
    private static double turn(double[] x, double[] y, int a, int b, int c) {
        return (x[b] - x[a]) * (y[c] - y[a]) - (y[b] - y[a]) * (x[c] - x[a]);
    }
}
