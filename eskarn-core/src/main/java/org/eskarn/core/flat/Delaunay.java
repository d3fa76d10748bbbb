package org.eskarn.core.flat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The triangles between places whose circumscribed circles hold no other place, put in one place after the other
 * (A. Bowyer, D. F. Watson, Comput. J. 24, 1981). Takes the number of places squared.
 *
 * <p>Degenerate cases: places on a line have none; a place that stands twice is taken once; of four on one circle either pair
 * of triangles may come.
 */
final class Delaunay {

    /** How far out the triangle stands that holds all places, in their reach. */
    private static final double OUT = 1e4;
    /** Less area than this share of the reach squared is a line. */
    private static final double THIN = 1e-9;

    private final double[] x;
    private final double[] y;
    private final int places;
    private List<int[]> triangles = new ArrayList<>();

    private Delaunay(double[] x, double[] y) {
        this.places = x.length;
        this.x = java.util.Arrays.copyOf(x, places + 3);
        this.y = java.util.Arrays.copyOf(y, places + 3);
        double middleX = (min(x) + max(x)) / 2;
        double middleY = (min(y) + max(y)) / 2;
        double reach = Math.max(Math.max(max(x) - min(x), max(y) - min(y)) / 2, Double.MIN_NORMAL);
        for (int i = 0; i < places; i++) {
            this.x[i] = (x[i] - middleX) / reach;
            this.y[i] = (y[i] - middleY) / reach;
        }
        for (int k = 0; k < 3; k++) {
            this.x[places + k] = OUT * Math.cos(0.3 + 2 * Math.PI * k / 3);
            this.y[places + k] = OUT * Math.sin(0.3 + 2 * Math.PI * k / 3);
        }
    }

    static List<int[]> of(double[] x, double[] y) {
        if (x.length < 3) {
            return List.of();
        }
        Delaunay net = new Delaunay(x, y);
        net.triangles.add(new int[] {net.places, net.places + 1, net.places + 2});
        Set<List<Double>> seen = new HashSet<>();
        for (int i = 0; i < net.places; i++) {
            if (seen.add(List.of(x[i], y[i]))) {
                net.put(i);
            }
        }
        return net.triangles.stream()
                .filter(t -> t[0] < net.places && t[1] < net.places && t[2] < net.places)
                .filter(t -> Math.abs(net.turn(t[0], t[1], t[2])) > THIN)
                .toList();
    }

    /** Takes away the triangles whose circle holds the place and fans the hole they leave. */
    private void put(int place) {
        List<int[]> kept = new ArrayList<>();
        Map<List<Integer>, int[]> edges = new HashMap<>();
        for (int[] t : triangles) {
            if (!holds(t, place)) {
                kept.add(t);
                continue;
            }
            for (int k = 0; k < 3; k++) {
                int a = t[k];
                int b = t[(k + 1) % 3];
                List<Integer> edge = List.of(Math.min(a, b), Math.max(a, b));
                // An edge that two of them share lies inside the hole.
                if (edges.remove(edge) == null) {
                    edges.put(edge, new int[] {a, b});
                }
            }
        }
        edges.values().forEach(edge -> kept.add(new int[] {edge[0], edge[1], place}));
        triangles = kept;
    }

    private boolean holds(int[] t, int p) {
        double ax = x[t[0]] - x[p];
        double ay = y[t[0]] - y[p];
        double bx = x[t[1]] - x[p];
        double by = y[t[1]] - y[p];
        double cx = x[t[2]] - x[p];
        double cy = y[t[2]] - y[p];
        double determinant = (ax * ax + ay * ay) * (bx * cy - cx * by)
                - (bx * bx + by * by) * (ax * cy - cx * ay)
                + (cx * cx + cy * cy) * (ax * by - bx * ay);
        return turn(t[0], t[1], t[2]) > 0 ? determinant > 0 : determinant < 0;
    }

    private double turn(int a, int b, int c) {
        return (x[b] - x[a]) * (y[c] - y[a]) - (y[b] - y[a]) * (x[c] - x[a]);
    }

    private static double min(double[] values) {
        return java.util.Arrays.stream(values).min().orElse(0);
    }

    private static double max(double[] values) {
        return java.util.Arrays.stream(values).max().orElse(0);
    }
}
