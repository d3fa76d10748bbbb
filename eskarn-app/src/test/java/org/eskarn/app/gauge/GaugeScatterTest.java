package org.eskarn.app.gauge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.eskarn.app.account.AccountService;
import org.eskarn.app.gauge.GaugeCheckService.CheckForm;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.core.uncertainty.Scatter;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What the checks of a gauge have shown of its scatter. */
@ExtendWith(RunningEskarn.class)
class GaugeScatterTest {

    private static CheckForm check(String readings, boolean leaveOut) {
        return new CheckForm("S-12", readings, leaveOut, leaveOut ? "a chip" : "");
    }

    @Test
    void goodChecksOfAGaugeAreTakenTogether(Eskarn eskarn) throws Exception {
        GaugeService gauges = eskarn.context().getBean(GaugeService.class);
        GaugeCheckService checks = eskarn.context().getBean(GaugeCheckService.class);
        long by = eskarn.context()
                .getBean(AccountService.class)
                .byLogin("m.quill")
                .orElseThrow()
                .id();
        // One that no other test reads with, as they share a file.
        Gauge gauge = gauges.all().stream()
                .filter(each -> each.mark().equals("LI-9"))
                .findFirst()
                .orElseThrow();
        assertThat(gauges.scatter()).doesNotContainKey(gauge.id());
        // Variances of 1 with 2 and of 1/2 with 4 degrees of freedom.
        checks.record(gauge.id(), check("-1 0 1", false), by);
        checks.record(gauge.id(), check("0 1 0 -1 0", false), by);
        // One that finds the gauge unfit says nothing.
        checks.record(gauge.id(), check("0 50 -50", false), by);
        Scatter scatter = gauges.scatter().get(gauge.id());
        double micron = gauge.graduationUnit().micrometres().doubleValue();
        assertThat(scatter.degreesOfFreedom()).isEqualTo(6);
        assertThat(scatter.deviation()).isCloseTo(micron * Math.sqrt((2 + 4 * 0.5) / 6), within(0.001));
    }
}
