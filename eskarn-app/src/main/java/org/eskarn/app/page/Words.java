package org.eskarn.app.page;

import com.ibm.icu.text.MessageFormat;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.eskarn.core.result.Figure;
import org.eskarn.core.result.Note;
import org.jspecify.annotations.Nullable;

/**
 * Every sentence a person reads, by its key. The sentences stand in message files, one for each place, in ICU's format: {@code
 * {0, plural, one {# tenth} other {# tenths}}}.
 *
 * <p>A key that no file holds is a slip of the program and is thrown; a test words every key once.
 */
public final class Words {

    private static final List<String> PLACES = List.of(
            "account",
            "actions",
            "api",
            "backup",
            "bench",
            "calculators",
            "certificate",
            "core",
            "docket",
            "exchange",
            "gauge",
            "ledger",
            "page",
            "part",
            "picture",
            "remedy",
            "reminder",
            "signin",
            "start",
            "trust",
            "webhook",
            "works");

    private static final Map<String, String> PATTERNS = read();

    private Words() {}

    private static Map<String, String> read() {
        Map<String, String> patterns = new HashMap<>();
        for (String place : PLACES) {
            Properties file = new Properties();
            try (InputStream in = Words.class.getResourceAsStream("/messages/" + place + ".properties")) {
                if (in == null) {
                    throw new IllegalStateException("no messages of " + place);
                }
                file.load(new InputStreamReader(in, StandardCharsets.UTF_8));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
            file.forEach((key, pattern) -> patterns.put(key.toString(), pattern.toString()));
        }
        return Map.copyOf(patterns);
    }

    /**
     * @param arguments texts, or whole numbers where the pattern counts
     * @throws IllegalArgumentException if there is no such key
     */
    public static String say(String key, @Nullable Object... arguments) {
        return find(key, arguments).orElseThrow(() -> new IllegalArgumentException("no words for " + key));
    }

    /** The same; empty where there is no such key. */
    static Optional<String> find(String key, @Nullable Object... arguments) {
        String pattern = PATTERNS.get(key);
        if (pattern == null) {
            return Optional.empty();
        }
        // Most are plain texts.
        if (pattern.indexOf('{') < 0 && pattern.indexOf('\'') < 0) {
            return Optional.of(pattern);
        }
        return Optional.of(new MessageFormat(pattern, Locale.ENGLISH).format(worded(pattern, arguments)));
    }

    /** A number stays one where the pattern counts by it; all else is said as it is, never grouped or rounded. */
    private static Object[] worded(String pattern, @Nullable Object... arguments) {
        return IntStream.range(0, arguments.length)
                .mapToObj(i -> arguments[i] instanceof Number && pattern.contains("{" + i + ", plural")
                        ? arguments[i]
                        : arguments[i] instanceof Note note ? of(note) : String.valueOf(arguments[i]))
                .toArray();
    }

    /** What the core says. */
    public static String of(Note note) {
        return of(note, figure -> {
            throw new IllegalArgumentException("a figure of " + note + " has no unit");
        });
    }

    /** @param said how a figure is said, with its unit */
    public static String of(Note note, Function<Figure, String> said) {
        if (note.code().equals(Note.LIST)) {
            return note.arguments().stream().map(each -> worded(each, said)).collect(Collectors.joining("; "));
        }
        String text = say(
                note.code(),
                note.arguments().stream()
                        .map(each -> each instanceof Number ? each : worded(each, said))
                        .toArray());
        boolean sentence = pattern(note.code()).startsWith("{0}") && text.endsWith(".");
        return sentence ? capital(text) : text;
    }

    private static String worded(@Nullable Object argument, Function<Figure, String> said) {
        if (argument instanceof Note note) {
            return of(note, said);
        }
        return argument instanceof Figure figure ? said.apply(figure) : String.valueOf(argument);
    }

    /** A text at the beginning of a sentence. */
    public static String capital(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    /** All keys there are. */
    static Set<String> keys() {
        return PATTERNS.keySet();
    }

    static String pattern(String key) {
        return PATTERNS.getOrDefault(key, "");
    }
}
