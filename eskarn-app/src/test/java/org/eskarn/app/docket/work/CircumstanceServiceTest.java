package org.eskarn.app.docket.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.eskarn.app.docket.CircumstanceWords;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.SaidCircumstance;
import org.eskarn.app.docket.Step;
import org.eskarn.app.docket.work.CircumstanceService.CircumstanceForm;
import org.eskarn.app.gauge.Calibration;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.gauge.GaugeChangeService;
import org.eskarn.app.gauge.GaugeChangeService.CalibrationForm;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.eskarn.core.uncertainty.Contribution;
import org.eskarn.core.uncertainty.Contribution.Source;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a figure rests on beside its gauge, said, kept and counted. */
@ExtendWith(RunningEskarn.class)
class CircumstanceServiceTest {

    private static final String MARA = "m.quill";
    private static final int SPIGOT = 4;
    private static final int FACE = 5;

    private Work open(Eskarn eskarn, int position) {
        return Work.open(eskarn.context(), "TG-240", "A", position, MARA);
    }

    private static void say(Work work, int position, CircumstanceForm form) throws DocketConflict {
        work.bean(CircumstanceService.class).say(work.number(), position, form, work.version(), work.id(MARA));
    }

    private static CircumstanceForm warm(String part, String gauge, String tolerance, String reason) {
        return new CircumstanceForm(part, gauge, tolerance, "", null, reason);
    }

    private static double part(Work work, Source source) {
        return work.setUp().judgement().budget().orElseThrow().parts().stream()
                .filter(each -> each.source() == source)
                .mapToDouble(Contribution::standard)
                .findFirst()
                .orElse(0);
    }

    /** 45 mm of steel at 24.5 °C on a gauge at 20 °C is 45.018 · 11.8e-6 · 4.5 = 2.4 µm larger than at 20 °C. */
    @Test
    void aWarmPartIsTakenToTwentyDegrees(Eskarn eskarn) throws Exception {
        Work cold = open(eskarn, SPIGOT);
        cold.prepare(MARA).sweep(MARA, "12 12 12 12");
        Work warm = open(eskarn, SPIGOT);
        warm.prepare(MARA);
        say(warm, SPIGOT, warm("24.5", "20", "0.5", ""));
        warm.sweep(MARA, "12 12 12 12");
        double apart = value(cold) - value(warm);
        assertThat(apart).isCloseTo(45_018 * 11.8e-6 * 4.5, within(1e-6));
        assertThat(part(warm, Source.TEMPERATURE)).isCloseTo(45_018 * 23.3e-6 * 0.5 / Math.sqrt(3), within(1e-6));
        assertThat(part(cold, Source.TEMPERATURE)).isZero();
        // The disc the zero was set on is known to its own uncertainty.
        assertThat(part(cold, Source.MASTER)).isPositive();
    }

    /** 76.1 °F are 24.5 °C: it counts as that, and is kept and said as it was typed, also by whoever takes the set-up over. */
    @Test
    void fahrenheitCountsAsCelsiusAndIsKeptAsTyped(Eskarn eskarn) throws Exception {
        Work celsius = open(eskarn, SPIGOT);
        celsius.prepare(MARA);
        say(celsius, SPIGOT, warm("24.5", "20", "0.5", ""));
        celsius.sweep(MARA, "12 12 12 12");
        Work fahrenheit = open(eskarn, SPIGOT);
        fahrenheit.prepare(MARA);
        say(fahrenheit, SPIGOT, warm("76.10 °F", "68 f", "0.9F", ""));
        fahrenheit.sweep(MARA, "12 12 12 12");
        assertThat(value(fahrenheit)).isCloseTo(value(celsius), within(1e-4));
        assertThat(part(fahrenheit, Source.TEMPERATURE)).isCloseTo(part(celsius, Source.TEMPERATURE), within(1e-6));
        SaidCircumstance said = fahrenheit.setUp().circumstance().orElseThrow();
        assertThat(CircumstanceWords.of(said)).isEqualTo("part 76.10 °F (24.5 °C), gauge 68 °F (20 °C), both ±0.9 °F");
        assertThat(CircumstanceWords.of(celsius.setUp().circumstance().orElseThrow()))
                .isEqualTo("part 24.5 °C, gauge 20 °C, both ±0.5 K");
        assertThat(CircumstanceWords.of(said.forSetUp(1, 1, said.saidAt()))).startsWith("part 76.10 °F");
    }

    /** On an inch drawing a bare number is in °F; shown again it means the same. */
    @ParameterizedTest
    @CsvSource({
        "68, true, 20, 68",
        "20 C, true, 20, 20 °C",
        "20, false, 20, 20",
        "68 F, false, 20, 68 °F",
        "293.15 K, false, 20, 293.15 K"
    })
    void aBareTemperatureIsInTheUnitOfTheDrawing(String typed, boolean inches, double celsius, String again) {
        TypedDegrees read = TypedDegrees.temperature(typed, inches).orElseThrow();
        assertThat(read.amount().doubleValue()).isCloseTo(celsius, within(1e-6));
        assertThat(TypedDegrees.shown(read.amount(), read.otherwise(), inches)).isEqualTo(again);
    }

