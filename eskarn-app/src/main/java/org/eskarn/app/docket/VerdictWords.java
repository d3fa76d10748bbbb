package org.eskarn.app.docket;

import java.util.Optional;
import org.eskarn.app.page.Display;
import org.eskarn.core.reading.ReturnCheck;
import org.eskarn.core.requirement.Assessment;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.Judgement;
import org.eskarn.core.requirement.LimitKind;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.verdict.Outcome;
import org.eskarn.core.verdict.Verdict;
import org.jspecify.annotations.Nullable;

/**
 * A verdict in words.
 *
 * @param word pass, fail, not proven, not proven yet, recorded or left out
 * @param line one short line that says why
 */
public record VerdictWords(String word, String line) {

    public static VerdictWords of(SetUp setUp, Display display) {
        Optional<LeftOutRow> left = setUp.wholeLeftOut();
        if (left.isPresent()) {
            return new VerdictWords(
                    "left out", left.get().reason() + " (" + left.get().leftByName() + ")");
        }
        Requirement requirement = setUp.requirement().terms();
        Assessment assessment = setUp.assessment();
        Verdict verdict = setUp.verdict();
        if (verdict.because() == null) {
            return new VerdictWords(verdict.outcome().word(), decided(requirement, setUp.judgement(), display));
        }
        return switch (verdict.because()) {
            case UNFINISHED -> new VerdictWords("not proven yet", toGo(requirement, assessment));
            case REPEATS_TO_GO ->
                new VerdictWords(
                        "not proven yet",
                        setUp.judgement().togo() == 1
                                ? "one more sweep is asked for"
                                : setUp.judgement().togo() + " more sweeps are asked for");
            case RETURN_OUT -> new VerdictWords("not proven", returnOut(assessment, display));
            case STATIONS_UNFIT ->
                new VerdictWords("not proven", assessment.missing().orElse(""));
            case LIMIT_IS_TEXT ->
                new VerdictWords(
                        "not proven",
                        "the limit is the code " + requirement.limit().code()
                                + " without figures: in a new revision, save the requirement again");
            case WITHIN_UNCERTAINTY ->
                new VerdictWords(
                        "not proven",
                        requirement.characteristic() == Characteristic.PIN_CHECK
                                ? "the pins bracket the limit: try one between them"
                                : "%s lies within U = %s of the limit"
                                        .formatted(
                                                figure(verdict.value(), display), figure(verdict.expanded(), display)));
        };
    }

    private static String decided(Requirement requirement, Judgement judgement, Display display) {
        Verdict verdict = judgement.verdict();
        if (requirement.limit().kind() == LimitKind.ANSWER) {
            return verdict.outcome() == Outcome.PASS ? "every answer is yes" : "an answer is no";
        }
        if (verdict.outcome() == Outcome.RECORDED) {
            return figure(verdict.value(), display) + " " + display.symbol() + ", no limit asked";
        }
        double value = verdict.value() == null ? 0 : verdict.value();
        double apart = Math.abs(verdict.bounds().outside(value));
        String by = display.amount(apart) + " " + display.symbol();
        boolean below = verdict.bounds().lower() != null
                && verdict.bounds().lower().equals(verdict.bounds().nearest(value));
        String limit = verdict.bounds().lower() == null ? "the limit" : below ? "the lower limit" : "the upper limit";
        String line = verdict.outcome() == Outcome.PASS
                ? by + " inside " + limit
                : by + (below ? " under " : " over ") + limit;
        String mean = judgement.counted().size() > 1
                ? ", mean of " + judgement.counted().size() + " sweeps"
                : "";
        return (apart < verdict.expanded() ? line + ", less than U" : line) + mean;
    }

    private static String toGo(Requirement requirement, Assessment assessment) {
        int stations = assessment.sweep().stationsToGo();
        boolean returns = assessment.sweep().layout().returns();
        String places = stations + (stations == 1 ? " station" : " stations");
        String left = stations == 0 ? "the return to go" : places + (returns ? " and the return to go" : " to go");
        return assessment.alreadyPast(requirement) ? "past the limit already; " + left : left;
    }

    private static String returnOut(Assessment assessment, Display display) {
        double error = assessment.returnCheck().map(ReturnCheck::error).orElse(0.0);
        return "the zero came back %s, allowed ±%s: sweep again"
                .formatted(display.signed(error), figure(assessment.allowedReturn(), display));
    }

    private static String figure(@Nullable Double micrometres, Display display) {
        return micrometres == null ? "–" : display.amount(micrometres);
    }
}
