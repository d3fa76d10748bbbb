package org.eskarn.core.requirement;

import java.util.Optional;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.Length;
import org.eskarn.core.verdict.Bounds;
import org.eskarn.core.verdict.DecisionRule;

/**
 * One characteristic of a feature with its limit.
 *
 * @param side the side of the material that is touched
 * @param statedAs which figure the limit speaks of
 * @param rule how the uncertainty enters the judgement
 * @param allowedReturn how far the first station may be off at the end, if the requirement states it
 * @param flicker what counts of a needle that flickers
 * @param repeats how many valid sweeps the verdict needs at least, 1 or more
 * @param combination what is judged of several valid sweeps
 * @param layout the stations to touch
 */
public record Requirement(
        Characteristic characteristic,
        SurfaceSide side,
        Limit limit,
        StatedAs statedAs,
        DecisionRule rule,
        Optional<Length> allowedReturn,
        FlickerRule flicker,
        int repeats,
        Combination combination,
        Layout layout,
        Basis basis) {

    /** The most sweeps a requirement can ask for. */
    public static final int MOST_REPEATS = 20;

    /**
     * @throws IllegalArgumentException if the number of repeats is out of its range
     */
    public Requirement {
        if (repeats < 1 || repeats > MOST_REPEATS) {
            throw new IllegalArgumentException("a requirement asks for 1 to 20 sweeps, not " + repeats);
        }
    }

    /** A requirement that judges the mean where several sweeps count, as is usual. */
    public Requirement(
            Characteristic characteristic,
            SurfaceSide side,
            Limit limit,
            StatedAs statedAs,
            DecisionRule rule,
            Optional<Length> allowedReturn,
            FlickerRule flicker,
            int repeats,
            Layout layout,
            Basis basis) {
        this(
                characteristic,
                side,
                limit,
                statedAs,
                rule,
                allowedReturn,
                flicker,
                repeats,
                Combination.MEAN,
                layout,
                basis);
    }

    /** What the judged figure may be, µm. */
    public Bounds bounds() {
        double radius = basis.radius().map(Length::micrometres).orElse(0.0);
        // A resultant has no sign, whatever its planes have.
        boolean signed = characteristic.signed() && statedAs != StatedAs.RESULTANT;
        return limit.bounds(signed, characteristic.sized(), radius);
    }

    /** The width of what is allowed as µm of indicator movement; 0 where nothing is asked. */
    public double allowedMovement() {
        return bounds().width() * statedAs.movementPerUnit();
    }
}
