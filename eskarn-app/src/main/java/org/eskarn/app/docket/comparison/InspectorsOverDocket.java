package org.eskarn.app.docket.comparison;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.docket.Attempt;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SetUpDisplay;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Units;
import org.eskarn.app.page.Words;
import org.eskarn.core.verdict.NormalizedError;
import org.eskarn.core.verdict.Verdict;

/**
 * The inspectors of a docket, requirement by requirement: Eₙ of the last against the first of each, and whether one of them reads more
 * every time.
 *
 * @param lines of the requirements that two inspectors have measured
 * @param conclusion one sentence; empty below two lines
 */
record InspectorsOverDocket(List<Line> lines, String conclusion) {

    /** From so many comparisons on, all to one side are no chance: of three one in four would be. */
    private static final int TELLING = 3;

    /** One requirement. */
    record Line(String title, String first, String second, String difference, String en, boolean agrees) {}

    /** What one comparison says. */
    private record Compared(String one, String other, NormalizedError error) {}

    static InspectorsOverDocket of(Docket docket, Units units) {
        List<Line> lines = new ArrayList<>();
        List<Compared> all = new ArrayList<>();
        for (SetUp setUp : docket.setUps()) {
            List<Attempt> whole = setUp.blind()
                    ? List.of()
                    : setUp.findings().inspections().stream()
                            .filter(Attempt::whole)
                            .toList();
            if (whole.size() > 1) {
                Attempt first = whole.get(0);
                Attempt last = whole.get(whole.size() - 1);
                compared(first, last).ifPresent(error -> {
                    lines.add(line(setUp, first, last, error, units));
                    all.add(new Compared(first.readBy(), last.readBy(), error));
                });
            }
        }
        return new InspectorsOverDocket(lines, conclusion(all));
    }

    private static Optional<NormalizedError> compared(Attempt first, Attempt last) {
        Double a = first.verdict().value();
        Double b = last.verdict().value();
        return a == null || b == null
                ? Optional.empty()
                : Optional.of(NormalizedError.of(
                        a, first.verdict().expanded(), b, last.verdict().expanded()));
    }

    private static Line line(SetUp setUp, Attempt first, Attempt last, NormalizedError error, Units units) {
        Display display = SetUpDisplay.figures(setUp, units);
        return new Line(
                setUp.requirement().title(),
                said(first, display),
                said(last, display),
                display.signed(error.difference()) + " " + display.symbol(),
                Display.plain(Math.min(error.amount(), 99), 2),
                error.agrees());
    }

    private static String said(Attempt attempt, Display display) {
        Verdict verdict = attempt.verdict();
        double value = java.util.Objects.requireNonNull(verdict.value());
        return attempt.readBy() + ": " + display.judged(verdict) + " "
                + display.knownTo(value, verdict.expanded(), verdict.below());
    }

    private static String conclusion(List<Compared> all) {
        if (all.size() < 2) {
            return "";
        }
        long agree = all.stream().filter(each -> each.error().agrees()).count();
        boolean pair = all.stream()
                .allMatch(each -> each.one().equals(all.get(0).one())
                        && each.other().equals(all.get(0).other()));
        boolean more = all.stream().allMatch(each -> each.error().difference() > 0);
        boolean less = all.stream().allMatch(each -> each.error().difference() < 0);
        String said = Words.say("docket.of-comparisons-agree", agree, all.size());
        return pair && all.size() >= TELLING && (more || less)
                ? said + " "
                        + (more
                                ? Words.say(
                                        "docket.reads-more-every-time",
                                        all.get(0).other(),
                                        all.get(0).one())
                                : Words.say(
                                        "docket.reads-less-every-time",
                                        all.get(0).other(),
                                        all.get(0).one()))
                : said;
    }
}
