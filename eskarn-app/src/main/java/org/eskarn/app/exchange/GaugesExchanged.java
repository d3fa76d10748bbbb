package org.eskarn.app.exchange;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.eskarn.app.exchange.FileTable.Line;
import org.eskarn.app.gauge.GaugeChangeService;
import org.eskarn.app.gauge.GaugeForm;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.app.page.FormFields;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.Words;
import org.springframework.stereotype.Component;

/** The register of gauges, a row a gauge. */
@Component
class GaugesExchanged implements Exchanged {

    private final GaugeService gauges;
    private final GaugeChangeService keeping;

    GaugesExchanged(GaugeService gauges, GaugeChangeService keeping) {
        this.gauges = gauges;
        this.keeping = keeping;
    }

    @Override
    public String kind() {
        return "gauges";
    }

    @Override
    public List<String> columns() {
        return RecordFields.names(GaugeForm.class);
    }

    @Override
    public List<String> needed() {
        return List.of("mark", "name", "kind", "unit");
    }

    @Override
    public List<Map<String, String>> rows() {
        return gauges.all().stream()
                .map(gauge -> RecordFields.of(GaugeForm.of(gauge)))
                .toList();
    }

    @Override
    public String write(FileTable table, long by) throws ImportRefused {
        List<LineProblem> problems = new ArrayList<>();
        for (Line line : table.rows()) {
            try {
                keeping.save(0, 0, bound(line));
            } catch (FormRefused e) {
                problems.add(new LineProblem(line.number(), String.valueOf(e.getMessage())));
            } catch (IllegalArgumentException e) {
                problems.add(new LineProblem(
                        line.number(),
                        Words.say(
                                "exchange.no-such-choice",
                                FormChoices.unknown(GaugeForm.class, line.cells())
                                        .orElse(""))));
            }
        }
        if (!problems.isEmpty()) {
            throw new ImportRefused(problems);
        }
        return Words.say("exchange.gauges-read", table.rows().size());
    }

    private static GaugeForm bound(Line line) throws FormRefused {
        for (String needed : List.of("kind", "unit")) {
            if (line.get(needed).isEmpty()) {
                throw new FormRefused(needed, Words.say("exchange.cell-is-empty", needed));
            }
        }
        return FormFields.bind(GaugeForm.class, line.cells());
    }
}
