package org.eskarn.app.docket;

import org.eskarn.app.page.Display;
import org.eskarn.core.requirement.Assessment;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.verdict.Outcome;
import org.eskarn.core.verdict.Verdict;
import org.jspecify.annotations.Nullable;

/**
 * A verdict in words.
 *
 * @param word pass, fail, not proven, or not proven yet
 * @param line one short line that says why
 */
public record VerdictWords(String word, String line) {

    public static VerdictWords of(Requirement requirement, Assessment assessment, Display display) {
        Verdict verdict = assessment.verdict();
        if (verdict.because() == null) {
            return new VerdictWords(verdict.outcome().word(), decided(verdict, display));
        }
        return switch (verdict.because()) {
            case UNFINISHED -> new VerdictWords("not proven yet", toGo(requirement, assessment));
            case RETURN_OUT -> new VerdictWords("not proven", returnOut(assessment, display));
            case STATIONS_UNFIT ->
                new VerdictWords("not proven", assessment.missing().orElse(""));
            case WITHIN_UNCERTAINTY ->
                new VerdictWords(
                        "not proven",
                        "%s lies within U = %s of the limit"
                                .formatted(figure(verdict.value(), display), figure(verdict.expanded(), display)));
        };
    }

    private static String decided(Verdict verdict, Display display) {
        double value = verdict.value() == null ? 0 : verdict.value();
        double apart = Math.abs(value - verdict.limit());
        String by = display.amount(apart) + " " + display.symbol();
        String line = verdict.outcome() == Outcome.PASS ? by + " inside the limit" : by + " over the limit";
        return apart < verdict.expanded() ? line + ", less than U" : line;
    }

    private static String toGo(Requirement requirement, Assessment assessment) {
        int stations = assessment.sweep().stationsToGo();
        String left = stations == 0
                ? "the return to go"
                : stations + (stations == 1 ? " station" : " stations") + " and the return to go";
        return assessment.alreadyPast(requirement) ? "past the limit already; " + left : left;
    }

    private static String returnOut(Assessment assessment, Display display) {
        double error = assessment.sweep().returnError().orElse(0);
        return "the zero came back %s, allowed ±%s: sweep again"
                .formatted(display.signed(error), figure(assessment.allowedReturn(), display));
    }

    private static String figure(@Nullable Double micrometres, Display display) {
        return micrometres == null ? "–" : display.amount(micrometres);
    }
}
