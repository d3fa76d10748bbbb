package org.eskarn.app.page;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Map;
import java.util.Optional;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/** Reads the fields of a form, and gathers a sentence for each that cannot be read. */
public record Typed(Map<String, String> problems) {

    public static String text(@Nullable String typed) {
        return typed == null ? "" : typed.strip();
    }

    /** A number as a field shows it; empty for none. */
    public static String written(@Nullable BigDecimal number) {
        return number == null ? "" : number.toPlainString();
    }

    public String required(String field, @Nullable String typed, int longest, String what) {
        String text = text(typed);
        if (text.isEmpty()) {
            problem(field, Words.say("page.type", what));
        }
        return atMost(field, text, longest);
    }

    public String atMost(String field, String text, int longest) {
        if (text.length() > longest) {
            problem(field, Words.say("page.that-is-longer-than-characters-write-it", longest));
        }
        return text;
    }

    /** The number in a field; null where it is empty or no number. */
    public @Nullable BigDecimal number(String field, @Nullable String typed) {
        if (text(typed).isEmpty()) {
            return null;
        }
        BigDecimal number = decimal(typed);
        if (number == null) {
            problem(field, Words.say("page.is-not-a-number-type-digits-with", text(typed)));
        }
        return number;
    }

    /** The number that is written, with a point or comma; null where it is none. */
    public static @Nullable BigDecimal decimal(@Nullable String typed) {
        return TypedQuantity.decimal(text(typed)).orElse(null);
    }

    /** The same, above zero. */
    public @Nullable BigDecimal above(String field, @Nullable String typed, String what) {
        BigDecimal number = number(field, typed);
        if (number != null && number.signum() <= 0) {
            problem(field, Words.say("page.is-above-zero-not", what, number.toPlainString()));
            return null;
        }
        return number;
    }

    /** A length in the usual unit, whatever it was typed in; null where nothing or no length was typed. */
    public @Nullable Length length(String field, @Nullable String typed, LengthUnit usual) {
        if (text(typed).isEmpty()) {
            return null;
        }
        Optional<Length> length = TypedQuantity.length(text(typed), usual);
        if (length.isEmpty()) {
            problem(field, Words.say("page.is-not-a-length", text(typed)));
        }
        return length.orElse(null);
    }

    /** The same, above zero. */
    public @Nullable Length lengthAbove(String field, @Nullable String typed, LengthUnit usual, String what) {
        Length length = length(field, typed, usual);
        if (length != null && length.amount().signum() <= 0) {
            problem(
                    field,
                    Words.say("page.is-above-zero-not", what, length.amount().toPlainString()));
            return null;
        }
        return length;
    }

    public void problem(String field, String sentence) {
        problems.putIfAbsent(field, sentence);
    }

    /** The whole number in a field, within bounds; null where it is empty or none. */
    public @Nullable Integer whole(String field, @Nullable String typed, int least, int most) {
        String text = text(typed);
        if (text.isEmpty()) {
            return null;
        }
        if (!text.matches("\\d{1,6}") || Integer.parseInt(text) < least || Integer.parseInt(text) > most) {
            problem(field, Words.say("page.will-not-do-type-a-whole-number", text, least, most));
            return null;
        }
        return Integer.parseInt(text);
    }

    /** The day in a field; null where it is none. */
    public @Nullable LocalDate day(String field, @Nullable String typed) {
        try {
            return LocalDate.parse(text(typed));
        } catch (DateTimeParseException e) {
            problem(field, Words.say("page.type-the-day-for-example-2026-12"));
            return null;
        }
    }
}
