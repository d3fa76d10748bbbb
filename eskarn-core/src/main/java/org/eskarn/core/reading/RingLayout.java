package org.eskarn.core.reading;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Stations round one section, at any angles and in any order; angles may repeat.
 *
 * @param stations in the order they are read, numbered 1, 2, 3 …
 */
public record RingLayout(List<Station> stations) {

    /**
     * @throws IllegalArgumentException if there is no station, or the numbers do not run 1, 2, 3 …
     */
    public RingLayout {
        stations = List.copyOf(stations);
        if (stations.isEmpty()) {
            throw new IllegalArgumentException("a ring layout needs at least one station");
        }
        for (int i = 0; i < stations.size(); i++) {
            if (stations.get(i).number() != i + 1) {
                throw new IllegalArgumentException("stations are numbered 1, 2, 3 …; place " + (i + 1)
                        + " holds number " + stations.get(i).number());
            }
        }
    }

    /** A layout from angles in degrees, in the order of reading. */
    public static RingLayout of(List<BigDecimal> angles) {
        List<Station> stations = new ArrayList<>();
        for (BigDecimal angle : angles) {
            stations.add(new Station(stations.size() + 1, angle));
        }
        return new RingLayout(stations);
    }

    /**
     * A layout of {@code count} equal steps from 0°.
     *
     * @throws IllegalArgumentException if {@code count} is below 1
     */
    public static RingLayout equalSteps(int count) {
        return of(IntStream.range(0, count)
                .mapToObj(i -> BigDecimal.valueOf(360L * i)
                        .divide(BigDecimal.valueOf(count), 4, java.math.RoundingMode.HALF_UP))
                .toList());
    }

    /** This layout with more stations after its last, numbered on; itself where there are none. */
    public RingLayout extended(List<BigDecimal> angles) {
        if (angles.isEmpty()) {
            return this;
        }
        return of(Stream.concat(stations.stream().map(Station::angle), angles.stream())
                .toList());
    }

    public int size() {
        return stations.size();
    }
}
