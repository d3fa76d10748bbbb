package org.eskarn.app.docket.work;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import org.eskarn.app.docket.SweepRecord;
import org.eskarn.app.page.Typed;
import org.eskarn.app.page.Words;
import org.eskarn.core.reading.Station;

/**
 * Readings that name their places: two columns under a head, “place;value”, in any order. A place is the name of a station, its number or,
 * on a ring, its angle.
 *
 * @param readings from the first place asked for, as far as they follow each other
 * @param problem what is wrong with the places; empty if nothing
 */
record PlacedReadings(List<String> readings, String problem) {

    /** Two words and no figure: whoever pastes readings alone has no such line. */
    private static final Pattern HEAD = Pattern.compile("\\s*[^\\d;,\t]+([;,\t])[^\\d;,\t]+");

    /**
     * Empty where the text has no such head.
     *
     * @param from the place of the first reading
     */
    static Optional<PlacedReadings> of(SweepRecord sweep, String text, int from) {
        List<String> lines = text.replace("\uFEFF", "")
                .lines()
                .filter(line -> !line.isBlank())
                .toList();
        if (lines.isEmpty() || !HEAD.matcher(lines.get(0)).matches()) {
            return Optional.empty();
        }
        String separator = lines.get(0).replaceAll("[^;,\t]", "");
        Map<String, String> byPlace = new LinkedHashMap<>();
        for (String line : lines.subList(1, lines.size())) {
            String[] cells = line.split(Pattern.quote(separator), 2);
            String place = plain(cells[0]);
            if (cells.length < 2 || cells[1].isBlank()) {
                return Optional.of(new PlacedReadings(List.of(), Words.say("docket.no-place-and-value", line.strip())));
            }
            if (byPlace.putIfAbsent(place, cells[1].strip()) != null) {
                return Optional.of(new PlacedReadings(List.of(), Words.say("docket.place-twice", cells[0].strip())));
            }
        }
        return Optional.of(inOrder(sweep, byPlace, from));
    }

    private static PlacedReadings inOrder(SweepRecord sweep, Map<String, String> byPlace, int from) {
        List<String> readings = new ArrayList<>();
        String missing = "";
        for (int place = from; place <= sweep.layout().places(); place++) {
            String value = null;
            for (String name : names(sweep, place)) {
                value = value == null ? byPlace.remove(name) : value;
            }
            if (value == null) {
                missing = missing.isEmpty() ? sweep.placeName(place) : missing;
            } else if (missing.isEmpty()) {
                readings.add(value);
            } else {
                return new PlacedReadings(readings, Words.say("docket.no-value-for-place", missing));
            }
        }
        return new PlacedReadings(
                readings,
                byPlace.isEmpty()
                        ? ""
                        : Words.say(
                                "docket.no-such-place",
                                byPlace.keySet().iterator().next()));
    }

    private static List<String> names(SweepRecord sweep, int place) {
        List<String> names = new ArrayList<>(List.of(plain(sweep.placeName(place))));
        if (place <= sweep.layout().size()) {
            Station station = sweep.layout().stations().get(place - 1);
            if (station.angle() != null && station.along() == null) {
                names.add(plain(station.angle().toPlainString()));
            }
            names.add("#" + station.number());
        }
        return names;
    }

    /** A number without zeros at its end, a name without blanks. */
    private static String plain(String place) {
        String small = place.strip().toLowerCase(Locale.ROOT).replaceAll("[\\s\u00b0]", "");
        BigDecimal number = Typed.decimal(small);
        return number == null ? small : number.stripTrailingZeros().toPlainString();
    }
}
