package org.eskarn.core.result;

import java.util.List;

/**
 * Figures that belong together, in rows.
 *
 * @param columns the heads, that of the names first
 */
public record FigureTable(Note title, List<Note> columns, List<Row> rows) {

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
    public record Row(Note name, List<Figure> cells) {

        public Row {
            cells = List.copyOf(cells);
        }

        public static Row of(Note name, Figure... cells) {
            return new Row(name, List.of(cells));
        }

        /** A row named by a place, as it is called. */
        public static Row of(String place, Figure... cells) {
            return of(Note.text(place), cells);
        }
    }
}