    private static double value(Work work) {
        Double value = work.setUp().judgement().verdict().value();
        return java.util.Objects.requireNonNull(value);
    }

    /** Said after the verdict was accepted it opens the verdict again, and needs a reason. */
    @Test
    void whatIsSaidUnderReadingsNeedsAReasonAndOpensTheVerdictAgain(Eskarn eskarn) throws Exception {
        Work work = open(eskarn, SPIGOT);
        work.judge(MARA, "12 12 12 12");
        assertThat(work.setUp().settled()).isTrue();
        assertThatThrownBy(() -> say(work, SPIGOT, warm("60 C", "20", "0.5", "")))
                .hasMessageContaining("enter how this was found");
        say(work, SPIGOT, warm("22", "20", "0.5", "the room was warm"));
        assertThat(work.setUp().settled()).isFalse();
        assertThat(work.setUp().done(Step.VERDICT)).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "24, '', 0.5, of the gauge",
        "24, 21, '', how well",
        "24, 21, 0, how well",
        "900, 21, 0.5, of the part",
        "x, 21, 0.5, of the part",
        "24 R, 21, 0.5, of the part",
        "68, 21, 0.5, with its unit",
        "24, 2, 0.5, with its unit",
        "24, 21, 40 F, how well"
    })
    void aTemperatureAloneOrOneThatIsNoneIsRefused(
            String part, String gauge, String tolerance, String said, Eskarn eskarn) {
        Work work = open(eskarn, SPIGOT);
        assertThatThrownBy(() -> say(work, SPIGOT, warm(part, gauge, tolerance, "")))
                .hasMessageContaining(said);
    }

    /** A difference has no temperature, and nobody stands a part on a gauge that is no plate. */
    @Test
    void whatHasNoMeaningHereIsRefused(Eskarn eskarn) {
        Work work = open(eskarn, FACE);
        assertThatThrownBy(() -> say(work, FACE, warm("24", "21", "0.5", "")))
                .hasMessageContaining("only change sizes");
        assertThatThrownBy(() -> say(work, FACE, new CircumstanceForm("", "", "", "", work.gauge("LI-4"), "")))
                .hasMessageContaining("plate or stand that is in service");
        assertThatThrownBy(() -> work.bean(CircumstanceService.class)
                        .sayOnSlide(work.number(), FACE, true, work.version(), work.id(MARA)))
                .isInstanceOf(DocketConflict.class);
    }

    /** The points of the last calibration stand for the limit, and the keeper cannot call bad ones good. */
    @Test
    void theLastCalibrationOfAGaugeCounts(Eskarn eskarn) throws Exception {
        GaugeChangeService keeping = eskarn.bean(GaugeChangeService.class);
        long gauge = dial(eskarn);
        calibrate(keeping, eskarn, gauge, "");
        Work work = open(eskarn, FACE);
        work.bean(GaugeUseService.class).choose(work.number(), FACE, gauge, null, "", work.version(), work.id(MARA));
        work.prepare(MARA).sweep(MARA, "0 24 30 6 7.5 19 24.5 10 0");
        assertThat(part(work, Source.CALIBRATION)).isZero();
        double before = part(work, Source.GAUGE_ERROR);
        for (String wrong : new String[] {"0: 0", "0: 0; 50", "50: 0; 10: 1", "0: 0; 100: 40"}) {
            assertThatThrownBy(() -> calibrate(keeping, eskarn, gauge, wrong)).isInstanceOf(FormRefused.class);
        }
        calibrate(keeping, eskarn, gauge, "0: 0; 100: 0.4; 200: 0.2");
        assertThat(part(work, Source.CALIBRATION)).isPositive();
        assertThat(part(work, Source.GAUGE_ERROR)).isLessThan(before);
    }

    private static void calibrate(GaugeChangeService keeping, Eskarn eskarn, long gauge, String points)
            throws FormRefused {
        keeping.calibrate(
                gauge,
                eskarn.bean(GaugeService.class).find(gauge).orElseThrow().version(),
                new CalibrationForm(
                        Eskarn.today().toString(), "Ilse Varn", Calibration.Result.GOOD, points, null, "0.3", "", ""),
                eskarn.account("i.varn").id());
    }

    /** A dial that no other test reads with: like LI-4. */
    private static long dial(Eskarn eskarn) {
        GaugeService gauges = eskarn.bean(GaugeService.class);
        Gauge like = gauges.all().stream()
                .filter(each -> each.mark().equals("LI-4"))
                .findFirst()
                .orElseThrow();
        String mark = "LI-T" + System.nanoTime() % 10_000_000;
        gauges.add(new Gauge(
                0,
                mark,
                like.name(),
                like.kind(),
                like.graduation(),
                like.graduationUnit(),
                like.errorLimit(),
                like.errorLimitUnit(),
                like.travel(),
                like.travelUnit(),
                like.readingUnit(),
                null,
                null,
                like.place(),
                like.nextDue(),
                "",
                "",
                like.status(),
                12,
                null,
                like.perTurn(),
                null,
                null,
                null,
                "",
                null,
                null,
                null,
                0,
                false));
        return gauges.all().stream()
                .filter(each -> each.mark().equals(mark))
                .findFirst()
                .orElseThrow()
                .id();
    }
}
