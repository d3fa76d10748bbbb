package org.eskarn.app.picture.flat;

import java.util.List;
import java.util.Optional;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.Picture;
import org.eskarn.core.flat.Difference;
import org.eskarn.core.flat.Facets;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Station;
import org.eskarn.core.reading.Sweep;

/**
 * What changed between two sweeps of the same places, in a sentence and, over a plane, as a map.
 *
 * @param map empty where the places lie on no plane
 */
public record Changes(Difference difference, String headline, Optional<Picture> map) {

    /**
     * @param name of what is drawn
     * @param before a whole sweep
     * @param now another one of the same layout
     * @param onBorder whether each is levelled to its border first; over a plane only
     * @param raised whether the map is seen from the front
     */
    public static Changes of(String name, Sweep before, Sweep now, boolean onBorder, Display display, boolean raised) {
        List<Station> stations = now.readings().stream().map(Reading::station).toList();
        boolean plane = onPlane(stations);
        Facets facets = plane ? Facets.of(now) : Facets.of(new double[0], new double[0], new int[0]);
        double[] first = before.micrometres();
        double[] second = now.micrometres();
        Difference difference = plane
                ? Difference.of(places(facets.x(), second), places(facets.y(), second), first, second, onBorder)
                : Difference.of(first, second);
        return new Changes(
                difference,
                headline(difference, stations, display),
                plane ? Optional.of(map(name, now, facets, difference, display, raised)) : Optional.empty());
    }

    /** Whether every place lies on a plane. */
    public static boolean onPlane(List<Station> stations) {
        return stations.stream().allMatch(station -> station.across() != null);
    }

    /** Of the corners of the facets those that are places. */
    private static double[] places(double[] corners, double[] readings) {
        return java.util.Arrays.copyOf(corners, readings.length);
    }

    private static Picture map(
            String name, Sweep now, Facets facets, Difference difference, Display display, boolean raised) {
        Plate plate = new Plate(
                Words.say("picture.what-changed", name),
                now.layout().stations(),
                now.layout().unit().millimetres(),
                difference.change(),
                facets,
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Words.say("picture.now-less-before"));
        return raised ? RaisedDrawing.ofChange(plate, display) : PlateDrawing.ofChange(plate, display);
    }

    private static String headline(Difference difference, List<Station> stations, Display display) {
        double largest = difference.change()[difference.largest()];
        if (largest == 0) {
            return Words.say("picture.nothing-changed");
        }
        return Words.say(
                "picture.largest-change-at-so-it-reads-there",
                display.signed(largest),
                display.symbol(),
                stations.get(difference.largest()).name(),
                largest < 0 ? Words.say("picture.lower") : Words.say("picture.higher"),
                display.signed(difference.mean()),
                display.symbol(),
                difference.onBorder()
                        ? Words.say("picture.each-levelled-to-its-own-border")
                        : Words.say("picture.as-both-were-read-on-their-zeros"));
    }
}
