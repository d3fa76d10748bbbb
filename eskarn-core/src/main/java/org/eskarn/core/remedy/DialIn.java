package org.eskarn.core.remedy;

import java.util.List;

/**
 * One round of dialling a part in before it is measured or ground: it is touched at a few places, its corners or round it, and
 * moved until they read alike.
 *
 * <pre>
 * range = highest − lowest reading
 * half  = range / 2: so far both have to come towards each other
 * </pre>
 *
 * <p>Source: workshop practice.
 *
 * <p>Degenerate cases: places that all read alike have a range of 0; the first of equal ones counts as highest and lowest.
 *
 * @param readings of the places, in the order touched, µm
 * @param within what the range may be, µm
 */
public record DialIn(List<Double> readings, double within) {

    /** Fewest places that say anything. */
    public static final int FEWEST = 2;

    /** µm; amounts come from decimals, so what is exactly allowed may be off by some 1e-10 in binary. */
    private static final double ROUNDING = 1e-9;

    /**
     * @throws IllegalArgumentException if there are fewer than two readings, or nothing is allowed
     */
    public DialIn {
        readings = List.copyOf(readings);
        if (readings.size() < FEWEST) {
            throw new IllegalArgumentException("a part is dialled in at two places or more, not at " + readings.size());
        }
        if (!(within > 0)) {
            throw new IllegalArgumentException("what is allowed is above zero, not " + within);
        }
    }

    /** Index of the place that reads highest. */
    public int highest() {
        int highest = 0;
        for (int i = 1; i < readings.size(); i++) {
            highest = readings.get(i) > readings.get(highest) ? i : highest;
        }
        return highest;
    }

    /** Index of the place that reads lowest. */
    public int lowest() {
        int lowest = 0;
        for (int i = 1; i < readings.size(); i++) {
            lowest = readings.get(i) < readings.get(lowest) ? i : lowest;
        }
        return lowest;
    }

    /** µm. */
    public double range() {
        return readings.get(highest()) - readings.get(lowest());
    }

    /** µm. */
    public double half() {
        return range() / 2;
    }

    /** Whether it lies well enough. */
    public boolean done() {
        return range() <= within + ROUNDING;
    }
}
