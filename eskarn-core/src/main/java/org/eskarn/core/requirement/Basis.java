package org.eskarn.core.requirement;

import java.util.Optional;
import org.eskarn.core.units.Length;

/**
 * What the readings stand on.
 *
 * @param setTo the size of the master at which the gauge reads zero; empty where the gauge reads whole sizes
 * @param radius the radius at which an axial runout is read, or on which a phase stands
 * @param span the distance between the two places of a pair
 */
public record Basis(Optional<Length> setTo, Optional<Length> radius, Optional<Length> span) {

    public static final Basis NONE = new Basis(Optional.empty(), Optional.empty(), Optional.empty());

    /**
     * @throws IllegalArgumentException if one of the lengths is not above zero
     */
    public Basis {
        above(setTo, "the size of a master");
        above(radius, "a radius");
        above(span, "the distance between two places");
    }

    private static void above(Optional<Length> length, String what) {
        if (length.isPresent() && length.get().amount().signum() <= 0) {
            throw new IllegalArgumentException(what + " is above zero, not " + length.get());
        }
    }
}
