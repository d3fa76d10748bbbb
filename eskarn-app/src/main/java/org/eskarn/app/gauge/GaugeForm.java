package org.eskarn.app.gauge;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Objects;
import java.util.stream.Stream;
import org.eskarn.app.page.Typed;
import org.eskarn.app.page.Words;
import org.eskarn.core.reading.ReadingUnit;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/** What stands in the fields of a gauge, as typed. All its amounts but a master's deviation are in its one unit. */
public record GaugeForm(
        @Nullable String mark,
        @Nullable String name,
        GaugeKind kind,
        @Nullable String serial,
        LengthUnit unit,
        @Nullable String graduation,
        @Nullable String errorLimit,
        @Nullable String rangeFrom,
        @Nullable String travel,
        @Nullable Boolean divisions,
        @Nullable String perTurn,
        @Nullable String masterSize,
        @Nullable String masterDeviation,
        @Nullable String place,
        @Nullable String owner,
        @Nullable String nextDue,
        @Nullable String intervalMonths,
        @Nullable String intervalUses,
        @Nullable String limitsOfUse,
        @Nullable String spanFrom,
        @Nullable String spanTo) {

    /** Whether the two choices were sent that every page sends. */
    boolean whole() {
        return Stream.of(kind, unit).allMatch(Objects::nonNull);
    }

    static GaugeForm blank(LocalDate due) {
        return new GaugeForm(
                "",
                "",
                GaugeKind.INDICATOR,
                "",
                LengthUnit.MICROMETRE,
                "",
                "",
                "",
                "",
                false,
                "100",
                "",
                "",
                "",
                "",
                due.toString(),
                "12",
                "",
                "",
                "",
                "");
    }

    public static GaugeForm of(Gauge gauge) {
        boolean master = gauge.masterSize() != null;
        return new GaugeForm(
                gauge.mark(),
                gauge.name(),
                gauge.kind(),
                gauge.serial(),
                master ? Objects.requireNonNull(gauge.masterUnit()) : gauge.graduationUnit(),
                gauge.kind().read() ? written(gauge.graduation()) : "",
                written(gauge.errorLimit()),
                written(gauge.rangeFrom()),
                gauge.kind().read() ? written(gauge.travel()) : "",
                gauge.readingUnit() == ReadingUnit.DIVISION,
                written(gauge.perTurn()),
                written(gauge.masterSize()),
                written(gauge.masterDeviation()),
                gauge.place(),
                gauge.owner(),
                gauge.nextDue().toString(),
                written(gauge.intervalMonths()),
                written(gauge.intervalUses()),
                gauge.limitsOfUse(),
                written(gauge.spanFrom()),
                written(gauge.spanTo()));
    }

    private static String written(@Nullable Object number) {
        if (number instanceof BigDecimal decimal) {
            return decimal.toPlainString();
        }
        return number == null ? "" : number.toString();
    }

    /**
     * The gauge that is meant; sentences for fields at fault are gathered in {@code typed}.
     *
     * @param before the gauge as it stands, or null for a new one
     */
    Gauge read(Typed typed, @Nullable Gauge before) {
        BigDecimal size =
                kind.master() ? typed.above("masterSize", masterSize, Words.say("gauge.the-size-of-a-master")) : null;
        BigDecimal error = typed.number("errorLimit", errorLimit);
        if (error != null && error.signum() < 0) {
            typed.problem("errorLimit", Words.say("gauge.an-error-limit-is-not-below-zero"));
        }
        BigDecimal smallest =
                compares() ? typed.above("spanFrom", spanFrom, Words.say("gauge.the-smallest-size")) : null;
        BigDecimal largest = compares() ? typed.above("spanTo", spanTo, Words.say("gauge.the-largest-size")) : null;
        if (smallest != null && largest != null && largest.compareTo(smallest) <= 0) {
            typed.problem("spanTo", Words.say("gauge.the-largest-size-must-be-greater-than"));
        }
        LocalDate due = before == null ? typed.day("nextDue", nextDue) : before.nextDue();
        return new Gauge(
                before == null ? 0 : before.id(),
                typed.required("mark", mark, 20, Words.say("gauge.the-mark-on-the-gauge-for-example")),
                typed.required("name", name, 120, Words.say("gauge.what-it-is-for-example-lever-indicator")),
                kind,
                needed(typed, "graduation", graduation, Words.say("gauge.a-graduation")),
                unit,
                error == null ? BigDecimal.ZERO : error,
                kind.master() ? LengthUnit.MICROMETRE : unit,
                needed(typed, "travel", travel, Words.say("gauge.a-travel-or-range")),
                unit,
                kind.limitGauge()
                        ? ReadingUnit.ANSWER
                        : Boolean.TRUE.equals(divisions) ? ReadingUnit.DIVISION : ReadingUnit.of(unit),
                kind.read() ? typed.number("rangeFrom", rangeFrom) : null,
                kind.read() && !Typed.text(rangeFrom).isEmpty() ? unit : null,
                typed.atMost("place", Typed.text(place), 80),
                due == null ? LocalDate.MAX : due,
                typed.atMost("serial", Typed.text(serial), 40),
                typed.atMost("owner", Typed.text(owner), 80),
                before == null ? GaugeStatus.IN_SERVICE : before.status(),
                typed.whole("intervalMonths", intervalMonths, 1, 120),
                typed.whole("intervalUses", intervalUses, 1, 100_000),
                kind.read() ? typed.whole("perTurn", perTurn, 4, 2000) : null,
                size,
                size == null ? null : unit,
                size == null ? null : typed.number("masterDeviation", masterDeviation),
                typed.atMost("limitsOfUse", Typed.text(limitsOfUse), 300),
                smallest,
                largest,
                smallest == null && largest == null ? null : spanUnit(),
                0,
                before != null && before.calibrated());
    }

    /** Whether it is set to a size and reads deviations from it. */
    private boolean compares() {
        return kind.read() && Typed.text(rangeFrom).isEmpty();
    }

    /** Sizes are written in millimetres or inches, whatever the dial is divided in. */
    public LengthUnit spanUnit() {
        return unit.metric() ? LengthUnit.MILLIMETRE : LengthUnit.INCH;
    }

    /** What is read needs it; what is only compared with has none, and keeps a one that nothing looks at. */
    private BigDecimal needed(Typed typed, String field, @Nullable String text, String what) {
        if (!kind.read()) {
            return BigDecimal.ONE;
        }
        BigDecimal number = typed.above(field, text, what);
        if (number == null) {
            typed.problem(field, Words.say("gauge.type-it-in-the-unit-of-the"));
        }
        return number == null ? BigDecimal.ONE : number;
    }
}
