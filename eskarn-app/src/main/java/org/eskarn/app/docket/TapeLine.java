package org.eskarn.app.docket;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.page.Display;
import org.eskarn.core.reading.Entry;
import org.eskarn.core.reading.Station;

/**
 * One line of the tape.
 *
 * @param number the station
 * @param at its angle
 * @param reading in the unit of the tape; empty while it is not read
 * @param other the same in the other system
 * @param typed what was typed where that differs in unit, otherwise empty
 * @param next whether it is the one to read next
 */
public record TapeLine(int number, String at, String reading, String other, String typed, boolean next) {

    /** A line for each station, read or not, and a last one for the return. */
    static List<TapeLine> of(SetUp setUp, Display display) {
        SweepRecord sweep = setUp.sweep();
        List<Station> stations = setUp.requirement().terms().layout().stations();
        List<TapeLine> lines = new ArrayList<>();
        for (int place = 1; place <= stations.size() + 1; place++) {
            Station station = stations.get((place - 1) % stations.size());
            Optional<ReadingRow> reading = place <= sweep.readings().size()
                    ? Optional.of(sweep.readings().get(place - 1))
                    : Optional.empty();
            lines.add(line(station, reading, sweep, place == sweep.nextPlace(), display));
        }
        return lines;
    }

    private static TapeLine line(
            Station station, Optional<ReadingRow> reading, SweepRecord sweep, boolean next, Display display) {
        String at = station.angle().stripTrailingZeros().toPlainString() + "°";
        if (reading.isEmpty()) {
            return new TapeLine(station.number(), at, "", "", "", next);
        }
        Entry entry = reading.get().entry();
        double micrometres = entry.length(sweep.gauge().dial().graduation()).micrometres();
        boolean ownUnit = entry.unit().length().filter(display.unit()::equals).isPresent();
        return new TapeLine(
                station.number(),
                at,
                display.signed(micrometres),
                display.companion().signed(micrometres),
                ownUnit
                        ? ""
                        : entry.number().toPlainString() + " " + entry.unit().symbol(),
                next);
    }
}
