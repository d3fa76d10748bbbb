package org.eskarn.app.part;

import java.math.BigDecimal;
import java.util.Objects;
import java.util.Optional;
import org.eskarn.app.gauge.GaugeKind;
import org.eskarn.app.page.Typed;
import org.eskarn.app.page.Words;
import org.eskarn.core.line.LineLimit;
import org.eskarn.core.line.RequirementLine;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.Combination;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.ZeroRule;
import org.eskarn.core.requirement.Zeroing;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * The gauge of a requirement, its zero, and how its readings count.
 *
 * @param secondGaugeKind of the second reading of each pair; null where one gauge reads both
 * @param resolution how finely the gauge must read; null where any will do
 * @param gaugeId the gauge that was named for it; null where any fit one will do
 * @param setTo the size of the master at which the gauge reads zero; null where it reads whole sizes
 * @param pinClass tolerance of the pins, minus where they are made below their nominal; null in requirements from before it
 *     was asked for, whose pins count as true
 * @param combination what is judged of several valid sweeps
 */
public record GaugeTerms(
        long requirementId,
        GaugeKind gaugeKind,
        @Nullable GaugeKind secondGaugeKind,
        @Nullable BigDecimal resolution,
        @Nullable LengthUnit resolutionUnit,
        @Nullable Long gaugeId,
        ZeroRule zeroRule,
        Zeroing zeroing,
        @Nullable BigDecimal setTo,
        @Nullable BigDecimal pinClass,
        @Nullable BigDecimal allowedReturn,
        @Nullable LengthUnit allowedReturnUnit,
        FlickerRule flicker,
        int repeats,
        Combination combination) {

    private static final int DECIMALS_OF_A_MASTER = 9;

    /** The fields of gauge and readings, as typed. */
    public record Form(
            @Nullable GaugeKind kind,
            @Nullable GaugeKind secondKind,
            @Nullable String resolution,
            @Nullable LengthUnit resolutionUnit,
            @Nullable ZeroRule zeroRule,
            @Nullable Zeroing zeroing,
            @Nullable String setTo,
            @Nullable String pinClass,
            @Nullable String allowedReturn,
            @Nullable FlickerRule flicker,
            @Nullable String repeats,
            @Nullable Combination combination) {

        static Form blank(LengthUnit unit) {
            return new Form(
                    GaugeKind.INDICATOR,
                    null,
                    "",
                    unit.metric() ? LengthUnit.MICROMETRE : LengthUnit.TENTH,
                    ZeroRule.FIRST_STATION,
                    Zeroing.ONE_FOR_ALL,
                    "",
                    "",
                    "",
                    FlickerRule.MIDDLE,
                    "1",
                    Combination.MEAN);
        }

        /** The same with what another characteristic is usually read with, unless a gauge was chosen by hand that reads it too. */
        Form usualOf(Characteristic other, Characteristic before) {
            boolean byHand = kind != null && kind != GaugeKind.usual(before) && kind.reads(other);
            boolean pair = other.ofPair() && !byHand;
            return new Form(
                    byHand ? kind : GaugeKind.usual(other),
                    pair ? GaugeKind.SNAP_GAUGE : secondKind,
                    resolution,
                    resolutionUnit,
                    zeroRule,
                    zeroing,
                    setTo,
                    pinClass,
                    allowedReturn,
                    flicker,
                    repeats,
                    combination);
        }

        /**
         * The same set to the size that a line names, or else that its feature has, where it only compares; what was typed stays.
         * What a hole is usually measured with reads inside.
         *
         * @param lengths unit of the layout, which that of a master is too
         */
        Form said(RequirementLine line, LengthUnit lengths, @Nullable Feature feature) {
            boolean inside = feature != null && feature.side().inside();
            Form usual = inside && kind == GaugeKind.MICROMETER && line.characteristic() != Characteristic.OUTSIDE_SIZE
                    ? with(GaugeKind.BORE_GAUGE, setTo)
                    : this;
            if (!usual.compares(line.characteristic()) || !Typed.text(setTo).isEmpty()) {
                return usual;
            }
            return usual.with(usual.kind, master(line, lengths, feature));
        }

        /** A gauge that only compares needs its master; an indicator only for a size, not to tell one place from another. */
        private boolean compares(Characteristic what) {
            return kind == GaugeKind.BORE_GAUGE || kind == GaugeKind.SNAP_GAUGE
                    ? what.readsSizes()
                    : kind == GaugeKind.INDICATOR && what.comparedWithMaster();
        }

        /** The same without the master that a line before this one meant, and the gauge of the hole that it was of. */
        Form unsaid(RequirementLine before, LengthUnit lengths, @Nullable Feature feature) {
            String meant = master(before, lengths, feature);
            boolean ofHole = kind == GaugeKind.BORE_GAUGE
                    && feature != null
                    && feature.side().inside()
                    && GaugeKind.usual(before.characteristic()) == GaugeKind.MICROMETER;
            return with(
                    ofHole ? GaugeKind.MICROMETER : kind,
                    !meant.isEmpty() && meant.equals(Typed.text(setTo)) ? "" : setTo);
        }

        private static String master(RequirementLine line, LengthUnit lengths, @Nullable Feature feature) {
            String named = line.limit().map(limit -> master(limit, lengths)).orElse("");
            return named.isEmpty() && feature != null
                    ? feature.size().map(size -> master(size, lengths)).orElse("")
                    : named;
        }

        private Form with(@Nullable GaugeKind other, @Nullable String master) {
            return new Form(
                    other,
                    secondKind,
                    resolution,
                    resolutionUnit,
                    zeroRule,
                    zeroing,
                    master,
                    pinClass,
                    allowedReturn,
                    flicker,
                    repeats,
                    combination);
        }

        private static String master(LineLimit limit, LengthUnit lengths) {
            String size = limit.nominal().isEmpty() ? limit.lower() : limit.nominal();
            LengthUnit unit = limit.unit().length().orElse(lengths);
            return size.isEmpty() ? "" : master(new Length(new BigDecimal(size), unit), lengths);
        }

        private static String master(Length size, LengthUnit lengths) {
            if (size.unit().metric() != lengths.metric()) {
                return "";
            }
            return size.unit() == lengths
                    ? size.amount().toPlainString()
                    : size.amountIn(lengths, DECIMALS_OF_A_MASTER)
                            .stripTrailingZeros()
                            .toPlainString();
        }

        /**
         * @param kind of gauge that really reads it, which the terms may leave open
         * @param lengths unit of the layout
         */
        static Form of(GaugeKind kind, @Nullable GaugeKind secondKind, GaugeTerms terms, LengthUnit lengths) {
            LengthUnit unit = terms.resolutionUnit();
            return new Form(
                    kind,
                    secondKind,
                    Typed.written(terms.resolution()),
                    unit == null ? lengths : unit,
                    terms.zeroRule(),
                    terms.zeroing(),
                    Typed.written(terms.setTo()),
                    Typed.written(terms.pinClass()),
                    Typed.written(terms.allowedReturn()),
                    terms.flicker(),
                    Integer.toString(terms.repeats()),
                    terms.combination());
        }

        GaugeKind chosenKind() {
            return kind == null ? GaugeKind.INDICATOR : kind;
        }

        Combination chosenCombination() {
            return combination == null ? Combination.MEAN : combination;
        }

        /** One ring has one section, and so one zero. */
        Zeroing chosenZeroing(Characteristic characteristic, LayoutKind layout) {
            return zeroing != null && characteristic.mayRezero(layout) ? zeroing : Zeroing.ONE_FOR_ALL;
        }
    }

    static GaugeTerms of(
            Form form, Characteristic characteristic, LayoutKind layout, LengthUnit returnUnit, Typed typed) {
        BigDecimal resolution = typed.above("gauge.resolution", form.resolution(), Words.say("part.a-graduation"));
        BigDecimal setTo = characteristic.readsSizes()
                ? typed.above("gauge.setTo", form.setTo(), Words.say("part.the-size-of-a-master"))
                : null;
        BigDecimal allowedReturn =
                typed.above("gauge.allowedReturn", form.allowedReturn(), Words.say("part.an-allowed-return"));
        ZeroRule rule = Objects.requireNonNullElse(form.zeroRule(), ZeroRule.FIRST_STATION);
        return new GaugeTerms(
                0,
                form.chosenKind(),
                characteristic == Characteristic.FIT_OF_PAIR ? form.secondKind() : null,
                resolution,
                resolution == null ? null : form.resolutionUnit(),
                null,
                setTo == null ? rule : ZeroRule.MASTER,
                form.chosenZeroing(characteristic, layout),
                setTo,
                characteristic.triedWithPins() ? typed.number("gauge.pinClass", form.pinClass()) : null,
                allowedReturn,
                allowedReturn == null ? null : returnUnit,
                Objects.requireNonNullElse(form.flicker(), FlickerRule.MIDDLE),
                repeats(form, typed),
                form.chosenCombination());
    }

    private static int repeats(Form form, Typed typed) {
        String text = Typed.text(form.repeats());
        if (text.isEmpty()) {
            return 1;
        }
        if (!text.matches("\\d{1,2}")
                || Integer.parseInt(text) < 1
                || Integer.parseInt(text) > Requirement.MOST_REPEATS) {
            typed.problem("gauge.repeats", Words.say("part.type-how-many-good-sweeps-are-wanted"));
            return 1;
        }
        return Integer.parseInt(text);
    }

    /** Gauges of the kind can read it, and a comparator of sizes has a master to compare with. */
    void check(Characteristic what, Typed typed) {
        if (!gaugeKind.reads(what)) {
            typed.problem("gauge.kind", Words.say("part.a-does-not-read", gaugeKind.title(), what.title()));
        }
        if (secondGaugeKind != null && !secondGaugeKind.reads(what)) {
            typed.problem("gauge.secondKind", Words.say("part.a-does-not-read", secondGaugeKind.title(), what.title()));
        }
        if (gaugeKind == GaugeKind.INDICATOR && what.comparedWithMaster() && setTo == null) {
            typed.problem("gauge.setTo", Words.say("part.a-dial-indicator-compares-with-a-master"));
        }
        if (what.triedWithPins() && pinClass == null) {
            typed.problem("gauge.pinClass", Words.say("part.enter-the-tolerance-of-the-pins"));
        }
    }

    /** The same with the zero of another: readings that answer both are taken from one. */
    GaugeTerms zeroedLike(GaugeTerms other) {
        return new GaugeTerms(
                requirementId,
                gaugeKind,
                secondGaugeKind,
                resolution,
                resolutionUnit,
                gaugeId,
                other.zeroRule,
                zeroing,
                other.setTo,
                pinClass,
                allowedReturn,
                allowedReturnUnit,
                flicker,
                repeats,
                combination);
    }

    /** The coarsest graduation that will do; empty where any will. */
    public Optional<Length> finest() {
        return length(resolution, resolutionUnit);
    }

    Optional<Length> statedReturn() {
        return length(allowedReturn, allowedReturnUnit);
    }

    private static Optional<Length> length(@Nullable BigDecimal amount, @Nullable LengthUnit unit) {
        return amount == null || unit == null ? Optional.empty() : Optional.of(new Length(amount, unit));
    }
}
