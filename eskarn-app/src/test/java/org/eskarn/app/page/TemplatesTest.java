package org.eskarn.app.page;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** How templates are written: lines that can be read, and no class of the program named in them. */
class TemplatesTest {

    private static final int LONGEST_LINE = 160;

    static List<Path> templates() throws IOException {
        try (Stream<Path> files = Files.walk(Path.of("src", "main", "resources", "templates"))) {
            return files.filter(each -> each.toString().endsWith(".html")).toList();
        }
    }

    @ParameterizedTest
    @MethodSource("templates")
    void isWrittenToBeRead(Path template) throws IOException {
        assertThat(Files.readAllLines(template))
                .allSatisfy(line -> assertThat(line.length()).as(line).isLessThanOrEqualTo(LONGEST_LINE));
        assertThat(Files.readString(template)).doesNotContainPattern("\\bT\\(");
    }
}
