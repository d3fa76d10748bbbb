package org.eskarn.app.gauge;

import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.eskarn.app.actions.ActionAbout;
import org.eskarn.app.actions.ActionLog;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.Typed;
import org.eskarn.app.page.Words;
import org.eskarn.core.gauge.BlockSet;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the keeper does with the register. Of two people the later one is told so, and nothing is overwritten. */
@Service
public class GaugeChangeService {

    private static final int LONGEST_REASON = 200;

    private final GaugeMapper gauges;
    private final ActionLog actions;
    private final Clock clock;

    GaugeChangeService(GaugeMapper gauges, ActionLog actions, Clock clock) {
        this.gauges = gauges;
        this.actions = actions;
        this.clock = clock;
    }

    /**
     * Adds a gauge, or changes one. Returns its id.
     *
     * @param id 0 for a new one
     * @throws FormRefused if a field is unfit, mark or serial is another's, or somebody was quicker
     */
    @Transactional(rollbackFor = FormRefused.class)
    public long save(long id, int version, GaugeForm form) throws FormRefused {
        Gauge before = id == 0 ? null : lock(id, version);
        Typed typed = new Typed(new LinkedHashMap<>());
        Gauge gauge = form.read(typed, before);
        for (Gauge other : gauges.all()) {
            if (other.id() != id && other.mark().equalsIgnoreCase(gauge.mark())) {
                typed.problem("mark", Words.say("gauge.is-already-choose-another-mark", gauge.mark(), other.name()));
            }
            if (other.id() != id && !gauge.serial().isEmpty() && other.serial().equalsIgnoreCase(gauge.serial())) {
                typed.problem("serial", Words.say("gauge.that-serial-is-already-look-at-the", other.mark()));
            }
        }
        refuse(typed);
        tell(
                before == null
                        ? Words.say("gauge.action-added", gauge.mark(), gauge.name())
                        : Words.say("gauge.action-changed", gauge.mark(), gauge.name(), before.mark(), before.name()));
        if (id == 0) {
            gauges.insert(gauge);
            return gauges.idOf(gauge.mark());
        }
        gauges.update(gauge);
        return id;
    }

    private void tell(String said) {
        actions.tell(ActionAbout.GAUGE, said);
    }

    private static void refuse(Typed typed) throws FormRefused {
        if (!typed.problems().isEmpty()) {
            throw new FormRefused(typed.problems());
        }
    }

    /** A calibration as typed. */
    public record CalibrationForm(
            @Nullable String doneOn,
            @Nullable String doneBy,
            Calibration.@Nullable Result result,
            @Nullable String points,
            @Nullable LengthUnit pointUnit,
            @Nullable String uncertainty,
            @Nullable String nextDue,
            @Nullable String note) {

        public static CalibrationForm of(Calibration calibration) {
            BigDecimal known = calibration.uncertainty();
            return new CalibrationForm(
                    calibration.doneOn().toString(),
                    calibration.doneBy(),
                    calibration.result(),
                    calibration.points(),
                    calibration.pointUnit(),
                    known == null ? "" : known.toPlainString(),
                    calibration.nextDue().toString(),
                    calibration.note());
        }
    }

