package org.eskarn.core.gauge;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;
import org.eskarn.core.reading.Entry;
import org.eskarn.core.reading.EntryRejected;
import org.eskarn.core.reading.EntryRejected.Reason;
import org.eskarn.core.result.Note;
import org.eskarn.core.uncertainty.Scatter;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;

/**
 * A dial as far as reading it is concerned.
 *
 * @param graduation one division
 * @param errorLimit the largest error its calibration allows, either way, over its range
 * @param travel how far the plunger or lever can move in all; of a gauge that reads whole sizes, its measuring range
 * @param from the smallest size it reads; empty for a gauge that reads deviations
 * @param curve what its last calibration found; empty where that has no points
 * @param scatter of its readings
 */
public record Dial(
        Length graduation,
        Length errorLimit,
        Length travel,
        Optional<Length> from,
        Optional<CalibrationCurve> curve,
        Scatter scatter) {

    /** A dial of which the error limit alone is known. */
    public Dial(Length graduation, Length errorLimit, Length travel, Optional<Length> from) {
        this(graduation, errorLimit, travel, from, Optional.empty(), Scatter.UNKNOWN);
    }

    /** The same with what its calibration found. */
    public Dial calibrated(Optional<CalibrationCurve> found) {
        return new Dial(graduation, errorLimit, travel, from, found, scatter);
    }

    /** The same with how its readings scatter. */
    public Dial scattering(Scatter shown) {
        return new Dial(graduation, errorLimit, travel, from, curve, shown);
    }

    /** A dial that reads deviations. */
    public Dial(Length graduation, Length errorLimit, Length travel) {
        this(graduation, errorLimit, travel, Optional.empty());
    }

    /**
     * @throws IllegalArgumentException if graduation or travel is not above zero, or the error limit is below zero
     */
    public Dial {
        if (graduation.amount().signum() <= 0) {
            throw new IllegalArgumentException("a graduation is above zero, not " + graduation);
        }
        if (errorLimit.amount().signum() < 0) {
            throw new IllegalArgumentException("an error limit is not below zero, as is " + errorLimit);
        }
        if (travel.amount().signum() <= 0) {
            throw new IllegalArgumentException("a travel is above zero, not " + travel);
        }
    }

    /**
     * Two dials that read one side each of a difference, taken as one: error limit √(E₁² + E₂²), the coarser graduation, the
     * shorter travel, no curve, and the larger scatter.
     */
    public static Dial ofPair(Dial first, Dial second) {
        double error =
                Math.hypot(first.errorLimit().micrometres(), second.errorLimit().micrometres());
        BigDecimal whole = BigDecimal.valueOf(error).setScale(4, RoundingMode.CEILING);
        return new Dial(
                        larger(first.graduation(), second.graduation()),
                        new Length(whole, LengthUnit.MICROMETRE),
                        larger(first.travel(), second.travel()) == first.travel() ? second.travel() : first.travel(),
                        first.from())
                .scattering(
                        first.scatter().deviation() >= second.scatter().deviation()
                                ? first.scatter()
                                : second.scatter());
    }

    private static Length larger(Length one, Length other) {
        return one.exactMicrometres().compareTo(other.exactMicrometres()) >= 0 ? one : other;
    }

    /**
     * The length an entry stands for on this dial, the middle where it is a band.
     *
     * @throws EntryRejected if it is more than the dial can travel, which is a slip of the finger or of the unit
     */
    public Length read(Entry entry) throws EntryRejected {
        if (from.isPresent()) {
            return readSize(entry, from.get());
        }
        if (beyondTravel(entry.low(graduation)) || beyondTravel(entry.high(graduation))) {
            throw new EntryRejected(
                    Reason.BEYOND_TRAVEL,
                    Note.of(
                            "core.is-more-than-this-gauge-s-travel",
                            numbers(entry),
                            entry.unit().symbol(),
                            travel));
        }
        return entry.middle(graduation);
    }

    private Length readSize(Entry entry, Length smallest) throws EntryRejected {
        BigDecimal low = smallest.exactMicrometres();
        BigDecimal high = low.add(travel.exactMicrometres());
        if (entry.low(graduation).exactMicrometres().compareTo(low) < 0
                || entry.high(graduation).exactMicrometres().compareTo(high) > 0) {
            throw new EntryRejected(
                    Reason.BEYOND_TRAVEL,
                    Note.of(
                            "core.is-out-of-this-gauge-s-range",
                            numbers(entry),
                            entry.unit().symbol(),
                            smallest.amount().toPlainString(),
                            high.divide(smallest.unit().micrometres(), 6, RoundingMode.HALF_UP)
                                    .stripTrailingZeros()
                                    .toPlainString(),
                            smallest.unit().symbol()));
        }
        return entry.middle(graduation);
    }

    private boolean beyondTravel(Length length) {
        return length.exactMicrometres().abs().compareTo(travel.exactMicrometres()) > 0;
    }

    private static String numbers(Entry entry) {
        String first = entry.amount().toPlainString();
        return entry.bandEnd() == null ? first : first + "/" + entry.bandEnd().toPlainString();
    }
}
