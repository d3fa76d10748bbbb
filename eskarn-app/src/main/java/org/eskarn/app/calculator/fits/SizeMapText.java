package org.eskarn.app.calculator.fits;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.eskarn.app.field.Fields;
import org.eskarn.app.field.NamedLengths;
import org.eskarn.app.page.TypedQuantity;
import org.eskarn.app.page.Words;
import org.eskarn.core.size.SizeMap;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * A size map as it is typed: sections after each other, each its distance and a colon before its sizes, as
 * {@code 10: 32.012 32.016; 60: 32.020}. Sizes without a distance are one section.
 */
final class SizeMapText {

    private static final Pattern SECTION = Pattern.compile("(?:([\\d.,]+[^\\d\\s:]*)\\s*:)?\\s*(.+)");
    private static final int MOST = 2000;

    private SizeMapText() {}

    /** Null where it cannot be read; the sentence is with the field. */
    static @Nullable SizeMap read(Fields fields, String name, LengthUnit unit) {
        List<Double> at = new ArrayList<>();
        List<Double> sizes = new ArrayList<>();
        String[] sections = TypedQuantity.joined(fields.text(name)).split("[;\\n]+");
        for (String written : sections) {
            String section = written.strip();
            if (section.isEmpty()) {
                continue;
            }
            Matcher matcher = SECTION.matcher(section);
            if (!matcher.matches() || matcher.group(1) == null && sections.length > 1) {
                fields.problem(name, Words.say("calculators.has-no-distance-write-it-before-a", section));
                return null;
            }
            Optional<BigDecimal> distance = matcher.group(1) == null
                    ? Optional.of(BigDecimal.ZERO)
                    : TypedQuantity.length(matcher.group(1), unit).map(Length::amount);
            for (String word : matcher.group(2).strip().split("\\s+")) {
                Double size = NamedLengths.size(word, unit);
                if (size == null || distance.isEmpty()) {
                    fields.problem(name, Words.say("calculators.in-is-no-size-write-10-32", word, section));
                    return null;
                }
                at.add(distance.get().doubleValue());
                sizes.add(size);
            }
        }
        if (sizes.isEmpty() || sizes.size() > MOST) {
            fields.problem(
                    name,
                    sizes.isEmpty()
                            ? Words.say("calculators.type-sizes-as-measured")
                            : Words.say("calculators.at-most-sizes", MOST));
            return null;
        }
        return SizeMap.of(
                at.stream().mapToDouble(Double::doubleValue).toArray(),
                sizes.stream().mapToDouble(Double::doubleValue).toArray());
    }
}
