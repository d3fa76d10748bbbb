package org.eskarn.app.calculator.fits;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import org.eskarn.app.field.Field;
import org.eskarn.core.units.LengthUnit;

/** Fills a field from a docket when one is chosen; who types into it afterwards has typed it. */
final class TakenFromDockets {

    private TakenFromDockets() {}

    /**
     * @param names of the fields; what is chosen stands in the field of the same name with "From"
     * @param written what the docket says, in a unit
     */
    static Map<String, String> into(
            Map<String, String> typed, List<String> names, BiFunction<String, LengthUnit, String> written) {
        Map<String, String> fields = new HashMap<>(typed);
        // The fields still stand in the unit the page was made with; they are said in the new one afterwards.
        String stands = typed.getOrDefault(Field.before("unit"), typed.getOrDefault("unit", ""));
        LengthUnit unit = LengthUnit.INCH.name().equals(stands) ? LengthUnit.INCH : LengthUnit.MILLIMETRE;
        for (String name : names) {
            String from = name + "From";
            String key = typed.getOrDefault(from, "");
            if (key.isBlank()) {
                continue;
            }
            String found = written.apply(key, unit);
            if (!key.equals(typed.get(Field.before(from)))) {
                fields.put(name, found);
            } else if (!found.strip().equals(typed.getOrDefault(name, "").strip())) {
                fields.put(from, "");
            }
        }
        return fields;
    }
}
