package org.eskarn.core.remedy;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.LongStream;
import org.eskarn.core.remedy.CutPlan.Asked;
import org.eskarn.core.remedy.CutPlan.Pass;
import org.eskarn.core.remedy.CutPlan.State;
import org.eskarn.core.remedy.PlanRefused.Field;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** What is asked of a cut is kept, or the plan is refused; it never ends outside the limits without a word. */
class CutPlanTest {

    private static final double HAIR = 1e-5;

    @RepeatedTest(400)
    void keepsWhatIsAskedOrRefusesIt(RepetitionInfo info) {
        Random chance = new Random(info.getCurrentRepetition());
        boolean bore = chance.nextBoolean();
        boolean diameter = chance.nextBoolean();
        boolean limited = chance.nextInt(4) > 0;
        double target = 40_000 + chance.nextInt(40);
        double half = 1 + chance.nextInt(20);
        double graduation = List.of(0.0, 1.0, 5.0, 10.0, 20.0, 50.0).get(chance.nextInt(6));
        double each = diameter ? 1 : 0.5;
        double step = graduation / each;
        double measured = target + (bore ? -1 : 1) * chance.nextInt(900);
        double last = chance.nextBoolean() ? 0 : Math.max(1, step) * chance.nextInt(8);
        double deepest = chance.nextBoolean() ? 10 + chance.nextInt(200) : 0;
        int passes = deepest == 0 || chance.nextInt(4) == 0 ? 1 + chance.nextInt(6) : 0;
        Asked asked = asked(bore, measured, target, limited ? half : 0, deepest, passes, last, diameter, graduation);
        CutPlan plan;
        try {
            plan = CutPlan.of(asked);
        } catch (PlanRefused e) {
            if (e.field() == Field.GRADUATION) {
                assertThat(reachable(asked, step)).as("a setting that would do").isFalse();
            }
            return;
        }
        if (plan.passes().isEmpty()) {
            assertThat(plan.state()).isNotIn(State.CUT, State.NEAR_UNCERTAINTY);
            return;
        }
        double dial = asked.dialNow();
        for (Pass pass : plan.passes()) {
            assertThat(pass.dial() - dial).as("what the dial moves").isCloseTo(each * pass.takes(), within(HAIR));
            assertThat(pass.takes()).isPositive();
            if (deepest > 0) {
                assertThat(pass.takes()).isLessThanOrEqualTo(2 * deepest + HAIR);
            }
            if (graduation > 0) {
                double settings = (pass.dial() - asked.dialNow()) / graduation;
                assertThat(settings).isCloseTo(Math.rint(settings), within(HAIR));
            }
            dial = pass.dial();
        }
        Pass end = plan.passes().get(plan.passes().size() - 1);
        if (last > 0) {
            assertThat(end.takes()).isCloseTo(last, within(HAIR));
        }
        if (passes > 0) {
            assertThat(plan.passes()).hasSize(passes);
        }
        double off = (bore ? -1 : 1) * (end.after() - target);
        if (limited) {
            assertThat(Math.abs(off)).as("ends within the limits").isLessThanOrEqualTo(half + HAIR);
        } else {
            assertThat(off).as("stops short of the target").isBetween(-HAIR, Math.max(step, HAIR));
        }
    }

    private static boolean reachable(Asked asked, double step) {
        double inwards = asked.bore() ? -1 : 1;
        long most = (long) Math.ceil(1000 / step) + 1;
        return LongStream.rangeClosed(1, most)
                .mapToDouble(k -> asked.measured() - inwards * k * step)
                .anyMatch(after -> asked.lower().isEmpty()
                        ? inwards * (after - asked.target()) >= 0
                        : after >= asked.lower().get() && after <= asked.upper().orElseThrow());
    }

    /** A slide of 0.05 on the radius moves 0.1 of diameter: from 42.365 it meets 40.065 and 39.965, not 40.000 to 40.016. */
    @Test
    void aSlideTooCoarseForTheLimitsIsRefused() {
        Asked asked = asked(false, 42_365, 40_008, 8, 0, 2, 0, false, 50);
        assertThatThrownBy(() -> CutPlan.of(asked))
                .isInstanceOfSatisfying(
                        PlanRefused.class, e -> assertThat(e.field()).isEqualTo(Field.GRADUATION));
    }

    @Test
    void withoutLimitsNothingIsSaidOfLimits() throws PlanRefused {
        assertThat(CutPlan.of(asked(false, 40_000, 40_000, 0, 100, 0, 0, true, 0))
                        .state())
                .isEqualTo(State.AT_TARGET);
        assertThat(CutPlan.of(asked(false, 39_900, 40_000, 0, 100, 0, 0, true, 0))
                        .state())
                .isEqualTo(State.PAST_TARGET);
        assertThat(CutPlan.of(asked(true, 40_100, 40_000, 0, 100, 0, 0, true, 0))
                        .state())
                .isEqualTo(State.PAST_TARGET);
    }

    @Test
    void aSizeExactlyOnItsLimitLiesWithinIt() throws PlanRefused {
        assertThat(CutPlan.of(asked(false, 40_016, 40_008, 8, 100, 0, 0, true, 0))
                        .state())
                .isEqualTo(State.WITHIN_LIMITS);
        assertThat(CutPlan.of(asked(false, 40_000, 40_008, 8, 100, 0, 0, true, 0))
                        .state())
                .isEqualTo(State.WITHIN_LIMITS);
    }

    @Test
    void aLastPassThatCannotBeKeptIsNamed() {
        refused(asked(false, 40_100, 40_008, 8, 100, 0, 200, true, 0), Field.LAST);
        refused(asked(false, 40_900, 40_008, 8, 20, 0, 100, true, 0), Field.LAST);
        refused(asked(false, 40_900, 40_008, 8, 100, 0, 25, true, 10), Field.LAST);
        refused(asked(false, 40_900, 40_008, 8, 0, 1, 20, true, 0), Field.PASSES);
        refused(asked(false, 40_900, 40_008, 8, 100, 2, 0, true, 0), Field.PASSES);
        refused(asked(false, 40_900, 40_008, 8, 2, 0, 0, true, 10), Field.DEPTH);
    }

    private static void refused(Asked asked, Field field) {
        assertThatThrownBy(() -> CutPlan.of(asked))
                .isInstanceOfSatisfying(
                        PlanRefused.class, e -> assertThat(e.field()).isEqualTo(field));
    }

    /** @param half of the limits about the target; 0 for none */
    private static Asked asked(
            boolean bore,
            double measured,
            double target,
            double half,
            double deepest,
            int passes,
            double last,
            boolean diameter,
            double graduation) {
        return new Asked(
                bore,
                measured,
                20,
                20,
                11.5e-6,
                11.5e-6,
                target,
                half == 0 ? Optional.empty() : Optional.of(target - half),
                half == 0 ? Optional.empty() : Optional.of(target + half),
                deepest,
                passes,
                last,
                diameter,
                graduation,
                100,
                2);
    }
}
