package org.eskarn.core.fit;

import java.util.List;
import java.util.Optional;
import org.eskarn.core.result.Note;

/**
 * Boundary dimensions of a single row deep-groove ball bearing, mm, and what its rings may deviate.
 *
 * <p>Source: ISO 15:2017 for the dimensions, ISO 492:2014 for the rings, ISO 5753-1:2009 for the internal clearance.
 *
 * @param series dimension series of ISO 15: 19, 10, 02 or 03
 */
public record Bearing(String series, int bore, int outside, int width) {

    private static final DataFile BORES = DataFile.named("bearing-bores.csv");
    private static final DataFile OUTSIDES = DataFile.named("bearing-outsides.csv");
    private static final DataFile CLEARANCES = DataFile.named("bearing-clearances.csv");
    private static final List<Bearing> ALL = DataFile.named("bearing-dimensions.csv").rows().stream()
            .map(row -> new Bearing(
                    row.get(0),
                    Integer.parseInt(row.get(1)),
                    Integer.parseInt(row.get(2)),
                    Integer.parseInt(row.get(3))))
            .toList();

    private static final double SMALLEST_CLEARANCE_BORE = 6;

    /** How exactly a bearing is made. */
    public enum Precision {
        NORMAL(Note.of("core.normal"), "Normal"),
        CLASS_6(Note.of("core.class-6"), "6"),
        CLASS_5(Note.of("core.class-5"), "5");

        private final Note title;
        private final String column;

        Precision(Note title, String column) {
            this.title = title;
            this.column = column;
        }

        public Note title() {
            return title;
        }
    }

    /** Groups of radial internal clearance before mounting. */
    public enum Clearance {
        GROUP_2(Note.of("core.group-2-less-than-normal"), "2"),
        GROUP_N(Note.of("core.group-n-normal"), "N"),
        GROUP_3(Note.of("core.group-3-more-than-normal"), "3"),
        GROUP_4(Note.of("core.group-4-more-than-group-3"), "4");

        private final Note title;
        private final String column;

        Clearance(Note title, String column) {
            this.title = title;
            this.column = column;
        }

        public Note title() {
            return title;
        }
    }

    /** A least and a most, µm. */
    public record Range(double least, double most) {}

    /** All that are on record, by series and bore. */
    public static List<Bearing> all() {
        return ALL;
    }

    public static Optional<Bearing> of(String series, int bore) {
        return ALL.stream()
                .filter(each -> each.series.equals(series) && each.bore == bore)
                .findFirst();
    }

    /** Its dimensions as they are read aloud. */
    public String title() {
        return bore + " × " + outside + " × " + width;
    }

    /**
     * How far a bore may lie below its nominal, µm, 0 or more.
     *
     * @param bore mm
     * @throws FitUndefined if the standard has none for the size
     */
    public static double boreBelow(double bore, Precision precision) throws FitUndefined {
        return cell(BORES, bore, precision.column, Note.of("core.a-bearing-bore-of-class-at", precision.title));
    }

    /**
     * How far an outside diameter may lie below its nominal, µm, 0 or more.
     *
     * @param outside mm
     * @throws FitUndefined if the standard has none for the size
     */
    public static double outsideBelow(double outside, Precision precision) throws FitUndefined {
        return cell(
                OUTSIDES, outside, precision.column, Note.of("core.a-bearing-outside-of-class-at", precision.title));
    }

    /** Internal clearance before mounting; empty where the table has none for the bore. */
    public static Optional<Range> clearance(double bore, Clearance group) {
        if (bore < SMALLEST_CLEARANCE_BORE) {
            return Optional.empty();
        }
        try {
            return Optional.of(new Range(
                    cell(CLEARANCES, bore, group.column + " least", Note.text("")),
                    cell(CLEARANCES, bore, group.column + " most", Note.text(""))));
        } catch (FitUndefined e) {
            return Optional.empty();
        }
    }

    private static double cell(DataFile table, double size, String column, Note what) throws FitUndefined {
        double[] upTo = table.numbers("up to");
        int row = DataFile.row(upTo, size);
        if (!(size > 0) || row == upTo.length || Double.isNaN(table.numbers(column)[row])) {
            throw new FitUndefined(Note.of(
                    "core.the-table-has-no-value-for-mm",
                    what,
                    java.math.BigDecimal.valueOf(size).stripTrailingZeros().toPlainString()));
        }
        return table.numbers(column)[row];
    }
}
