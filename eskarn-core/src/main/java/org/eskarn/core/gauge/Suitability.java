package org.eskarn.core.gauge;

import java.util.Optional;
import org.eskarn.core.result.Note;

/**
 * Whether a gauge can decide a requirement: its error limit and its graduation against the width of what is allowed.
 *
 * <p>Half a graduation beyond {@value #CEILING} of the allowed width cannot decide anything, nor can an error limit beyond
 * it; up to {@value #GOOD} is good (rule of ten, in many works' own rules). Where nothing is limited every gauge will do.
 *
 * @param graduationShare graduation ÷ allowed width; 0 where nothing is limited
 * @param errorShare error limit ÷ allowed width; 0 where nothing is limited
 */
public record Suitability(double graduationShare, double errorShare) {

    public static final double GOOD = 0.10;
    public static final double CEILING = 0.25;

    private static final double ROUNDING = 1e-9;

    /**
     * @param allowed width of what is allowed as µm of reading; 0 where nothing is limited
     */
    public static Suitability of(Dial dial, double allowed) {
        if (!(allowed > 0)) {
            return new Suitability(0, 0);
        }
        return new Suitability(
                dial.graduation().micrometres() / allowed, dial.errorLimit().micrometres() / allowed);
    }

    /** Whether it can decide at all. */
    public boolean decides() {
        return tooCoarse().isEmpty();
    }

    public boolean good() {
        return graduationShare <= 2 * GOOD + ROUNDING && errorShare <= GOOD + ROUNDING;
    }

    /** Why it cannot decide, as one sentence; empty when it can. */
    public Optional<Note> tooCoarse() {
        if (graduationShare / 2 > CEILING + ROUNDING) {
            return Optional.of(Note.of("core.half-a-graduation-is-already-of-what", percent(graduationShare / 2)));
        }
        if (errorShare > CEILING + ROUNDING) {
            return Optional.of(Note.of("core.its-error-limit-is-of-what-is", percent(errorShare)));
        }
        return Optional.empty();
    }

    private static String percent(double share) {
        return Math.round(100 * share) + " %";
    }
}
