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
                "characteristic=CIRCULAR_RUNOUT_RADIAL; layout.kind=RING; layout.first=8; limit.upper=0.020 | 0 4 10 14 18 14 8 2 0 | 18 | MICROMETRE | pass",
                "characteristic=CIRCULAR_RUNOUT_RADIAL; layout.kind=RING; layout.first=8; limit.upper=0.004; limit.statedAs=OFFSET | 0 4 10 14 18 14 8 2 0 | 8.4324 | MICROMETRE | fail",
                "characteristic=CIRCULAR_RUNOUT_RADIAL; layout.kind=RING; layout.first=8; limit.upper=0.004; limit.statedAs=WORST_DIAMETER | 0 4 10 14 18 14 8 2 0 | 9 | MICROMETRE | fail",
                "characteristic=CIRCULAR_RUNOUT_RADIAL; layout.kind=RING; layout.first=8; limit.upper=0.004; limit.statedAs=HALF_MOVEMENT | 0 4 10 14 18 14 8 2 0 | 9 | MICROMETRE | fail",
                "characteristic=CIRCULAR_RUNOUT_RADIAL; layout.kind=WATCHED; layout.first=; limit.upper=0.030; limit.rule=PROBABILITY; limit.ruleFigure=90 | 0 18 0 | 18 | MICROMETRE | pass",
                "characteristic=OUTSIDE_SIZE; gauge.kind=MICROMETER; layout.kind=RINGS; layout.first=5 15; layout.second=0 90; limit.kind=BETWEEN; limit.lower=29.980; limit.upper=30.010; limit.statedAs=MEAN_SIZE | 30012 29995 30002 29985 | 29998.5 | MILLIMETRE | pass",
                "characteristic=TAPER; gauge.kind=MICROMETER; layout.kind=RINGS; layout.first=0 25 50; layout.second=0 90; limit.upper=0.050; limit.statedAs=BY_LINE | 30000 30000 30010 30010 30012 30012 | 12 | MILLIMETRE | pass",
                "characteristic=SQUARENESS; layout.kind=LINE; layout.first=0 50 100; limit.upper=0.020; layout.conditions=slide: top, near; slide: bottom | 0 3 6 0 0 4 8 0 | 8 | MICROMETRE | pass",
                "characteristic=CIRCULAR_RUNOUT_RADIAL; layout.kind=RING; layout.first=4; limit.upper=0.015 | 6 6 -6 -6 6 | 16.9706 | MICROMETRE | fail",
                "characteristic=CIRCULAR_RUNOUT_RADIAL; layout.kind=RINGS; layout.first=10 60; layout.second=4; limit.upper=0.012 | 0 4 8 4 2 -6 -2 6 0 | 12.6491 | MICROMETRE | fail",
                "characteristic=TOTAL_RUNOUT; layout.kind=RINGS; layout.first=10 60; layout.second=4; limit.upper=0.012 | 0 4 8 4 2 -6 -2 6 0 | 14 | MICROMETRE | fail",
                "characteristic=ROUNDNESS; layout.kind=RING; layout.first=8; limit.upper=0.012; limit.statedAs=LEAST_SQUARES | 0 4 10 14 18 14 8 2 0 | 2.1464 | MICROMETRE | pass",
                "characteristic=OUTSIDE_SIZE; gauge.kind=MICROMETER; layout.kind=RINGS; layout.first=5 15; layout.second=0 90; limit.kind=BETWEEN; limit.lower=29.990; limit.upper=30.010; limit.rule=SIMPLE | 30012 29995 30002 29984 | 29984 | MILLIMETRE | fail",
                "characteristic=OUT_OF_ROUND; gauge.kind=MICROMETER; layout.kind=RING; layout.first=0 45 90 135; limit.upper=0.020; limit.statedAs=RADIAL | 30012 30000 30002 29984 | 14 | MILLIMETRE | pass",
                "characteristic=TAPER; gauge.kind=MICROMETER; layout.kind=RINGS; layout.first=0 50; layout.second=0 90; limit.kind=MAXIMUM; limit.upper=0.030; limit.per=100 | 30000 30004 30012 30012 | 20 | MILLIMETRE | pass",
                "characteristic=FLATNESS; layout.kind=GRID; layout.first=0 50 100; layout.second=0 60; limit.upper=0.020; limit.statedAs=LEAST_SQUARES | 0 2 8 -4 6 4 0 | 6 | MICROMETRE | pass",
                "characteristic=PARALLELISM_OF_FACES; layout.kind=GRID; layout.first=0 50 100; layout.second=0 60; limit.upper=0.010 | 0 2 8 -4 6 4 0 | 12 | MICROMETRE | fail",
                "characteristic=STRAIGHTNESS; layout.kind=LINE; layout.first=0 50 100 175; limit.upper=0.020; limit.statedAs=LEAST_SQUARES | 0 6 4 12 0 | 5.0280 | MICROMETRE | pass",
                "characteristic=PARALLELISM_OF_AXIS; layout.kind=PAIRS; layout.first=upright; level; limit.upper=0.012; limit.statedAs=RESULTANT | 0 8 -2 4 | 10 | MICROMETRE | pass",
                "characteristic=PARALLELISM_OF_AXIS; layout.kind=PAIRS; layout.first=upright; level; limit.upper=0.020; layout.span=100; limit.per=150 | 0 8 -2 4 | 12 | MICROMETRE | pass",
                "characteristic=SQUARENESS; layout.kind=LINE; layout.first=0 50 100; limit.upper=0.015; limit.per=150 | 0 6 12 0 | 18 | MICROMETRE | fail",
                "characteristic=BORES_IN_LINE; layout.kind=LINE; layout.first=10 60 210 260; limit.upper=0.060; limit.statedAs=ZONE_DIAMETER | 0 4 10 18 0 | 12 | MICROMETRE | pass",
                "characteristic=PITCH; layout.kind=RING; layout.first=8; limit.upper=0.012 | 0 2 4 6 8 10 12 14 0 | -14 | MICROMETRE | fail",
                "characteristic=PITCH; layout.kind=LINE; layout.first=0 50 100; limit.upper=0.020; limit.statedAs=ACCUMULATED | 6 -2 10 6 | 12 | MICROMETRE | pass",
                "characteristic=PLAY; layout.kind=CYCLES; layout.first=2; limit.kind=BETWEEN; limit.lower=0.010; limit.upper=0.030 | 0 8 0 34 | 34 | MICROMETRE | fail",
                "characteristic=PLAY; layout.kind=CYCLES; layout.first=1; gauge.flicker=EXTREMES; limit.upper=0.012 | 0 6/14 | 14 | MICROMETRE | fail",
                "characteristic=ROUNDNESS; layout.kind=RING; layout.first=8; limit.upper=0.006; limit.statedAs=LEAST_SQUARES; gauge.flicker=EXTREMES | -4/4 -4/4 -4/4 -4/4 -4/4 -4/4 -4/4 -4/4 0 | 8 | MICROMETRE | fail",
                "characteristic=PHASE_ANGLE; layout.kind=POINTS; layout.first=key; pin; limit.kind=MAXIMUM; limit.upper=0.015; layout.radius=40 | 0 14 0 | 14 | DEGREE | fail",
                "characteristic=DEPTH_AND_PITCH; layout.kind=POINTS; layout.first=a; b; limit.kind=PLUS_MINUS; limit.nominal=0.1; limit.upper=0.05; limit.lower=-0.05 | 120 84 | 84 | MILLIMETRE | pass",
                "characteristic=CIRCULAR_RUNOUT_RADIAL; layout.kind=RING; layout.first=8; limit.unit=INCH; layout.unit=INCH; limit.upper=0.0010 | 0 5.08 12.7 17.78 22.86 17.78 10.16 2.54 0 | 22.86 | TENTH | pass",
                "characteristic=OUTSIDE_SIZE; gauge.kind=MICROMETER; layout.kind=RINGS; layout.first=0.2 0.6; layout.second=0 90; limit.unit=INCH; layout.unit=INCH; limit.kind=BETWEEN; limit.lower=0.7490; limit.upper=0.7500 | 19027.14 19034.76 19044.92 19052.54 | 19052.54 | INCH | fail"
            })
    void theSameFigureStandsEverywhere(String fields, String read, double judged, String unit, String word)
            throws Exception {
        Work work = Written.open(eskarn, fields);
        Written.read(work.prepare(MARA).zero(MARA), read).confirm(MARA, Step.PROVE);
        String address = eskarn.address() + "/dockets/" + work.number() + "/1?step=verdict";
        for (Units shown : Units.values()) {
            eskarn.bean(AccountService.class).setUnits(eskarn.account(MARA).id(), shown);
            String verdict = page.request().get(address, Eskarn.retrying()).text();
            assertThat(verdict).as(shown + ": " + said(judged, unit, shown)).contains(said(judged, unit, shown));
            assertThat(verdict).contains(">" + word + "<");
        }
        work.confirm(MARA, Step.VERDICT).sign(MARA, "as found");
        String sheet = page.request()
                .get(eskarn.address() + "/ledger/" + work.number())
                .text();
        assertThat(sheet)
                .contains(said(judged, unit, Units.AS_DRAWN))
                .contains(org.eskarn.app.page.Words.of(
                        work.setUp().requirement().limit().words()));
        String line = VerdictWords.of(work.setUp(), SetUpDisplay.figures(work.setUp()))
                .line();
        assertThat(sheet).contains(line);
        assertThat(page.request()
                        .get(eskarn.address() + "/ledger", Eskarn.retrying())
                        .text())
                .contains("/ledger/" + work.number());
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