    /**
     * Records a calibration. One that found the gauge out of its limits withdraws it.
     *
     * @throws FormRefused if a field is unfit, the day lies ahead, or somebody was quicker
     */
    @Transactional(rollbackFor = FormRefused.class)
    public void calibrate(long id, int version, CalibrationForm form, long by) throws FormRefused {
        Gauge gauge = lock(id, version);
        Typed typed = new Typed(new LinkedHashMap<>());
        LocalDate today = LocalDate.now(clock);
        LocalDate doneOn = typed.day("doneOn", form.doneOn());
        if (doneOn != null && doneOn.isAfter(today)) {
            typed.problem("doneOn", Words.say("gauge.a-calibration-is-recorded-when-it-is", doneOn));
        }
        String doneBy = typed.required("doneBy", form.doneBy(), 80, Words.say("gauge.who-did-it"));
        String points = typed.atMost("points", Typed.text(form.points()), 1000);
        LengthUnit places = gauge.travelUnit();
        LengthUnit unit = form.pointUnit() == null ? gauge.errorUnit() : form.pointUnit();
        BigDecimal uncertainty = typed.above("uncertainty", form.uncertainty(), Words.say("gauge.an-uncertainty"));
        new CalibrationPoints(points, places, unit, uncertainty).check(gauge, form.result(), typed);
        String note = typed.atMost("note", Typed.text(form.note()), 400);
        LocalDate due = nextDue(form, gauge, doneOn, typed);
        if (form.result() == null) {
            typed.problem("result", Words.say("gauge.choose-what-came-of-it"));
        }
        refuse(typed);
        Calibration.Result result = java.util.Objects.requireNonNull(form.result());
        gauges.insertCalibration(
                new Calibration(
                        0,
                        id,
                        java.util.Objects.requireNonNull(doneOn),
                        doneBy,
                        result,
                        points,
                        java.util.Objects.requireNonNull(due),
                        note,
                        "",
                        points.isEmpty() ? null : places,
                        points.isEmpty() ? null : unit,
                        points.isEmpty() ? null : uncertainty),
                by,
                clock.instant());
        gauges.setDue(id, due);
        tell(Words.say("gauge.action-calibrated", gauge.mark(), doneOn, result.title()));
        if (result == Calibration.Result.FAILED) {
            change(id, GaugeStatus.WITHDRAWN, Words.say("gauge.calibration-of-out-of-its-limits", doneOn), by);
        }
    }

    private static @Nullable LocalDate nextDue(
            CalibrationForm form, Gauge gauge, @Nullable LocalDate doneOn, Typed typed) {
        Integer months = gauge.intervalMonths();
        if (Typed.text(form.nextDue()).isEmpty() && doneOn != null && months != null) {
            return doneOn.plusMonths(months);
        }
        LocalDate due = typed.day("nextDue", form.nextDue());
        if (due != null && doneOn != null && !due.isAfter(doneOn)) {
            typed.problem("nextDue", Words.say("gauge.the-next-one-comes-after-this-one", due));
        }
        return due;
    }

    /**
     * Puts a gauge into service, in question, or withdraws it.
     *
     * @throws FormRefused if the reason is missing, or somebody was quicker
     */
    @Transactional(rollbackFor = FormRefused.class)
    public void setStatus(long id, int version, GaugeStatus status, String reason, long by) throws FormRefused {
        lock(id, version);
        String why = reason.strip();
        if (why.isEmpty() || why.length() > LONGEST_REASON) {
            throw new FormRefused("reason", Words.say("gauge.write-why-in-200-characters-at-most"));
        }
        change(id, status, why, by);
    }

    /**
     * Puts a gauge into service after its inspection, or keeps it out.
     *
     * @param limits of use, as decided
     * @throws FormRefused if somebody was quicker
     */
    @Transactional(rollbackFor = FormRefused.class)
    public void decide(long id, int version, boolean fit, String limits, String reason, long by) throws FormRefused {
        lock(id, version);
        gauges.setLimits(id, limits);
        change(id, fit ? GaugeStatus.IN_SERVICE : GaugeStatus.WITHDRAWN, reason, by);
    }

    private void change(long id, GaugeStatus status, String reason, long by) {
        gauges.setStatus(id, status);
        gauges.insertStatusChange(id, status, reason, by, clock.instant());
        String mark = gauges.byId(id).map(Gauge::mark).orElse("");
        tell(Words.say("gauge.action-status", mark, status.title(), reason));
    }

