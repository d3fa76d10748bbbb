package org.eskarn.core.requirement;

import java.util.Optional;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.RingLayout;
import org.eskarn.core.units.Length;
import org.eskarn.core.verdict.DecisionRule;

/**
 * One characteristic of a feature with its limit.
 *
 * @param limit the largest value allowed, as the drawing writes it
 * @param statedAs which figure the limit speaks of
 * @param rule how the uncertainty enters the judgement
 * @param allowedReturn how far the first station may be off at the end, if the requirement states it
 * @param flicker what counts of a needle that flickers
 * @param layout the stations to touch
 */
public record Requirement(
        Characteristic characteristic,
        Length limit,
        StatedAs statedAs,
        DecisionRule rule,
        Optional<Length> allowedReturn,
        FlickerRule flicker,
        RingLayout layout) {

    /**
     * @throws IllegalArgumentException if the limit is not above zero
     */
    public Requirement {
        if (limit.amount().signum() <= 0) {
            throw new IllegalArgumentException("a limit is above zero, not " + limit);
        }
    }

    /** The limit as µm of indicator movement, for a round section. */
    public double limitAsMovement() {
        return limit.micrometres() * statedAs.movementPerUnit();
    }
}
