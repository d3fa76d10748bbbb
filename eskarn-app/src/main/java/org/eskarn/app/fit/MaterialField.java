package org.eskarn.app.fit;

import org.eskarn.app.page.Words;
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
        if (own <= 0 || own > Material.MOST_EXPANSION) {
            fields.problem(name + "Own", Words.say("calculators.an-expansion-is-above-0-and-up"));
            return material;
        }
        return material.withExpansion(own);
    }
}
