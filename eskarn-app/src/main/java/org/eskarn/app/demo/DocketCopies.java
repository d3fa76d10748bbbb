package org.eskarn.app.demo;

import java.sql.ResultSetMetaData;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.eskarn.app.ledger.LedgerCopies.Copy;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Copies all rows of a docket, with keys that lie further on. */
@Component
class DocketCopies {

    private static final String OF_SET_UP = "set_up_id in (select id from set_up where docket_id = ?)";
    private static final String OF_SWEEP =
            "sweep_id in (select s.id from sweep s join set_up u on u.id = s.set_up_id where u.docket_id = ?)";

    /** The tables of a docket with what of them belongs to it, each after those it names. */
    private static final Map<String, String> TABLES = tables();

    /** Columns that name a row of the same docket. */
    private static final Set<String> KEYS = Set.of(
            "id",
            "docket_id",
            "set_up_id",
            "attempt_id",
            "sweep_id",
            "last_attempt_id",
            "standing_attempt_id",
            "read_with",
            "beside");

    private final JdbcTemplate database;

    DocketCopies(JdbcTemplate database) {
        this.database = database;
    }

    private static Map<String, String> tables() {
        Map<String, String> tables = new LinkedHashMap<>();
        tables.put("docket", "id = ?");
        tables.put("set_up", "docket_id = ?");
        Stream.of(
                        "attempt sweep step_done preparation_done left_out circumstance inspector_decision remedy truing_step dial_in signed_use"
                                .split(" "))
                .forEach(table -> tables.put(table, OF_SET_UP));
        Stream.of("reading sweep_station zero_setting set_aside sign_change".split(" "))
                .forEach(table -> tables.put(table, OF_SWEEP));
        return Collections.unmodifiableMap(tables);
    }

    /** A number above all keys there are, to be added to the keys of a copy once for each copy before it. */
    long stride() {
        return 1 + keyed().stream().mapToLong(this::highest).max().orElse(0);
    }

    private List<String> keyed() {
        return TABLES.keySet().stream()
                .filter(table -> columns(table).contains("id"))
                .toList();
    }

    private long highest(String table) {
        return database.queryForList("select coalesce(max(id), 0) from " + table, Long.class)
                .get(0);
    }

    /** Copies a docket's rows once for each copy. */
    void make(long docketId, List<Copy> copies) {
        TABLES.forEach((table, of) -> {
            if (!database.queryForList("select 1 from " + table + " where " + of + " limit 1", Integer.class, docketId)
                    .isEmpty()) {
                copy(table, of, docketId, copies);
            }
        });
    }

    /** What stands in a column of a copy instead of what it was copied from. */
    private record Other(String written, Function<Copy, Object> value) {}

    private static Optional<Other> other(String table, String column) {
        if (KEYS.contains(column)) {
            return Optional.of(new Other(column + " + ?", Copy::further));
        }
        return switch (table + "." + column) {
            case "docket.number" -> Optional.of(new Other("cast(? as integer)", Copy::number));
            case "docket.serial" -> Optional.of(new Other("cast(? as varchar(40))", Copy::serial));
            default -> Optional.empty();
        };
    }

    private void copy(String table, String of, long docketId, List<Copy> copies) {
        List<String> columns = columns(table);
        String values = columns.stream()
                .map(column -> other(table, column).map(Other::written).orElse(column))
                .collect(Collectors.joining(", "));
        List<Other> others = columns.stream()
                .flatMap(column -> other(table, column).stream())
                .toList();
        List<Object[]> rows = copies.stream()
                .map(copy -> Stream.concat(
                                others.stream().map(other -> other.value().apply(copy)), Stream.of(docketId))
                        .toArray())
                .toList();
        database.batchUpdate(
                "insert into " + table + " (" + String.join(", ", columns) + ") select " + values + " from " + table
                        + " where " + of,
                rows);
    }

    private List<String> columns(String table) {
        List<String> columns = database.query("select * from " + table + " where 1 = 0", rows -> {
            ResultSetMetaData meta = rows.getMetaData();
            List<String> names = new ArrayList<>();
            for (int i = 1; i <= meta.getColumnCount(); i++) {
                names.add(meta.getColumnName(i).toLowerCase(Locale.ROOT));
            }
            return names;
        });
        return columns == null ? List.of() : columns;
    }

    /** New rows get keys above all copies. */
    void countOn() {
        for (String table : keyed()) {
            database.execute("alter table " + table + " alter column id restart with " + (highest(table) + 1));
        }
    }
}
