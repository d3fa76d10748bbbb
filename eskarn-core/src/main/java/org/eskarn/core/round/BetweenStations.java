package org.eskarn.core.round;

import java.util.List;
import org.eskarn.core.round.Harmonics.Wave;

/**
 * What a whole turn may show beyond what its stations showed, µm:
 *
 * <pre>missed = max(0, W − R) + 1.7 s (n − 1)/(n − 3)</pre>
 *
 * W is the movement over a whole turn of the waves that the stations show ({@link Harmonics}), R the movement between the
 * stations themselves, s the standard deviation about the off-centre circle, √(Σr²/(n − 3)): waves too fine for the stations are
 * taken to be as large as the form that is seen, which few stations know poorly.
 *
 * <p>Of pure eccentricity e and n equal steps W − R is at most 2e (1 − cos(π/n)): 29 % of the movement with four stations, 8 % with
 * eight.
 *
 * <p>Degenerate cases: stations that show no centre, or only three of them, miss nothing that is known: 0. A wave whose every
 * crest lies midway between the stations cannot be seen at all and is not in it.
 *
 * <p>Source: least squares in harmonics as {@link Harmonics}; the share of form is Eskarn's own and tried by simulation
 * (docs/TRUTH.md).
 *
 * @param turn W, µm
 * @param form 1.7 s (n − 1)/(n − 3), µm
 */
public record BetweenStations(double turn, double form) {

    private static final int SAMPLES = 72;

    /** Tried by simulation. */
    private static final double SHARE = 1.7;

    /**
     * @param radians station angles
     * @param micrometres readings at each of them, same length and order
     * @param offCentre the circle fitted to them
     */
    public static BetweenStations of(double[] radians, double[] micrometres, FirstHarmonic offCentre) {
        Harmonics harmonics = Harmonics.of(radians, micrometres);
        if (harmonics.limit() == 0) {
            return new BetweenStations(0, 0);
        }
        return new BetweenStations(movement(harmonics.waves()), form(offCentre));
    }

    private static double form(FirstHarmonic offCentre) {
        int left = offCentre.degreesOfFreedom();
        return left < 1 ? 0 : SHARE * offCentre.residualDeviation() * (left + 2.0) / left;
    }

    /** Highest less lowest of the waves over a turn, by samples whose highest and lowest are refined by a parabola. */
    private static double movement(List<Wave> waves) {
        if (waves.size() == 1) {
            return 2 * waves.get(0).amplitude();
        }
        double[] turn = new double[SAMPLES];
        for (Wave wave : waves) {
            add(wave, turn);
        }
        int highest = 0;
        int lowest = 0;
        for (int i = 1; i < SAMPLES; i++) {
            highest = turn[i] > turn[highest] ? i : highest;
            lowest = turn[i] < turn[lowest] ? i : lowest;
        }
        return crest(turn, highest) - crest(turn, lowest);
    }

    /** By the rule for sums of angles, as a cosine for each sample would cost ten times as much. */
    private static void add(Wave wave, double[] turn) {
        double step = 2 * Math.PI * wave.order() / SAMPLES;
        double c = Math.cos(step);
        double s = Math.sin(step);
        double x = wave.amplitude() * Math.cos(wave.order() * wave.crest());
        double y = -wave.amplitude() * Math.sin(wave.order() * wave.crest());
        for (int i = 0; i < SAMPLES; i++) {
            turn[i] += x;
            double next = x * c - y * s;
            y = y * c + x * s;
            x = next;
        }
    }

    private static double crest(double[] turn, int at) {
        double before = turn[(at + SAMPLES - 1) % SAMPLES];
        double after = turn[(at + 1) % SAMPLES];
        double bend = before - 2 * turn[at] + after;
        return bend == 0 ? turn[at] : turn[at] - (after - before) * (after - before) / (8 * bend);
    }

    /**
     * What the stations may have missed, µm.
     *
     * @param shown R, the movement they showed, µm
     */
    public double missed(double shown) {
        return Math.max(0, turn - shown) + form;
    }
}
