package org.eskarn.core.line;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.eskarn.core.result.Note;
import org.eskarn.core.units.LengthUnit;

/** A line in words, each way to write the same thing made one. */
final class LineText {

    private LineText() {}

    static List<String> words(String line) throws LineRejected {
        if (line.length() > RequirementLine.LONGEST) {
            throw new LineRejected(Note.of("core.line-too-long", RequirementLine.LONGEST));
        }
        return withUnits(Arrays.stream(plain(line).split("\\s+"))
                .filter(word -> !word.isEmpty())
                .toList());
    }

    /** Two sizes with a stroke between are the same as with “to”, two deviations the same as apart. */
    private static String plain(String line) {
        return line.replace('\u2212', '-')
                .replace("+/-", "±")
                .replace("+-", "±")
                .replaceAll("±\\s+", "±")
                .replaceAll("([+\\-]" + Amount.NUMBER + ")/", "$1 ")
                .replaceAll("/([+\\-])", " $1")
                .replaceAll("(?<=\\s)(" + Amount.NUMBER + ")-(" + Amount.NUMBER + ")(?=\\s|$)", "$1 to $2")
                .strip();
    }

    /** A unit that stands behind its number belongs to it. */
    private static List<String> withUnits(List<String> words) {
        List<String> joined = new ArrayList<>();
        for (String word : words) {
            String before = joined.isEmpty() ? "" : joined.get(joined.size() - 1);
            if (LengthUnit.named(word).isPresent() && before.matches("[±+\\-]?" + Amount.NUMBER)) {
                joined.set(joined.size() - 1, before + word);
            } else {
                joined.add(word);
            }
        }
        return joined;
    }
}
