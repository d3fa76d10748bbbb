package org.eskarn.app.page;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.eskarn.core.result.Note;
import org.junit.jupiter.api.Test;

/** The message files are whole: every key can be worded, whatever the program asks for is there, and nothing is left over. */
class WordsTest {

    private static final Pattern USED = Pattern.compile(
            "(?:#words\\.say\\('|Words\\.say\\(\\s*\"|Note\\.of\\(\\s*\"|[?:] \"(?=core\\.))([a-z]+\\.[A-Za-z0-9_.-]+)");

    private static final Pattern USED_IN_TABLES = Pattern.compile("(core\\.[a-z0-9-]+)");
    private static final Pattern USED_IN_TEMPLATES =
            Pattern.compile("(?:#words\\.say\\('|#\\{)([a-z]+\\.[A-Za-z0-9_.-]+)");

    private static final Object[] ARGUMENTS = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12};

    /** Keys that are put together from the name of an enum and its constant. */
    private static boolean named(String key) {
        return key.matches("[a-z]+\\.[A-Z]\\w*\\.[A-Z0-9_]+(\\.[a-z]+)?") || key.startsWith("part.further.");
    }

    @Test
    void everyKeyIsWordedWithoutALeftOverBrace() {
        Map<String, String> worded =
                Words.keys().stream().collect(Collectors.toMap(key -> key, key -> Words.say(key, ARGUMENTS)));
        assertThat(worded.entrySet())
                .filteredOn(
                        each -> each.getValue().contains("{") || each.getValue().isEmpty())
                .isEmpty();
    }

    /** Of two lines with the same key the first would be lost without a word. */
    @Test
    void noKeyStandsTwice() throws IOException {
        Set<String> twice = new TreeSet<>();
        Set<String> seen = new HashSet<>();
        try (Stream<Path> files = Files.walk(Path.of("src", "main", "resources", "messages"))) {
            for (Path file : files.filter(each -> each.toString().endsWith(".properties"))
                    .toList()) {
                Files.readAllLines(file).stream()
                        .filter(line -> line.matches("[a-z]+\\.[^=]+=.*"))
                        .map(line -> line.substring(0, line.indexOf('=')))
                        .filter(key -> !seen.add(key))
                        .forEach(twice::add);
            }
        }
        assertThat(seen).containsAll(Words.keys());
        assertThat(twice).isEmpty();
    }

    private static Pattern used(String file) {
        return file.endsWith(".html") ? USED_IN_TEMPLATES : file.endsWith(".csv") ? USED_IN_TABLES : USED;
    }

    @Test
    void whatIsAskedForIsThereAndNothingIsLeftOver() throws IOException {
        Map<String, String> used = new TreeMap<>();
        for (String module : new String[] {"../eskarn-core", "."}) {
            try (Stream<Path> files = Files.walk(Path.of(module, "src", "main"))) {
                for (Path file : files.filter(each -> each.toString().matches(".*\\.(java|html|csv)"))
                        .toList()) {
                    Pattern pattern = used(file.toString());
                    Matcher keys = pattern.matcher(Files.readString(file));
                    while (keys.find()) {
                        used.put(keys.group(1), file.toString());
                    }
                }
            }
        }
        Set<String> missing = new TreeSet<>(used.keySet());
        missing.removeAll(Words.keys());
        assertThat(missing).isEmpty();
        Set<String> left = new TreeSet<>(Words.keys());
        left.removeAll(used.keySet());
        left.remove(Note.TEXT);
        left.removeIf(WordsTest::named);
        assertThat(left).isEmpty();
    }
}
