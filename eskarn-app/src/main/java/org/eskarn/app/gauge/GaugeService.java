package org.eskarn.app.gauge;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

@Service
public class GaugeService {

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
    public Map<Long, Gauge> byId() {
        return gauges.all().stream().collect(Collectors.toMap(Gauge::id, Function.identity()));
    }

    /** Gauges whose calibration falls due by that day, the most urgent first. */
    @Transactional(readOnly = true)
    public List<Gauge> dueBy(LocalDate day) {
        return gauges.dueBy(day);
    }

    /** Adds a gauge; it gets an id of its own. */
    @Transactional
    public void add(Gauge gauge) {
        gauges.insert(gauge);
    }
}
