package org.eskarn.app.part;

import java.math.BigDecimal;
import java.util.Optional;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * A surface or pair of surfaces of a part.
 *
 * @param letter its datum letter; empty where it is none
 * @param nominal its size; null for a face
 * @param seenFrom the end from which angles run clockwise
 */
public record Feature(
        long id,
        long partId,
        String name,
        String letter,
        SurfaceSide side,
        @Nullable BigDecimal nominal,
        @Nullable LengthUnit nominalUnit,
        String seenFrom) {

    public Optional<Length> size() {
        return nominal == null || nominalUnit == null
                ? Optional.empty()
                : Optional.of(new Length(nominal, nominalUnit));
    }

    /** The same as another row. */
    Feature of(long otherId, long otherPart) {
        return new Feature(otherId, otherPart, name, letter, side, nominal, nominalUnit, seenFrom);
    }
}
