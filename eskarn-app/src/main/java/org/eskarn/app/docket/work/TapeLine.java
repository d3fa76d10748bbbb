package org.eskarn.app.docket.work;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.Step;
import org.eskarn.app.docket.SweepRecord;
import org.eskarn.app.docket.TakenReading;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.core.reading.Entry;
import org.eskarn.core.reading.ReadingUnit;
import org.eskarn.core.reading.Station;

/**
 * One line of the tape, as it is shown.
 *
 * @param id for the page to find it by
 * @param kind "next" for the one to read next, "return" for the last
 * @param number the station, marked where it is the return
 * @param at what it is called
 * @param struck what stood there before it was put right, as typed
 * @param reading in the unit of the tape, of a band its middle; with what was typed before it where that is a band
 *     or has another unit
 * @param other the same in the other system
 */
public record TapeLine(String id, String kind, String number, String at, String struck, String reading, String other) {

    /** A line for each station, read or not, and a last one for the return where there is one. */
    static List<TapeLine> of(SetUp setUp, Display display) {
        SweepRecord sweep = setUp.sweep();
        List<Station> stations = sweep.layout().stations();
        boolean open = setUp.current() == Step.SWEEP;
        List<TapeLine> lines = new ArrayList<>();
        for (int place = 1; place <= sweep.layout().places(); place++) {
            boolean isReturn = place > stations.size();
            boolean next = open && place == sweep.nextPlace();
            Station station = isReturn ? sweep.layout().returnStation() : stations.get(place - 1);
            Optional<Entry> entry = place < sweep.nextPlace()
                    ? Optional.of(sweep.readings().get(place - 1).entry())
                    : Optional.empty();
            double micrometres = entry.isPresent() ? sweep.micrometres(place) : 0;
            boolean answer = entry.filter(e -> e.unit() == ReadingUnit.ANSWER).isPresent();
            lines.add(new TapeLine(
                    "tape-" + place,
                    (next ? "next" : "") + (isReturn ? Words.say("docket.return") : ""),
                    (isReturn ? "↺ " : "") + station.number(),
                    station.name(),
                    sweep.replacedAt(place).stream().map(TakenReading::typed).collect(Collectors.joining("  ")),
                    answer
                            ? micrometres == 1 ? Words.say("docket.yes") : Words.say("docket.no")
                            : entry.map(e -> typedBefore(e, display) + said(sweep, micrometres, display) + seenAt(e))
                                    .orElse(next ? "–" : ""),
                    entry.isEmpty() || answer ? "" : said(sweep, micrometres, display.companion())));
        }
        return lines;
    }

    /** A whole size has no plus before it. */
    private static String said(SweepRecord sweep, double micrometres, Display display) {
        return sweep.gauge().readsSizes() ? display.amount(micrometres) : display.signed(micrometres);
    }

    private static String seenAt(Entry entry) {
        BigDecimal noted = entry.noted();
        return noted == null
                ? ""
                : " " + Words.say("docket.seen-at", noted.stripTrailingZeros().toPlainString());
    }

    private static String typedBefore(Entry entry, Display display) {
        boolean ownUnit = entry.unit().length().filter(display.unit()::equals).isPresent();
        BigDecimal other = entry.bandEnd();
        if (ownUnit && other == null) {
            return "";
        }
        String numbers = entry.amount().toPlainString() + (other == null ? "" : "/" + other.toPlainString());
        return numbers.replace("-", "\u2212")
                + (ownUnit ? "" : " " + entry.unit().symbol()) + " = ";
    }
}
