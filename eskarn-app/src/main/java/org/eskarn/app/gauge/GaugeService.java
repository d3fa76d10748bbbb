package org.eskarn.app.gauge;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.eskarn.app.page.DayCalendar;
import org.eskarn.app.page.Words;
import org.eskarn.core.gauge.Block;
import org.eskarn.core.gauge.BlockSet;
import org.eskarn.core.gauge.CalibrationCurve;
import org.eskarn.core.uncertainty.Scatter;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads the register. */
@Service
public class GaugeService {

    /** How many of the latest good checks of a gauge say how it repeats. */
    private static final int CHECKS_TOGETHER = 10;

    private final GaugeMapper gauges;

    GaugeService(GaugeMapper gauges) {
        this.gauges = gauges;
    }

    /** All gauges by their marks. */
    @Transactional(readOnly = true)
    public List<Gauge> all() {
        return gauges.all();
    }

    @Transactional(readOnly = true)
    public Map<Long, Gauge> byIds(Collection<Long> ids) {
        return ids.isEmpty()
                ? Map.of()
                : gauges.byIds(ids).stream().collect(Collectors.toMap(Gauge::id, Function.identity()));
    }

    @Transactional(readOnly = true)
    public Optional<Gauge> find(long id) {
        return gauges.byId(id);
    }

    /** Gauges whose calibration falls due by that day, the most urgent first; withdrawn ones are not due. */
    @Transactional(readOnly = true)
    public List<Gauge> dueBy(LocalDate day) {
        return gauges.dueBy(day);
    }

    /** Those that are not withdrawn, by the day they are due. */
    @Transactional(readOnly = true)
    public List<Gauge> watched() {
        return gauges.all().stream()
                .filter(gauge -> gauge.status() != GaugeStatus.WITHDRAWN)
                .sorted(Comparator.comparing(Gauge::nextDue).thenComparing(Gauge::mark))
                .toList();
    }

    /** The same for a calendar. */
    @Transactional(readOnly = true)
    public List<DayCalendar.Entry> calendar() {
        return watched().stream()
                .map(gauge -> new DayCalendar.Entry(
                        "gauge-" + gauge.id(),
                        gauge.nextDue(),
                        Words.say("gauge.calibration-due", gauge.mark(), gauge.name()),
                        gauge.place()))
                .toList();
    }

    /** A gauge with its history. */
    public record Whole(
            Gauge gauge,
            List<Calibration> calibrations,
            List<StatusChange> statusChanges,
            List<GaugeCheckRow> checks,
            List<BlockRow> blocks) {

        /** When it was last known good: its last calibration that was, or empty. */
        public Optional<LocalDate> lastKnownGood() {
            return calibrations.stream()
                    .filter(c -> c.result() == Calibration.Result.GOOD)
                    .map(Calibration::doneOn)
                    .findFirst();
        }
    }

    @Transactional(readOnly = true)
    public Optional<Whole> whole(long id) {
        return gauges.byId(id)
                .map(gauge -> new Whole(
                        gauge,
                        gauges.calibrations(id),
                        gauges.statusChanges(id),
                        gauges.checks(id),
                        gauges.blocks(id).stream()
                                .sorted(java.util.Comparator.comparing(BlockRow::nominal))
                                .toList()));
    }

    /** The calibrations of all gauges, the oldest first. */
    @Transactional(readOnly = true)
    public List<Calibration> calibrations() {
        return gauges.allCalibrations();
    }

    /** Sweeps read with a gauge since its last calibration. */
    @Transactional(readOnly = true)
    public int usesOf(long id) {
        return uses(id).getOrDefault(id, 0);
    }

    /** Sweeps read with each gauge since its last calibration. */
    @Transactional(readOnly = true)
    public Map<Long, Integer> uses() {
        return uses(null);
    }

    private Map<Long, Integer> uses(@Nullable Long gaugeId) {
        return gauges.usesSinceCalibration(gaugeId).stream()
                .collect(Collectors.toMap(UseCount::gaugeId, UseCount::uses));
    }

    /**
     * The scatter of one reading, as the latest good checks before the first reading of each sweep showed it: by the sweep, then by the
     * gauge. What is checked afterwards says nothing of what was read.
     *
     * @param setUpIds whose sweeps, at least one
     */
    @Transactional(readOnly = true)
    public Map<Long, Map<Long, Scatter>> scatter(List<Long> setUpIds) {
        return gauges.repeatabilities(setUpIds, CHECKS_TOGETHER).stream()
                .collect(Collectors.groupingBy(
                        Repeatability::sweepId,
                        Collectors.groupingBy(
                                Repeatability::gaugeId,
                                Collectors.collectingAndThen(Collectors.toList(), Repeatability::pooled))));
    }

    /** What the last calibration of each gauge found at its points. */
    @Transactional(readOnly = true)
    public Map<Long, CalibrationCurve> curves(Collection<Long> ids) {
        if (ids.isEmpty()) {
            return Map.of();
        }
        return gauges.lastCalibrations(ids).stream()
                .flatMap(last -> new CalibrationPoints(
                                last.points(), last.placeUnit(), last.pointUnit(), last.uncertainty())
                        .curve().stream().map(curve -> Map.entry(last.gaugeId(), curve)))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    /** The blocks of a set that are neither worn nor missing. */
    @Transactional(readOnly = true)
    public BlockSet blockSet(Gauge set) {
        List<Block> good = gauges.blocks(set.id()).stream()
                .filter(row -> row.state() == BlockRow.State.GOOD)
                .map(BlockRow::block)
                .toList();
        return BlockSet.of(set.graduationUnit(), good);
    }

    /** Adds a gauge; it gets an id of its own. */
    @Transactional
    public void add(Gauge gauge) {
        gauges.insert(gauge);
    }
}
