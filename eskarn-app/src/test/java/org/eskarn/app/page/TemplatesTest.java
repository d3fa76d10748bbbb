package org.eskarn.app.page;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** How templates are written: lines that can be read, no class of the program named in them, no row of a table reached,
 * no choice compared by its name, no words of their own. */
class TemplatesTest {

    private static final int LONGEST_LINE = 160;

    private static final String PRODUCT = " · Eskarn";

    static List<Path> templates() throws IOException {
        try (Stream<Path> files = Files.walk(Path.of("src", "main", "resources", "templates"))) {
            return files.filter(each -> each.toString().endsWith(".html")).toList();
        }
    }

    private static final Pattern SHOWN = Pattern.compile("th:(?:text|aria-label|placeholder|title)=\"([^\"]*)\"");

    /** Keys, formats and codes in an expression, which nobody reads. */
    private static final Pattern UNREAD = Pattern.compile("[!=]= '[^']*'|#words\\.say\\(\\s*'[^']*'"
            + "|(?:format|formatDecimal|containsKey|get|problem)\\((?:[^()']|\\([^()]*\\))*'[^']*'");

    private static final Pattern LITERAL = Pattern.compile("'([^']*)'");
    private static final Pattern WORD = Pattern.compile("[A-Za-z]{2}");

    @ParameterizedTest
    @MethodSource("templates")
    void hasItsWordsFromTheMessages(Path template) throws IOException {
        String all = Files.readString(template).replaceAll("(?s)<!.*?>", "");
        Stream<String> expressions = SHOWN.matcher(all)
                .results()
                .map(shown -> UNREAD.matcher(shown.group(1)).replaceAll(""))
                .flatMap(left -> LITERAL.matcher(left).results())
                .map(literal -> literal.group(1));
        Stream<String> texts = Stream.of(all.replaceAll("\"[^\"]*\"", "\"\"").split("<[^>]*>"))
                .map(text -> text.replaceAll("(?s)\\[\\[.*?]]", ""));
        assertThat(Stream.concat(expressions, texts).filter(WORD.asPredicate())).allMatch(PRODUCT::equals);
    }

    @ParameterizedTest
    @MethodSource("templates")
    void isWrittenToBeRead(Path template) throws IOException {
        assertThat(Files.readAllLines(template))
                .allSatisfy(line -> assertThat(line.length()).as(line).isLessThanOrEqualTo(LONGEST_LINE));
        assertThat(Files.readString(template))
                .doesNotContainPattern("\\bT\\(|\\.row\\(\\)|name\\(\\) ?[!=]=|[!=]= ?'[A-Z_]{2,}'");
    }
}
