package org.eskarn.core.reading;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.eskarn.core.result.Note;
import org.eskarn.core.units.LengthUnit;

/**
 * A grid of heights as it is pasted: a line for each row, the back row first as on the plan, numbers with blanks, tabs or
 * semicolons between.
 *
 * @param layout its places, row by row as pasted
 * @param rows how many
 * @param columns how many
 * @param micrometres the heights, row by row as pasted
 */
public record PastedGrid(Layout layout, int rows, int columns, double[] micrometres) {

    /** The most heights that are taken. */
    public static final int MOST = 250_000;

    /**
     * @param stepX distance from column to column, in {@code unit}
     * @param stepY distance from row to row, in {@code unit}
     * @param readIn the unit of the heights
     * @throws LayoutRejected if there is none or too many, a row is longer than another, or something is no number
     */
    public static PastedGrid read(String pasted, BigDecimal stepX, BigDecimal stepY, LengthUnit unit, LengthUnit readIn)
            throws LayoutRejected {
        List<String[]> lines = pasted.lines()
                .map(String::strip)
                .filter(line -> !line.isEmpty())
                .map(line -> line.split("[\\s;]+"))
                .toList();
        if (lines.isEmpty()) {
            throw new LayoutRejected(false, Note.of("core.paste-the-heights-a-line-for-each"));
        }
        int columns = lines.get(0).length;
        if ((long) columns * lines.size() > MOST) {
            throw new LayoutRejected(
                    false, Note.of("core.that-is-heights-250000-at-most-are", (long) columns * lines.size()));
        }
        double perUnit = readIn.micrometres().doubleValue();
        double[] micrometres = new double[columns * lines.size()];
        List<Station> stations = new ArrayList<>(micrometres.length);
        for (int row = 0; row < lines.size(); row++) {
            String[] words = lines.get(row);
            if (words.length != columns) {
                throw new LayoutRejected(
                        false, Note.of("core.row-has-heights-the-first-has", row + 1, words.length, columns));
            }
            BigDecimal y = stepY.multiply(BigDecimal.valueOf(lines.size() - 1L - row));
            for (int column = 0; column < columns; column++) {
                micrometres[stations.size()] = perUnit * number(words[column], row, column);
                stations.add(new Station(
                        stations.size() + 1,
                        "row " + (row + 1) + ", " + (column + 1),
                        null,
                        stepX.multiply(BigDecimal.valueOf(column)),
                        y,
                        null));
            }
        }
        return new PastedGrid(new Layout(LayoutKind.GRID, unit, stations, false), lines.size(), columns, micrometres);
    }

    private static double number(String word, int row, int column) throws LayoutRejected {
        String plain = word.replace('−', '-').replace(',', '.');
        if (!plain.matches("[+-]?(\\d{1,9}(\\.\\d{0,9})?|\\.\\d{1,9})")) {
            throw new LayoutRejected(false, Note.of("core.row-is-not-a-number", row + 1, column + 1, word));
        }
        return Double.parseDouble(plain);
    }

    /** The heights as a sweep, the unit of their gauge being as fine as they are written. */
    public Sweep sweep() {
        List<Reading> readings = new ArrayList<>(micrometres.length);
        for (int i = 0; i < micrometres.length; i++) {
            readings.add(Reading.still(layout.stations().get(i), micrometres[i]));
        }
        return new Sweep(layout, readings, null);
    }

    /** Whether another grid has the same rows and columns. */
    public boolean matches(PastedGrid other) {
        return rows == other.rows && columns == other.columns;
    }
}
