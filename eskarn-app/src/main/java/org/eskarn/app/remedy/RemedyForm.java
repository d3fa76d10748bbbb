package org.eskarn.app.remedy;

import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * What stands in the fields of a correction, as typed; each kind looks at its own.
 *
 * @param choice of an offset in the drawer its kind and name, or “exact”; of a seat the option
 * @param centres distance between the centres, in the unit of the layout
 * @param tailstock “first” where the first section is nearer to the tailstock
 * @param measured size to cut from, in the unit of the drawing, as are target and last
 * @param deepest greatest depth of a pass, on the radius
 * @param dial “radius” where the cross slide is divided in radius
 * @param slide graduation of the cross slide, in the unit of the drawing
 * @param partCelsius temperature of the part
 * @param sizeUnit the unit sizes were typed in; somebody may have changed the units shown meanwhile
 */
public record RemedyForm(
        @Nullable RemedyKind kind,
        @Nullable String choice,
        @Nullable String centres,
        @Nullable String tailstock,
        @Nullable String measured,
        @Nullable String target,
        @Nullable String passes,
        @Nullable String deepest,
        @Nullable String last,
        @Nullable String dial,
        @Nullable String slide,
        @Nullable String dialNow,
        @Nullable String partCelsius,
        @Nullable String gaugeCelsius,
        @Nullable String partExpansion,
        @Nullable LengthUnit sizeUnit) {

    /** The usual correction of a kind, with nothing typed. */
    public static RemedyForm of(RemedyKind kind) {
        return new RemedyForm(
                kind, null, null, null, null, null, null, null, null, null, null, null, null, null, null, null);
    }

    public boolean onRadius() {
        return "radius".equals(dial);
    }

    public boolean tailstockFirst() {
        return "first".equals(tailstock);
    }
}
