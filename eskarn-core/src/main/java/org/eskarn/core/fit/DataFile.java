package org.eskarn.core.fit;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.eskarn.core.result.Note;

/**
 * A table that ships with the program: lines of cells between semicolons, the first the heads. Lines that begin with #
 * say what it is and where it comes from.
 */
record DataFile(List<String> heads, List<List<String>> rows) {

    /**
     * @param name of the file beside this class
     * @throws IllegalStateException if it is missing, or a row has not as many cells as there are heads
     */
    static DataFile named(String name) {
        List<List<String>> rows = new ArrayList<>();
        try (InputStream in = DataFile.class.getResourceAsStream(name)) {
            if (in == null) {
                throw new IllegalStateException("the table " + name + " is missing");
            }
            BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8));
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                if (!line.startsWith("#")) {
                    rows.add(Arrays.asList(line.split(";", -1)));
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        List<String> heads = rows.remove(0);
        for (List<String> row : rows) {
            if (row.size() != heads.size()) {
                throw new IllegalStateException("the table " + name + " has a row of " + row.size() + " cells, not "
                        + heads.size() + ": " + row);
            }
        }
        return new DataFile(List.copyOf(heads), List.copyOf(rows));
    }

    /** What a cell says, which holds the code of a note; empty for an empty cell. */
    static Optional<Note> note(String cell) {
        return cell.isEmpty() ? Optional.empty() : Optional.of(Note.of(cell));
    }

    /** The cells of a column, from the top. */
    List<String> column(String head) {
        int at = heads.indexOf(head);
        return rows.stream().map(row -> row.get(at)).toList();
    }

    /** The cells of a column as numbers; NaN where a cell is empty. */
    double[] numbers(String head) {
        return column(head).stream()
                .mapToDouble(cell -> cell.isEmpty() ? Double.NaN : Double.parseDouble(cell))
                .toArray();
    }

    /**
     * Which row a size belongs to, where each row holds sizes over the limit of the row above and up to its own.
     *
     * @param upTo ascending
     * @return the length of the array where the size is above the last
     */
    static int row(double[] upTo, double size) {
        int low = 0;
        int high = upTo.length;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (size <= upTo[middle]) {
                high = middle;
            } else {
                low = middle + 1;
            }
        }
        return low;
    }
}
