package org.eskarn.app.picture.flat;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.eskarn.core.flat.Facets;
import org.eskarn.core.flat.Tilt;
import org.eskarn.core.reading.Station;
import org.eskarn.core.zone.ThinnestBand.Contact;

/**
 * A face to be drawn.
 *
 * @param stations all there are, in the order read; the first have heights
 * @param perPlace mm for each unit of their distances
 * @param heights µm, of the first stations
 * @param facets the face between those that have heights
 * @param contacts what holds the zone
 * @param tilt where it is drawn with its tilt
 * @param next the station to touch next
 * @param marks beside the stations
 * @param called what the heights are, for the line below
 */
public record Plate(
        String title,
        List<Station> stations,
        double perPlace,
        double[] heights,
        Facets facets,
        List<Contact> contacts,
        Optional<Tilt> tilt,
        Optional<Station> next,
        String called,
        List<Mark> marks) {

    /** Something beside the stations, at a place in mm. */
    public record Mark(double x, double y, String label) {}

    Plate(
            String title,
            List<Station> stations,
            double perPlace,
            double[] heights,
            Facets facets,
            List<Contact> contacts,
            Optional<Tilt> tilt,
            Optional<Station> next,
            String called) {
        this(title, stations, perPlace, heights, facets, contacts, tilt, next, called, List.of());
    }

    /** Index of the highest place, the first of equal ones; −1 where none is read. */
    int highest() {
        return IntStream.range(0, heights.length)
                .reduce((a, b) -> heights[b] > heights[a] ? b : a)
                .orElse(-1);
    }

    /** Index of the lowest place, the first of equal ones; −1 where none is read. */
    int lowest() {
        return IntStream.range(0, heights.length)
                .reduce((a, b) -> heights[b] < heights[a] ? b : a)
                .orElse(-1);
    }

    double x(Station station) {
        return station.distance() * perPlace;
    }

    double y(Station station) {
        return station.height() * perPlace;
    }
}
