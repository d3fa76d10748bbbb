package org.eskarn.core.flat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Station;
import org.eskarn.core.reading.Sweep;

/**
 * A face between the places that were read: flat triangles from place to place, so that nothing in between is higher or lower
 * than the places around it. A whole grid is cut into its cells, each into four triangles about its middle, which takes the
 * mean of its corners; free places are joined by the triangles of B. Delaunay.
 *
 * <p>Degenerate cases: fewer than three places, or all on a line, have no triangle. A place read twice counts once. Three
 * places of one rim make no triangle: nothing is known inside a rim.
 *
 * @param x of each corner: the places in the order read, then the middles of cells
 * @param y in the same order
 * @param triangles three indices of corners each
 * @param middles of the corners beyond the places: the four places they take the mean of
 */
public record Facets(double[] x, double[] y, List<int[]> triangles, List<int[]> middles) {

    /** The most free places that are joined; the method takes their number squared. */
    public static final int MOST_FREE = 2000;

    /** The face of a sweep over a plane as far as it is read, in mm. */
    public static Facets of(Sweep sweep) {
        double perPlace = sweep.layout().unit().millimetres();
        List<Station> stations = sweep.readings().stream().map(Reading::station).toList();
        Map<String, Integer> numbers = new HashMap<>();
        return of(
                stations.stream().mapToDouble(s -> s.distance() * perPlace).toArray(),
                stations.stream().mapToDouble(s -> s.height() * perPlace).toArray(),
                stations.stream()
                        .mapToInt(s -> s.rim()
                                .map(rim -> numbers.computeIfAbsent(rim, unused -> numbers.size()))
                                .orElse(-1))
                        .toArray());
    }

    /**
     * @param rims of each place the number of the rim it is on, −1 where on none
     */
    public static Facets of(double[] x, double[] y, int[] rims) {
        double[] columns = Arrays.stream(x).distinct().sorted().toArray();
        double[] rows = Arrays.stream(y).distinct().sorted().toArray();
        boolean grid = columns.length > 1 && rows.length > 1 && columns.length * (long) rows.length == x.length;
        if (grid) {
            int[][] at = placed(x, y, columns, rows);
            if (at.length > 0) {
                return ofGrid(x, y, at);
            }
        }
        List<int[]> triangles = x.length > MOST_FREE
                ? List.of()
                : Delaunay.of(x, y).stream().filter(t -> !onOneRim(t, rims)).toList();
        return new Facets(x, y, triangles, List.of());
    }

    private static boolean onOneRim(int[] t, int[] rims) {
        return rims[t[0]] >= 0 && rims[t[0]] == rims[t[1]] && rims[t[1]] == rims[t[2]];
    }

    /** The place in each row and column; empty if one is missing or read twice. */
    private static int[][] placed(double[] x, double[] y, double[] columns, double[] rows) {
        int[][] at = new int[rows.length][columns.length];
        for (int[] row : at) {
            Arrays.fill(row, -1);
        }
        for (int i = 0; i < x.length; i++) {
            int row = Arrays.binarySearch(rows, y[i]);
            int column = Arrays.binarySearch(columns, x[i]);
            if (at[row][column] >= 0) {
                return new int[0][];
            }
            at[row][column] = i;
        }
        return at;
    }

    private static Facets ofGrid(double[] x, double[] y, int[][] at) {
        int cells = (at.length - 1) * (at[0].length - 1);
        double[] allX = Arrays.copyOf(x, x.length + cells);
        double[] allY = Arrays.copyOf(y, y.length + cells);
        List<int[]> triangles = new ArrayList<>(4 * cells);
        List<int[]> middles = new ArrayList<>(cells);
        for (int row = 0; row + 1 < at.length; row++) {
            for (int column = 0; column + 1 < at[0].length; column++) {
                int[] cell = {at[row][column], at[row][column + 1], at[row + 1][column + 1], at[row + 1][column]};
                int middle = x.length + middles.size();
                middles.add(cell);
                allX[middle] = (x[cell[0]] + x[cell[2]]) / 2;
                allY[middle] = (y[cell[0]] + y[cell[2]]) / 2;
                for (int k = 0; k < 4; k++) {
                    triangles.add(new int[] {cell[k], cell[(k + 1) % 4], middle});
                }
            }
        }
        return new Facets(allX, allY, triangles, middles);
    }

    /** The heights of all corners, from those of the places. */
    public double[] heights(double[] places) {
        double[] all = Arrays.copyOf(places, x.length);
        for (int i = 0; i < middles.size(); i++) {
            int[] cell = middles.get(i);
            all[places.length + i] = (places[cell[0]] + places[cell[1]] + places[cell[2]] + places[cell[3]]) / 4;
        }
        return all;
    }

    public double area() {
        return triangles.stream().mapToDouble(this::area).sum();
    }

    private double area(int[] t) {
        return Math.abs((x[t[1]] - x[t[0]]) * (y[t[2]] - y[t[0]]) - (x[t[2]] - x[t[0]]) * (y[t[1]] - y[t[0]])) / 2;
    }

    /**
     * The share of the face that is as high as a level or higher, 0 to 1; 0 where there is no triangle.
     *
     * @param corners heights of all corners
     */
    public double shareAbove(double level, double[] corners) {
        double above = 0;
        for (int[] t : triangles) {
            above += area(t) * share(level, corners[t[0]], corners[t[1]], corners[t[2]]);
        }
        double whole = area();
        return whole > 0 ? above / whole : 0;
    }

    /** The share of a flat triangle above a level, from the heights of its corners. */
    private static double share(double level, double a, double b, double c) {
        double low = Math.min(a, Math.min(b, c));
        double high = Math.max(a, Math.max(b, c));
        double middle = a + b + c - low - high;
        if (level <= low) {
            return 1;
        }
        if (level > high) {
            return 0;
        }
        if (level <= middle) {
            return 1 - (level - low) * (level - low) / ((middle - low) * (high - low));
        }
        return (high - level) * (high - level) / ((high - middle) * (high - low));
    }
}
