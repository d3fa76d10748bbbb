package org.eskarn.app.gauge;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;
import org.eskarn.app.page.Words;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.ReadingUnit;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * A measuring instrument of the works, as its row stands.
 *
 * @param travel how far it moves; of a gauge that reads whole sizes, its measuring range
 * @param rangeFrom the smallest size it reads; null for one that reads deviations
 * @param intervalMonths between calibrations; null where none is set
 * @param intervalUses sweeps between calibrations; null where none is set
 * @param perTurn divisions for one turn of the needle; null where there is no needle
 * @param masterSize the size of a master; null for what is read
 * @param masterDeviation of that size, µm
 * @param spanFrom the smallest size a comparator can be set to; null where none is stated
 * @param spanTo the largest; null where none is stated
 * @param calibrated whether any calibration is on record
 */
public record Gauge(
        long id,
        String mark,
        String name,
        GaugeKind kind,
        BigDecimal graduation,
        LengthUnit graduationUnit,
        BigDecimal errorLimit,
        LengthUnit errorLimitUnit,
        BigDecimal travel,
        LengthUnit travelUnit,
        ReadingUnit readingUnit,
        @Nullable BigDecimal rangeFrom,
        @Nullable LengthUnit rangeFromUnit,
        String place,
        LocalDate nextDue,
        String serial,
        String owner,
        GaugeStatus status,
        @Nullable Integer intervalMonths,
        @Nullable Integer intervalUses,
        @Nullable Integer perTurn,
        @Nullable BigDecimal masterSize,
        @Nullable LengthUnit masterUnit,
        @Nullable BigDecimal masterDeviation,
        String limitsOfUse,
        @Nullable BigDecimal spanFrom,
        @Nullable BigDecimal spanTo,
        @Nullable LengthUnit spanUnit,
        int version,
        boolean calibrated) {

    /** Days ahead in which a calibration counts as falling due. */
    public static final int DUE_SOON_DAYS = 30;

    /** Whether it stands at an angle on an arm that can droop: a dial or lever indicator in its holder. */
    public boolean hasArm() {
        return kind == GaugeKind.INDICATOR && !readsSizes();
    }

    /** Stands for the gauge that the register does not have; nothing can be read with it. */
    public static Gauge none(GaugeKind kind, LengthUnit unit) {
        return new Gauge(
                0,
                "",
                "",
                kind,
                BigDecimal.ONE,
                unit,
                BigDecimal.ZERO,
                unit,
                BigDecimal.ONE,
                unit,
                ReadingUnit.of(unit),
                null,
                null,
                "",
                LocalDate.MIN,
                "",
                "",
                GaugeStatus.WITHDRAWN,
                null,
                null,
                null,
                null,
                null,
                null,
                "",
                null,
                null,
                null,
                0,
                false);
    }

    /** Whether it stands for one that the register does not have. */
    public boolean missing() {
        return id == 0;
    }

    /** Whether a size is one it can be set to or reads; true where no span is stated. */
    public boolean reaches(double micrometres) {
        BigDecimal smallest = readsSizes() ? rangeFrom : spanFrom;
        LengthUnit unit = readsSizes() ? rangeFromUnit : spanUnit;
        BigDecimal largest = readsSizes() ? Objects.requireNonNull(rangeFrom).add(travel) : spanTo;
        if (unit == null) {
            return true;
        }
        double tiny = 1e-6;
        return (smallest == null || micrometres >= new Length(smallest, unit).micrometres() - tiny)
                && (largest == null || micrometres <= new Length(largest, unit).micrometres() + tiny);
    }

    /** How it stands on a day, in words: its status, or that its calibration is due. */
    public String standing(LocalDate today) {
        if (status != GaugeStatus.IN_SERVICE) {
            return status.title();
        }
        if (!calibrated) {
            return Words.say("gauge.not-calibrated");
        }
        if (overdue(today)) {
            return Words.say("gauge.past-due");
        }
        return dueSoon(today) ? Words.say("gauge.due") : Words.say("gauge.in-service");
    }

    /** Whether its next calibration is near. */
    public boolean dueSoon(LocalDate today) {
        return !nextDue.isAfter(today.plusDays(DUE_SOON_DAYS));
    }

    /** Whether it is used only with a reason and a name. */
    public boolean needsOverride(LocalDate today) {
        return status != GaugeStatus.IN_SERVICE || !calibrated || overdue(today);
    }

    /** The size of a master as it really is, µm; empty where it has none. */
    public Optional<Double> actualSize() {
        if (masterSize == null || masterUnit == null) {
            return Optional.empty();
        }
        double deviation = masterDeviation == null ? 0 : masterDeviation.doubleValue();
        return Optional.of(new Length(masterSize, masterUnit).micrometres() + deviation);
    }

    /** What its errors are told in: µm, or tenths where it is in inches. */
    public LengthUnit errorUnit() {
        return travelUnit.metric() ? LengthUnit.MICROMETRE : LengthUnit.TENTH;
    }

    public Dial dial() {
        return new Dial(
                new Length(graduation, graduationUnit),
                new Length(errorLimit, errorLimitUnit),
                new Length(travel, travelUnit),
                rangeFrom == null || rangeFromUnit == null
                        ? Optional.empty()
                        : Optional.of(new Length(rangeFrom, rangeFromUnit)));
    }

    public boolean overdue(LocalDate today) {
        return nextDue.isBefore(today);
    }

    /** Whether it is a master of this size. */
    public boolean isSize(Length size) {
        BigDecimal own = masterSize;
        LengthUnit unit = masterUnit;
        return own != null
                && unit != null
                && new Length(own, unit).exactMicrometres().compareTo(size.exactMicrometres()) == 0;
    }

    /** Whether it can read whole sizes, or deviations from a master. */
    public boolean readsSizes() {
        return rangeFrom != null;
    }
}
