package org.eskarn.app.docket;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.math.BigDecimal;
import java.math.RoundingMode;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.page.Units;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.eskarn.app.running.Written;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Requirements written, read, judged and signed as people do it, against figures worked out by hand: the verdict page in all
 * three displays of units, the Ledger and the sheet say the same.
 */
@ExtendWith(RunningEskarn.class)
class FiguresOnPagesTest {

    private static final String MARA = "m.quill";

    private static Eskarn eskarn;
    private static Page page;

    @BeforeAll
    static void signIn(Eskarn running) {
        eskarn = running;
        page = eskarn.signedIn(MARA);
    }

    @AfterEach
    void asDrawn() {
        eskarn.bean(AccountService.class).setUnits(eskarn.account(MARA).id(), Units.AS_DRAWN);
    }

    @AfterAll
    static void leave() {
        page.close();
    }

    /**
     * @param fields of the requirement, as name=text with semicolons between
     * @param read in µm, in the order read, the return last where there is one
     * @param judged in µm
     * @param unit the figure is said in as drawn
     */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "characteristic=CIRCULAR_RUNOUT_RADIAL; layoutKind=RING; layoutFirst=8; upper=0.020 | 0 4 10 14 18 14 8 2 0 | 18 | MICROMETRE | pass",
                "characteristic=CIRCULAR_RUNOUT_RADIAL; layoutKind=RING; layoutFirst=8; upper=0.008; statedAs=OFFSET | 0 4 10 14 18 14 8 2 0 | 8.4324 | MICROMETRE | fail",
                "characteristic=CIRCULAR_RUNOUT_RADIAL; layoutKind=RING; layoutFirst=4; upper=0.015 | 6 6 -6 -6 6 | 16.9706 | MICROMETRE | fail",
                "characteristic=CIRCULAR_RUNOUT_RADIAL; layoutKind=RINGS; layoutFirst=10 60; layoutSecond=4; upper=0.012 | 0 4 8 4 2 -6 -2 6 0 | 12.6491 | MICROMETRE | fail",
                "characteristic=TOTAL_RUNOUT; layoutKind=RINGS; layoutFirst=10 60; layoutSecond=4; upper=0.012 | 0 4 8 4 2 -6 -2 6 0 | 14 | MICROMETRE | fail",
                "characteristic=ROUNDNESS; layoutKind=RING; layoutFirst=8; upper=0.012; statedAs=LEAST_SQUARES | 0 4 10 14 18 14 8 2 0 | 2.1464 | MICROMETRE | pass",
                "characteristic=OUTSIDE_SIZE; gaugeKind=MICROMETER; layoutKind=RINGS; layoutFirst=5 15; layoutSecond=0 90; limitKind=BETWEEN; lower=29.990; upper=30.010; rule=SIMPLE | 30012 29995 30002 29984 | 29984 | MILLIMETRE | fail",
                "characteristic=OUT_OF_ROUND; gaugeKind=MICROMETER; layoutKind=RING; layoutFirst=0 45 90 135; upper=0.020; statedAs=RADIAL | 30012 30000 30002 29984 | 14 | MILLIMETRE | pass",
                "characteristic=TAPER; gaugeKind=MICROMETER; layoutKind=RINGS; layoutFirst=0 50; layoutSecond=0 90; limitKind=MAXIMUM; upper=0.030; per=100 | 30000 30004 30012 30012 | 20 | MILLIMETRE | pass",
                "characteristic=FLATNESS; layoutKind=GRID; layoutFirst=0 50 100; layoutSecond=0 60; upper=0.020; statedAs=LEAST_SQUARES | 0 2 8 -4 6 4 0 | 6 | MICROMETRE | pass",
                "characteristic=PARALLELISM_OF_FACES; layoutKind=GRID; layoutFirst=0 50 100; layoutSecond=0 60; upper=0.010 | 0 2 8 -4 6 4 0 | 12 | MICROMETRE | fail",
                "characteristic=STRAIGHTNESS; layoutKind=LINE; layoutFirst=0 50 100 175; upper=0.020; statedAs=LEAST_SQUARES | 0 6 4 12 0 | 5.0280 | MICROMETRE | pass",
                "characteristic=PARALLELISM_OF_AXIS; layoutKind=PAIRS; layoutFirst=upright; level; upper=0.012; statedAs=RESULTANT | 0 8 -2 4 | 10 | MICROMETRE | pass",
                "characteristic=PARALLELISM_OF_AXIS; layoutKind=PAIRS; layoutFirst=upright; level; upper=0.020; span=100; per=150 | 0 8 -2 4 | 12 | MICROMETRE | pass",
                "characteristic=SQUARENESS; layoutKind=LINE; layoutFirst=0 50 100; upper=0.015; per=150 | 0 6 12 0 | 18 | MICROMETRE | fail",
                "characteristic=BORES_IN_LINE; layoutKind=LINE; layoutFirst=10 60 210 260; upper=0.020; statedAs=ZONE_DIAMETER | 0 4 10 18 0 | 12 | MICROMETRE | pass",
                "characteristic=PITCH; layoutKind=RING; layoutFirst=8; upper=0.012 | 0 2 4 6 8 10 12 14 0 | -14 | MICROMETRE | fail",
                "characteristic=PITCH; layoutKind=LINE; layoutFirst=0 50 100; upper=0.020; statedAs=ACCUMULATED | 6 -2 10 6 | 12 | MICROMETRE | pass",
                "characteristic=PLAY; layoutKind=CYCLES; layoutFirst=2; limitKind=BETWEEN; lower=0.010; upper=0.030 | 0 8 0 34 | 34 | MICROMETRE | fail",
                "characteristic=PLAY; layoutKind=CYCLES; layoutFirst=1; flicker=EXTREMES; upper=0.012 | 0 6/14 | 14 | MICROMETRE | fail",
                "characteristic=ROUNDNESS; layoutKind=RING; layoutFirst=8; upper=0.006; statedAs=LEAST_SQUARES; flicker=EXTREMES | -4/4 -4/4 -4/4 -4/4 -4/4 -4/4 -4/4 -4/4 0 | 8 | MICROMETRE | fail",
                "characteristic=PHASE_ANGLE; layoutKind=POINTS; layoutFirst=key; pin; limitKind=MAXIMUM; upper=0.015; radius=40 | 0 14 0 | 14 | DEGREE | fail",
                "characteristic=DEPTH_AND_PITCH; layoutKind=POINTS; layoutFirst=a; b; limitKind=PLUS_MINUS; nominal=0.1; upper=0.05; lower=-0.05 | 120 84 | 84 | MILLIMETRE | pass",
                "characteristic=CIRCULAR_RUNOUT_RADIAL; layoutKind=RING; layoutFirst=8; unit=INCH; lengthUnit=INCH; upper=0.0010 | 0 5.08 12.7 17.78 22.86 17.78 10.16 2.54 0 | 22.86 | TENTH | pass",
                "characteristic=OUTSIDE_SIZE; gaugeKind=MICROMETER; layoutKind=RINGS; layoutFirst=0.2 0.6; layoutSecond=0 90; unit=INCH; lengthUnit=INCH; limitKind=BETWEEN; lower=0.7490; upper=0.7500 | 19027.14 19034.76 19044.92 19052.54 | 19052.54 | INCH | fail"
            })
    void theSameFigureStandsEverywhere(String fields, String read, double judged, String unit, String word)
            throws Exception {
        Work work = Written.open(eskarn, fields);
        Written.read(work.prepare(MARA).zero(MARA), read).confirm(MARA, Step.PROVE);
        String address = eskarn.address() + "/dockets/" + work.number() + "/1?step=verdict";
        for (Units shown : Units.values()) {
            eskarn.bean(AccountService.class).setUnits(eskarn.account(MARA).id(), shown);
            String verdict = page.request().get(address).text();
            assertThat(verdict).as(shown + ": " + said(judged, unit, shown)).contains(said(judged, unit, shown));
            assertThat(verdict).contains(">" + word + "<");
        }
        work.confirm(MARA, Step.VERDICT).sign(MARA, "as found");
        String sheet = page.request()
                .get(eskarn.address() + "/ledger/" + work.number())
                .text();
        assertThat(sheet)
                .contains(said(judged, unit, Units.AS_DRAWN))
                .contains(work.setUp().requirement().limit().words());
        String line = VerdictWords.of(work.setUp(), SetUpDisplay.figures(work.setUp()))
                .line();
        assertThat(sheet).contains(line);
        assertThat(page.request().get(eskarn.address() + "/ledger").text()).contains("/ledger/" + work.number());
    }

    /** The figure in the units shown, with the decimals every page gives it, by a sum of its own. */
    private static String said(double micrometres, String drawn, Units shown) {
        if (drawn.equals("DEGREE")) {
            return number(Math.toDegrees(Math.asin(micrometres / 40_000)), 3);
        }
        boolean metric = drawn.equals("MILLIMETRE") || drawn.equals("MICROMETRE");
        boolean large = drawn.equals("MILLIMETRE") || drawn.equals("INCH");
        boolean inMetric = shown == Units.AS_DRAWN ? metric : shown == Units.METRIC;
        return inMetric
                ? number(micrometres / (large ? 1000 : 1), large ? 4 : 1)
                : number(micrometres / (large ? 25_400 : 2.54), large ? 5 : 1);
    }

    private static String number(double amount, int decimals) {
        BigDecimal rounded = BigDecimal.valueOf(amount).setScale(decimals, RoundingMode.HALF_UP);
        return rounded.toPlainString().replace("-", "−");
    }
}
