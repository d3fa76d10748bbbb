package org.eskarn.app.docket.work;

import java.util.List;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SetUpDisplay;
import org.eskarn.app.docket.Standing;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;

/** One line of the list of requirements beside the picture. */
public record RequirementItem(
        int position, String title, String line, Standing standing, boolean shown, boolean settled) {

    /** In the order in which they are best worked. */
    static List<RequirementItem> of(Docket docket, SetUp shown) {
        return docket.suggested().stream()
                .map(each -> new RequirementItem(
                        each.requirement().position(),
                        each.requirement().title(),
                        line(each) + (docket.leader(each).isPresent() ? Words.say("docket.same-readings") : ""),
                        Standing.of(each),
                        each == shown,
                        each.settled()))
                .toList();
    }

    private static String line(SetUp each) {
        if (each.waitsFor().isPresent()) {
            return Words.say("docket.on-hold-for", each.waitsFor().get().title());
        }
        String limit = Words.of(each.requirement().terms().limit().words());
        Double value = each.verdict().value();
        boolean decided =
                each.verdict().because() == null && each.wholeLeftOut().isEmpty();
        if (value == null || !decided) {
            String statedAs = Words.of(each.requirement().terms().statedAs().word());
            return (limit + " " + statedAs).strip();
        }
        Display said = SetUpDisplay.figures(each);
        return limit + " · " + said.judged(each.verdict()) + " " + said.symbol();
    }
}
