package org.eskarn.app.docket.work;

import java.util.List;
import org.eskarn.app.docket.DialledIn;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.core.remedy.DialIn;

/**
 * How a part is dialled in, as it is shown.
 *
 * @param offered whether another round can be taken
 * @param rounds those at the places of the last one
 * @param places of the last round, with semicolons between; empty before the first
 * @param within what they are to agree within, as typed; empty before the first
 * @param done whether the part lies well enough by the last round
 * @param said what the last round comes to; empty before the first
 */
public record DialInView(
        boolean offered, List<Round> rounds, List<String> places, String within, boolean done, String said) {

    /** @param readings place by place */
    public record Round(int number, List<String> readings, String range) {}

    static DialInView of(SetUp setUp, boolean mayWork, Display display) {
        boolean offered = mayWork && DialInService.hindrance(setUp).isEmpty();
        List<DialledIn> all = setUp.dialledInNow();
        if (all.isEmpty()) {
            return new DialInView(offered, List.of(), List.of(), "", false, "");
        }
        DialledIn last = all.get(all.size() - 1);
        return new DialInView(
                offered,
                all.stream()
                        .filter(each -> each.places().equals(last.places()))
                        .map(each -> new Round(
                                each.number(),
                                each.round().readings().stream()
                                        .map(display::signed)
                                        .toList(),
                                display.amount(each.round().range())))
                        .toList(),
                last.placeNames(),
                last.withinTyped(),
                last.round().done(),
                said(last, display));
    }

    private static String said(DialledIn last, Display display) {
        DialIn round = last.round();
        return round.done()
                ? Words.say("docket.it-lies-within", amount(round.range(), display), amount(round.within(), display))
                : Words.say(
                        "docket.it-does-not-lie-within",
                        last.highest(),
                        amount(round.range(), display),
                        last.lowest(),
                        amount(round.half(), display));
    }

    private static String amount(double micrometres, Display display) {
        return display.amount(micrometres) + " " + display.symbol();
    }
}
