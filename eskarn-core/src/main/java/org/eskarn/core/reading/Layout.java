package org.eskarn.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.eskarn.core.units.LengthUnit;

/**
 * The stations to touch, in the order they are read, numbered 1, 2, 3 … Places may repeat.
 *
 * @param unit of the distances between stations
 * @param returns whether the first station is read once more at the end
 * @param closings numbers of the stations that only close a section: its first place read once more before the gauge is set
 *     to zero for the next
 */
public record Layout(
        LayoutKind kind, LengthUnit unit, List<Station> stations, boolean returns, List<Integer> closings) {

    /**
     * @throws IllegalArgumentException if there is no station, or the numbers do not run 1, 2, 3 …
     */
    public Layout {
        stations = List.copyOf(stations);
        closings = List.copyOf(closings);
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

    public Layout(LayoutKind kind, LengthUnit unit, List<Station> stations, boolean returns) {
        this(kind, unit, stations, returns, List.of());
    }

    /**
     * This layout of rings or lines with a zero of its own at each: every one but the last is closed by its first place,
     * which the return does for the last. Other layouts have no sections to close, and read from place to place no return
     * either.
     */
    public Layout rezeroed() {
        if (kind != LayoutKind.RINGS && kind != LayoutKind.LINES) {
            return returning(false);
        }
        List<Station> all = new ArrayList<>();
        List<Integer> closing = new ArrayList<>();
        Station first = stations.get(0);
        for (Station station : stations) {
            if (!sameSection(first, station)) {
                closing.add(all.size() + 1);
                all.add(first.as(all.size() + 1, first.name() + " again"));
                first = station;
            }
            all.add(station.as(all.size() + 1, station.name()));
        }
        return new Layout(kind, unit, all, returns, closing);
    }

    private boolean sameSection(Station one, Station other) {
        return kind == LayoutKind.LINES ? Objects.equals(one.line(), other.line()) : one.distance() == other.distance();
    }

    /**
     * This layout read in several set-ups one after the other: all its stations on a zero of their own each time, and between
     * two set-ups its zero again where it has a return. Itself where there is one set-up only.
     *
     * @param names what the set-ups are called; none for one
     */
    public Layout inSetUps(List<String> names) {
        return names.isEmpty() ? this : setUps(names, this);
    }

    /**
     * This layout in a second set-up after another layout in the first: a part after the master it is compared with, which was
     * read at stations of its own.
     *
     * @param names what both set-ups are called
     */
    public Layout after(Layout master, List<String> names) {
        return setUps(names, master);
    }

    private Layout setUps(List<String> names, Layout first) {
        List<Station> all = new ArrayList<>();
        List<Integer> closing = new ArrayList<>();
        for (int k = 0; k < names.size(); k++) {
            String name = before(names.get(k));
            int before = all.size();
            Layout read = k == 0 ? first : this;
            read.closings.forEach(each -> closing.add(each + before));
            int setUp = k;
            read.stations.forEach(station ->
                    all.add(station.as(all.size() + 1, name + station.name()).in(setUp)));
            if (returns && k < names.size() - 1) {
                Station zero = read.returnStation();
                closing.add(all.size() + 1);
                all.add(zero.as(all.size() + 1, name + zero.name() + " again").in(setUp));
            }
        }
        return new Layout(kind, unit, all, returns, closing);
    }

    /** What stands before the name of each station of a set-up, which may hold a colon of its own. */
    public static String before(String setUp) {
        return setUp + ": ";
    }

    /** The set-up, counted from 0, that begins at a station; 0 also where none does. */
    public int beginsSetUp(Station station) {
        boolean begins =
                station.number() > 1 && stations.get(station.number() - 2).setUp() != station.setUp();
        return begins ? station.setUp() : 0;
    }

    /** Whether a station only closes its section. */
    public boolean closes(Station station) {
        return closings.contains(station.number());
    }

    /** Whether the gauge is set to zero at a station: the first, and each after one that closes. */
    public boolean zeroAt(Station station) {
        return station.number() == 1 || closings.contains(station.number() - 1);
    }

    /** The station on whose zero another was read, itself where it is set there. */
    public Station zeroOf(Station station) {
        int closed = closings.stream()
                .filter(c -> c < station.number())
                .mapToInt(c -> c)
                .max()
                .orElse(0);
        return stations.get(closed);
    }

    /** The station that is read again at the end: the one of the last zero. */
    public Station returnStation() {
        return zeroOf(stations.get(stations.size() - 1));
    }

    /** This layout with or without a return, as readings that are whole sizes have no zero to come back to. */
    public Layout returning(boolean wanted) {
        return wanted == returns ? this : new Layout(kind, unit, stations, wanted, closings);
    }

    /** This layout with more stations after its last, numbered on; itself where there are none. */
    public Layout extended(List<Place> more) {
        if (more.isEmpty()) {
            return this;
        }
        List<Station> added = new ArrayList<>();
        for (Place place : more) {
            added.add(place.numbered(stations.size() + added.size() + 1));
        }
        return new Layout(
                kind, unit, Stream.concat(stations.stream(), added.stream()).toList(), returns, closings);
    }

    /** Whether stations can be added while hunting: not where each section has a zero of its own that is closed by then. */
    public boolean hunted() {
        return kind.hunted() && closings.isEmpty();
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
