package org.eskarn.app.field;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.eskarn.app.page.Typed;
import org.eskarn.core.units.LengthUnit;

/** The units that are chosen among the fields of a page, and what was typed said in others. */
final class ChosenUnits {

    private ChosenUnits() {}

    /** Whether another unit was chosen than the page was made with. */
    static boolean changed(Field field, Map<String, String> typed) {
        String before = typed.getOrDefault(field.before(), "");
        String now = typed.getOrDefault(field.name(), "");
        return field.quantity() == Quantity.UNIT && !before.equals(now) && field.offers(before) && field.offers(now);
    }

    /** The unit of every quantity, as it is chosen now; mm where it is not. */
    static Map<Quantity, LengthUnit> now(List<Field> fields, Map<String, String> typed) {
        Map<Quantity, LengthUnit> units = new EnumMap<>(Quantity.class);
        for (Quantity quantity : Quantity.values()) {
            if (quantity.length()) {
                LengthUnit unit = fields.stream()
                        .filter(field -> field.governs().contains(quantity))
                        .map(field -> Typed.text(typed.getOrDefault(field.name(), field.usual())))
                        .flatMap(name -> Arrays.stream(LengthUnit.values())
                                .filter(each -> each.name().equals(name)))
                        .findFirst()
                        .orElse(LengthUnit.MILLIMETRE);
                units.put(quantity, quantity == Quantity.SMALL ? small(unit) : unit);
            }
        }
        return units;
    }

    /** The same as it was when the page was made. */
    static Map<Quantity, LengthUnit> before(List<Field> fields, Map<String, String> typed) {
        Map<String, String> earlier = new LinkedHashMap<>(typed);
        fields.stream()
                .filter(field -> changed(field, typed))
                .forEach(field -> earlier.put(field.name(), typed.getOrDefault(field.before(), "")));
        return now(fields, earlier);
    }

    private static LengthUnit small(LengthUnit unit) {
        return switch (unit) {
            case MILLIMETRE -> LengthUnit.MICROMETRE;
            case INCH -> LengthUnit.TENTH;
            case MICROMETRE, THOU, TENTH -> unit;
        };
    }

    /** What was typed, with every length said in the units of now. */
    static Map<String, String> restated(
            List<Field> fields,
            Map<String, String> typed,
            Map<Quantity, LengthUnit> before,
            Map<Quantity, LengthUnit> now) {
        Map<String, String> restated = new LinkedHashMap<>(typed);
        for (Field field : fields) {
            String text = typed.get(field.name());
            LengthUnit from = before.get(field.quantity());
            LengthUnit to = now.get(field.quantity());
            if (text != null && from != null && to != null && from != to && field.fixed() == null) {
                restated.put(field.name(), field.restating().in(text, from, to));
            }
        }
        return restated;
    }
}
