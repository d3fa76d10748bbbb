package org.eskarn.core.remedy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.core.remedy.PlanRefused.Field;
import org.eskarn.core.result.Note;

/**
 * From a measured diameter to a target: passes, what each takes off, where the dial stands, and what the part will measure.
 *
 * <p>Size at 20 °C = reading · (1 + α_gauge (T_gauge − 20) − α_part (T_part − 20)), α in 1/K, T in °C: a part warm from the
 * cut measures large. Stock = size at 20 °C − target for a shaft, target − size for a bore, on the diameter.
 *
 * <p>What is asked for is kept or the plan is refused, never changed: the last pass takes its allowance, no pass goes deeper
 * than the greatest depth, there are as many passes as asked. What is above the allowance is shared evenly. Where the dial has a
 * graduation, the whole cut and every pass are so many graduations of it: the last setting is the one nearest to the target that
 * ends within the limits, and without limits the one that stops short of the target; what a pass takes is what the dial moves.
 *
 * <p>Degenerate cases: nothing left to take gives no pass.
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

    /** How the size stands to its limits, or to its target where it has none. */
    public enum State {
        /** Stock well above the uncertainty. */
        CUT,
        /** What is left is no more than twice the uncertainty: a cut may miss. */
        NEAR_UNCERTAINTY,
        /** The size is within its limits already. */
        WITHIN_LIMITS,
        /** The size has passed the limit on the far side: no cut brings it back. */
        PASSED,
        /** There are no limits, and the size is the target. */
        AT_TARGET,
        /** There are no limits, and the size has passed the target. */
        PAST_TARGET
    }

    /** What all passes together take off the diameter, µm. */
    public double taken() {
        return passes.stream().mapToDouble(Pass::takes).sum();
    }

    /**
     * What is asked.
     *
     * @param bore whether metal is taken from the inside
     * @param measured as the gauge shows it, µm
     * @param partExpansion α in 1/K, as is the gauge's
     * @param target at 20 °C, µm
     * @param lower lower limit, µm; empty where there is none
     * @param deepest greatest depth of a pass on the radius, µm; 0 where none is given
     * @param passes number of passes; 0 where none is given
     * @param last what the last pass takes, on the diameter, µm; 0 where it takes as much as the others
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
    /** µm; amounts come from decimals, so what is exactly a limit or a graduation may be off by some 1e-10 in binary. */
    private static final double ROUNDING = 1e-6;

    /**
     * @throws IllegalArgumentException if neither a depth nor a number of passes is given
     * @throws PlanRefused if what is asked for cannot be kept, or makes more than 60 passes
     */
    public static CutPlan of(Asked asked) throws PlanRefused {
        if (asked.passes() <= 0 && !(asked.deepest() > 0)) {
            throw new IllegalArgumentException("a plan needs a greatest depth or a number of passes");
        }
        double factor = 1
                + asked.gaugeExpansion() * (asked.gaugeCelsius() - STANDARD)
                - asked.partExpansion() * (asked.partCelsius() - STANDARD);
        double cold = asked.measured() * factor;
        double inwards = asked.bore() ? -1 : 1;
        double stock = inwards * (cold - asked.target());
        State state = state(asked, cold, stock);
        List<Pass> passes = new ArrayList<>();
        if (state == State.CUT || state == State.NEAR_UNCERTAINTY) {
            double each = asked.onDiameter() ? 1 : 0.5;
            double before = 0;
            for (double depth : depths(asked, cold, stock)) {
                double after = cold - inwards * depth;
                passes.add(new Pass(
                        passes.size() + 1, depth - before, asked.dialNow() + each * depth, after, after / factor));
                before = depth;
            }
        }
        return new CutPlan(cold, asked.measured() - cold, stock, passes, state);
    }

    private static State state(Asked asked, double cold, double stock) {
        boolean below = asked.lower().isPresent() && cold < asked.lower().get() - ROUNDING;
        boolean above = asked.upper().isPresent() && cold > asked.upper().get() + ROUNDING;
        if (asked.bore() ? above : below) {
            return State.PASSED;
        }
        boolean limited = asked.lower().isPresent() || asked.upper().isPresent();
        if (limited && !below && !above) {
            return State.WITHIN_LIMITS;
        }
        if (stock <= ROUNDING) {
            return stock < -ROUNDING ? State.PAST_TARGET : State.AT_TARGET;
        }
        return stock <= 2 * asked.expanded() ? State.NEAR_UNCERTAINTY : State.CUT;
    }

    /** How deep the part is cut after each pass, on the diameter, µm, ascending. */
    private static List<Double> depths(Asked asked, double cold, double stock) throws PlanRefused {
        double step = asked.graduation() / (asked.onDiameter() ? 1 : 0.5);
        double whole = step > 0 ? settable(asked, cold, stock, step) : stock;
        double last = asked.last();
        if (step > 0 && Math.abs(last - Math.rint(last / step) * step) > ROUNDING) {
            throw new PlanRefused(Field.LAST, Note.of("core.the-last-pass-is-no-whole-number-of"));
        }
        if (last > whole + ROUNDING) {
            throw new PlanRefused(Field.LAST, Note.of("core.the-last-pass-takes-more-than-there-is"));
        }
        double most = mostAtOnce(asked, step);
        if (last > most + ROUNDING) {
            throw new PlanRefused(Field.LAST, Note.of("core.the-last-pass-is-deeper-than-the-deepest"));
        }
        double rest = Math.max(0, whole - last);
        int before = before(asked, rest, most, step);
        List<Double> depths = new ArrayList<>();
        for (int i = 1; i <= before; i++) {
            double shared = rest * i / before;
            depths.add(step > 0 ? Math.rint(shared / step) * step : shared);
        }
        if (last > 0) {
            depths.add(whole);
        }
        return depths;
    }

    /** The whole cut as the dial can be set to it. */
    private static double settable(Asked asked, double cold, double stock, double step) throws PlanRefused {
        double shy = Math.floor(stock / step + ROUNDING) * step;
        double beyond = shy + step;
        boolean limited = asked.lower().isPresent() || asked.upper().isPresent();
        boolean nearer = limited && beyond - stock < stock - shy;
        for (double depth : nearer ? new double[] {beyond, shy} : new double[] {shy, beyond}) {
            if (depth > ROUNDING && (!limited || within(asked, cold - (asked.bore() ? -depth : depth)))) {
                return depth;
            }
            if (!limited) {
                break;
            }
        }
        throw new PlanRefused(
                Field.GRADUATION,
                limited
                        ? Note.of("core.no-setting-of-this-slide-ends-within")
                        : Note.of("core.less-is-left-than-one-graduation"));
    }

    private static boolean within(Asked asked, double after) {
        return asked.lower().map(lower -> after >= lower - ROUNDING).orElse(true)
                && asked.upper().map(upper -> after <= upper + ROUNDING).orElse(true);
    }

    /** The most that one pass may take off the diameter, in whole graduations. */
    private static double mostAtOnce(Asked asked, double step) throws PlanRefused {
        if (!(asked.deepest() > 0)) {
            return Double.POSITIVE_INFINITY;
        }
        double most = 2 * asked.deepest();
        double settable = step > 0 ? Math.floor(most / step + ROUNDING) * step : most;
        if (settable <= 0) {
            throw new PlanRefused(Field.DEPTH, Note.of("core.the-deepest-pass-is-less-than-one-graduation"));
        }
        return settable;
    }

    /** How many passes come before the last. */
    private static int before(Asked asked, double rest, double most, double step) throws PlanRefused {
        int asks = asked.passes() > 0 ? asked.passes() - (asked.last() > 0 ? 1 : 0) : -1;
        if (asks < 0) {
            int needed = (int) Math.ceil(rest / most - ROUNDING);
            if (needed + 1 > MOST_PASSES) {
                throw new PlanRefused(Field.DEPTH, Note.of("core.too-many-passes", needed + 1, MOST_PASSES));
            }
            return needed;
        }
        if (asks == 0 ? rest > ROUNDING : rest <= ROUNDING) {
            throw new PlanRefused(Field.PASSES, Note.of("core.these-passes-and-the-last-pass-do-not"));
        }
        if (asks > 0 && step > 0 && rest / step < asks - ROUNDING) {
            throw new PlanRefused(Field.PASSES, Note.of("core.more-passes-than-graduations"));
        }
        double deepest = asks == 0 ? 0 : step > 0 ? Math.ceil(rest / step / asks - ROUNDING) * step : rest / asks;
        if (deepest > most + ROUNDING) {
            throw new PlanRefused(Field.PASSES, Note.of("core.these-passes-would-be-deeper-than-the"));
        }
        return asks;
    }
}
