package org.eskarn.core.fit;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.eskarn.core.result.Note;
import org.eskarn.core.units.LengthUnit;

/**
 * Standard inch fits, hole basis: running RC1 to RC9, locational clearance LC1 to LC11, locational transition LT1 to LT6,
 * locational interference LN1 to LN3, force FN1 to FN5.
 *
 * <p>Each row of the table has the limits of the hole, of the shaft and the clearance that comes of them, so that one proves
 * the other: least clearance = hole lower − shaft upper, most = hole upper − shaft lower.
 *
 * <p>Source: ANSI B4.1-1967, tables 2 to 6, sizes to 19.69 in.
 *
 * <p>Degenerate cases: none; LT3 and LT4 begin above 0.24 in and FN3 above 0.95 in, as the standard has it.
 */
public final class InchFits {

    /** in. */
    public static final BigDecimal LARGEST = new BigDecimal("19.69");

    private static final Map<String, List<Row>> ROWS;

    static {
        ROWS = new LinkedHashMap<>();
        for (List<String> cells : DataFile.named("inch-fits.csv").rows()) {
            ROWS.computeIfAbsent(cells.get(0), code -> new ArrayList<>()).add(Row.of(cells));
        }
    }

    private InchFits() {}

    /**
     * One row, sizes in inches, the rest in thousandths of an inch.
     *
     * @param least clearance, negative for interference, as the table prints it
     */
    public record Row(
            String code,
            BigDecimal over,
            BigDecimal upTo,
            BigDecimal least,
            BigDecimal most,
            BigDecimal holeUpper,
            BigDecimal shaftUpper,
            BigDecimal shaftLower) {

        private static Row of(List<String> cells) {
            return new Row(
                    cells.get(0),
                    new BigDecimal(cells.get(1)),
                    new BigDecimal(cells.get(2)),
                    new BigDecimal(cells.get(3)),
                    new BigDecimal(cells.get(4)),
                    new BigDecimal(cells.get(5)),
                    new BigDecimal(cells.get(6)),
                    new BigDecimal(cells.get(7)));
        }

        /** The fit of the row. */
        public Fit fit() {
            return new Fit(
                    new Deviations(BigDecimal.ZERO, holeUpper, LengthUnit.THOU),
                    new Deviations(shaftLower, shaftUpper, LengthUnit.THOU));
        }

        /** Whether its clearance is what its limits make it. */
        public boolean proved() {
            return least.compareTo(shaftUpper.negate()) == 0 && most.compareTo(holeUpper.subtract(shaftLower)) == 0;
        }
    }

    /** Every code, in the order of the standard. */
    public static List<String> codes() {
        return List.copyOf(ROWS.keySet());
    }

    /** All rows of a code, the smallest sizes first; empty for a code that is none. */
    public static List<Row> rows(String code) {
        return List.copyOf(ROWS.getOrDefault(code, List.of()));
    }

    /**
     * @param inches nominal size, above 0
     * @param code in capital letters
     * @throws FitUndefined if there is no such code, or it is not defined at this size
     */
    public static Row of(BigDecimal inches, String code) throws FitUndefined {
        List<Row> rows = ROWS.get(code);
        if (rows == null) {
            throw new FitUndefined(Note.of("core.there-is-no-inch-fit-rc-has", code));
        }
        for (Row row : rows) {
            if (inches.compareTo(row.over()) > 0 && inches.compareTo(row.upTo()) <= 0) {
                return row;
            }
        }
        if (inches.signum() <= 0 || inches.compareTo(LARGEST) > 0) {
            throw new FitUndefined(Note.of("core.the-tables-of-inch-fits-go-to", LARGEST, inches.toPlainString()));
        }
        throw new FitUndefined(
                Note.of("core.begins-above-in-so-not-at-in", code, rows.get(0).over(), inches.toPlainString()),
                neighbours(inches, code));
    }

    private static List<String> neighbours(BigDecimal inches, String code) {
        String family = code.substring(0, 2);
        return ROWS.entrySet().stream()
                .filter(each -> each.getKey().startsWith(family))
                .filter(each -> each.getValue().get(0).over().compareTo(inches) < 0)
                .map(Map.Entry::getKey)
                .toList();
    }
}
