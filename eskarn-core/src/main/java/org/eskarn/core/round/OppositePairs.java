package org.eskarn.core.round;

import java.util.ArrayList;
import java.util.List;

/**
 * The readings of a ring two and two across: for every station that has another opposite to it, half their difference is how
 * far the centre lies off along that diameter, form of even order apart:
 *
 * <pre>half = (m(θ) − m(θ + 180°)) / 2</pre>
 *
 * <p>Degenerate cases: a station without an opposite one within 1° is left out; of several at one angle each is paired once.
 */
public final class OppositePairs {

    /** Radians; 1 degree, as marks are set by hand. */
    private static final double NEAR = Math.toRadians(1);

    private OppositePairs() {}

    /**
     * @param first index of the reading at the smaller angle
     * @param second index of the one opposite
     * @param half (m(first) − m(second)) / 2, µm
     */
    public record Pair(int first, int second, double half) {}

    /**
     * @param radians station angles from 0 to below 2π
     * @param micrometres the reading at each of them, same length and order
     * @return in the order of the first readings' angles
     */
    public static List<Pair> of(double[] radians, double[] micrometres) {
        List<Pair> pairs = new ArrayList<>();
        boolean[] taken = new boolean[radians.length];
        for (int i = 0; i < radians.length; i++) {
            int best = -1;
            for (int j = 0; j < radians.length; j++) {
                double off = Math.abs(Math.abs(radians[j] - radians[i]) - Math.PI);
                boolean nearer = best < 0 || off < Math.abs(Math.abs(radians[best] - radians[i]) - Math.PI);
                if (!taken[j] && j != i && off <= NEAR && nearer) {
                    best = j;
                }
            }
            if (best >= 0 && !taken[i]) {
                taken[i] = true;
                taken[best] = true;
                int first = radians[i] <= radians[best] ? i : best;
                int second = first == i ? best : i;
                pairs.add(new Pair(first, second, (micrometres[first] - micrometres[second]) / 2));
            }
        }
        pairs.sort(java.util.Comparator.comparingDouble(pair -> radians[pair.first()]));
        return pairs;
    }
}
