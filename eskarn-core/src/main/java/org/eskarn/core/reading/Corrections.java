package org.eskarn.core.reading;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.core.units.Length;

/**
 * What is taken off the readings before anything is computed from them; what was typed stays as it is.
 *
 * <ul>
 *   <li>Lever: the stylus of a lever indicator that stands at an angle β to the surface shows too much; true movement =
 *       reading · cos β.
 *   <li>Sag: the arm of an indicator carried round a horizontal axis droops by s, always downwards. Its body is then lower by
 *       s, which is −s·cos θ along the radius at θ from the top. Outside, where the body stands beyond the surface, that
 *       pushes the plunger in by s·cos θ; inside, where it stands nearer to the axis than the wall, it lets it out by as much.
 *       Zeroed at the top, a reading outside is off by −s·(1 − cos θ) and inside by +s·(1 − cos θ), which is taken off. A
 *       stiff true mandrel, which is an outside surface, so reads −2s at the bottom ({@link #sagOf}). Only stations with an
 *       angle are corrected.
 *   <li>Drift: where the return is read and within the allowed, the return error is spread evenly along the order of
 *       reading: reading i of n loses i/n of it, the first none.
 *   <li>Sign: a gauge whose figures grow when the plunger comes out is turned round first, so that plus always means pushed
 *       in: true movement = −reading.
 * </ul>
 *
 * @param drift whether drift is taken off
 * @param sag s, if known
 * @param inside whether an inside surface is swept, where sag adds what it takes off outside
 * @param leverDegrees β, at least 0 and below 60 degrees; 0 for none
 * @param reversed whether plus was called when the plunger came out
 * @param masterDeviation how far the master the zero was set on is from what the zero means, µm; every reading grows by it
 * @param secondDeviation the same of the second gauge, where a pair is read with two: every second reading grows by it
 */
