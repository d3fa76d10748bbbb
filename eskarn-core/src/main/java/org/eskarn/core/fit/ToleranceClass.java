package org.eskarn.core.fit;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A tolerance class of ISO 286-1: capital letters for a hole, small ones for a shaft, and a grade, as H7 or k5.
 *
 * @param letters as they are written
 */
public record ToleranceClass(String letters, Grade grade) {

    private static final Pattern WRITTEN = Pattern.compile("([A-Z]{1,2}|[a-z]{1,2})(\\d{1,2})");

    /** The class that is written; empty where it is none, by its form alone. */
    public static Optional<ToleranceClass> written(String text) {
        Matcher matcher = WRITTEN.matcher(text);
        return matcher.matches()
                ? Grade.written(matcher.group(2)).map(grade -> new ToleranceClass(matcher.group(1), grade))
                : Optional.empty();
    }

    public boolean hole() {
        return Character.isUpperCase(letters.charAt(0));
    }

    /** The same letters and grade for the other of hole and shaft. */
    public ToleranceClass counterpart() {
        return new ToleranceClass(hole() ? letters.toLowerCase(Locale.ROOT) : letters.toUpperCase(Locale.ROOT), grade);
    }

    @Override
    public String toString() {
        return letters + grade;
    }
}
