package org.eskarn.app.docket;

import java.util.List;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.core.verdict.IndependentResults;
import org.eskarn.core.verdict.NormalizedError;
import org.eskarn.core.verdict.Verdict.Because;

/** How the results of several inspectors compare, in words. */
public final class InspectorWords {

    private static final int DECIMALS = 2;

    private InspectorWords() {}

    /** What follows a verdict that another inspector confirmed, or a checker decided; else empty. */
    static String confirmed(SetUp setUp) {
        Findings findings = setUp.findings();
        if (findings.decision().isPresent()) {
            return Words.say("docket.as-decided-by", findings.decision().get().decidedByName());
        }
        return findings.inspectors()
                .map(results -> Words.say("docket.confirmed-by", last(findings).readBy(), en(results)))
                .orElse("");
    }

    /** Why inspectors prove nothing together. */
    static String apart(SetUp setUp, Display display) {
        Findings findings = setUp.findings();
        String each = String.join(
                Words.say("docket.and"),
                whole(findings).stream()
                        .map(attempt -> figure(attempt, display))
                        .toList());
        IndependentResults results = findings.inspectors().orElseThrow();
        return findings.verdict().because() == Because.INSPECTORS_DIVIDED
                ? Words.say("docket.inspectors-found-on-different-sides-of-the", each, en(results))
                : Words.say("docket.inspectors-found-they-do-not-agree", each, en(results));
    }

    /** The difference against the combined uncertainty, in one sentence; empty of answers. */
    public static String sentence(SetUp setUp, Display display) {
        Findings findings = setUp.findings();
        IndependentResults results = findings.inspectors().orElseThrow();
        if (results.comparison().isEmpty()) {
            return results.confirmed().isPresent()
                    ? Words.say("docket.the-inspectors-answers-are-the-same")
                    : Words.say("docket.the-inspectors-answers-differ");
        }
        NormalizedError error = results.comparison().get();
        List<Attempt> whole = whole(findings);
        Attempt with = whole.get(results.confirmed().orElse(0));
        return Words.say(
                "docket.found-apart-against-a-combined-uncertainty-of",
                with.readBy(),
                figure(with, display),
                last(findings).readBy(),
                figure(last(findings), display),
                display.amount(Math.abs(error.difference())),
                display.symbol(),
                display.amount(error.combined()),
                written(error),
                !error.agrees()
                        ? Words.say("docket.they-do-not-agree")
                        : findings.verdict().because() == Because.INSPECTORS_DIVIDED
                                ? Words.say("docket.they-agree-in-value-but-on-different")
                                : Words.say("docket.they-agree"));
    }

    private static List<Attempt> whole(Findings findings) {
        return findings.inspections().stream().filter(Attempt::whole).toList();
    }

    private static Attempt last(Findings findings) {
        return findings.inspections().get(findings.inspections().size() - 1);
    }

    private static String figure(Attempt attempt, Display display) {
        Double value = attempt.verdict().value();
        return value == null ? Words.of(attempt.verdict().outcome().word()) : display.amount(value);
    }

    private static String en(IndependentResults results) {
        return results.comparison()
                .map(error -> " (Eₙ = " + written(error) + ")")
                .orElse("");
    }

    private static String written(NormalizedError error) {
        return Double.isInfinite(error.amount()) ? "∞" : Display.plain(error.amount(), DECIMALS);
    }
}
