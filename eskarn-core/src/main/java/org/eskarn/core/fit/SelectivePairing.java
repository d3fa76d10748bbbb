package org.eskarn.core.fit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.eskarn.core.verdict.Bounds;

/**
 * Which shaft goes with which bore, so that the most pairs have a clearance within what is wanted, and among all ways to
 * reach that number the one whose clearances lie nearest to the middle (the least sum of squares of their distance, each as a
 * share of half the range).
 *
 * <pre>
 * tightest = smallest of the bore − largest of the shaft ≥ lower bound
 * loosest  = largest of the bore − smallest of the shaft ≤ upper bound
 * </pre>
 *
 * <p>Solved as an assignment by shortest augmenting paths with potentials, exact. Source: Kuhn 1955, Munkres 1957; in the form
 * of Jonker and Volgenant 1987. Time grows with the third power of the number of pieces.
 *
 * <p>Degenerate cases: no shafts or no bores are no pairs; what finds no partner within the range is left over.
 *
 * @param pairs in the order of the shafts
 * @param shaftsLeft indices of shafts without a partner
 * @param boresLeft indices of bores without a partner
 */
public record SelectivePairing(List<Pair> pairs, List<Integer> shaftsLeft, List<Integer> boresLeft) {

    /** The most pieces of a side. */
    public static final int MOST = 300;

    /**
     * A piece as it was measured, µm.
     *
     * @param name a serial or a number
     */
    public record Piece(String name, double smallest, double largest) {

        /**
         * @throws IllegalArgumentException if the smallest size is above the largest
         */
        public Piece {
            if (smallest > largest) {
                throw new IllegalArgumentException(
                        "a piece goes from its smallest to its largest size, not " + smallest + " to " + largest);
            }
        }
    }

    /** Two pieces by their indices, and the clearance between them, µm. */
    public record Pair(int shaft, int bore, double tightest, double loosest) {

        public double middle() {
            return (tightest + loosest) / 2;
        }
    }

    /**
     * @param wanted clearance, both bounds known, µm
     * @throws IllegalArgumentException if a bound is missing or there are more than 300 of a side
     */
    public static SelectivePairing of(List<Piece> shafts, List<Piece> bores, Bounds wanted) {
        Double lower = wanted.lower();
        Double upper = wanted.upper();
        if (lower == null || upper == null) {
            throw new IllegalArgumentException("pairing needs a least and a most clearance");
        }
        int size = Math.max(shafts.size(), bores.size());
        if (size > MOST) {
            throw new IllegalArgumentException("at most " + MOST + " pieces of a side, not " + size);
        }
        double middle = (lower + upper) / 2;
        double half = (upper - lower) / 2;
        double[][] cost = new double[size][size];
        // One pair more outweighs any difference in how well all others lie: each of them costs 1 at most.
        double outside = size + 1.0;
        for (int i = 0; i < size; i++) {
            for (int j = 0; j < size; j++) {
                cost[i][j] = outside;
                if (i < shafts.size() && j < bores.size()) {
                    Pair pair = pair(shafts, bores, i, j);
                    if (wanted.holds(pair.tightest) && wanted.holds(pair.loosest)) {
                        double off = (pair.middle() - middle) / half;
                        cost[i][j] = off * off;
                    }
                }
            }
        }
        int[] partner = assigned(cost);
        List<Pair> pairs = new ArrayList<>();
        for (int i = 0; i < shafts.size(); i++) {
            if (cost[i][partner[i]] < outside) {
                pairs.add(pair(shafts, bores, i, partner[i]));
            }
        }
        return new SelectivePairing(
                pairs,
                left(shafts.size(), pairs.stream().mapToInt(Pair::shaft).toArray()),
                left(bores.size(), pairs.stream().mapToInt(Pair::bore).toArray()));
    }

    /** How many pairs would be within the range if they were taken as they lie, the first with the first. */
    public static int asTheyLie(List<Piece> shafts, List<Piece> bores, Bounds wanted) {
        return (int) IntStream.range(0, Math.min(shafts.size(), bores.size()))
                .mapToObj(i -> pair(shafts, bores, i, i))
                .filter(pair -> wanted.holds(pair.tightest) && wanted.holds(pair.loosest))
                .count();
    }

    /** The shaft and bore left over that come nearest, with what they would have; empty where a side has none left. */
    public java.util.Optional<Pair> nearestLeft(List<Piece> shafts, List<Piece> bores, Bounds wanted) {
        return shaftsLeft.stream()
                .flatMap(i -> boresLeft.stream().map(j -> pair(shafts, bores, i, j)))
                .min(Comparator.comparingDouble(
                        pair -> Math.max(wanted.outside(pair.tightest), wanted.outside(pair.loosest))));
    }

    private static Pair pair(List<Piece> shafts, List<Piece> bores, int i, int j) {
        Piece shaft = shafts.get(i);
        Piece bore = bores.get(j);
        return new Pair(i, j, bore.smallest - shaft.largest, bore.largest - shaft.smallest);
    }

    private static List<Integer> left(int count, int[] taken) {
        return IntStream.range(0, count)
                .filter(i -> Arrays.stream(taken).noneMatch(t -> t == i))
                .boxed()
                .toList();
    }

    /** The column of each row in the assignment of least cost; a square matrix. */
    private static int[] assigned(double[][] cost) {
        int n = cost.length;
        double[] ofRow = new double[n + 1];
        double[] ofColumn = new double[n + 1];
        // Row that holds each column; column n is where a new row begins, -1 is nobody.
        int[] rowOf = new int[n + 1];
        Arrays.fill(rowOf, -1);
        for (int row = 0; row < n; row++) {
            int column = n;
            rowOf[n] = row;
            double[] shortest = new double[n + 1];
            Arrays.fill(shortest, Double.POSITIVE_INFINITY);
            int[] cameFrom = new int[n + 1];
            boolean[] settled = new boolean[n + 1];
            while (rowOf[column] != -1) {
                settled[column] = true;
                int here = rowOf[column];
                double step = Double.POSITIVE_INFINITY;
                int next = -1;
                for (int j = 0; j < n; j++) {
                    if (settled[j]) {
                        continue;
                    }
                    double reduced = cost[here][j] - ofRow[here] - ofColumn[j];
                    if (reduced < shortest[j]) {
                        shortest[j] = reduced;
                        cameFrom[j] = column;
                    }
                    if (shortest[j] < step) {
                        step = shortest[j];
                        next = j;
                    }
                }
                for (int j = 0; j <= n; j++) {
                    if (settled[j]) {
                        ofRow[rowOf[j]] += step;
                        ofColumn[j] -= step;
                    } else {
                        shortest[j] -= step;
                    }
                }
                column = next;
            }
            while (column != n) {
                rowOf[column] = rowOf[cameFrom[column]];
                column = cameFrom[column];
            }
        }
        int[] columns = new int[n];
        for (int j = 0; j < n; j++) {
            columns[rowOf[j]] = j;
        }
        return columns;
    }
}
