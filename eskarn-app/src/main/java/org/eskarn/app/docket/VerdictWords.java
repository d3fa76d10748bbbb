package org.eskarn.app.docket;

import java.util.List;
import java.util.Optional;
import org.eskarn.app.page.Display;
import org.eskarn.core.evaluation.Assessment;
import org.eskarn.core.evaluation.Judgement;
import org.eskarn.core.evaluation.OutOfLimits;
import org.eskarn.core.reading.ReturnCheck;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.LimitKind;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.verdict.Bounds;
import org.eskarn.core.verdict.Outcome;
import org.eskarn.core.verdict.SweepAgreement;
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
            return new VerdictWords(
                    verdict.outcome().word(),
                    decided(requirement, verdict, setUp.judgement(), display) + InspectorWords.confirmed(setUp));
        }
        return switch (verdict.because()) {
            case UNFINISHED -> new VerdictWords("not proven yet", toGo(requirement, assessment));
            case REPEATS_TO_GO ->
                new VerdictWords(
                        "not proven yet",
                        setUp.judgement().togo() == 1
                                ? "1 more valid sweep required"
                                : setUp.judgement().togo() + " more valid sweeps required");
            case RETURN_OUT -> new VerdictWords("not proven", returnOut(assessment, display));
            case ZERO_LOST -> new VerdictWords("not proven", zeroLost(setUp.sweep(), display));
            case SWEEPS_DISAGREE -> new VerdictWords("not proven", disagree(setUp, display));
            case INSPECTORS_DISAGREE, INSPECTORS_DIVIDED ->
                new VerdictWords("not proven", InspectorWords.apart(setUp, display));
            case STATIONS_UNFIT ->
                new VerdictWords("not proven", assessment.missing().orElse(""));
            case LIMIT_IS_TEXT ->
                new VerdictWords(
                        "not proven",
                        "the limit is the code " + requirement.limit().code()
                                + " without figures: in a new revision, save the requirement again");
            case WITHIN_UNCERTAINTY -> new VerdictWords("not proven", within(requirement, verdict, display));
        };
    }

    private static String decided(Requirement requirement, Verdict verdict, Judgement judgement, Display display) {
        if (requirement.limit().kind() == LimitKind.ANSWER) {
            return verdict.outcome() == Outcome.PASS ? "every answer is yes" : "an answer is no";
        }
        if (verdict.outcome() == Outcome.RECORDED) {
            return figure(verdict.value(), display) + " " + display.symbol() + ", no limit asked";
        }
        double value = verdict.value() == null ? 0 : verdict.value();
        double nearest = java.util.Objects.requireNonNull(verdict.bounds().nearest(value));
        boolean below = verdict.bounds().lower() != null && verdict.bounds().lower() == nearest;
        // Of a limit that holds either way there is no lower one.
        boolean one = requirement.limit().kind() == LimitKind.MAXIMUM;
        String by = display.apart(value, nearest) + " " + display.symbol();
        String limit = one ? "the limit" : below ? "the lower limit" : "the upper limit";
        String line = verdict.outcome() == Outcome.PASS
                ? by + " inside " + limit
                : by + (below && !one ? " under " : " over ") + limit;
        if (verdict.outcome() == Outcome.FAIL) {
            line = crossed(requirement, judgement.assessment().outOfLimits(requirement), verdict, line, display);
        }
        String mean = judgement.counted().size() > 1
                ? ", " + requirement.combination().title() + " of "
                        + judgement.counted().size() + " sweeps"
                : "";
        boolean uncertain = Math.abs(verdict.bounds().outside(value)) < verdict.expanded();
        return (uncertain ? line + ", less than U" : line) + mean;
    }

    /** Where several places are out, how many; where both limits are crossed, both. */
    private static String crossed(
            Requirement requirement, OutOfLimits out, Verdict verdict, String line, Display display) {
        int places = out.over().size() + out.under().size();
        if (requirement.limit().kind() != LimitKind.MAXIMUM && out.both()) {
            Bounds bounds = verdict.bounds();
            double upper = java.util.Objects.requireNonNull(bounds.upper());
            double lower = java.util.Objects.requireNonNull(bounds.lower());
            return "%s %s over the upper limit and %s %s under the lower, %d places out"
                    .formatted(
                            display.apart(out.highest().orElseThrow().amount(), upper),
                            display.symbol(),
                            display.apart(out.lowest().orElseThrow().amount(), lower),
                            display.symbol(),
                            places);
        }
        return places > 1 ? line + ", " + places + " places out" : line;
    }

    private static String within(Requirement requirement, Verdict verdict, Display display) {
        if (requirement.characteristic() == Characteristic.PIN_CHECK) {
            return "the pins bracket the limit: try one between them";
        }
        double value = verdict.value() == null ? 0 : verdict.value();
        String expanded = display.about(value, verdict.expanded());
        // Simple acceptance, and yet stringently judged: nothing passes on a figure less certain than all that is
        // allowed.
        return verdict.rule() == requirement.appliedRule()
                ? "%s lies within U = %s of the limit".formatted(figure(verdict.value(), display), expanded)
                : "U = %s is more than all that is allowed: a finer gauge decides".formatted(expanded);
    }

    private static String toGo(Requirement requirement, Assessment assessment) {
        int stations = assessment.sweep().stationsToGo();
        boolean returns = assessment.sweep().layout().returns();
        String places = stations + (stations == 1 ? " station" : " stations");
        String left = stations == 0 ? "the return to go" : places + (returns ? " and the return to go" : " to go");
        return assessment.alreadyPast(requirement) ? "past the limit already; " + left : left;
    }

    private static String zeroLost(SweepRecord sweep, Display display) {
        double drift = sweep.zeros().stream()
                .map(ZeroRow::drift)
                .filter(java.util.Objects::nonNull)
                .mapToDouble(Double::doubleValue)
                .reduce(0, (a, b) -> Math.abs(b) > Math.abs(a) ? b : a);
        return "the master read %s off at the end, allowed ±%s: sweep again"
                .formatted(display.signed(drift), figure(sweep.assessment().allowedReturn(), display));
    }

    /** How far the sweeps differ, and which of them stands apart. */
    private static String disagree(SetUp setUp, Display display) {
        SweepAgreement agreement = setUp.judgement().agreement().orElseThrow();
        String by = "the sweeps differ by %s, allowed %s"
                .formatted(figure(agreement.range(), display), figure(agreement.allowed(), display));
        List<SweepRecord> counted = setUp.findings().shown().counted();
        return agreement
                .apart()
                .map(apart -> by + ": sweep " + counted.get(apart).row().number() + " stands apart")
                .orElse(
                        counted.size() == 2
                                ? by + ": sweep once more to see which is off"
                                : by + "; none stands apart by itself");
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
