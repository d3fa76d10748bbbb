package org.eskarn.core.requirement;

import java.util.Optional;
import java.util.OptionalDouble;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.ReturnCheck;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.round.StationsUnfit;
import org.eskarn.core.units.Length;
import org.eskarn.core.verdict.Outcome;
import org.eskarn.core.verdict.Verdict;
import org.eskarn.core.verdict.Verdict.Because;

/**
 * The one path from a sweep to its verdict, the same for every characteristic: reduce what has been read, check the
 * return, judge. An unfinished sweep has figures so far, but proves nothing; nor does one whose return is out.
 *
 * @param reduction the figures so far; empty before the first reading, and where the stations do not show the figure
 * @param missing the sentence that says what the stations lack; empty when they do
 * @param allowedReturn in µm, either way
 * @param returnCheck empty until the return has been read
 */
public record Assessment(
        Sweep sweep,
        Optional<Reduction> reduction,
        Optional<String> missing,
        double allowedReturn,
        Optional<ReturnCheck> returnCheck,
        Verdict verdict) {

    public static Assessment of(Requirement requirement, Dial dial, Sweep sweep) {
        Optional<Reduction> reduction = Optional.empty();
        Optional<String> missing = Optional.empty();
        if (!sweep.readings().isEmpty()) {
            try {
                reduction = Optional.of(requirement.characteristic().reduce(requirement, dial, sweep));
            } catch (StationsUnfit e) {
                missing = Optional.of(String.valueOf(e.getMessage()));
            }
        }
        double allowed = requirement
                .allowedReturn()
                .map(Length::micrometres)
                .orElseGet(() ->
                        ReturnCheck.usuallyAllowed(dial.graduation().micrometres(), requirement.limitAsMovement()));
        OptionalDouble error = sweep.returnError();
        Optional<ReturnCheck> check =
                error.isPresent() ? Optional.of(new ReturnCheck(error.getAsDouble(), allowed)) : Optional.empty();
        return new Assessment(sweep, reduction, missing, allowed, check, judge(requirement, sweep, reduction, check));
    }

    private static Verdict judge(
            Requirement requirement, Sweep sweep, Optional<Reduction> reduction, Optional<ReturnCheck> check) {
        double limit = requirement.limit().micrometres();
        double expanded = reduction.map(r -> r.budget().expanded()).orElse(0.0);
        OptionalDouble value = reduction.map(r -> OptionalDouble.of(r.judged())).orElseGet(OptionalDouble::empty);
        Because hindrance = !sweep.complete()
                ? Because.UNFINISHED
                : check.isPresent() && !check.get().holds()
                        ? Because.RETURN_OUT
                        : value.isEmpty() ? Because.STATIONS_UNFIT : null;
        return hindrance == null
                ? Verdict.judge(value.getAsDouble(), limit, expanded, requirement.rule())
                : Verdict.notProven(hindrance, value, limit, expanded, requirement.rule());
    }

    /**
     * Whether an unfinished sweep is past its limit already, so that more readings cannot save it. Movement only grows;
     * an offset may still shrink, so it is never said of one.
     */
    public boolean alreadyPast(Requirement requirement) {
        return !sweep.complete()
                && requirement.statedAs() == StatedAs.MOVEMENT
                && verdict.value() != null
                && requirement.rule().judge(verdict.value(), verdict.limit(), verdict.expanded()) == Outcome.FAIL;
    }
}
