package org.eskarn.core.remedy;

import java.util.ArrayList;
import java.util.List;
import org.eskarn.core.result.Note;
import org.eskarn.core.verdict.Bounds;

/**
 * Setting a guide or fence parallel by a screw: it turns about its other end. One that is held by several screws is moved at each
 * of them, or it bends.
 *
 * <pre>move at a screw = error · (distance from the pivot to that screw ÷ measured length)</pre>
 *
 * <p>Source: similar triangles.
 *
 * <p>The log holds the error that was found and after each step. A step made it worse if the error, as far as it lies off what
 * is wanted, grew by more than a graduation: then the best step so far is where to go back to.
 *
 * @param errors over the measured length, the found one first, µm, signed
 * @param wanted what the error shall come to, µm
 * @param lever distance from the pivot to the screw in measured lengths
 * @param did what each step did, the first step first
 * @param advice what to do next
 * @param best the step that came nearest, 0 for what was found
 */
public record GuideMove(List<Double> errors, double wanted, double lever, List<Did> did, Advice advice, int best) {

    /** What the log says. */
    public enum Advice {
        MOVE(Note.of("core.move-it-at-the-screw-lock-it")),
        GO_ON(Note.of("core.it-came-nearer-move-what-is-left")),
        NO_HELP(Note.of("core.the-last-step-changed-nothing-that-can")),
        WORSE(Note.of("core.the-last-step-made-it-worse")),
        DONE(Note.of("core.within-the-limit-lock-it-read-both"));

        private final Note sentence;

        Advice(Note sentence) {
            this.sentence = sentence;
        }

        public Note sentence() {
            return sentence;
        }
    }

    /** What a step did to the error that was left. */
    public enum Did {
        NEARER(Note.of("core.nearer")),
        NOTHING(Note.of("core.nothing")),
        WORSE(Note.of("core.worse"));

        private final Note word;

        Did(Note word) {
            this.word = word;
        }

        public Note word() {
            return word;
        }
    }

    public GuideMove {
        errors = List.copyOf(errors);
        did = List.copyOf(did);
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
        List<Did> did = new ArrayList<>();
        for (int i = 1; i < errors.size(); i++) {
            double gained = off(errors, i - 1, wanted) - off(errors, i, wanted);
            did.add(gained < -graduation ? Did.WORSE : gained > graduation ? Did.NEARER : Did.NOTHING);
        }
        return new GuideMove(errors, wanted, screwDistance / length, did, advice(errors, limit, did), best);
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

    private static Advice advice(List<Double> errors, Bounds limit, List<Did> did) {
        if (!limit.open() && limit.outside(errors.get(errors.size() - 1)) <= 0) {
            return Advice.DONE;
        }
        if (did.isEmpty()) {
            return Advice.MOVE;
        }
        return switch (did.get(did.size() - 1)) {
            case WORSE -> Advice.WORSE;
            case NEARER -> Advice.GO_ON;
            case NOTHING -> Advice.NO_HELP;
        };
    }

    /** How far the error of a step is off what is wanted, µm; step 0 is what was found. */
    public double off(int step) {
        return off(errors, step, wanted);
    }

    /** The move at the screw that is left after the last step, µm, signed like the error: by so much it has to go back. */
    public double move() {
        return moveFrom(errors.size() - 1);
    }

    /** The same after any step. */
    public double moveFrom(int step) {
        return moveFrom(step, lever);
    }

    /** The move at another screw, whose distance from the pivot is so many measured lengths, µm, signed the same way. */
    public double moveAt(double lever) {
        return moveFrom(errors.size() - 1, lever);
    }

    private double moveFrom(int step, double lever) {
        return (errors.get(step) - wanted) * lever;
    }

    private static double off(List<Double> errors, int step, double wanted) {
        return Math.abs(errors.get(step) - wanted);
    }
}
