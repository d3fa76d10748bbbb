package org.eskarn.core.round;

import java.util.ArrayList;
import java.util.List;

/**
 * The waves round a section, by least squares at any set of angles:
 *
 * <pre>m(θ) = level + Σ Aₖ cos(k θ − k φₖ),   k = 1 … limit</pre>
 *
 * with m, level and the amplitudes Aₖ in µm and the crests φₖ in radians. 1 is off-centre, 2 oval or a tilted axis, 3, 5, 7
 * lobes.
 *
 * <p>How far the stations show waves: order k needs 2k + 1 different angles and no gap of half a wave, π/k, or more; beyond
 * that a wave looks like another of a lower order. At most 15 are fitted. For equal steps this is the discrete Fourier
 * series (any textbook of numerical analysis).
 *
 * <p>Degenerate cases: fewer than three angles, or a gap of half a turn or more, show none; repeated angles count as they
 * are; equal readings give amplitudes of 0.
 *
 * @param waves the orders 1, 2, … up to the limit
 */
public record Harmonics(double level, List<Wave> waves) {

    /** The highest order that is fitted. */
    public static final int MOST = 15;

    private static final int SAMPLES = 720;

    /**
     * @param order waves to a turn
     * @param amplitude A in µm, half of crest to trough
     * @param crest φ in radians of the first crest, from 0 to below a turn divided by the order
     */
    public record Wave(int order, double amplitude, double crest) {

        /** The wave at an angle, µm. */
        public double at(double radians) {
            return amplitude * Math.cos(order * (radians - crest));
        }
    }

    public Harmonics {
        waves = List.copyOf(waves);
    }

    /**
     * The same with another first wave: of a profile seen from its own centre the off-centre is known by itself, and its
     * square no longer looks like an oval.
     *
     * @param cosine of the centre, µm, as is the sine
     */
    public Harmonics offCentre(double cosine, double sine) {
        if (waves.isEmpty()) {
            return this;
        }
        List<Wave> all = new ArrayList<>(waves);
        all.set(0, new Wave(1, Math.hypot(cosine, sine), Way.within(Math.atan2(sine, cosine))));
        return new Harmonics(level, all);
    }

    /** The highest order the stations show, 0 to 15. */
    public int limit() {
        return waves.size();
    }

    /**
     * @param radians station angles, at least one
     * @param micrometres deviation at each of them, same length and order
     * @throws IllegalArgumentException if the lengths differ
     */
    public static Harmonics of(double[] radians, double[] micrometres) {
        if (radians.length != micrometres.length) {
            throw new IllegalArgumentException("as many angles as deviations are needed; there are " + radians.length
                    + " and " + micrometres.length);
        }
        double mean = 0;
        for (double m : micrometres) {
            mean += m / micrometres.length;
        }
        int limit = limit(StationSpread.of(radians));
        if (limit == 0) {
            return new Harmonics(mean, List.of());
        }
        double[] solved = fit(radians, micrometres, mean, limit);
        List<Wave> waves = new ArrayList<>();
        for (int k = 1; k <= limit; k++) {
            double cosine = solved[2 * k - 1];
            double sine = solved[2 * k];
            double phase = Way.within(Math.atan2(sine, cosine));
            waves.add(new Wave(k, Math.hypot(cosine, sine), phase / k));
        }
        return new Harmonics(mean + solved[0], waves);
    }

    private static int limit(StationSpread stations) {
        int limit = 0;
        for (int k = 1; k <= MOST; k++) {
            boolean enough = 2 * k + 1 <= stations.distinct();
            boolean near = stations.largestGap() * k < Math.PI * (1 - 1e-9);
            if (!enough || !near) {
                break;
            }
            limit = k;
        }
        return limit;
    }

    private static double[] fit(double[] radians, double[] micrometres, double mean, int limit) {
        int unknowns = 2 * limit + 1;
        double[][] squares = new double[unknowns][unknowns];
        double[] right = new double[unknowns];
        double[] row = new double[unknowns];
        row[0] = 1;
        for (int i = 0; i < radians.length; i++) {
            double c = Math.cos(radians[i]);
            double s = Math.sin(radians[i]);
            row[1] = c;
            row[2] = s;
            for (int k = 2; k <= limit; k++) {
                row[2 * k - 1] = row[2 * k - 3] * c - row[2 * k - 2] * s;
                row[2 * k] = row[2 * k - 2] * c + row[2 * k - 3] * s;
            }
            for (int j = 0; j < unknowns; j++) {
                right[j] += row[j] * (micrometres[i] - mean);
                for (int l = 0; l <= j; l++) {
                    squares[j][l] += row[j] * row[l];
                }
            }
        }
        return NormalEquations.solve(squares, right);
    }

    /**
     * What a two-point gauge turned round the section would show: the range of its diameters, µm. Only even orders change a
     * diameter, each by twice its amplitude.
     */
    public double seenByTwoPoints() {
        double highest = 0;
        double lowest = 0;
        for (int i = 0; i < SAMPLES; i++) {
            double radians = Math.PI * i / SAMPLES;
            double diameter = 0;
            for (Wave wave : waves) {
                diameter += wave.order() % 2 == 0 ? 2 * wave.at(radians) : 0;
            }
            highest = i == 0 ? diameter : Math.max(highest, diameter);
            lowest = i == 0 ? diameter : Math.min(lowest, diameter);
        }
        return highest - lowest;
    }

    /** The largest wave of order 2 or more; empty where the stations show none. */
    public java.util.Optional<Wave> largestLobes() {
        return waves.stream()
                .filter(wave -> wave.order() > 1)
                .max(java.util.Comparator.comparingDouble(Wave::amplitude));
    }
}
