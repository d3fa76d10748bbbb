package org.eskarn.app.running;

import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.TreeMap;

/** What stands in the fields of a calculator, written as in its address. */
public final class Query {

    private Query() {}

    /** @param query as {@code size=50&turns=450}; blanks as such or as + */
    public static Map<String, String> fields(String query) {
        Map<String, String> typed = new TreeMap<>();
        for (String field : query.split("&")) {
            int equals = field.indexOf('=');
            typed.put(
                    field.substring(0, equals), URLDecoder.decode(field.substring(equals + 1), StandardCharsets.UTF_8));
        }
        return typed;
    }
}
