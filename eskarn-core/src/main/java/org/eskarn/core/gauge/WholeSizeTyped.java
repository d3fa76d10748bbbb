package org.eskarn.core.gauge;

import java.math.BigDecimal;
import java.math.RoundingMode;
import org.eskarn.core.reading.Entry;
import org.eskarn.core.reading.EntryRejected;
import org.eskarn.core.reading.ReadingUnit;
import org.eskarn.core.result.Note;
import org.eskarn.core.units.Length;

/**
 * A whole size was typed where the deviation from a master is wanted; so it seems, and the person has to say which it is.
 *
 * <p>A bare number is tried in the unit of the master, a number with a unit in its own. It looks like a whole size when its
 * deviation from the master is within the travel of the dial, and it does not look like a deviation: it is beyond the
 * travel, or written finer than a tenth of a graduation, or more than ten times what is allowed and ten times the deviation it
 * would mean.
 */
public final class WholeSizeTyped extends EntryRejected {

    private static final long serialVersionUID = 1L;

    private static final int DECIMALS = 6;
    private static final double TENFOLD = 10;

    private final transient Length deviation;

    private WholeSizeTyped(Note note, Length deviation) {
        super(Reason.WHOLE_SIZE, note);
        this.deviation = deviation;
    }

    /** The deviation that was meant if a whole size was typed, in the unit of the master. */
    public Length deviation() {
        return deviation;
    }

    /**
     * @param usual the unit meant by a bare number
     * @param master the size at which the gauge reads zero
     * @param allowed the width of what is allowed as µm of reading; 0 where nothing is limited
     * @throws WholeSizeTyped if the entry looks like a whole size
     */
    public static void check(Entry entry, ReadingUnit usual, Dial dial, Length master, double allowed)
            throws WholeSizeTyped {
        if (entry.bandEnd() != null || entry.amount().signum() < 0) {
            return;
        }
        Length size =
                entry.unit() == usual ? new Length(entry.amount(), master.unit()) : entry.middle(dial.graduation());
        BigDecimal apart = size.exactMicrometres().subtract(master.exactMicrometres());
        boolean reachable = apart.abs().compareTo(dial.travel().exactMicrometres()) <= 0;
        if (reachable && !deviation(entry, dial, apart.abs().doubleValue(), allowed)) {
            Length meant = new Length(
                    apart.divide(master.unit().micrometres(), DECIMALS, RoundingMode.HALF_UP)
                            .stripTrailingZeros(),
                    master.unit());
            throw new WholeSizeTyped(Note.of("core.looks-like-a-whole-size-the-gauge", entry.typed(), master), meant);
        }
    }

    /** Whether the entry looks like a deviation after all. */
    private static boolean deviation(Entry entry, Dial dial, double apart, double allowed) {
        double read = Math.abs(entry.middle(dial.graduation()).micrometres());
        if (read > dial.travel().micrometres()) {
            return false;
        }
        double graduation = dial.graduation().micrometres();
        double lastDigit = new Entry(
                        "", BigDecimal.ONE.movePointLeft(entry.amount().scale()), null, entry.unit())
                .middle(dial.graduation())
                .micrometres();
        boolean finer = lastDigit < graduation / TENFOLD * (1 - 1e-9);
        boolean far = allowed > 0 && read > TENFOLD * allowed && read > TENFOLD * apart;
        return !finer && !far;
    }
}
