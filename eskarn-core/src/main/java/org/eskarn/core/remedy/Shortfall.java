package org.eskarn.core.remedy;

import java.util.List;
import java.util.Optional;
import org.eskarn.core.result.Note;
import org.eskarn.core.verdict.Bounds;

/**
 * A seat that has lost too much metal: a shaft below its lower limit or a bore above its upper. No cut brings metal back;
 * what can be done is named, the least first.
 *
 * @param amount how far the worst place is past the limit, µm, above 0
 */
public record Shortfall(double amount) {

    /**
     * @param bore whether it is the inside that is too large
     * @param sizes local sizes in µm
     * @return empty where no place is past that limit
     */
    public static Optional<Shortfall> of(boolean bore, double[] sizes, Bounds bounds) {
        double past = 0;
        for (double size : sizes) {
            if (bore && bounds.upper() != null) {
                past = Math.max(past, size - bounds.upper());
            }
            if (!bore && bounds.lower() != null) {
                past = Math.max(past, bounds.lower() - size);
            }
        }
        return past > 0 ? Optional.of(new Shortfall(past)) : Optional.empty();
    }

    /** The honest options. */
    public List<Note> options(boolean bore) {
        return List.of(
                Note.of("core.grinding-or-turning-cannot-mend-it-every"),
                bore ? Note.of("core.sleeve-it-bore-out-press-in-a") : Note.of("core.sleeve-it-turn-down-shrink-on-a"),
                Note.of("core.build-it-up-by-plating-or-spraying"),
                Note.of("core.make-it-anew-or-find-a-partner"),
                Note.of("core.use-it-as-it-is-only-with"));
    }
}
