package org.eskarn.app.docket;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.eskarn.app.page.Words;

/** Who read a sweep: whoever typed its readings, whoever opened the docket. */
final class Readers {

    private Readers() {}

    /** @param stations how many the layout has; what is read after them is the return */
    static List<Reader> of(List<TakenReading> readings, int stations) {
        Map<Long, List<Integer>> places = new LinkedHashMap<>();
        Map<Long, String> names = new LinkedHashMap<>();
        for (TakenReading reading : readings) {
            places.computeIfAbsent(reading.takenBy(), unused -> new ArrayList<>())
                    .add(reading.place());
            names.put(reading.takenBy(), reading.takenByName());
        }
        List<Reader> readers = new ArrayList<>();
        names.forEach((id, name) -> readers.add(new Reader(
                id, name, names.size() == 1 ? "" : ranges(places.getOrDefault(id, List.of()), stations))));
        return readers;
    }

    /** Places as ranges: 1–4 and 6, and the return. */
    private static String ranges(List<Integer> places, int stations) {
        List<String> ranges = new ArrayList<>();
        int i = 0;
        while (i < places.size()) {
            int from = places.get(i);
            int to = from;
            while (i + 1 < places.size() && places.get(i + 1) == to + 1 && to + 1 <= stations) {
                to = places.get(++i);
            }
            ranges.add(
                    from > stations
                            ? Words.say("docket.return-place")
                            : from == to ? String.valueOf(from) : from + "–" + to);
            i++;
        }
        return String.join(", ", ranges);
    }
}