public record Corrections(
        boolean drift,
        Optional<Length> sag,
        boolean inside,
        double leverDegrees,
        boolean reversed,
        double masterDeviation,
        double secondDeviation) {

    public static final Corrections NONE = new Corrections(false, Optional.empty(), 0);

    private static final BigDecimal MINUS_HALF = new BigDecimal("-0.5");
    private static final BigDecimal MINUS_TWO = new BigDecimal("-2");

    /** Degrees; beyond it nobody sets a lever, and the cosine grows uncertain. */
    public static final double STEEPEST_LEVER = 60;

    /**
     * @throws IllegalArgumentException if the lever's angle is out of its range
     */
    public Corrections {
        if (!(leverDegrees >= 0 && leverDegrees < STEEPEST_LEVER)) {
            throw new IllegalArgumentException("a lever stands at 0 to below 60 degrees, not " + leverDegrees);
        }
    }

    public Corrections(boolean drift, Optional<Length> sag, double leverDegrees) {
        this(drift, sag, false, leverDegrees, false, 0, 0);
    }

    /** s of an arm with which a stiff true mandrel, zeroed at the top, reads {@code atBottom} at the bottom: −½ of it. */
    public static BigDecimal sagOf(BigDecimal atBottom) {
        return atBottom.multiply(MINUS_HALF);
    }

    /** What such a mandrel reads at the bottom: −2s. */
    public static BigDecimal mandrelOf(BigDecimal sag) {
        return sag.multiply(MINUS_TWO);
    }

    /** The same on an inside surface, or on an outside one. */
    public Corrections inside(boolean surface) {
        return new Corrections(drift, sag, surface, leverDegrees, reversed, masterDeviation, secondDeviation);
    }

    /** The same on a master that is off by so much, µm. */
    public Corrections on(double deviation) {
        return on(deviation, deviation);
    }

    /** The same of two gauges, each on a master of its own that is off by so much, µm. */
    public Corrections on(double first, double second) {
        return new Corrections(drift, sag, inside, leverDegrees, reversed, first, second);
    }

    /** The same of a gauge whose figures grow when the plunger comes out. */
    public Corrections reversed(boolean outwards) {
        return new Corrections(drift, sag, inside, leverDegrees, outwards, masterDeviation, secondDeviation);
    }

    /** Whether nothing is taken off or turned round; masters are told apart from this. */
    public boolean none() {
        return !drift && sag.isEmpty() && leverDegrees == 0 && !reversed;
    }

    /** The sweep with lever, sag and the master's deviation taken in; its return is corrected alike, drift is still in it. */
    Sweep geometric(Sweep sweep) {
        if (sag.isEmpty() && leverDegrees == 0 && !reversed && masterDeviation == 0 && secondDeviation == 0) {
            return sweep;
        }
        double cosine = Math.cos(Math.toRadians(leverDegrees)) * (reversed ? -1 : 1);
        double sagging = sag.map(Length::micrometres).orElse(0.0) * (inside ? -1 : 1);
        List<Reading> readings = new ArrayList<>();
        for (Reading reading : sweep.readings()) {
            readings.add(new Reading(
                    reading.station(),
                    reading.micrometres() * cosine + sagAt(reading, sagging) + master(reading.station()),
                    reading.halfBand() * Math.abs(cosine),
                    reading.noted()));
        }
        Double atReturn = sweep.atReturn();
        Double corrected = atReturn == null
                ? null
                : (Double) (atReturn * cosine
                        + sagAt(
                                sweep.readings()
                                        .get(sweep.layout().returnStation().number() - 1),
                                sagging)
                        + masterDeviation);
        return new Sweep(sweep.layout(), readings, corrected);
    }

    private double master(Station station) {
        return station.number() % 2 == 0 ? secondDeviation : masterDeviation;
    }

    private static double sagAt(Reading reading, double sagging) {
        return reading.radians().map(angle -> sagging * (1 - Math.cos(angle))).orElse(0.0);
    }

    /**
     * The sweep as it is computed with. Drift is taken off only where the return holds; afterwards the return reads as
     * the first station did.
     *
     * @param holds whether the return is within the allowed
     */
    Sweep settled(Sweep geometric, boolean holds) {
        Double atReturn = geometric.atReturn();
        if (!drift || atReturn == null || !holds) {
            return geometric;
        }
        Layout layout = geometric.layout();
        List<Reading> readings = new ArrayList<>();
        int from = 0;
        for (int closing : layout.closings()) {
            double error = geometric.readings().get(closing - 1).micrometres()
                    - geometric.readings().get(from).micrometres();
            spread(geometric, from, closing - 1, error, readings);
            readings.add(new Reading(
                    layout.stations().get(closing - 1),
                    readings.get(from).micrometres(),
                    geometric.readings().get(closing - 1).halfBand()));
            from = closing;
        }
        double error = atReturn - geometric.readings().get(from).micrometres();
        spread(geometric, from, geometric.readings().size(), error, readings);
        return new Sweep(layout, readings, readings.get(from).micrometres());
    }

    /** Takes the error of a section off along its readings, the first of which loses nothing. */
    private static void spread(Sweep sweep, int from, int to, double error, List<Reading> into) {
        for (int i = from; i < to; i++) {
            Reading reading = sweep.readings().get(i);
            double taken = error * (i - from) / (to - from);
            into.add(reading.with(reading.micrometres() - taken));
        }
    }

    /**
     * The corrected sweep and its return check.
     *
     * @param allowedReturn in µm, either way
     */
    public Corrected apply(Sweep sweep, double allowedReturn) {
        Sweep geometric = geometric(sweep);
        Optional<ReturnCheck> check = geometric.returnError().isPresent()
                ? Optional.of(new ReturnCheck(geometric.returnError().getAsDouble(), allowedReturn))
                : Optional.empty();
        boolean holds = check.map(ReturnCheck::holds).orElse(false);
        return new Corrected(settled(geometric, holds), check, drift && holds);
    }

    /**
     * @param sweep what is computed with
     * @param returnCheck before drift was taken off; empty until the return has been read
     * @param driftTaken whether drift was taken off
     */
    public record Corrected(Sweep sweep, Optional<ReturnCheck> returnCheck, boolean driftTaken) {}
}
