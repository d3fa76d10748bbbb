package org.eskarn.app.calculator.thermal;

import org.eskarn.app.field.Fields;
import org.eskarn.core.fit.Material;

/** A material of the table, or one with an expansion of the works' own. */
final class MaterialField {

    private MaterialField() {}

    /**
     * @param name of the field; the own expansion stands in the field of the same name with "Own"
     */
    static Material of(Fields fields, String name, String usual) {
        String chosen = fields.empty(name) ? usual : fields.text(name);
        Material material = Material.all().stream()
                .filter(each -> each.name().equals(chosen))
                .findFirst()
                .orElseGet(() -> Material.named(usual));
        double own = fields.number(name + "Own", material.expansion());
        if (fields.problems().containsKey(name + "Own")) {
            return material;
        }
        return material.withExpansion(own);
    }
}
