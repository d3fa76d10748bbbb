package org.eskarn.core.remedy;

import java.util.List;
import org.eskarn.core.verdict.Bounds;

/**
 * Setting a guide or fence parallel by a screw: it turns about its other end.
 *
 * <pre>move at the screw = error · (distance from the pivot to the screw ÷ measured length)</pre>
 *
 * <p>Source: similar triangles.
 *
 * <p>The log holds the error that was found and after each step. A step made it worse if the error, as far as it lies off what
 * is wanted, grew by more than a graduation: then the best step so far is where to go back to.
 *
 * @param errors over the measured length, the found one first, µm, signed
 * @param wanted what the error shall come to, µm
 * @param move at the screw, µm, signed like the error that is left: by so much it has to go back
 * @param advice what to do next
 * @param best the step that came nearest, 0 for what was found
 */
public record GuideMove(List<Double> errors, double wanted, double move, Advice advice, int best) {

    /** What the log says. */
    public enum Advice {
        MOVE("Move it at the screw, lock it, and read both ends again."),
        GO_ON("It came nearer. Move what is left."),
        NO_HELP("The last step changed nothing that can be told: is it locked, or does it spring back?"),
        WORSE("The last step made it worse."),
        DONE("Within the limit. Lock it, read both ends once more, and judge that.");

        private final String sentence;

        Advice(String sentence) {
            this.sentence = sentence;
        }

        public String sentence() {
            return sentence;
        }
    }

    public GuideMove {
        errors = List.copyOf(errors);
    }

    /**
     * @param errors over the measured length, the found one first, µm
     * @param limit what the error may be
     * @param screwDistance from the pivot to the screw
     * @param length over which the error was measured, in the same unit
     * @param graduation of the gauge, µm
     * @throws IllegalArgumentException if there is no error, or a distance is not above 0
     */
    public static GuideMove of(
            List<Double> errors, Bounds limit, double screwDistance, double length, double graduation) {
        if (errors.isEmpty()) {
            throw new IllegalArgumentException("a log begins with the error that was found");
        }
        if (!(screwDistance > 0) || !(length > 0)) {
            throw new IllegalArgumentException("distances are above zero, not " + screwDistance + " and " + length);
        }
        double wanted = wanted(limit);
        int best = 0;
        for (int i = 1; i < errors.size(); i++) {
            best = off(errors, i, wanted) < off(errors, best, wanted) ? i : best;
        }
        double left = errors.get(errors.size() - 1) - wanted;
        return new GuideMove(
                errors, wanted, left * screwDistance / length, advice(errors, limit, wanted, graduation), best);
    }

    /** The middle of what is allowed where only one way is, else 0. */
    private static double wanted(Bounds limit) {
        Double lower = limit.lower();
        Double upper = limit.upper();
        if (lower == null || upper == null || lower < 0 && upper > 0) {
            return 0;
        }
        return (lower + upper) / 2;
    }

    private static Advice advice(List<Double> errors, Bounds limit, double wanted, double graduation) {
        int last = errors.size() - 1;
        if (!limit.open() && limit.outside(errors.get(last)) <= 0) {
            return Advice.DONE;
        }
        if (last == 0) {
            return Advice.MOVE;
        }
        double gained = off(errors, last - 1, wanted) - off(errors, last, wanted);
        return gained < -graduation ? Advice.WORSE : gained > graduation ? Advice.GO_ON : Advice.NO_HELP;
    }

    private static double off(List<Double> errors, int step, double wanted) {
        return Math.abs(errors.get(step) - wanted);
    }
}
