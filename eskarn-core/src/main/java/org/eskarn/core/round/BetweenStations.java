package org.eskarn.core.round;

import java.util.List;
import org.eskarn.core.round.Harmonics.Wave;

/**
 * What a whole turn may show beyond what its stations showed, µm:
 *
 * <pre>
 * missed  = max(0, W − R) + max(36 s / (n − 2)^2.25, E / (n − 3)²)
 * atLeast = ½ max(0, 2e − R) (n − 3)/(n − 2)
 * </pre>
 *
 * W is the movement over a whole turn of the waves that the stations show ({@link Harmonics}), R the movement between the
 * stations themselves, s the standard deviation about the off-centre circle less the scatter of the readings, √(Σr²/(n − 3) − s₀²):
 * waves too fine for the stations are taken as a share of the form that is seen, the larger the fewer stations there are. E is the
 * maximum permissible error of the gauge: form that it would show is not ruled out by one or two degrees of freedom. Of the fitted
 * circle, e off centre, half of what it moves beyond R is surely there.
 *
 * <p>Of pure eccentricity e and n equal steps W − R is at most 2e (1 − cos(π/n)): 29 % of the movement with four stations, 8 % with
 * eight.
 *
 * <p>Degenerate cases: stations that show no centre miss nothing that is known: 0. Three show no form at all, which is taken as
 * {@value #BLIND} E. A wave whose every
 * crest lies midway between the stations cannot be seen at all and is not in it.
 *
 * <p>Source: least squares in harmonics as {@link Harmonics}; the share of form is Eskarn's own and tried by simulation
 * (docs/TRUTH.md).
 *
 * @param turn W, µm
 * @param form what waves may add that are not seen, µm
 * @param circle 2e, µm
 * @param trusted the less the fewer stations there are, from 0 to 1
 */
public record BetweenStations(double turn, double form, double circle, double trusted) {

    private static final int SAMPLES = 72;

    /** Tried by simulation, as is how it falls. */
    private static final double SHARE = 36;

    private static final double FALL = 2.25;

    /** Three stations lie on a circle whatever the form is. */
    private static final double BLIND = 4;

    /**
     * @param radians station angles
     * @param micrometres readings at each of them, same length and order
     * @param offCentre the circle fitted to them
     * @param scatter standard deviation of each reading, µm; 0 where it is not known
     * @param error maximum permissible error of the gauge, µm
     */
    public static BetweenStations of(
            double[] radians, double[] micrometres, FirstHarmonic offCentre, double scatter, double error) {
        Harmonics harmonics = Harmonics.of(radians, micrometres);
        if (harmonics.limit() == 0) {
            return new BetweenStations(0, 0, 0, 0);
        }
        return new BetweenStations(
                movement(harmonics.waves()),
                form(offCentre, scatter, error),
                2 * offCentre.amplitude(),
                left(offCentre) / (left(offCentre) + 1.0));
    }

    private static double form(FirstHarmonic offCentre, double scatter, double error) {
        int left = offCentre.degreesOfFreedom();
        double all = offCentre.residualDeviation();
        double form = Math.sqrt(Math.max(0, all * all - scatter * scatter));
        return left < 1 ? BLIND * error : Math.max(SHARE * form / Math.pow(left + 1.0, FALL), error / (left * left));
    }

    private static int left(FirstHarmonic offCentre) {
        return Math.max(0, offCentre.degreesOfFreedom());
    }

    /**
     * Half of what the circle moves beyond the movement they showed: the form may fill the rest.
     *
     * @param shown as of {@link #missed}
     */
    public double atLeast(double shown) {
        return trusted * Math.max(0, circle - shown) / 2;
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
