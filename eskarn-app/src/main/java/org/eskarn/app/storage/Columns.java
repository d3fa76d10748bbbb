package org.eskarn.app.storage;

import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * The columns of a record, in the order of its components and called like them, for statements of a mapper: a component added to
 * the record is read and written at once. Its key is left out.
 */
public final class Columns {

    private Columns() {}

    /** {@code stated_as, rule, datum} */
    public static String names(Class<? extends Record> type, String key) {
        return joined(type, key, Columns::column);
    }

    /** {@code #{limit.statedAs}, #{limit.rule}, #{limit.datum}} */
    public static String values(Class<? extends Record> type, String key, String property) {
        return joined(type, key, name -> "#{" + property + "." + name + "}");
    }

    /** {@code stated_as = #{limit.statedAs}, rule = #{limit.rule}} */
    public static String assignments(Class<? extends Record> type, String key, String property) {
        return joined(type, key, name -> column(name) + " = #{" + property + "." + name + "}");
    }

    private static String joined(Class<? extends Record> type, String key, Function<String, String> written) {
        List<String> names = Arrays.stream(type.getRecordComponents())
                .map(RecordComponent::getName)
                .filter(name -> !name.equals(key))
                .toList();
        return names.stream().map(written).collect(Collectors.joining(", "));
    }

    private static String column(String name) {
        return name.replaceAll("([A-Z])", "_$1").toLowerCase(Locale.ROOT);
    }
}
