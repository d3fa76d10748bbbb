package org.eskarn.app.part;

import java.math.BigDecimal;
import java.util.Map;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Reads the fields of a form, and gathers a sentence for each that cannot be read. */
record Typed(Map<String, String> problems) {

    private static final Pattern DECIMAL = Pattern.compile("[+-]?(\\d{1,9}(\\.\\d{0,9})?|\\.\\d{1,9})");

    static String text(@Nullable String typed) {
        return typed == null ? "" : typed.strip();
    }

    String required(String field, @Nullable String typed, int longest, String what) {
        String text = text(typed);
        if (text.isEmpty()) {
            problem(field, "Type " + what + ".");
        }
        return atMost(field, text, longest);
    }

    String atMost(String field, String text, int longest) {
        if (text.length() > longest) {
            problem(field, "That is longer than " + longest + " characters: write it shorter.");
        }
        return text;
    }

    /** The number in a field; null where it is empty or no number. */
    @Nullable
    BigDecimal number(String field, @Nullable String typed) {
        String text = text(typed).replace(',', '.').replace('\u2212', '-');
        if (text.isEmpty()) {
            return null;
        }
        if (!DECIMAL.matcher(text).matches()) {
            problem(
                    field,
                    "“" + text(typed) + "” is not a number: type digits with a point or comma, for example 0.020.");
            return null;
        }
        return new BigDecimal(text);
    }

    /** The same, above zero. */
    @Nullable
    BigDecimal above(String field, @Nullable String typed, String what) {
        BigDecimal number = number(field, typed);
        if (number != null && number.signum() <= 0) {
            problem(field, what + " is above zero, not " + number.toPlainString() + ".");
            return null;
        }
        return number;
    }

    void problem(String field, String sentence) {
        problems.putIfAbsent(field, sentence);
    }
}
