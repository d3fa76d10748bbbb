package org.eskarn.core.fit;

import org.eskarn.core.result.Note;
import org.eskarn.core.verdict.Bounds;

/**
 * What comes of a hole and a shaft of one nominal size. Clearance = hole − shaft, negative for interference:
 *
 * <pre>
 * least = hole lower − shaft upper
 * most  = hole upper − shaft lower
 * </pre>
 *
 * <p>Source: ISO 286-1:2010, clause 3.3. A fit whose least clearance is 0 counts as clearance, one whose most is 0 as
 * interference, as there.
 */
public record Fit(Deviations hole, Deviations shaft) {

    /** What a fit can turn out as. */
    public enum Kind {
        CLEARANCE(Note.of("core.clearance-2")),
        TRANSITION(Note.of("core.transition-clearance-or-interference")),
        INTERFERENCE(Note.of("core.interference"));

        private final Note title;

        Kind(Note title) {
            this.title = title;
        }

        public Note title() {
            return title;
        }
    }

    /** The tightest that the limits allow, µm; negative for interference. */
    public double least() {
        return hole.lowerMicrometres() - shaft.upperMicrometres();
    }

    /** The loosest that the limits allow, µm; negative for interference. */
    public double most() {
        return hole.upperMicrometres() - shaft.lowerMicrometres();
    }

    /** Half way between both, µm. */
    public double middle() {
        return (least() + most()) / 2;
    }

    public Bounds bounds() {
        return Bounds.between(least(), most());
    }

    public Kind kind() {
        if (least() >= 0) {
            return Kind.CLEARANCE;
        }
        return most() <= 0 ? Kind.INTERFERENCE : Kind.TRANSITION;
    }
}
