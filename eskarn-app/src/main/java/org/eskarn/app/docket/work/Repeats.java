package org.eskarn.app.docket.work;

import java.util.ArrayList;
import java.util.List;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SweepRecord;
import org.eskarn.app.page.Display;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.ReadingUnit;
import org.eskarn.core.reading.Station;

/** The last sweeps side by side, station by station, with the difference between the last two. */
final class Repeats {

    private static final int SIDE_BY_SIDE = 4;

    private Repeats() {}

    /**
     * @param readings one for each sweep, empty where it has none
     * @param difference of the last two, with its sign
     */
    public record Line(String station, List<String> readings, String difference) {}

    /** The sweeps that stand side by side: the last four that have readings. */
    static List<SweepRecord> sweeps(SetUp setUp) {
        List<SweepRecord> read = setUp.visibleAttempts().stream()
                .flatMap(attempt -> attempt.sweeps().stream())
                .filter(sweep -> !sweep.readings().isEmpty() && sweep.setAside() == null)
                .toList();
        return read.subList(Math.max(0, read.size() - SIDE_BY_SIDE), read.size());
    }

    /** Empty while there is nothing to compare. */
    static List<Line> of(SetUp setUp, Display display) {
        List<SweepRecord> sweeps = sweeps(setUp);
        boolean answers = sweeps.stream()
                .flatMap(sweep -> sweep.readings().stream())
                .anyMatch(reading -> reading.unit() == ReadingUnit.ANSWER);
        if (sweeps.size() < 2 || answers) {
            return List.of();
        }
        List<Line> lines = new ArrayList<>();
        List<Station> stations = setUp.requirement().terms().layout().stations();
        for (int i = 0; i < stations.size(); i++) {
            List<String> said = new ArrayList<>();
            for (SweepRecord sweep : sweeps) {
                List<Reading> readings = sweep.assessment().corrected().readings();
                said.add(i < readings.size() ? display.signed(readings.get(i).micrometres()) : "");
            }
            List<Reading> last =
                    sweeps.get(sweeps.size() - 1).assessment().corrected().readings();
            List<Reading> before =
                    sweeps.get(sweeps.size() - 2).assessment().corrected().readings();
            boolean both = i < last.size() && i < before.size();
            lines.add(new Line(
                    stations.get(i).name(),
                    said,
                    both
                            ? display.signed(
                                    last.get(i).micrometres() - before.get(i).micrometres())
                            : ""));
        }
        return lines;
    }
}
