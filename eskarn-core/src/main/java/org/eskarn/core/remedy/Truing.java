package org.eskarn.core.remedy;

import java.util.List;
import org.eskarn.core.result.Note;
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
        BEGIN(Note.of("core.half-the-movement-at-the-high-spot")),
        GO_ON(Note.of("core.it-helps-find-the-high-spot-anew")),
        NO_HELP(Note.of("core.the-last-step-did-not-help-find")),
        STOP(Note.of("core.two-steps-running-did-not-help-stop")),
        WORSE(Note.of("core.the-last-step-made-it-worse-the")),
        DONE(Note.of("core.within-the-limit-sweep-it-whole-once"));

        private final Note sentence;

        Advice(Note sentence) {
            this.sentence = sentence;
        }

        public Note sentence() {
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
