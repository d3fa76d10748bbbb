package org.eskarn.app.demo;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.eskarn.app.page.FormFields;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.part.PartChangeService;
import org.eskarn.app.part.PartChangeService.FeatureForm;
import org.eskarn.app.part.PartChangeService.PartForm;
import org.eskarn.app.part.RequirementForm;
import org.eskarn.app.part.SheetService;
import org.eskarn.app.part.WorkKind;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.LengthUnit;

/** A part of the demo as it is typed into the editor, field by field. */
final class DemoPart {

    private static final Map<String, String> USUAL = Map.of(
            "limit.rule", "SIMPLE",
            "gauge.zeroRule", "FIRST_STATION",
            "gauge.flicker", "MIDDLE",
            "gauge.kind", "INDICATOR",
            "setUp.workKind", "BETWEEN_CENTRES");

    private final PartForm head;
    private final LengthUnit unit;
    private final List<FeatureForm> features = new ArrayList<>();
    private final List<Map<String, String>> requirements = new ArrayList<>();
    private String lines = "";

    private DemoPart(String number, String revision, String title, String material, String expansion, LengthUnit unit) {
        this.head = new PartForm(number, revision, title, material, expansion);
        this.unit = unit;
    }

    static DemoPart metric(String number, String revision, String title, String material, String expansion) {
        return new DemoPart(number, revision, title, material, expansion, LengthUnit.MILLIMETRE);
    }

    static DemoPart inch(String number, String revision, String title, String material, String expansion) {
        return new DemoPart(number, revision, title, material, expansion, LengthUnit.INCH);
    }

    DemoPart feature(String name, String letter, SurfaceSide side, String nominal, String seenFrom) {
        features.add(new FeatureForm(name, letter, side, nominal, unit, seenFrom));
        return this;
    }

    /**
     * A requirement.
     *
     * @param fields as the editor names them, “name: value” with “ | ” between
     */
    DemoPart asks(String title, String feature, Characteristic characteristic, String fields) {
        Map<String, String> form = new LinkedHashMap<>(USUAL);
        form.put("title", title);
        form.put("feature", feature);
        form.put("characteristic", characteristic.name());
        form.put("limit.unit", unit.name());
        form.put("layout.unit", unit.name());
        form.put("gauge.resolutionUnit", (unit.metric() ? LengthUnit.MICROMETRE : LengthUnit.TENTH).name());
        for (String field : fields.split(" \\| ")) {
            int colon = field.indexOf(": ");
            form.put(field.substring(0, colon), field.substring(colon + 2));
        }
        requirements.add(form);
        return this;
    }

    /** Requirements as they are said, one to a line. */
    DemoPart says(String... said) {
        lines = String.join("\n", said);
        return this;
    }

    /** Types it in, and returns the id of the part. */
    long type(PartChangeService editing, SheetService sheets) throws FormRefused {
        long id = editing.create(head);
        int version = 0;
        Map<String, Long> ids = new HashMap<>();
        for (FeatureForm feature : features) {
            ids.put(Objects.requireNonNull(feature.name()), editing.saveFeature(id, version++, 0, feature));
        }
        for (Map<String, String> fields : requirements) {
            Map<String, Object> form = new HashMap<>(fields);
            form.put("featureId", Objects.requireNonNull(ids.get(form.remove("feature"))));
            form.putIfAbsent(
                    "setUp.preparations", sheets.text(WorkKind.valueOf(String.valueOf(form.get("setUp.workKind")))));
            editing.saveRequirement(id, version++, 0, FormFields.bind(RequirementForm.class, form));
        }
        if (!lines.isEmpty()) {
            editing.addLines(id, version, lines, sheets.texts());
        }
        return id;
    }
}
