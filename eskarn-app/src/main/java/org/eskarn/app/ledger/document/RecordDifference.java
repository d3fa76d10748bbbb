package org.eskarn.app.ledger.document;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.eskarn.app.page.Words;
import tools.jackson.databind.JsonNode;

/**
 * Whether two writings of a docket hold the same record. What was computed and how it was said is passed over, and so is what
 * may change after signing: the names of people, and all of a gauge but which one it is. What a station is called follows from
 * where it is.
 */
public final class RecordDifference {

    /** Computed, or said in words that a later program may choose better. */
    private static final Set<String> PASSED_OVER = Set.of("result", "words", "outcome");

    private static final String ABSENT = Words.say("ledger.nothing");
    /** Of a text that is told. */
    private static final int LONGEST = 120;

    private RecordDifference() {}

    /**
     * The first difference as {@code path: signed, now}; empty where there is none.
     *
     * @param signed the document
     * @param now the record as the database has it, as JSON of the same shape
     */
    public static Optional<String> first(byte[] signed, byte[] now) {
        JsonNode document = Json.tree(signed);
        JsonNode rows = Json.tree(now);
        for (String part : List.of("docket", "part", "requirements", "certificate")) {
            Optional<String> difference = compare(part, document.path(part), rows.path(part));
            if (difference.isPresent()) {
                return difference;
            }
        }
        return Optional.empty();
    }

    private static Optional<String> compare(String path, JsonNode signed, JsonNode now) {
        if (signed.isArray() || now.isArray()) {
            return elements(path, signed, now);
        }
        if (signed.isObject() || now.isObject()) {
            return fields(path, signed, now);
        }
        return signed.equals(now) || (absent(signed) && absent(now))
                ? Optional.empty()
                : Optional.of(Words.say("ledger.signed-now", path, text(signed), text(now)));
    }

    private static Optional<String> elements(String path, JsonNode signed, JsonNode now) {
        for (int i = 0; i < Math.max(signed.size(), now.size()); i++) {
            Optional<String> difference = compare(path + " " + (i + 1), signed.path(i), now.path(i));
            if (difference.isPresent()) {
                return difference;
            }
        }
        return Optional.empty();
    }

    private static Optional<String> fields(String path, JsonNode signed, JsonNode now) {
        List<String> names = new ArrayList<>(new TreeSet<>(union(signed, now)));
        boolean gauge = names.contains("mark") && names.contains("id");
        boolean station = path.matches(".* stations \\d+");
        boolean person = names.size() == 2 && names.contains("id") && names.contains("name");
        for (String name : names) {
            boolean called = station && name.equals("name");
            if (PASSED_OVER.contains(name) || called || ((gauge || person) && !name.equals("id"))) {
                continue;
            }
            // Documents from before it was kept name the master only; the records were told later which one that was.
            if (name.equals("masterId") && absent(signed.path(name))) {
                continue;
            }
            Optional<String> difference = compare(path + " " + name, signed.path(name), now.path(name));
            if (difference.isPresent()) {
                return difference;
            }
        }
        return Optional.empty();
    }

    private static Set<String> union(JsonNode one, JsonNode other) {
        Set<String> names = new TreeSet<>(one.propertyNames());
        names.addAll(other.propertyNames());
        return names;
    }

    private static boolean absent(JsonNode node) {
        return node.isMissingNode() || node.isNull();
    }

    private static String text(JsonNode node) {
        if (absent(node)) {
            return ABSENT;
        }
        String whole = node.asString();
        return whole.length() <= LONGEST ? whole : whole.substring(0, LONGEST) + "…";
    }
}
