package org.eskarn.app.ledger.document;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A document as it would be had its docket another number, serial and row keys. */
public final class CopiedRecord {

    /** Numbers that are keys of a docket's rows. */
    private static final Set<String> KEYS = Set.of("sweep", "attempt", "standing");

    /** Lists of rows that have a key of their own. */
    private static final Set<String> ROWS = Set.of("attempts", "sweeps");

    private CopiedRecord() {}

    /** @param further what is added to each key of a row */
    public static byte[] of(byte[] document, int docket, String serial, long further) {
        ObjectNode copy = (ObjectNode) Json.tree(document);
        ((ObjectNode) copy.get("docket")).put("number", docket).put("serial", serial);
        add(copy.get("requirements"), further);
        return copy.toString().getBytes(StandardCharsets.UTF_8);
    }

    private static void add(JsonNode node, long further) {
        if (node instanceof ObjectNode object) {
            for (Map.Entry<String, JsonNode> each : Set.copyOf(object.properties())) {
                JsonNode value = each.getValue();
                if (KEYS.contains(each.getKey()) && value.isIntegralNumber()) {
                    object.put(each.getKey(), value.longValue() + further);
                } else if (ROWS.contains(each.getKey())) {
                    value.forEach(
                            row -> ((ObjectNode) row).put("id", row.get("id").longValue() + further));
                }
            }
        }
        node.forEach(child -> add(child, further));
    }
}
