package org.eskarn.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.eskarn.core.units.LengthUnit;

/**
 * The stations to touch, in the order they are read, numbered 1, 2, 3 … Places may repeat.
 *
 * @param unit of the distances between stations
 * @param returns whether the first station is read once more at the end
 */
public record Layout(LayoutKind kind, LengthUnit unit, List<Station> stations, boolean returns) {

    /**
     * @throws IllegalArgumentException if there is no station, or the numbers do not run 1, 2, 3 …
     */
    public Layout {
        stations = List.copyOf(stations);
        if (stations.isEmpty()) {
            throw new IllegalArgumentException("a layout needs at least one station");
        }
        for (int i = 0; i < stations.size(); i++) {
            if (stations.get(i).number() != i + 1) {
                throw new IllegalArgumentException("stations are numbered 1, 2, 3 …; place " + (i + 1)
                        + " holds number " + stations.get(i).number());
            }
        }
    }

    /** This layout with or without a return, as readings that are whole sizes have no zero to come back to. */
    public Layout returning(boolean wanted) {
        return wanted == returns ? this : new Layout(kind, unit, stations, wanted);
    }

    /** This layout with more stations after its last, numbered on; itself where there are none. */
    public Layout extended(List<WrittenLayout.Place> more) {
        if (more.isEmpty()) {
            return this;
        }
        List<Station> added = new ArrayList<>();
        for (WrittenLayout.Place place : more) {
            added.add(place.numbered(stations.size() + added.size() + 1));
        }
        return new Layout(
                kind, unit, Stream.concat(stations.stream(), added.stream()).toList(), returns);
    }

    public int size() {
        return stations.size();
    }

    /** Readings of a whole sweep: one for each station and the return, if there is one. */
    public int places() {
        return size() + (returns ? 1 : 0);
    }

    /** The different distances along, in the order they are first read. */
    public List<Double> distances() {
        return stations.stream().map(Station::distance).distinct().toList();
    }
}
