package org.eskarn.app.docket.work;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.eskarn.app.docket.AttemptKind;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.Step;
import org.eskarn.app.docket.WaitsFor;
import org.eskarn.app.page.Words;
import org.eskarn.core.verdict.Outcome;

/**
 * Something that can be done at a verdict beside accepting it.
 *
 * @param address where it leads or what is sent to
 * @param key the letter it is reached by; empty where there is none
 * @param posted whether it changes something, rather than leading somewhere
 * @param fields what is sent with it
 */
public record VerdictAction(String words, String address, String key, boolean posted, Map<String, String> fields) {

    private static VerdictAction link(String words, String address, String key) {
        return new VerdictAction(words, address, key, false, Map.of());
    }

    private static VerdictAction post(String words, String address, String key, Map<String, String> fields) {
        return new VerdictAction(words, address, key, true, fields);
    }

    /** All there are, the likeliest first. */
    static List<VerdictAction> of(DocketPage page) {
        SetUp setUp = page.setUp();
        String base = page.base();
        boolean fails = setUp.verdict().outcome() == Outcome.FAIL;
        List<VerdictAction> actions = new ArrayList<>();
        if (page.mayWork() && setUp.sweep().complete() && setUp.acceptable()) {
            actions.add(post(Words.say("docket.one-more-sweep", page.with()), base + "/sweeps", "A", Map.of()));
        }
        if (page.secondPossible()) {
            String words = setUp.findings().inspections().size() > 1
                    ? Words.say("docket.third-inspector")
                    : Words.say("docket.second-inspector-2");
            actions.add(post(words, base + "/attempts", "I", Map.of("kind", AttemptKind.SECOND_INSPECTOR.name())));
        }
        if (page.correctable()) {
            actions.add(fails ? 0 : actions.size(), link(Words.say("docket.correct-the-part"), base + "/remedy", "M"));
        }
        if (page.correctedPossible()) {
            String words = Words.say("docket.after-correction-2");
            actions.add(
                    setUp.corrected() ? 0 : actions.size(),
                    setUp.corrected()
                            ? post(words, base + "/attempts", "K", Map.of("kind", AttemptKind.CORRECTED.name()))
                            : link(words, base + "?step=verdict&task=corrected", "K"));
        }
        if (page.comparable()) {
            actions.add(link(Words.say("docket.compare"), base + "/compare", "J"));
        }
        if (page.mayWork() && setUp.sweep().touched()) {
            actions.add(link(Words.say("docket.set-aside-2"), base + "?step=prove&task=aside", "Y"));
        }
        if (page.mayWork() && setUp.mayAddStation()) {
            String words = setUp.sweep().layout().kind().pins()
                    ? Words.say("docket.another-pin")
                    : Words.say("docket.another-station");
            actions.add(link(words, base + "?step=sweep&task=hunt", "H"));
        }
        page.toTables().forEach(way -> actions.add(link(way.title(), way.address(), way.key())));
        if (page.mayWork() && setUp.done(Step.VERDICT)) {
            actions.add(post(Words.say("docket.reopen"), base + "/steps/verdict/reopen", "", Map.of()));
        }
        if (page.mayWork() && setUp.sweep().complete()) {
            waiting(setUp, base, actions);
        }
        return actions;
    }

    private static void waiting(SetUp setUp, String base, List<VerdictAction> actions) {
        WaitsFor present = setUp.waitsFor().orElse(null);
        for (WaitsFor what : WaitsFor.values()) {
            if (what != present) {
                actions.add(post(
                        Words.say("docket.hold-for", what.title()),
                        base + "/waiting",
                        "",
                        Map.of("what", what.name())));
            }
        }
        if (present != null) {
            actions.add(0, post(Words.say("docket.resume"), base + "/waiting", "", Map.of()));
        }
    }
}
