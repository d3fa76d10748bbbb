package org.eskarn.core.fit;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.eskarn.core.result.Note;
import org.eskarn.core.units.LengthUnit;

/**
 * Limits of a tolerance class at a size, by ISO 286-1:2010.
 *
 * <pre>
 * shaft a to h     es = table;            ei = es − IT
 * shaft js         es = +IT/2;            ei = −IT/2
 * shaft j to zc    ei = table;            es = ei + IT    (k: 0 but for grades 4 to 7 over 3 up to 500 mm)
 * hole A to H      EI = −es of the shaft; ES = EI + IT
 * hole JS          as js
 * hole J           ES = table;            EI = ES − IT
 * hole K to ZC     ES = −ei of the shaft + Δ, EI = ES − IT
 *                  Δ = ITn − IT(n−1) for K, M, N to grade 8 and P to ZC to grade 7, over 3 up to 500 mm; else 0
 * </pre>
 *
 * <p>Special cases of the standard: holes K to ZC begin with grade 3; N from grade 9 on, over 3 up to 500 mm, has ES = 0; K
 * from grade 9 on is defined up to 3 mm only, of those sizes; M6 over 250 up to 315 mm has ES = −9 µm; A, B, a, b, grades 14 to 18 and N from grade 9 on are
 * not for sizes up to 1 mm.
 *
 * <p>Source: ISO 286-1:2010, clauses 4.2 and 4.3, tables 1 to 5.
 *
 * <p>Degenerate cases: none; what is not defined is refused with the classes near it.
 */
public final class IsoLimits {

    /** mm. */
    public static final double LARGEST = 3150;

    /** mm; up to here holes of the same letter have Δ. */
    private static final double DELTA_UP_TO = 500;

    private static final double DELTA_OVER = 3;
    private static final double SMALLEST_FOR_ALL = 1;
    private static final int GRADE_8 = Grade.of(8).index();
    private static final int GRADE_7 = Grade.of(7).index();
    private static final int GRADE_6 = Grade.of(6).index();
    private static final int GRADE_3 = Grade.of(3).index();
    private static final int GRADE_4 = Grade.of(4).index();
    private static final int GRADE_14 = Grade.of(14).index();

    /** nm; see the special case of M6. */
    private static final int M6_OVER_250 = -9_000;

    private IsoLimits() {}

    /**
     * @param millimetres nominal size, above 0 up to 3150
     * @throws FitUndefined if the size is out of the range or the class is not defined there
     */
    public static Deviations of(BigDecimal millimetres, ToleranceClass written) throws FitUndefined {
        double size = millimetres.doubleValue();
        if (!(size > 0) || size > LARGEST) {
            throw new FitUndefined(
                    Note.of("core.the-tables-of-iso-286-go-to", Math.round(LARGEST), millimetres.toPlainString()));
        }
        int range = DataFile.row(IsoTables.RANGES, size);
        int tolerance = tolerance(written.grade(), range, size);
        long upper = tolerance == IsoTables.NONE ? IsoTables.NONE : upper(written, range, size, tolerance);
        if (upper == IsoTables.NONE) {
            throw undefined(millimetres, written);
        }
        return new Deviations(micrometres(upper - tolerance), micrometres(upper), LengthUnit.MICROMETRE);
    }

    /** The tolerance of a grade at a size in µm; empty where it is not defined. */
    public static java.util.OptionalDouble tolerance(BigDecimal millimetres, Grade grade) {
        double size = millimetres.doubleValue();
        int tolerance = size > 0 && size <= LARGEST
                ? tolerance(grade, DataFile.row(IsoTables.RANGES, size), size)
                : IsoTables.NONE;
        return tolerance == IsoTables.NONE
                ? java.util.OptionalDouble.empty()
                : java.util.OptionalDouble.of(tolerance / 1000.0);
    }

    /** Whether the standard prints the limits of a class, beside defining them. */
    public static boolean printed(ToleranceClass written) {
        return IsoTables.listed(written);
    }

    private static int tolerance(Grade grade, int range, double size) {
        return grade.index() >= GRADE_14 && size <= SMALLEST_FOR_ALL ? IsoTables.NONE : IsoTables.grade(grade, range);
    }

    /** The upper deviation in nm, or NONE. */
    private static int upper(ToleranceClass written, int range, double size, int tolerance) {
        String small = written.letters().toLowerCase(Locale.ROOT);
        int fine = DataFile.row(IsoTables.FINE, size);
        if (small.equals("js")) {
            return half(tolerance);
        }
        if (small.equals("j")) {
            return j(written, range, tolerance);
        }
        if ((small.equals("a") || small.equals("b")) && size <= SMALLEST_FOR_ALL) {
            return IsoTables.NONE;
        }
        int deviation = small.equals("k") ? k(written, fine, size) : IsoTables.shaft(small, fine);
        if (deviation == IsoTables.NONE) {
            return IsoTables.NONE;
        }
        boolean above = IsoTables.order(small) > IsoTables.order("h");
        if (!written.hole()) {
            return above ? deviation + tolerance : deviation;
        }
        return above ? upperOfHole(written, small, range, size, deviation) : -deviation + tolerance;
    }

