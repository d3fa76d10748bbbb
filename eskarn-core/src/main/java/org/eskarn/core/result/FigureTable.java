package org.eskarn.core.result;

import java.util.List;

/**
 * Figures that belong together, in rows.
 *
 * @param columns the heads, that of the names first
 */
public record FigureTable(String title, List<String> columns, List<Row> rows) {

    public FigureTable {
        columns = List.copyOf(columns);
        rows = List.copyOf(rows);
        for (Row row : rows) {
            if (row.cells().size() != columns.size() - 1) {
                throw new IllegalArgumentException("row “" + row.name() + "” has "
                        + row.cells().size() + " cells under " + (columns.size() - 1) + " heads");
            }
        }
    }

    /** @param cells figures without names of their own */
    public record Row(String name, List<Figure> cells) {

        public Row {
            cells = List.copyOf(cells);
        }

        public static Row of(String name, Figure... cells) {
            return new Row(name, List.of(cells));
        }
    }
}
