package org.eskarn.app.calculator;

import java.util.LinkedHashMap;
import java.util.Map;
import org.eskarn.app.field.Field;
import org.eskarn.app.field.Quantity;
import org.eskarn.app.page.Units;
import org.eskarn.core.units.LengthUnit;

/** The units a calculator shows where the person wants to see others than when the page was made. */
final class UnitsFollowed {

    /** What the person saw units in when the page was made. */
    static final String SHOWN = "shown";

    private UnitsFollowed() {}

    /**
     * What was typed, with its units chosen anew: where the person has changed them since, and on a page that is opened without
     * any. A unit that is chosen on the page itself stays otherwise.
     */
    static Map<String, String> of(Calculator calculator, Map<String, String> typed, Units units) {
        String shown = typed.getOrDefault(SHOWN, "");
        if (shown.equals(units.name())) {
            return typed;
        }
        Map<String, String> followed = new LinkedHashMap<>(typed);
        for (Field field : calculator.fields().apply(typed)) {
            if (field.quantity() == Quantity.UNIT && (!shown.isEmpty() || !typed.containsKey(field.name()))) {
                String now = typed.getOrDefault(field.name(), field.usual());
                String wanted =
                        field.offers(now) ? units.shown(LengthUnit.valueOf(now)).name() : now;
                if (!wanted.equals(now) && field.offers(wanted)) {
                    followed.put(field.name(), wanted);
                    followed.put(field.before(), now);
                }
            }
        }
        return followed;
    }
}
