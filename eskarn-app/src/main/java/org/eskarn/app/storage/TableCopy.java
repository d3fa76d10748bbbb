package org.eskarn.app.storage;

import java.sql.Connection;
import java.sql.DatabaseMetaData;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.sql.Statement;
import java.sql.Types;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/** Copies all records from one database into another with the same tables. Who is signed in is no record. */
public final class TableCopy {

    private static final int AT_ONCE = 500;

    private TableCopy() {}

    /**
     * Replaces the rows of the tables; what the other tables hold stays. The connections are the caller's to commit and to close.
     *
     * @return how many rows each table has
     * @throws SQLException if a row cannot be read or written, or the tables are not the same
     */
    public static Map<String, Long> copy(Connection from, Connection to) throws SQLException {
        List<String> tables = tables(from);
        List<String> backwards = new ArrayList<>(tables);
        Collections.reverse(backwards);
        try (Statement statement = to.createStatement()) {
            for (String table : backwards) {
                statement.executeUpdate("delete from " + table);
            }
        }
        Map<String, Long> copied = new LinkedHashMap<>();
        for (String table : tables) {
            copied.put(table, copy(table, from, to));
        }
        return copied;
    }

    /** Those of the records, each behind those it names. */
    static List<String> tables(Connection database) throws SQLException {
        DatabaseMetaData meta = database.getMetaData();
        Map<String, Set<String>> names = new TreeMap<>();
        try (ResultSet all = meta.getTables(null, null, "%", new String[] {"TABLE", "BASE TABLE"})) {
            while (all.next()) {
                String table = all.getString("TABLE_NAME");
                if (record(all.getString("TABLE_SCHEM"), table)) {
                    names.put(table, new TreeSet<>());
                }
            }
        }
        for (Map.Entry<String, Set<String>> each : names.entrySet()) {
            try (ResultSet keys = meta.getImportedKeys(null, null, each.getKey())) {
                while (keys.next()) {
                    each.getValue().add(keys.getString("PKTABLE_NAME"));
                }
            }
            each.getValue().remove(each.getKey());
        }
        List<String> ordered = new ArrayList<>();
        while (ordered.size() < names.size()) {
            List<String> next = names.entrySet().stream()
                    .filter(each -> !ordered.contains(each.getKey()) && ordered.containsAll(each.getValue()))
                    .map(Map.Entry::getKey)
                    .toList();
            if (next.isEmpty()) {
                throw new SQLException("tables that name each other in a circle");
            }
            ordered.addAll(next);
        }
        return ordered.stream().map(table -> table.toLowerCase(Locale.ROOT)).toList();
    }

    private static boolean record(@Nullable String schema, String table) {
        String name = table.toLowerCase(Locale.ROOT);
        return "public".equalsIgnoreCase(schema) && !name.startsWith("flyway") && !name.startsWith("spring_session");
    }

    private static long copy(String table, Connection from, Connection to) throws SQLException {
        long rows = 0;
        long highest = 0;
        try (Statement reading = from.createStatement()) {
            reading.setFetchSize(AT_ONCE);
            // In the order of their keys, so that a row that names another of its table comes behind it.
            try (ResultSet row = reading.executeQuery("select * from " + table + " order by 1")) {
                List<String> columns = columns(row.getMetaData());
                int id = columns.indexOf("id") + 1;
                try (PreparedStatement writing = to.prepareStatement(insert(table, columns))) {
                    while (row.next()) {
                        for (int column = 1; column <= columns.size(); column++) {
                            writing.setObject(column, value(row, column));
                        }
                        writing.addBatch();
                        highest = id > 0 ? Math.max(highest, row.getLong(id)) : 0;
                        if (++rows % AT_ONCE == 0) {
                            writing.executeBatch();
                        }
                    }
                    writing.executeBatch();
                }
            }
        }
        countOn(table, highest, to);
        return rows;
    }

    private static String insert(String table, List<String> columns) {
        return "insert into " + table + " (" + String.join(", ", columns) + ") overriding system value values ("
                + String.join(", ", Collections.nCopies(columns.size(), "?")) + ")";
    }

    private static List<String> columns(ResultSetMetaData meta) throws SQLException {
        List<String> columns = new ArrayList<>();
        for (int i = 1; i <= meta.getColumnCount(); i++) {
            columns.add(meta.getColumnName(i).toLowerCase(Locale.ROOT));
        }
        return columns;
    }

    /** In a class that every database takes. */
    private static @Nullable Object value(ResultSet row, int column) throws SQLException {
        return switch (row.getMetaData().getColumnType(column)) {
            case Types.TIMESTAMP, Types.TIMESTAMP_WITH_TIMEZONE -> row.getObject(column, OffsetDateTime.class);
            case Types.DATE -> row.getObject(column, LocalDate.class);
            case Types.BLOB, Types.BINARY, Types.VARBINARY, Types.LONGVARBINARY -> row.getBytes(column);
            default -> row.getObject(column);
        };
    }

    /** New rows get keys behind those that were copied. */
    private static void countOn(String table, long highest, Connection to) throws SQLException {
        try (ResultSet columns = to.getMetaData().getColumns(null, null, own(table, to), own("id", to))) {
            if (columns.next() && "YES".equals(columns.getString("IS_AUTOINCREMENT"))) {
                try (Statement statement = to.createStatement()) {
                    statement.execute("alter table " + table + " alter column id restart with " + (highest + 1));
                }
            }
        }
    }

    private static String own(String name, Connection database) throws SQLException {
        return database.getMetaData().storesUpperCaseIdentifiers() ? name.toUpperCase(Locale.ROOT) : name;
    }
}
