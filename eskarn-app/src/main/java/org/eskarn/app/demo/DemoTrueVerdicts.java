package org.eskarn.app.demo;

import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.work.CircumstanceService;
import org.eskarn.app.docket.work.CircumstanceService.CircumstanceForm;
import org.eskarn.app.docket.work.GaugeUseService;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.gauge.GaugeService;
import org.springframework.stereotype.Component;

/** The docket in which each way to decide stands once, read as far as its verdict. */
@Component
class DemoTrueVerdicts {

    private final DocketService dockets;
    private final DemoInspector inspector;
    private final CircumstanceService circumstances;
    private final GaugeUseService gaugeUse;
    private final GaugeService gauges;

    DemoTrueVerdicts(
            DocketService dockets,
            DemoInspector inspector,
            CircumstanceService circumstances,
            GaugeUseService gaugeUse,
            GaugeService gauges) {
        this.dockets = dockets;
        this.inspector = inspector;
        this.circumstances = circumstances;
        this.gaugeUse = gaugeUse;
        this.gauges = gauges;
    }

    void make(int docket, long by) throws DocketConflict {
        inspector.sweep(docket, 1, "0@210 21@25 0", by);
        inspector.prove(docket, 1, by);

        // A dial of 10 µm cannot pass a limit of 3, but it can fail it.
        gaugeUse.choose(
                docket, 2, find("PI-9").id(), null, "no finer dial reaches the spigot here", version(docket, 2), by);
        inspector.sweep(docket, 2, "0 10 20 40 50 40 20 10 0", by);
        inspector.prove(docket, 2, by);

        // Oval and off centre: by the fit inside, by half the movement outside.
        inspector.sweep(docket, 3, "0 -5.5 -3 3.5 16 12.5 8 4 0", by);
        inspector.prove(docket, 3, by);

        inspector.prepare(docket, 4, by);
        circumstances.say(docket, 4, new CircumstanceForm("23.5", "21", "0.5", "", null, ""), version(docket, 4), by);
        inspector.sweepOn(docket, 4, "18.8 18 17 16.5", by);
        inspector.prove(docket, 4, by);

        inspector.prepare(docket, 5, by);
        circumstances.say(
                docket, 5, new CircumstanceForm("", "", "", "1", find("SP-1").id(), ""), version(docket, 5), by);
        inspector.sweepOn(docket, 5, "0 24 30 6 7.5 19 24.5 10 0", by);
        inspector.prove(docket, 5, by);

        inspector.sweep(docket, 6, "0 1 2 0 0 2.5 5.5 0 0 5 10 0.5 0 1 2.5 0", by);
        inspector.prove(docket, 6, by);

        circumstances.sayOnSlide(docket, 7, true, version(docket, 7), by);
        inspector.sweep(docket, 7, "0 2 1 3 5 2.5 0", by);
        inspector.prove(docket, 7, by);

        // The spigot leans in the chuck: the face runs out by 22 µm, and is square to the spigot within 5.
        inspector.sweep(
                docket,
                8,
                "0 1 0 -3 -5.5 -7 -5.5 -3 0 0 3.5 2.5 -1.5 -7 -10.5 -9.5 -5.5 0 0 -6.5 -6.5 0 9 15.5 15.5 9 0",
                by);
        inspector.prove(docket, 8, by);
    }

    private Gauge find(String mark) {
        return gauges.all().stream()
                .filter(gauge -> gauge.mark().equals(mark))
                .findFirst()
                .orElseThrow();
    }

    private int version(int docket, int position) {
        return dockets.find(docket).orElseThrow().at(position).orElseThrow().version();
    }
}
