package org.eskarn.core.remedy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.core.result.Note;

/**
 * From a measured diameter to a target: passes, what each takes off, where the dial stands, and what the part will measure.
 *
 * <p>Size at 20 °C = reading · (1 + α_gauge (T_gauge − 20) − α_part (T_part − 20)), α in 1/K, T in °C: a part warm from the
 * cut measures large. Stock = size at 20 °C − target for a shaft, target − size for a bore, on the diameter. The last pass
 * takes its allowance; what is above that is shared evenly among as few passes as the greatest depth allows, or among the
 * number asked for. Settings count from where the dial stands now and are rounded to its graduation, each from the start, so
 * that rounding does not add up.
 *
 * <p>Degenerate cases: nothing left to take gives no pass; stock at or below the allowance is one pass.
 *
 * @param cold measured size at 20 °C, µm
 * @param warmth how much larger the part measures than it will be, µm
 * @param stock on the diameter, µm; negative where the target is passed already
 * @param passes in the order taken
 * @param state what has to be said about it
 */
public record CutPlan(double cold, double warmth, double stock, List<Pass> passes, State state) {

    /**
     * @param takes on the diameter, µm
     * @param dial where the cross slide's dial stands, µm of its own kind: radius or diameter
     * @param after size at 20 °C, µm
     * @param reads what the gauge will show while the part is as warm as now, µm
     */
    public record Pass(int number, double takes, double dial, double after, double reads) {}

    /** How the size stands to its limits. */
    public enum State {
        /** Stock well above the uncertainty. */
        CUT,
        /** What is left is no more than twice the uncertainty: a cut may miss. */
        NEAR_UNCERTAINTY,
        /** The size is within its limits already. */
        WITHIN_LIMITS,
        /** The size has passed the limit on the far side: no cut brings it back. */
        PASSED
    }

    /**
     * What is asked.
     *
     * @param bore whether metal is taken from the inside
     * @param measured as the gauge shows it, µm
     * @param partExpansion α in 1/K, as is the gauge's
     * @param target at 20 °C, µm
     * @param lower lower limit, µm; empty where there is none
     * @param deepest greatest depth of a pass on the radius, µm; 0 where the number of passes is given
     * @param passes number of passes; 0 where the greatest depth is given
     * @param last what the last pass takes, on the diameter, µm
     * @param onDiameter whether the dial is divided in diameter, rather than in radius
     * @param graduation of the dial, µm of its own kind; 0 where settings are not rounded
     * @param dialNow where the dial stands now, µm of its own kind
     * @param expanded uncertainty of the measured size, µm
     */
    public record Asked(
            boolean bore,
            double measured,
            double partCelsius,
            double gaugeCelsius,
            double partExpansion,
            double gaugeExpansion,
            double target,
            Optional<Double> lower,
            Optional<Double> upper,
            double deepest,
            int passes,
            double last,
            boolean onDiameter,
            double graduation,
            double dialNow,
            double expanded) {}

    private static final double STANDARD = 20;
    private static final int MOST_PASSES = 60;

    /**
     * @throws IllegalArgumentException if neither a depth nor a number of passes is given
     * @throws PlanRefused if it makes more than 60 passes
     */
    public static CutPlan of(Asked asked) throws PlanRefused {
        double factor = 1
                + asked.gaugeExpansion() * (asked.gaugeCelsius() - STANDARD)
                - asked.partExpansion() * (asked.partCelsius() - STANDARD);
        double cold = asked.measured() * factor;
        double inwards = asked.bore() ? -1 : 1;
        double stock = inwards * (cold - asked.target());
        State state = state(asked, cold, stock);
        List<Pass> passes = new ArrayList<>();
        if (state == State.CUT || state == State.NEAR_UNCERTAINTY) {
            double taken = 0;
            double each = asked.onDiameter() ? 1 : 0.5;
            for (double takes : shares(asked, stock)) {
                taken += takes;
                double setting = rounded(each * taken, asked.graduation());
                double after = cold - inwards * setting / each;
                passes.add(new Pass(passes.size() + 1, takes, asked.dialNow() + setting, after, after / factor));
            }
        }
        return new CutPlan(cold, asked.measured() - cold, stock, passes, state);
    }

    private static State state(Asked asked, double cold, double stock) {
        boolean below = asked.lower().isPresent() && cold < asked.lower().get();
        boolean above = asked.upper().isPresent() && cold > asked.upper().get();
        if (asked.bore() ? above : below) {
            return State.PASSED;
        }
        boolean limited = asked.lower().isPresent() && asked.upper().isPresent();
        if (limited && !below && !above) {
            return State.WITHIN_LIMITS;
        }
        if (stock <= 0) {
            return limited ? State.WITHIN_LIMITS : State.PASSED;
        }
        return stock <= 2 * asked.expanded() ? State.NEAR_UNCERTAINTY : State.CUT;
    }

    private static List<Double> shares(Asked asked, double stock) throws PlanRefused {
        double last = Math.min(asked.last(), stock);
        double rest = stock - last;
        int before = before(asked, rest);
        if (before + 1 > MOST_PASSES) {
            throw new PlanRefused(Note.of("core.too-many-passes", before + 1, MOST_PASSES));
        }
        List<Double> shares = new ArrayList<>();
        for (int i = 0; i < before; i++) {
            shares.add(rest / before);
        }
        if (last > 0) {
            shares.add(last);
        }
        return shares;
    }

    /** How many passes come before the last. */
    private static int before(Asked asked, double rest) {
        if (rest <= 0) {
            return 0;
        }
        if (asked.passes() > 0) {
            return Math.max(1, asked.last() > 0 ? asked.passes() - 1 : asked.passes());
        }
        if (!(asked.deepest() > 0)) {
            throw new IllegalArgumentException("a plan needs a greatest depth or a number of passes");
        }
        // A hair of grace, so that 0.3 in steps of 0.1 is three.
        return (int) Math.ceil(rest / (2 * asked.deepest()) - 1e-9);
    }

    private static double rounded(double setting, double graduation) {
        return graduation > 0 ? Math.round(setting / graduation) * graduation : setting;
    }
}
