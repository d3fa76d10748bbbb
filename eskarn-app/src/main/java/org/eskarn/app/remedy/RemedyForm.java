package org.eskarn.app.remedy;

import java.lang.reflect.RecordComponent;
import java.util.LinkedHashMap;
import java.util.Map;
import org.eskarn.core.requirement.RemedyKind;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * What stands in the fields of a correction, as typed; each kind looks at its own.
 *
 * @param choice of an offset in the drawer its kind and name, or “exact”; of a seat the option
 * @param centres distance between the centres, in the unit of the layout
 * @param tailstock “first” where the first section is nearer to the tailstock
 * @param measured size to cut from, in the unit of the drawing, as are target and last
 * @param read what the readings gave when it was typed; where they give another now, what was typed is old
 * @param deepest greatest depth of a pass, on the radius
 * @param dial “radius” where the cross slide is divided in radius
 * @param slide graduation of the cross slide, in the unit of the drawing
 * @param partCelsius temperature of the part
 * @param flat the fields of flat things
 * @param sizeUnit the unit sizes were typed in; somebody may have changed the units shown meanwhile
 */
public record RemedyForm(
        @Nullable RemedyKind kind,
        @Nullable String choice,
        @Nullable String centres,
        @Nullable String tailstock,
        @Nullable String measured,
        @Nullable String read,
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
        @Nullable LengthUnit sizeUnit,
        @Nullable FlatForm flat) {

    /** The usual correction of a kind, with nothing typed. */
    public static RemedyForm of(RemedyKind kind) {
        return new RemedyForm(
                kind, null, null, null, null, null, null, null, null, null, null, null, null, null, null, null, null,
                null);
    }

    /** The same with fields of flat things. */
    public RemedyForm with(FlatForm fields) {
        return new RemedyForm(
                kind,
                choice,
                centres,
                tailstock,
                measured,
                read,
                target,
                passes,
                deepest,
                last,
                dial,
                slide,
                dialNow,
                partCelsius,
                gaugeCelsius,
                partExpansion,
                sizeUnit,
                fields);
    }

    /** The fields of flat things, blank where nothing was sent. */
    public FlatForm flatOrBlank() {
        return flat == null ? FlatForm.BLANK : flat;
    }

    FlatForm flatIn(MeasuredState found) {
        return flatOrBlank().in(found.deviations().unit());
    }

    /** What was typed, by the names of the fields, to be sent again with a decision. */
    public Map<String, String> kept() {
        Map<String, String> kept = new LinkedHashMap<>();
        keep("", this, kept);
        keep("flat.", flatOrBlank(), kept);
        return kept;
    }

    private static void keep(String prefix, Record form, Map<String, String> kept) {
        for (RecordComponent field : form.getClass().getRecordComponents()) {
            try {
                Object value = field.getAccessor().invoke(form);
                if (value != null && !(value instanceof Record)) {
                    kept.put(prefix + field.getName(), value instanceof Enum<?> one ? one.name() : value.toString());
                }
            } catch (ReflectiveOperationException e) {
                throw new IllegalStateException("a record shows its own fields", e);
            }
        }
    }

    public boolean onRadius() {
        return "radius".equals(dial);
    }

    public boolean tailstockFirst() {
        return "first".equals(tailstock);
    }
}
