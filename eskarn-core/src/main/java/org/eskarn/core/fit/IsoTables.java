package org.eskarn.core.fit;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The tables of ISO 286, as they are read once from their files. Amounts in nanometres, so that halves are whole. */
final class IsoTables {

    /** No value: the standard defines none. */
    static final int NONE = Integer.MIN_VALUE;

    /** Upper ends of the main ranges of size, mm. */
    static final double[] RANGES;

    /** Upper ends of the finer ranges of size that fundamental deviations are given for, mm. */
    static final double[] FINE;

    /** Letters of fundamental deviations in the order of the standard, small. */
    static final List<String> LETTERS;

    private static final Map<String, Integer> ORDER;

    private static final int[][] GRADES;
    private static final Map<String, int[]> SHAFTS;
    private static final Map<String, int[]> HOLES;
    private static final Map<String, int[]> LISTED;

    static {
        DataFile grades = DataFile.named("iso-286-grades.csv");
        RANGES = grades.numbers("up to");
        GRADES = new int[Grade.COUNT][];
        for (int i = 0; i < Grade.COUNT; i++) {
            GRADES[i] = nanometres(grades, new Grade(i).toString());
        }
        DataFile shafts = DataFile.named("iso-286-shafts.csv");
        FINE = shafts.numbers("up to");
        SHAFTS = columns(shafts);
        HOLES = columns(DataFile.named("iso-286-holes.csv"));
        LETTERS = List.of(
                "a", "b", "c", "cd", "d", "e", "ef", "f", "fg", "g", "h", "js", "j", "k", "m", "n", "p", "r", "s", "t",
                "u", "v", "x", "y", "z", "za", "zb", "zc");
        ORDER = new HashMap<>();
        for (String letters : LETTERS) {
            ORDER.put(letters, ORDER.size());
        }
        DataFile listed = DataFile.named("iso-286-listed.csv");
        LISTED = new HashMap<>();
        for (List<String> row : listed.rows()) {
            LISTED.put(row.get(0), new int[] {Integer.parseInt(row.get(1)), Integer.parseInt(row.get(2))});
        }
    }

    private IsoTables() {}

    /** The place of small letters in the order of the standard, from 0; -1 for letters it has not. */
    static int order(String small) {
        return ORDER.getOrDefault(small, -1);
    }

    /** The tolerance of a grade in nm, or NONE. */
    static int grade(Grade grade, int range) {
        int[] column = GRADES[grade.index()];
        return range < column.length ? column[range] : NONE;
    }

    /** A column of the table of shafts at a finer range, nm, or NONE. */
    static int shaft(String letters, int fine) {
        int[] column = SHAFTS.get(letters);
        return column == null ? NONE : column[fine];
    }

    /** A column of the table of holes, J6 or Δ5, at a main range, nm, or NONE. */
    static int hole(String name, int range) {
        int[] column = HOLES.get(name);
        return column == null || range >= column.length ? NONE : column[range];
    }

    /** Whether the standard prints limits of this class. */
    static boolean listed(ToleranceClass written) {
        int[] grades = LISTED.get(written.letters());
        int number = written.grade().number();
        return grades != null && number >= grades[0] && number <= grades[1];
    }

    private static Map<String, int[]> columns(DataFile file) {
        Map<String, int[]> columns = new HashMap<>();
        for (String head : file.heads().subList(1, file.heads().size())) {
            columns.put(head, nanometres(file, head));
        }
        return columns;
    }

    private static int[] nanometres(DataFile file, String head) {
        double[] micrometres = file.numbers(head);
        int[] amounts = new int[micrometres.length];
        for (int i = 0; i < amounts.length; i++) {
            amounts[i] = Double.isNaN(micrometres[i]) ? NONE : (int) Math.round(micrometres[i] * 1000);
        }
        return amounts;
    }
}
