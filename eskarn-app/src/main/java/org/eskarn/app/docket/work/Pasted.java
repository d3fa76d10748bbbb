package org.eskarn.app.docket.work;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.docket.ReadingSource;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SweepRecord;
import org.eskarn.app.page.Words;
import org.eskarn.core.reading.EntryRejected;

/**
 * A pasted column beside the stations it would fill, before it is taken.
 *
 * @param text as pasted
 * @param lines one for each reading
 * @param problem what is wrong with the whole; empty if nothing
 */
public record Pasted(String text, List<Line> lines, String problem) {

    private static final int MOST = 500;

    /**
     * @param problem why this is no reading; empty if it is one
     */
    public record Line(String station, String typed, String problem) {}

    /** @param from the place of the first reading */
    static Pasted of(SetUp setUp, String text, int from) {
        SweepRecord sweep = setUp.sweep();
        List<Line> lines = new ArrayList<>();
        Optional<PlacedReadings> placed = PlacedReadings.of(sweep, text, from);
        List<String> all = placed.map(PlacedReadings::readings).orElseGet(() -> split(text));
        for (String typed : all.subList(0, Math.min(all.size(), MOST))) {
            int place = from + lines.size();
            String station =
                    place > sweep.layout().places() ? Words.say("docket.no-station-left") : sweep.placeName(place);
            lines.add(new Line(station, typed, problem(setUp, place, typed)));
        }
        int togo = Math.max(0, sweep.layout().places() - from + 1);
        String problem = "";
        if (!placed.map(PlacedReadings::problem).orElse("").isEmpty()) {
            problem = placed.get().problem();
        } else if (all.isEmpty()) {
            problem = Words.say("docket.nothing-was-pasted-paste-a-column-of");
        } else if (all.size() > togo) {
            problem = Words.say("docket.these-are-readings-but-only-places-are", all.size(), togo);
        } else if (lines.stream().anyMatch(line -> !line.problem().isEmpty())) {
            problem = Words.say("docket.not-every-line-is-a-reading-put");
        }
        return new Pasted(text, lines, problem);
    }

    private static String problem(SetUp setUp, int place, String typed) {
        try {
            ReadingService.parse(setUp, new TypedReading(0, place, typed, "", ReadingSource.PASTED));
            return "";
        } catch (EntryRejected e) {
            return Words.of(e.note());
        }
    }

    /** One reading for each line, tab or semicolon; empty ones do not count. */
    private static List<String> split(String text) {
        return Arrays.stream(text.split("[\\r\\n\\t;]+"))
                .map(String::strip)
                .filter(each -> !each.isEmpty())
                .toList();
    }

    /** The readings as they are taken, one place after the other. */
    List<String> readings() {
        return lines.stream().map(Line::typed).toList();
    }

    public boolean good() {
        return problem.isEmpty();
    }
}
