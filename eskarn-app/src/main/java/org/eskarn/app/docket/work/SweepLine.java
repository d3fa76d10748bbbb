package org.eskarn.app.docket.work;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.eskarn.app.docket.Attempt;
import org.eskarn.app.docket.SetAside;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SweepRecord;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;

/**
 * One sweep in the list of all that may be seen.
 *
 * @param attempt the heading of its attempt; empty on all but the first line of one
 * @param returned how its zero came back; a dash where it is not read again
 * @param struck whether it does not count
 * @param aside why it was set aside or does not count; empty where it counts
 * @param present whether it belongs to the present attempt and was set aside, so that it can be counted again
 */
public record SweepLine(
        long id,
        String attempt,
        int number,
        String figure,
        String returned,
        String readBy,
        boolean struck,
        String aside,
        boolean present) {

    /** A sweep that can be set aside. */
    public record Choice(long id, String title) {}

    private static final String NONE = "–";

    static List<SweepLine> of(SetUp setUp, Display figures, Display readings) {
        List<SweepLine> lines = new ArrayList<>();
        List<Attempt> attempts = setUp.visibleAttempts();
        for (Attempt attempt : attempts) {
            String heading = attempts.size() > 1 ? attempt.kind().title() : "";
            for (SweepRecord sweep : attempt.sweeps()) {
                if (sweep.touched()) {
                    lines.add(line(setUp, attempt, sweep, heading, figures, readings));
                    heading = "";
                }
            }
        }
        return lines;
    }

    private static SweepLine line(
            SetUp setUp, Attempt attempt, SweepRecord sweep, String heading, Display figures, Display readings) {
        SetAside aside = sweep.setAside();
        return new SweepLine(
                sweep.id(),
                heading,
                sweep.number(),
                figure(sweep, figures),
                sweep.assessment()
                        .returnCheck()
                        .map(check -> readings.signed(check.error()) + (check.holds() ? "" : Words.say("docket.out")))
                        .orElse(NONE),
                sweep.readBy(),
                !sweep.counts() && sweep.complete(),
                aside == null
                        ? ""
                        : Words.say("docket.set-aside", aside.cause().title(), aside.reason(), aside.setAsideByName()),
                aside != null && attempt == setUp.attempt());
    }

    private static String figure(SweepRecord sweep, Display figures) {
        if (sweep.layout().kind().answered()) {
            return NONE;
        }
        return sweep.assessment()
                .reduction()
                .map(reduction -> figures.amount(reduction.judged()) + (sweep.complete() ? "" : " …"))
                .orElse(NONE);
    }

    static List<Choice> toSetAside(SetUp setUp, Display figures) {
        return setUp.attempt().sweeps().stream()
                .filter(sweep -> sweep.setAside() == null && sweep.touched())
                .map(sweep -> new Choice(
                        sweep.id(),
                        Words.say(
                                "docket.sweep-2",
                                sweep.number(),
                                sweep.complete() ? figure(sweep, figures) : Words.say("docket.not-complete"),
                                sweep.readBy(),
                                setUp.gaugeInUse().code())))
                .toList();
    }

    /** Who read what is shown, and with what. */
    static String readers(SetUp setUp, boolean signed) {
        Attempt shown = setUp.sweep().complete() || signed ? setUp.findings().shown() : setUp.attempt();
        List<SweepRecord> read = shown.sweeps().stream()
                .filter(SweepRecord::touched)
                .filter(sweep -> sweep.setAside() == null)
                .toList();
        if (read.isEmpty()) {
            return "";
        }
        Set<String> marks = new LinkedHashSet<>();
        read.forEach(sweep -> sweep.gauges().forEach(gauge -> marks.add(gauge.mark())));
        return Words.say(
                "docket.with",
                read.size() > 1
                        ? Words.say(
                                "docket.sweeps-by",
                                read.size(),
                                setUp.gaugeInUse().code())
                        : Words.say("docket.read-by"),
                shown.readBy(),
                String.join(Words.say("docket.and"), marks));
    }

    static String capital(String words) {
        return words.isEmpty() ? "" : Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
