package org.eskarn.app.bench;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.Standing;
import org.eskarn.app.docket.Step;
import org.eskarn.app.docket.WaitsFor;
import org.eskarn.app.page.Words;

/**
 * One docket on the Bench.
 *
 * @param marks how each requirement stands, in the order of the drawing
 * @param next what to do first when it is opened, or what it waits for
 * @param waits whether nothing can be done before somebody corrected it or looked again
 */
record BenchLine(Docket docket, List<Mark> marks, String next, boolean waits) {

    private static final int MOST_MARKS = 14;

    /** How one requirement stands. */
    record Mark(String title, Standing standing) {}

    static BenchLine of(Docket docket) {
        List<Mark> marks = docket.setUps().stream()
                .map(setUp -> new Mark(setUp.requirement().title(), Standing.of(setUp)))
                .toList();
        return new BenchLine(docket, marks, next(docket), docket.waitsFor().isPresent());
    }

    private static String next(Docket docket) {
        if (docket.settled()) {
            return Words.say("bench.all-judged-sign");
        }
        Optional<WaitsFor> waits = docket.waitsFor();
        if (waits.isPresent()) {
            return Words.say(
                    "bench.waits-for",
                    docket.next().requirement().title(),
                    waits.get().title());
        }
        SetUp setUp = docket.next();
        String title = setUp.requirement().title();
        Step step = setUp.current();
        if (step == Step.SWEEP) {
            int read = setUp.sweep().readings().size();
            int stations = setUp.sweep().layout().size();
            return title + ": "
                    + (read < stations
                            ? Words.say("bench.station-of", read + 1, stations)
                            : Words.say("bench.the-return"));
        }
        if (step.compareTo(Step.SWEEP) > 0 && setUp.workedSince() && !setUp.acceptable()) {
            return Words.say("bench.measure-after-the-correction", title);
        }
        if (step.compareTo(Step.SWEEP) > 0 && !setUp.acceptable()) {
            return Words.say("bench.sweep-again", title, setUp.gaugeInUse().code());
        }
        return title + ": " + setUp.title(step).toLowerCase(java.util.Locale.ROOT);
    }

    /** How many requirements stand how, where there are too many to show each. */
    record Tally(Standing standing, long count) {}

    /** Empty while each requirement can be shown by itself. */
    public List<Tally> tallies() {
        if (marks.size() <= MOST_MARKS) {
            return List.of();
        }
        return Arrays.stream(Standing.values())
                .map(standing -> new Tally(
                        standing,
                        marks.stream()
                                .filter(mark -> mark.standing() == standing)
                                .count()))
                .filter(tally -> tally.count() > 0)
                .toList();
    }
}
