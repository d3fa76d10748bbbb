package org.eskarn.app.docket;

import java.util.List;
import java.util.Optional;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.core.evaluation.Assessment;
import org.eskarn.core.evaluation.Judgement;
import org.eskarn.core.evaluation.OutOfLimits;
import org.eskarn.core.reading.ReturnCheck;
import org.eskarn.core.requirement.LimitKind;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.result.WrittenNumber;
import org.eskarn.core.verdict.Bounds;
import org.eskarn.core.verdict.Outcome;
import org.eskarn.core.verdict.RuleKind;
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
        Optional<LeftOut> left = setUp.wholeLeftOut();
        if (left.isPresent()) {
            return new VerdictWords(
                    Words.say("docket.left-out"),
                    left.get().reason() + " (" + left.get().leftByName() + ")");
        }
        String with = setUp.gaugeInUse().code();
        Requirement requirement = setUp.requirement().terms();
        Assessment assessment = setUp.assessment();
        Verdict verdict = setUp.verdict();
        if (verdict.because() == null) {
            return new VerdictWords(
                    Words.of(verdict.outcome().word()),
                    decided(requirement, verdict, setUp.judgement(), display, with)
                            + asNew(setUp)
                            + InspectorWords.confirmed(setUp));
        }
        return switch (verdict.because()) {
            case UNFINISHED -> new VerdictWords(Words.say("docket.not-proven-yet"), toGo(requirement, assessment));
            case REPEATS_TO_GO ->
                new VerdictWords(
                        Words.say("docket.not-proven-yet"),
                        setUp.judgement().togo() == 1
                                ? Words.say("docket.1-more-valid-sweep-required", with)
                                : Words.say(
                                        "docket.more-valid-sweeps-required",
                                        setUp.judgement().togo(),
                                        with));
            case RETURN_OUT -> new VerdictWords(Words.say("docket.not-proven"), returnOut(assessment, display));
            case ZERO_LOST -> new VerdictWords(Words.say("docket.not-proven"), zeroLost(setUp.sweep(), display, with));
            case SWEEPS_DISAGREE -> new VerdictWords(Words.say("docket.not-proven"), disagree(setUp, display));
            case INSPECTORS_DISAGREE, INSPECTORS_DIVIDED ->
                new VerdictWords(Words.say("docket.not-proven"), InspectorWords.apart(setUp, display));
            case STATIONS_UNFIT ->
                new VerdictWords(
                        Words.say("docket.not-proven"),
                        assessment.missing().map(Words::of).orElse(""));
            case LIMIT_IS_TEXT ->
                new VerdictWords(
                        Words.say("docket.not-proven"),
                        Words.say(
                                "docket.the-limit-is-the-code-without-figures",
                                requirement.limit().code()));
            case WITHIN_UNCERTAINTY ->
                new VerdictWords(Words.say("docket.not-proven"), within(requirement, verdict, display));
        };
    }

    /** What passes for parts in service: how the same rule would decide of a new part. */
    private static String asNew(SetUp setUp) {
        Verdict verdict = setUp.verdict();
        Double value = verdict.value();
        Requirement asNew = setUp.requirement().asNew();
        Bounds bounds = asNew.bounds();
        if (verdict.outcome() != Outcome.PASS
                || value == null
                || bounds.open()
                || !setUp.requirement().judgedInService()) {
            return "";
        }
        return switch (asNew.appliedRule()
                .applied(bounds, verdict.expanded())
                .judge(value, bounds, verdict.expanded(), verdict.below())) {
            case PASS -> Words.say("docket.also-within-new");
            case FAIL -> Words.say("docket.beyond-new");
            default -> Words.say("docket.not-proven-as-new");
        };
    }

    private static String decided(
            Requirement requirement, Verdict verdict, Judgement judgement, Display display, String with) {
        if (requirement.limit().kind() == LimitKind.ANSWER) {
            return verdict.outcome() == Outcome.PASS
                    ? Words.say("docket.every-answer-is-yes")
                    : Words.say("docket.an-answer-is-no");
        }
        if (verdict.outcome() == Outcome.RECORDED) {
            return Words.say("docket.no-limit-asked", figure(verdict.value(), display), display.symbol());
        }
        double value = verdict.value() == null ? 0 : verdict.value();
        double nearest = java.util.Objects.requireNonNull(verdict.bounds().nearest(value));
        boolean below = verdict.bounds().lower() != null && verdict.bounds().lower() == nearest;
        // Of a limit that holds either way there is no lower one.
        boolean one = requirement.limit().kind() == LimitKind.MAXIMUM;
        String by = display.apart(value, nearest) + " " + display.symbol();
        String limit = one
                ? Words.say("docket.the-limit")
                : below ? Words.say("docket.the-lower-limit") : Words.say("docket.the-upper-limit");
        String line = verdict.outcome() == Outcome.PASS
                ? Words.say("docket.inside", by, limit)
                : by + (below && !one ? Words.say("docket.under") : Words.say("docket.over")) + limit;
        if (verdict.outcome() == Outcome.FAIL) {
            line = crossed(requirement, judgement.assessment().outOfLimits(requirement), verdict, line, display);
        }
        String mean = judgement.counted().size() > 1
                ? Words.say(
                        "docket.of-sweeps",
                        requirement.combination().title(),
                        judgement.counted().size(),
                        with)
                : "";
        boolean uncertain = Math.abs(verdict.bounds().outside(value)) < verdict.expanded();
        return (uncertain ? Words.say("docket.less-than-u", line) : line) + mean + risk(verdict);
    }

    /** Where the probability decided: how likely it decided wrongly (JCGM 106, 9.3.2). */
    private static String risk(Verdict verdict) {
        if (verdict.rule().kind() != RuleKind.PROBABILITY) {
            return "";
        }
        double conforms = verdict.conformity().orElse(0);
        return verdict.outcome() == Outcome.PASS
                ? Words.say("docket.probability-and-consumers-risk", percent(conforms), percent(1 - conforms))
                : Words.say("docket.probability-and-producers-risk", percent(conforms), percent(conforms));
    }

    /** Where several places are out, how many; where both limits are crossed, both. */
    private static String crossed(
            Requirement requirement, OutOfLimits out, Verdict verdict, String line, Display display) {
        int places = out.over().size() + out.under().size();
        if (requirement.limit().kind() != LimitKind.MAXIMUM && out.both()) {
            Bounds bounds = verdict.bounds();
            double upper = java.util.Objects.requireNonNull(bounds.upper());
            double lower = java.util.Objects.requireNonNull(bounds.lower());
            return Words.say(
                    "docket.over-the-upper-limit-and-under-the",
                    display.apart(out.highest().orElseThrow().amount(), upper),
                    display.symbol(),
                    display.apart(out.lowest().orElseThrow().amount(), lower),
                    display.symbol(),
                    places);
        }
        return places > 1 ? Words.say("docket.places-out", line, places) : line;
    }

    private static String within(Requirement requirement, Verdict verdict, Display display) {
        if (requirement.characteristic().triedWithLeaves()) {
            return Words.say("docket.the-leaves-bracket-the-limit-try-one");
        }
        if (requirement.characteristic().triedWithPins()) {
            return Words.say("docket.the-pins-bracket-the-limit-try-one");
        }
        double value = verdict.value() == null ? 0 : verdict.value();
        String expanded = display.about(value, verdict.expanded());
        return switch (verdict.rule().kind()) {
            case PROBABILITY ->
                Words.say(
                        "docket.conforms-with-a-probability-of",
                        percent(verdict.conformity().orElse(0)),
                        WrittenNumber.number(verdict.rule().figure()),
                        WrittenNumber.number(100 - verdict.rule().figure()));
            case SIMPLE, STRINGENT ->
                verdict.rule().insteadOfSimple()
                        ? Words.say(
                                "docket.u-is-too-large-for-simple",
                                expanded,
                                WrittenNumber.number(verdict.rule().figure()),
                                figure(verdict.value(), display))
                        : Words.say("docket.lies-within-u-of-the-limit", figure(verdict.value(), display), expanded);
        };
    }

    /** A probability in percent, with as many decimals as tell it from 0 and 100 where it is near them. */
    public static String percent(double probability) {
        double percent = 100 * probability;
        if (percent > 99.99 || percent < 0.01) {
            return percent > 50 ? Words.say("docket.more-than-99-99") : Words.say("docket.less-than-0-01");
        }
        boolean near = percent > 99 || percent < 1;
        return java.math.BigDecimal.valueOf(percent)
                .setScale(near ? 2 : 1, java.math.RoundingMode.HALF_UP)
                .toPlainString();
    }

    private static String toGo(Requirement requirement, Assessment assessment) {
        int stations = assessment.sweep().stationsToGo();
        boolean returns = assessment.sweep().layout().returns();
        String places = stations + (stations == 1 ? Words.say("docket.station") : Words.say("docket.stations"));
        String left = stations == 0
                ? Words.say("docket.the-return-to-go")
                : places + (returns ? Words.say("docket.and-the-return-to-go") : Words.say("docket.to-go"));
        return assessment.alreadyPast(requirement) ? Words.say("docket.past-the-limit-already", left) : left;
    }

    private static String zeroLost(SweepRecord sweep, Display display, String with) {
        double drift = sweep.zeros().stream()
                .map(MasterZero::drift)
                .filter(java.util.Objects::nonNull)
                .mapToDouble(Double::doubleValue)
                .reduce(0, (a, b) -> Math.abs(b) > Math.abs(a) ? b : a);
        return Words.say(
                "docket.the-master-read-off-at-the-end",
                display.signed(drift),
                figure(sweep.assessment().allowedReturn(), display),
                with);
    }

    /** How far the sweeps differ, and which of them stands apart. */
    private static String disagree(SetUp setUp, Display display) {
        String with = setUp.gaugeInUse().code();
        SweepAgreement agreement = setUp.judgement().agreement().orElseThrow();
        String by = Words.say(
                "docket.the-sweeps-differ-by-allowed",
                figure(agreement.range(), display),
                figure(agreement.allowed(), display),
                with);
        List<SweepRecord> counted = setUp.findings().shown().counted();
        return agreement
                .apart()
                .map(apart -> Words.say(
                        "docket.sweep-stands-apart", by, counted.get(apart).number(), with))
                .orElse(
                        counted.size() == 2
                                ? Words.say("docket.sweep-once-more-to-see-which-is", by, with)
                                : Words.say("docket.none-stands-apart-by-itself", by, with));
    }

    private static String returnOut(Assessment assessment, Display display) {
        double error = assessment.returnCheck().map(ReturnCheck::error).orElse(0.0);
        return Words.say(
                "docket.the-zero-came-back-allowed-sweep-again",
                display.signed(error),
                figure(assessment.allowedReturn(), display));
    }

    private static String figure(@Nullable Double micrometres, Display display) {
        return micrometres == null ? "–" : display.amount(micrometres);
    }
}
