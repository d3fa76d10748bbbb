package org.eskarn.core.reading;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;

/**
 * One pass over a layout: a reading at each station in order, then, where the layout returns, the first station once more.
 * It may be unfinished.
 *
 * @param readings in the order taken, the first n stations of the layout
 * @param atReturn the first station read again at the end, in µm; null as long as it has not been read
 */
public record Sweep(
        Layout layout, List<Reading> readings, @Nullable Double atReturn) {

    /**
     * @throws IllegalArgumentException if the readings do not follow the layout, or a return stands on an unfinished
     *     sweep
     */
    public Sweep {
        readings = List.copyOf(readings);
        if (readings.size() > layout.size()) {
            throw new IllegalArgumentException(
                    "the layout has " + layout.size() + " stations, but there are " + readings.size() + " readings");
        }
        for (int i = 0; i < readings.size(); i++) {
            if (!readings.get(i).station().equals(layout.stations().get(i))) {
                throw new IllegalArgumentException("reading " + (i + 1) + " is not of station "
                        + layout.stations().get(i).number());
            }
        }
        if (atReturn != null && (readings.size() < layout.size() || !layout.returns())) {
            throw new IllegalArgumentException("the return is read after the last station, where there is one");
        }
    }

    /** The station to touch next: the first unread one, station 1 again for the return, or empty when all is read. */
    public Optional<Station> next() {
        if (readings.size() < layout.size()) {
            return Optional.of(layout.stations().get(readings.size()));
        }
        return layout.returns() && atReturn == null ? Optional.of(layout.returnStation()) : Optional.empty();
    }

    public boolean complete() {
        return next().isEmpty();
    }

    /** How many stations are still to be read, the return not counted. */
    public int stationsToGo() {
        return layout.size() - readings.size();
    }

    /**
     * Last minus first reading of the station the zero was set at, in µm; of several sections that were closed the largest
     * amount. Empty until one has been read again.
     */
    public OptionalDouble returnError() {
        OptionalDouble worst = OptionalDouble.empty();
        for (int closing : layout.closings()) {
            if (closing <= readings.size()) {
                Station closed = layout.stations().get(closing - 1);
                worst = larger(worst, readings.get(closing - 1).micrometres() - zero(closed));
            }
        }
        return atReturn == null ? worst : larger(worst, atReturn - zero(layout.returnStation()));
    }

    /** What was read where the zero of a station was set. */
    private double zero(Station station) {
        return readings.get(layout.zeroOf(station).number() - 1).micrometres();
    }

    private static OptionalDouble larger(OptionalDouble worst, double error) {
        return worst.isPresent() && Math.abs(worst.getAsDouble()) >= Math.abs(error) ? worst : OptionalDouble.of(error);
    }

    /** The same with every reading less that of the first place on its zero: whole heights become deviations. */
    public Sweep fromFirst() {
        List<Reading> less = readings.stream()
                .map(reading -> reading.with(reading.micrometres() - zero(reading.station())))
                .toList();
        Double back = atReturn == null ? null : (Double) (atReturn - zero(layout.returnStation()));
        return new Sweep(layout, less, back);
    }

    /** Whether the needle flickered at one place at least. */
    public boolean flickers() {
        return readings.stream().anyMatch(reading -> reading.halfBand() > 0);
    }

    /** The station angles of the readings, in radians, in the order taken. */
    public double[] radians() {
        return each(reading -> reading.station().radians());
    }

    /** The distances along of the readings, in the unit of the layout, in the order taken. */
    public double[] distances() {
        return readings.stream()
                .mapToDouble(reading -> reading.station().distance())
                .toArray();
    }

    /** The lower ends of the bands in µm, in the order taken. */
    public double[] lows() {
        return each(Reading::low);
    }

    /** The upper ends of the bands in µm, in the order taken. */
    public double[] highs() {
        return each(Reading::high);
    }

    /** The readings in µm, in the order taken; of a band its middle. */
    public double[] micrometres() {
        return each(Reading::micrometres);
    }

    /** A loop, as this is asked often. */
    private double[] each(ToDoubleFunction<Reading> what) {
        double[] values = new double[readings.size()];
        for (int i = 0; i < values.length; i++) {
            values[i] = what.applyAsDouble(readings.get(i));
        }
        return values;
    }
}
