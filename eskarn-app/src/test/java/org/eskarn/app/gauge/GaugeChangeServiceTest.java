package org.eskarn.app.gauge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import org.eskarn.app.gauge.GaugeChangeService.CalibrationForm;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.core.units.LengthUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The register on a real database file. */
@ExtendWith(RunningEskarn.class)
class GaugeChangeServiceTest {

    private GaugeChangeService keeping;
    private GaugeService gauges;
    private long by;

    @BeforeEach
    void beans(Eskarn eskarn) {
        keeping = eskarn.bean(GaugeChangeService.class);
        gauges = eskarn.bean(GaugeService.class);
        by = eskarn.account("i.varn").id();
    }

    private static GaugeForm form(String mark, GaugeKind kind, String graduation, String size) {
        return new GaugeForm(
                mark,
                "made by a test",
                kind,
                "T-" + mark,
                LengthUnit.MICROMETRE,
                graduation,
                "1",
                "",
                "400",
                false,
                "100",
                size,
                "0.4",
                "bench",
                "",
                Eskarn.today().plusDays(90).toString(),
                "6",
                "200",
                "",
                "",
                "");
    }

    private long add(String mark) throws FormRefused {
        return keeping.save(0, 0, form(mark, GaugeKind.INDICATOR, "1", ""));
    }

    private Gauge find(long id) {
        return gauges.find(id).orElseThrow();
    }

    @Test
    void aCalibrationMovesTheDueDateByTheIntervalAndOneThatFailsWithdraws() throws FormRefused {
        long id = add("T-1");
        LocalDate today = Eskarn.today();
        keeping.calibrate(
                id,
                0,
                new CalibrationForm(today.toString(), "Ilse Varn", Calibration.Result.GOOD, "", null, "", "", ""),
                by);
        assertThat(find(id).nextDue()).isEqualTo(today.plusMonths(6));
        assertThat(gauges.whole(id).orElseThrow().lastKnownGood()).contains(today);
        keeping.calibrate(
                id,
                1,
                new CalibrationForm(
                        today.toString(),
                        "Ilse Varn",
                        Calibration.Result.FAILED,
                        "0: 0; 50: +9",
                        null,
                        "",
                        "",
                        "dropped"),
                by);
        assertThat(find(id).status()).isEqualTo(GaugeStatus.WITHDRAWN);
        assertThat(find(id).needsOverride(today)).isTrue();
        assertThat(gauges.whole(id).orElseThrow().statusChanges().get(0).reason())
                .contains("out of its limits");
        assertThat(gauges.whole(id).orElseThrow().lastKnownGood()).contains(today);
        assertThat(gauges.dueBy(today.plusYears(5))).extracting(Gauge::mark).doesNotContain("T-1");
    }

    @Test
    void ofTwoKeepersTheLaterOneIsToldSo() throws FormRefused {
        long id = add("T-2");
        keeping.setStatus(id, 0, GaugeStatus.IN_QUESTION, "seen dropped", by);
        assertThatThrownBy(() -> keeping.setStatus(id, 0, GaugeStatus.IN_SERVICE, "all well", by))
                .hasMessageContaining("Somebody else has changed this gauge. Nothing was saved: reload it");
        assertThat(find(id).status()).isEqualTo(GaugeStatus.IN_QUESTION);
        assertThatThrownBy(() -> keeping.save(id, 0, form("T-2", GaugeKind.INDICATOR, "2", "")))
                .hasMessageContaining("Nothing was saved: reload it");
    }

    @Test
    void whatIsWrittenComesBackIntoTheFormUnchanged() throws FormRefused {
        long dial = add("T-3");
        Gauge before = find(dial);
        keeping.save(dial, before.version(), GaugeForm.of(before));
        assertThat(find(dial))
                .usingRecursiveComparison()
                .ignoringFields("version")
                .isEqualTo(before);
        long ring = keeping.save(0, 0, form("T-4", GaugeKind.SETTING_RING, "", "50000"));
        Gauge master = find(ring);
        keeping.save(ring, master.version(), GaugeForm.of(master));
        assertThat(find(ring))
                .usingRecursiveComparison()
                .ignoringFields("version")
                .isEqualTo(master);
        assertThat(master.actualSize()).contains(50_000.4);
    }

    @Test
    void wornAndMissingBlocksStayOutOfStacks() throws FormRefused {
        long id = keeping.save(0, 0, form("T-5", GaugeKind.BLOCK_SET, "", "1"));
        keeping.writeBlocks(id, 0, "1 +0.1 0.05\n2 0 0.05 worn\n3 -0,1 0.05\n4 0 0 missing\n");
        assertThat(gauges.whole(id).orElseThrow().blocks()).hasSize(4);
        assertThat(gauges.blockSet(find(id)).fewest(new java.math.BigDecimal("4"), java.util.List.of()))
                .singleElement()
                .satisfies(stack -> assertThat(stack.count()).isEqualTo(2));
        assertThat(gauges.blockSet(find(id)).fewest(new java.math.BigDecimal("2"), java.util.List.of()))
                .isEmpty();
        assertThatThrownBy(() -> keeping.writeBlocks(id, 1, "1 0 0\n1.0 0 0")).hasMessageContaining("Duplicate block");
        assertThat(gauges.whole(id).orElseThrow().blocks()).hasSize(4);
    }
}