    /**
     * Reports a gauge that an inspector no longer trusts: it is in question until the keeper has looked at it.
     *
     * @throws FormRefused if the reason is missing, or there is no such gauge
     */
    @Transactional(rollbackFor = FormRefused.class)
    public void report(long id, String reason, long by) throws FormRefused {
        Gauge gauge =
                gauges.byId(id).orElseThrow(() -> new FormRefused("reason", Words.say("gauge.there-is-no-such-gauge")));
        setStatus(id, gauge.version(), GaugeStatus.IN_QUESTION, reason, by);
    }

    /**
     * Puts a gauge in question that was found off while verdicts rest on it; one that is out of service stays as it is.
     *
     * @throws FormRefused if somebody was quicker
     */
    @Transactional(rollbackFor = FormRefused.class)
    public void foundOff(long id, String reason, long by) throws FormRefused {
        if (gauges.byId(id).map(gauge -> gauge.status().inService()).orElse(false)) {
            report(id, reason, by);
        }
    }

    /**
     * Writes the blocks of a set, one to a line: nominal, deviation in µm, uncertainty in µm, and “worn” or “missing”.
     *
     * @throws FormRefused if a line cannot be read, a block stands there twice, or somebody was quicker
     */
    @Transactional(rollbackFor = FormRefused.class)
    public void writeBlocks(long id, int version, String text) throws FormRefused {
        Gauge set = lock(id, version);
        List<BlockRow> rows = new ArrayList<>();
        Set<BigDecimal> seen = new HashSet<>();
        for (String line :
                text.lines().map(String::strip).filter(l -> !l.isEmpty()).toList()) {
            BlockRow row = block(id, line);
            if (!seen.add(row.nominal().stripTrailingZeros())) {
                throw new FormRefused(
                        "blocks",
                        Words.say(
                                "gauge.the-block-stands-there-twice-take-one",
                                row.nominal().toPlainString()));
            }
            rows.add(row);
        }
        if (rows.isEmpty()) {
            throw new FormRefused("blocks", Words.say("gauge.write-the-blocks-one-to-a-line"));
        }
        gauges.deleteBlocks(id);
        gauges.insertBlocks(rows);
        tell(Words.say("gauge.action-blocks", set.mark(), rows.size()));
    }

    private static BlockRow block(long id, String line) throws FormRefused {
        String[] words = line.replace(',', '.').split("\\s+");
        String last = words[words.length - 1].toUpperCase(java.util.Locale.ROOT);
        Optional<BlockRow.State> state = java.util.Arrays.stream(BlockRow.State.values())
                .filter(each -> each.name().equals(last))
                .findFirst();
        int numbers = words.length - (state.isPresent() ? 1 : 0);
        try {
            BigDecimal nominal = new BigDecimal(words[0]);
            BigDecimal deviation = numbers > 1 ? new BigDecimal(words[1]) : BigDecimal.ZERO;
            BigDecimal uncertainty = numbers > 2 ? new BigDecimal(words[2]) : BigDecimal.ZERO;
            if (nominal.signum() > 0
                    && uncertainty.signum() >= 0
                    && numbers <= 3
                    && deviation.abs().intValue() < 100) {
                return new BlockRow(0, id, nominal, deviation, uncertainty, state.orElse(BlockRow.State.GOOD));
            }
        } catch (NumberFormatException e) {
            // Told below, as one sentence for every line that is none.
        }
        throw new FormRefused("blocks", Words.say("gauge.is-no-block-write-nominal-deviation-and", line));
    }

    /** The lines of a usual set, to be written with its own deviations. */
    public static String template(BlockSet.Template template) {
        return template.nominals().stream()
                .map(nominal -> nominal.toPlainString() + " 0 0")
                .collect(java.util.stream.Collectors.joining("\n"));
    }

    private Gauge lock(long id, int version) throws FormRefused {
        if (gauges.touch(id, version) == 0) {
            throw new FormRefused("gauge", Words.say("gauge.somebody-else-changed-this-gauge-meanwhile-so"));
        }
        return gauges.byId(id).orElseThrow();
    }
}
