package org.eskarn.app.exchange;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.eskarn.app.ledger.export.HarmlessText;
import org.eskarn.app.page.Words;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A file of rows as it was sent: CSV with any of the usual separators, or JSON with the same names.
 *
 * @param rows each with the line of the file that it begins on, and its cells by column
 */
record FileTable(List<Line> rows) {

    private static final int MOST_BYTES = 4_000_000;
    static final int MOST_ROWS = 5000;
    private static final int LONGEST_CELL = 4000;
    private static final char BYTE_ORDER_MARK = '\uFEFF';

    /** A row; a column that is not there is empty. */
    record Line(int number, Map<String, String> cells) {

        String get(String column) {
            return cells.getOrDefault(column, "");
        }
    }

    /**
     * @param columns those that are known
     * @param needed those that have to be there
     * @throws ImportRefused if it is no such file
     */
    static FileTable read(byte[] file, List<String> columns, List<String> needed) throws ImportRefused {
        if (file.length > MOST_BYTES) {
            throw refused(Words.say("exchange.file-too-large", MOST_BYTES / 1_000_000));
        }
        if (file.length > 1 && file[0] == 'P' && file[1] == 'K') {
            throw refused(Words.say("exchange.a-workbook"));
        }
        String text = text(file);
        if (text.isBlank()) {
            throw refused(Words.say("exchange.empty-file"));
        }
        if (text.stripLeading().startsWith("<")) {
            throw refused(Words.say("exchange.xml"));
        }
        FileTable table = text.stripLeading().startsWith("{") ? json(text) : csv(text, columns, needed);
        if (table.rows().isEmpty()) {
            throw refused(Words.say("exchange.no-rows"));
        }
        return table;
    }

    static ImportRefused refused(String sentence) {
        return new ImportRefused(List.of(new LineProblem(0, sentence)));
    }

    private static String text(byte[] file) throws ImportRefused {
        try {
            String text = StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(file))
                    .toString();
            if (text.indexOf('\0') >= 0) {
                throw refused(Words.say("exchange.not-utf-8"));
            }
            return !text.isEmpty() && text.charAt(0) == BYTE_ORDER_MARK ? text.substring(1) : text;
        } catch (CharacterCodingException e) {
            throw refused(Words.say("exchange.not-utf-8"));
        }
    }

    /** Separated by what the head is separated by. */
    private static FileTable csv(String text, List<String> columns, List<String> needed) throws ImportRefused {
        String head = text.lines().findFirst().orElse("");
        char separator = ',';
        for (char each : new char[] {';', '\t'}) {
            if (count(head, each) > count(head, separator)) {
                separator = each;
            }
        }
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(separator)
                .setIgnoreEmptyLines(true)
                .get();
        List<Line> rows = new ArrayList<>();
        List<String> names = new ArrayList<>();
        try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
            for (CSVRecord record : parser) {
                if (names.isEmpty()) {
                    names.addAll(names(record, columns, needed));
                } else {
                    rows.add(line(record, first(record, parser), names));
                }
                if (rows.size() > MOST_ROWS) {
                    throw refused(Words.say("exchange.too-many-rows", MOST_ROWS));
                }
            }
        } catch (IOException | UncheckedIOException | IllegalStateException e) {
            throw refused(Words.say("exchange.quotes-do-not-close"));
        }
        return new FileTable(rows);
    }

    /** The line that a record begins on, counted from the one it ends on. */
    private static int first(CSVRecord record, CSVParser parser) {
        long breaks = record.stream().mapToLong(cell -> count(cell, '\n')).sum();
        return (int) (parser.getCurrentLineNumber() - breaks);
    }

    private static long count(String text, char each) {
        return text.chars().filter(letter -> letter == each).count();
    }

    private static List<String> names(CSVRecord head, List<String> columns, List<String> needed) throws ImportRefused {
        List<String> names = new ArrayList<>();
        head.forEach(name -> names.add(name.strip()));
        List<LineProblem> problems = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        for (String name : needed) {
            if (!names.contains(name)) {
                problems.add(new LineProblem(1, Words.say("exchange.column-is-missing", name)));
            }
        }
        for (String name : names) {
            if (problems.isEmpty() && !columns.contains(name)) {
                problems.add(new LineProblem(1, Words.say("exchange.column-is-unknown", shortened(name))));
            } else if (!seen.add(name)) {
                problems.add(new LineProblem(1, Words.say("exchange.column-twice", shortened(name))));
            }
        }
        if (!problems.isEmpty()) {
            throw new ImportRefused(problems);
        }
        return names;
    }

    private static String shortened(String text) {
        return text.length() <= 40 ? text : text.substring(0, 40) + "…";
    }

    private static Line line(CSVRecord record, int number, List<String> names) throws ImportRefused {
        if (record.size() > names.size()) {
            throw new ImportRefused(List.of(
                    new LineProblem(number, Words.say("exchange.too-many-cells", record.size(), names.size()))));
        }
        Map<String, String> cells = new LinkedHashMap<>();
        for (int i = 0; i < record.size(); i++) {
            cells.put(names.get(i), cell(record.get(i), number));
        }
        return new Line(number, cells);
    }

    private static String cell(String typed, int line) throws ImportRefused {
        if (typed.length() > LONGEST_CELL) {
            throw new ImportRefused(List.of(new LineProblem(line, Words.say("exchange.cell-too-long", LONGEST_CELL))));
        }
        return HarmlessText.meant(typed);
    }

    private static FileTable json(String text) throws ImportRefused {
        List<Line> rows = new ArrayList<>();
        try {
            JsonNode all = JsonMapper.shared().readTree(text).path("rows");
            if (!all.isArray()) {
                throw refused(Words.say("exchange.json-has-no-rows"));
            }
            for (JsonNode row : all) {
                Map<String, String> cells = new LinkedHashMap<>();
                for (String name : row.propertyNames()) {
                    cells.put(name, cell(row.path(name).asString(""), rows.size() + 1));
                }
                rows.add(new Line(rows.size() + 1, cells));
                if (rows.size() > MOST_ROWS) {
                    throw refused(Words.say("exchange.too-many-rows", MOST_ROWS));
                }
            }
        } catch (JacksonException e) {
            throw refused(Words.say("exchange.no-json"));
        }
        return new FileTable(rows);
    }
}
