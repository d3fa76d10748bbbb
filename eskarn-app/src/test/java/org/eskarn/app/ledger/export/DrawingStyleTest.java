package org.eskarn.app.ledger.export;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** A drawing in a file has the colours that it has on a page. */
class DrawingStyleTest {

    private static final Pattern RULE =
            Pattern.compile("\\.((?:d|ramp|parted)-[a-z0-9-]+) \\{ (?:fill|stroke): ([^;]+);");

    /** On paper the ground is white, and what keeps figures clear of lines on a page is left out. */
    private static final Pattern OTHERWISE = Pattern.compile("d-fill-sheet|d-halo.*");

    private static Map<String, String> colours(String css) {
        Map<String, String> named = Pattern.compile("(--color-[a-z-]+): (#[0-9a-f]+);")
                .matcher(css)
                .results()
                .collect(Collectors.toMap(each -> each.group(1), each -> each.group(2), (first, again) -> first));
        Map<String, String> colours = new TreeMap<>();
        for (MatchResult rule : RULE.matcher(css).results().toList()) {
            String colour = rule.group(2).startsWith("var(")
                    ? named.get(rule.group(2).substring(4, rule.group(2).length() - 1))
                    : rule.group(2);
            if (!OTHERWISE.matcher(rule.group(1)).matches()) {
                colours.putIfAbsent(rule.group(1), colour);
            }
        }
        return colours;
    }

    @Test
    void everyClassOfADrawingHasTheSameColourInAFile() throws IOException {
        Map<String, String> page = colours(Files.readString(Path.of("src/main/frontend/eskarn.css")));
        Map<String, String> file =
                colours(Files.readString(Path.of("src/main/resources/org/eskarn/app/ledger/export/drawing.css")));
        assertThat(page).hasSizeGreaterThan(20);
        assertThat(file).isEqualTo(page);
    }
}
