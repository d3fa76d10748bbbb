package org.eskarn.core.remedy;

import java.util.List;
import org.eskarn.core.verdict.Bounds;

/**
 * Truing a pressed assembly by small blows: the movement before the first step and after each one. Each step aims at half the
 * movement, at the high spot. The trend tells when to stop.
 *
 * <p>A step has helped if the movement fell by more than one graduation of the gauge; it made it worse if it rose by more. Two
 * steps running that did not help are the end of what blows can do.
 *
 * <p>Degenerate cases: without a step there is only what was found; equal movements are steps that did not help.
 *
 * @param movements in µm, the found one first
 * @param advice what to do next
 */
public record Truing(List<Double> movements, Advice advice) {

    /** What the log says. */
    public enum Advice {
        BEGIN("Half the movement, at the high spot: a small blow first, then measure."),
        GO_ON("It helps. Find the high spot anew, half of what is left, then measure."),
        NO_HELP("The last step did not help. Find the high spot anew before the next blow."),
        STOP(
                "Two steps running did not help: stop here. More blows work the metal and not the part; take it apart or have it"
                        + " machined."),
        WORSE(
                "The last step made it worse: the blow was too hard, or not at the high spot. Sweep it whole before the next."),
        DONE("Within the limit. Sweep it whole once more and judge that.");

        private final String sentence;

        Advice(String sentence) {
            this.sentence = sentence;
        }

        public String sentence() {
            return sentence;
        }

        /** Whether another blow may follow without more ado. */
        public boolean strikeAgain() {
            return this == BEGIN || this == GO_ON || this == NO_HELP;
        }
    }

    /**
     * @param movements in µm, the found one first, at least one
     * @param limit what the movement may be
     * @param graduation of the gauge, µm
     * @throws IllegalArgumentException if there is no movement
     */
    public static Truing of(List<Double> movements, Bounds limit, double graduation) {
        if (movements.isEmpty()) {
            throw new IllegalArgumentException("a log of truing begins with the movement that was found");
        }
        return new Truing(List.copyOf(movements), advice(movements, limit, graduation));
    }

    private static Advice advice(List<Double> movements, Bounds limit, double graduation) {
        int last = movements.size() - 1;
        if (!limit.open() && limit.outside(movements.get(last)) <= 0) {
            return Advice.DONE;
        }
        if (last == 0) {
            return Advice.BEGIN;
        }
        if (movements.get(last) > movements.get(last - 1) + graduation) {
            return Advice.WORSE;
        }
        if (helped(movements, last, graduation)) {
            return Advice.GO_ON;
        }
        return last > 1 && !helped(movements, last - 1, graduation) ? Advice.STOP : Advice.NO_HELP;
    }

    private static boolean helped(List<Double> movements, int step, double graduation) {
        return movements.get(step) < movements.get(step - 1) - graduation;
    }

    /** How far the high spot has to come down next: half of what is left, µm. */
    public double next() {
        return movements.get(movements.size() - 1) / 2;
    }

    /** The step with the smallest movement, 0 for what was found. */
    public int best() {
        int best = 0;
        for (int i = 1; i < movements.size(); i++) {
            if (movements.get(i) < movements.get(best)) {
                best = i;
            }
        }
        return best;
    }
}
