package org.eskarn.app.gauge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.eskarn.app.docket.Step;
import org.eskarn.app.docket.work.GaugeUseService;
import org.eskarn.app.gauge.GaugeCheckService.CheckForm;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.eskarn.core.uncertainty.Contribution;
import org.eskarn.core.uncertainty.Contribution.Source;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What the checks of a gauge have shown of its scatter. */
@ExtendWith(RunningEskarn.class)
class GaugeScatterTest {

    private static final String MARA = "m.quill";

    /** One that no other test reads with, as they share a file. */
    private static final String BOUGHT = "LI-9";

    private static void check(Work work, String readings) throws FormRefused {
        work.bean(GaugeCheckService.class)
                .record(work.gauge(BOUGHT), new CheckForm("SR-72", readings, false, ""), work.id(MARA));
    }

    private static Contribution checks(Work work) {
        return work.setUp().judgement().budget().orElseThrow().parts().stream()
                .filter(part -> part.source() == Source.CHECKS)
                .findFirst()
                .orElseThrow();
    }

    /** Whoever wants less doubt about what is read already cannot have it from checks made afterwards. */
    @Test
    void goodChecksBeforeTheReadingAreTakenTogether(Eskarn eskarn) throws Exception {
        Work work = Work.open(eskarn.context(), "TG-110", "C", 1, MARA).confirm(MARA, Step.REQUIRE);
        work.bean(GaugeUseService.class)
                .choose(
                        work.number(),
                        1,
                        work.gauge(BOUGHT),
                        null,
                        "the others are out",
                        work.version(),
                        work.id(MARA));
        // Variances of 1 with 2 and of 1/2 with 4 degrees of freedom; one that finds the gauge unfit says nothing.
        check(work, "-1 0 1");
        check(work, "0 1 0 -1 0");
        check(work, "0 50 -50");
        work.confirm(MARA, Step.GAUGE).ticked(MARA).sweep(MARA, "0 2 5.5 9 12.5 14.5 12 6 0");
        Contribution before = checks(work);
        assertThat(before.degreesOfFreedom()).isEqualTo(6);
        assertThat(before.standard()).isCloseTo(Math.sqrt(2) * Math.sqrt((2 + 4 * 0.5) / 6), within(0.001));
        check(work, "0 0 0 0 0 0 0 0 0 0.1");
        assertThat(checks(work)).isEqualTo(before);
    }
}
