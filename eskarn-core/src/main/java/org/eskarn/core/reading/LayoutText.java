package org.eskarn.core.reading;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import org.eskarn.core.result.Note;

/** Words and numbers as they are written in the fields of a layout. */
final class LayoutText {

    /** The most stations a layout may have. */
    static final int MOST = 400;

    private static final Pattern NUMBER = Pattern.compile("-?(\\d{1,6}(\\.\\d{0,6})?|\\.\\d{1,6})");

    private LayoutText() {}

    static boolean isNumber(String word) {
        return NUMBER.matcher(word).matches();
    }

    static BigDecimal number(String word, boolean inSecond) throws LayoutRejected {
        if (!isNumber(word)) {
            throw new LayoutRejected(inSecond, Note.of("core.is-not-a-number-type-numbers-with", word));
        }
        return new BigDecimal(word);
    }

    static List<String> words(String field) {
        return Arrays.stream(field.replace('−', '-').replace(',', '.').strip().split("\\s+"))
                .filter(word -> !word.isEmpty())
                .toList();
    }
}
