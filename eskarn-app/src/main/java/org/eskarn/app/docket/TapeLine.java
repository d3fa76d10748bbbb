package org.eskarn.app.docket;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import org.eskarn.app.page.Display;
import org.eskarn.core.reading.Entry;
import org.eskarn.core.reading.Station;

/**
 * One line of the tape, as it is shown.
 *
 * @param id for the page to find it by
 * @param kind "next" for the one to read next, "return" for the last
 * @param number the station, marked where it is the return
 * @param at its angle
 * @param struck what stood there before it was put right, as typed
 * @param reading in the unit of the tape, of a band its middle; with what was typed before it where that is a band
 *     or has another unit
 * @param other the same in the other system
 */
public record TapeLine(String id, String kind, String number, String at, String struck, String reading, String other) {

    /** A line for each station, read or not, and a last one for the return. */
    static List<TapeLine> of(SetUp setUp, Display display) {
        SweepRecord sweep = setUp.sweep();
        List<Station> stations = sweep.layout().stations();
        boolean open = setUp.current() == Step.SWEEP;
        List<TapeLine> lines = new ArrayList<>();
        for (int place = 1; place <= stations.size() + 1; place++) {
            boolean isReturn = place > stations.size();
            boolean next = open && place == sweep.nextPlace();
            Station station = stations.get((place - 1) % stations.size());
            OptionalDouble micrometres =
                    place < sweep.nextPlace() ? OptionalDouble.of(sweep.micrometres(place)) : OptionalDouble.empty();
            lines.add(new TapeLine(
                    "tape-" + place,
                    (next ? "next" : "") + (isReturn ? " return" : ""),
                    (isReturn ? "↺ " : "") + station.number(),
                    station.angle().stripTrailingZeros().toPlainString() + "°",
                    sweep.correctedAt(place).stream().map(ReadingRow::typed).collect(Collectors.joining("  ")),
                    micrometres.isPresent()
                            ? typedBefore(sweep.readings().get(place - 1).entry(), display)
                                    + display.signed(micrometres.getAsDouble())
                            : next ? "–" : "",
                    micrometres.isPresent() ? display.companion().signed(micrometres.getAsDouble()) : ""));
        }
        return lines;
    }

    private static String typedBefore(Entry entry, Display display) {
        boolean ownUnit = entry.unit().length().filter(display.unit()::equals).isPresent();
        BigDecimal other = entry.other();
        if (ownUnit && other == null) {
            return "";
        }
        String numbers = entry.number().toPlainString() + (other == null ? "" : "/" + other.toPlainString());
        return numbers.replace("-", "\u2212")
                + (ownUnit ? "" : " " + entry.unit().symbol()) + " = ";
    }
}
