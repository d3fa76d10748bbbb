package org.eskarn.app.exchange;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.eskarn.app.exchange.FileTable.Line;
import org.eskarn.app.gauge.Calibration;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.gauge.GaugeChangeService;
import org.eskarn.app.gauge.GaugeChangeService.CalibrationForm;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.app.page.FormFields;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.Words;
import org.springframework.stereotype.Component;

/** Calibrations of gauges that are in the register, the oldest first, a row a calibration. */
@Component
class CalibrationsExchanged implements Exchanged {

    private static final String MARK = "mark";

    private final GaugeService gauges;
    private final GaugeChangeService keeping;

    CalibrationsExchanged(GaugeService gauges, GaugeChangeService keeping) {
        this.gauges = gauges;
        this.keeping = keeping;
    }

    @Override
    public String kind() {
        return "calibrations";
    }

    @Override
    public List<String> columns() {
        List<String> columns = new ArrayList<>(List.of(MARK));
        columns.addAll(RecordFields.names(CalibrationForm.class));
        return columns;
    }

    @Override
    public List<String> needed() {
        return List.of(MARK, "doneOn", "doneBy", "result");
    }

    @Override
    public List<Map<String, String>> rows() {
        Map<Long, String> marks = new HashMap<>();
        gauges.all().forEach(gauge -> marks.put(gauge.id(), gauge.mark()));
        List<Map<String, String>> rows = new ArrayList<>();
        for (Calibration each : gauges.calibrations()) {
            Map<String, String> row = new LinkedHashMap<>();
            row.put(MARK, marks.getOrDefault(each.gaugeId(), ""));
            row.putAll(RecordFields.of(CalibrationForm.of(each)));
            rows.add(row);
        }
        return rows;
    }

    @Override
    public String write(FileTable table, long by) throws ImportRefused {
        List<LineProblem> problems = new ArrayList<>();
        Map<String, Gauge> known = new HashMap<>();
        gauges.all().forEach(gauge -> known.put(gauge.mark(), gauge));
        Map<String, Integer> versions = new HashMap<>();
        for (Line line : table.rows()) {
            String mark = line.get(MARK);
            Gauge gauge = known.get(mark);
            if (gauge == null) {
                problems.add(new LineProblem(line.number(), Words.say("exchange.no-such-gauge", mark)));
                continue;
            }
            int version = versions.getOrDefault(mark, gauge.version());
            try {
                keeping.calibrate(gauge.id(), version, bound(line), by);
                versions.put(mark, version + 1);
            } catch (FormRefused e) {
                problems.add(new LineProblem(line.number(), String.valueOf(e.getMessage())));
                versions.put(mark, version + 1);
            } catch (IllegalArgumentException e) {
                problems.add(new LineProblem(
                        line.number(),
                        Words.say(
                                "exchange.no-such-choice",
                                FormChoices.unknown(CalibrationForm.class, line.cells())
                                        .orElse(""))));
            }
        }
        if (!problems.isEmpty()) {
            throw new ImportRefused(problems);
        }
        return Words.say("exchange.calibrations-read", table.rows().size());
    }

    private static CalibrationForm bound(Line line) {
        Map<String, String> fields = new LinkedHashMap<>(line.cells());
        fields.remove(MARK);
        fields.values().removeIf(String::isEmpty);
        return FormFields.bind(CalibrationForm.class, fields);
    }
}
