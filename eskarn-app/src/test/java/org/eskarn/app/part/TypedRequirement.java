package org.eskarn.app.part;

import java.math.BigDecimal;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.eskarn.app.page.FormFields;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.LengthUnit;

/** Requirements as they come from the editor, for tests of what they mean. */
final class TypedRequirement {

    private static final List<Feature> FEATURES = List.of(new Feature(
            7, 1, "Journal", "A", SurfaceSide.OUTSIDE, new BigDecimal("45"), LengthUnit.MILLIMETRE, "the left"));

    private TypedRequirement() {}

    static RequirementForm form(Map<String, ?> fields) {
        Map<String, Object> form = new HashMap<>(Map.of(
                "title", "Runout",
                "featureId", 7,
                "characteristic", "CIRCULAR_RUNOUT_RADIAL",
                "limit.unit", "MILLIMETRE",
                "layout.unit", "MILLIMETRE",
                "gauge.resolutionUnit", "MICROMETRE",
                "limit.rule", "SIMPLE",
                "limit.upper", "0.02",
                "layout.first", "8",
                "gauge.kind", "INDICATOR"));
        form.putAll(
                Map.of("gauge.zeroRule", "FIRST_STATION", "gauge.flicker", "MIDDLE", "setUp.workKind", "ON_THE_PLATE"));
        form.putAll(fields);
        return FormFields.bind(RequirementForm.class, form);
    }

    static RequirementDraft draft(RequirementForm form) {
        return RequirementDraft.of(form, 0, 1, 1, FEATURES);
    }

    static Map<String, String> fields(String... namesAndTexts) {
        Map<String, String> fields = new HashMap<>();
        for (int i = 0; i < namesAndTexts.length; i += 2) {
            fields.put(namesAndTexts[i], namesAndTexts[i + 1]);
        }
        return fields;
    }
}
