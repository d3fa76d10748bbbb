package org.eskarn.app.field;

import java.util.Optional;
import org.eskarn.app.page.TypedQuantity;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/** A line of a name and one length or two, where the name may be missing or look like a number. */
public final class NamedLengths {

    /** How far the smallest and the largest size of a piece may differ, as a share. */
    private static final double ALIKE = 0.05;

    private NamedLengths() {}

    /** Whether its first word is a name: no size, or one that is nothing like the next. */
    public static boolean named(String line, LengthUnit unit) {
        String[] words = TypedQuantity.joined(line).strip().split("\\s+");
        Double first = size(words[0], unit);
        Double second = words.length > 1 ? size(words[1], unit) : null;
        return first == null
                || words.length > 2
                || (second != null && Math.abs(first - second) > ALIKE * second)
                || (words.length == 2 && second == null);
    }

    /** A size above 0 in µm; null where a word is none. */
    public static @Nullable Double size(String word, LengthUnit unit) {
        Optional<Double> size =
                TypedQuantity.length(word, unit).map(Length::micrometres).filter(each -> each > 0);
        return size.orElse(null);
    }
}
