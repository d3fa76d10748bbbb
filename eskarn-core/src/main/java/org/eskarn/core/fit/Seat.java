package org.eskarn.core.fit;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.Optional;
import org.eskarn.core.result.Note;

/**
 * The class usually chosen for the seat of a ball bearing. A ring the load turns round on must be tight or it creeps; a ring
 * the load stands still on may slide.
 *
 * <p>Source: the table {@code bearing-seats.csv}, which says where it comes from. The bearing maker's data govern.
 *
 * @param note what to mind; empty for nothing
 */
public record Seat(ToleranceClass tolerance, Deviations deviations, Optional<Note> note) {

    private static final DataFile TABLE = DataFile.named("bearing-seats.csv");

    /** Which of the two rings. */
    public enum Ring {
        INNER(Note.of("core.inner-ring-on-a-journal"), "shaft"),
        OUTER(Note.of("core.outer-ring-in-a-housing"), "housing");

        private final Note title;
        private final String seat;

        Ring(Note title, String seat) {
            this.title = title;
            this.seat = seat;
        }

        public Note title() {
            return title;
        }
    }

    /** How the load goes over a ring. */
    public enum Turning {
        TURNING(Note.of("core.the-load-turns-round-on-this-ring")),
        STANDING(Note.of("core.the-load-stands-still-on-this-ring")),
        UNKNOWN(Note.of("core.not-known-or-both"));

        private final Note title;

        Turning(Note title) {
            this.title = title;
        }

        public Note title() {
            return title;
        }
    }

    /** The seat for a ring of a size, mm; empty beyond the table. */
    public static Optional<Seat> of(Ring ring, Turning turning, Choices.Load load, BigDecimal size) {
        return TABLE.rows().stream()
                .filter(row -> row.get(0).equals(ring.seat) && row.get(1).equals(word(turning)))
                .filter(row -> row.get(2).equals("any") || row.get(2).equals(word(load)))
                .filter(row -> size.compareTo(new BigDecimal(row.get(3))) > 0
                        && size.compareTo(new BigDecimal(row.get(4))) <= 0)
                .findFirst()
                .flatMap(row -> seat(row.get(5), row.get(6), size));
    }

    private static Optional<Seat> seat(String written, String note, BigDecimal size) {
        try {
            ToleranceClass tolerance = ToleranceClass.written(written).orElseThrow();
            return Optional.of(new Seat(tolerance, IsoLimits.of(size, tolerance), DataFile.note(note)));
        } catch (FitUndefined e) {
            return Optional.empty();
        }
    }

    private static String word(Enum<?> each) {
        return each.name().toLowerCase(Locale.ROOT);
    }
}
