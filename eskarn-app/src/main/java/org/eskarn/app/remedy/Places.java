package org.eskarn.app.remedy;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.eskarn.app.field.Fields;
import org.eskarn.app.page.Words;
import org.eskarn.core.remedy.Packing.Support;

/** Supports as they are written, “A 0 0; B 200 0”. */
final class Places {

    private static final int MOST = 12;

    private Places() {}

    /** @param perPlace mm for each unit they are written in */
    static List<Support> read(Fields fields, String name, double perPlace) {
        List<Support> supports = new ArrayList<>();
        for (String each : fields.text(name).split(";")) {
            String item = each.strip();
            if (item.isEmpty()) {
                continue;
            }
            String[] words = item.replace('−', '-').split("\\s+");
            if (words.length < 3) {
                fields.problem(name, Words.say("remedy.is-no-support-write-a-name-and", item));
                return List.of();
            }
            BigDecimal x = fields.numberIn(name, words[words.length - 2]);
            BigDecimal y = fields.numberIn(name, words[words.length - 1]);
            if (x == null || y == null) {
                return List.of();
            }
            String called = String.join(" ", java.util.Arrays.copyOf(words, words.length - 2));
            supports.add(new Support(called, x.doubleValue() * perPlace, y.doubleValue() * perPlace));
        }
        if (supports.size() > MOST) {
            fields.problem(name, Words.say("remedy.a-part-stands-on-twelve-supports-at", supports.size()));
        }
        return supports;
    }
}