    // Every tolerance is an even number of nm, for the tables stop at tenths of a µm.
    private static int half(int tolerance) {
        return tolerance / 2;
    }

    private static int j(ToleranceClass written, int range, int tolerance) {
        if (written.hole()) {
            return IsoTables.hole(written.toString(), range);
        }
        int lower = IsoTables.shaft(written.toString(), DataFile.row(IsoTables.FINE, IsoTables.RANGES[range]));
        return lower == IsoTables.NONE ? IsoTables.NONE : lower + tolerance;
    }

    private static int k(ToleranceClass written, int fine, double size) {
        int grade = written.grade().index();
        if (written.hole()) {
            // A hole K has the base of its shaft to grade 8; above that it is defined for the smallest sizes only.
            if (grade > GRADE_8 && size > DELTA_OVER && size <= DELTA_UP_TO) {
                return IsoTables.NONE;
            }
            return IsoTables.shaft("k", fine);
        }
        return grade >= GRADE_4 && grade <= GRADE_7 ? IsoTables.shaft("k", fine) : 0;
    }

    private static int upperOfHole(ToleranceClass written, String small, int range, double size, int deviation) {
        int grade = written.grade().index();
        if (grade < GRADE_3) {
            return IsoTables.NONE;
        }
        boolean delta = size > DELTA_OVER && size <= DELTA_UP_TO;
        if (small.equals("n") && grade > GRADE_8) {
            if (size <= SMALLEST_FOR_ALL) {
                return IsoTables.NONE;
            }
            return delta ? 0 : -deviation;
        }
        if (small.equals("m") && grade == GRADE_6 && size > 250 && size <= 315) {
            return M6_OVER_250;
        }
        boolean toGrade8 = small.equals("k") || small.equals("m") || small.equals("n");
        if (!delta || grade > (toGrade8 ? GRADE_8 : GRADE_7)) {
            return -deviation;
        }
        return -deviation + delta(written.grade(), range);
    }

    private static int delta(Grade grade, int range) {
        int printed = IsoTables.hole("Δ" + grade, range);
        if (printed != IsoTables.NONE) {
            return printed;
        }
        return grade.index() == 0
                ? 0
                : IsoTables.grade(grade, range) - IsoTables.grade(new Grade(grade.index() - 1), range);
    }

    private static FitUndefined undefined(BigDecimal millimetres, ToleranceClass written) {
        String small = written.letters().toLowerCase(Locale.ROOT);
        int letter = IsoTables.order(small);
        if (letter < 0) {
            return new FitUndefined(Note.of("core.the-standard-has-no-letters", written.letters()));
        }
        List<String> near = new ArrayList<>();
        for (int step = 1; step < Grade.COUNT && near.isEmpty(); step++) {
            addIfDefined(near, millimetres, written.letters(), written.grade().index() - step);
            addIfDefined(near, millimetres, written.letters(), written.grade().index() + step);
        }
        neighbour(near, millimetres, written, letter, -1);
        neighbour(near, millimetres, written, letter, +1);
        List<String> other = new ArrayList<>();
        addIfDefined(
                other,
                millimetres,
                written.counterpart().letters(),
                written.grade().index());
        return new FitUndefined(undefined(written, millimetres.toPlainString(), other), near);
    }

    private static Note undefined(ToleranceClass written, String millimetres, List<String> other) {
        if (other.isEmpty()) {
            return written.hole()
                    ? Note.of("core.iso-286-defines-no-hole-for-mm", written, millimetres)
                    : Note.of("core.iso-286-defines-no-shaft-for-mm", written, millimetres);
        }
        return written.hole()
                ? Note.of("core.iso-286-defines-no-hole-for-mm-2", written, millimetres, other.get(0))
                : Note.of("core.iso-286-defines-no-shaft-for-mm-2", written, millimetres, other.get(0));
    }

    private static void neighbour(
            List<String> near, BigDecimal millimetres, ToleranceClass written, int letter, int step) {
        int before = near.size();
        for (int i = letter + step; i >= 0 && i < IsoTables.LETTERS.size() && near.size() == before; i += step) {
            String letters = IsoTables.LETTERS.get(i);
            addIfDefined(
                    near,
                    millimetres,
                    written.hole() ? letters.toUpperCase(Locale.ROOT) : letters,
                    written.grade().index());
        }
    }

    private static void addIfDefined(List<String> near, BigDecimal millimetres, String letters, int grade) {
        if (grade < 0 || grade >= Grade.COUNT) {
            return;
        }
        ToleranceClass candidate = new ToleranceClass(letters, new Grade(grade));
        double size = millimetres.doubleValue();
        int range = DataFile.row(IsoTables.RANGES, size);
        int tolerance = tolerance(candidate.grade(), range, size);
        if (tolerance != IsoTables.NONE && upper(candidate, range, size, tolerance) != IsoTables.NONE) {
            near.add(candidate.toString());
        }
    }

    private static BigDecimal micrometres(long nanometres) {
        long tenths = nanometres / 100;
        if (tenths * 100 == nanometres) {
            return tenths % 10 == 0 ? BigDecimal.valueOf(tenths / 10) : BigDecimal.valueOf(tenths, 1);
        }
        return BigDecimal.valueOf(nanometres / 10, 2);
    }
}
