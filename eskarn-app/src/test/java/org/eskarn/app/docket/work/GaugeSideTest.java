package org.eskarn.app.docket.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import javax.sql.DataSource;
import org.eskarn.app.docket.AttemptKind;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.DocketService.Opening;
import org.eskarn.app.docket.Question;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.Step;
import org.eskarn.app.docket.TakenReading;
import org.eskarn.app.docket.work.CorrectionService.CorrectionsForm;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.gauge.GaugeChangeService;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.app.gauge.GaugeStatus;
import org.eskarn.app.ledger.LedgerService;
import org.eskarn.app.ledger.SigningRefused;
import org.eskarn.app.page.WorkDone;
import org.eskarn.app.part.PartService;
import org.eskarn.app.part.Preparation;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.eskarn.app.trust.SignedUses;
import org.eskarn.app.trust.TraceService;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Zero, corrections, the simulated indicator and trace back, on a real database file. */
@ExtendWith(RunningEskarn.class)
class GaugeSideTest {

    private Eskarn eskarn;
    private DocketService dockets;
    private SetUpService setUps;
    private ReadingService readings;
    private long by;
    private int number;
    private int position;

    @BeforeEach
    void beans(Eskarn running) {
        eskarn = running;
        dockets = running.bean(DocketService.class);
        setUps = running.bean(SetUpService.class);
        readings = running.bean(ReadingService.class);
        by = running.account("m.quill").id();
    }

    private void open(String drawing, String revision, int requirement) {
        long part = eskarn.bean(PartService.class)
                .byNumber(drawing, revision)
                .orElseThrow()
                .id();
        number = dockets.open(new Opening(part, "S-1", 1, 1, "final", "tests", Eskarn.later()), by);
        position = requirement;
    }

    private SetUp setUp() {
        return dockets.find(number).orElseThrow().at(position).orElseThrow();
    }

    private int version() {
        return setUp().version();
    }

    private void confirm(Step step) throws DocketConflict {
        setUps.confirm(number, position, step, version(), by);
    }

    private void upToZero() throws DocketConflict {
        confirm(Step.REQUIRE);
        confirm(Step.GAUGE);
        for (Preparation line : setUp().requirement().preparations()) {
            setUps.tick(number, position, line.id(), version(), by);
        }
    }

    private void sweep(String... typed) throws Exception {
        List<TypedReading> all = new ArrayList<>();
        long sweep = setUp().sweep().id();
        int stand = setUp().sweep().readings().size();
        for (String each : typed) {
            int place = stand + all.size() + 1;
            all.add(TypedReading.ofKeypad(sweep, place, each, "g" + place));
        }
        readings.takeAll(number, position, all, by);
    }

    /** A bore that is read with a bore gauge, set on a ring of 72 mm. */
    private void openBore() throws DocketConflict {
        open("TG-120", "B", 2);
        eskarn.bean(GaugeUseService.class)
                .choose(number, position, gauge("BG-1"), null, "found good again this morning", version(), by);
        upToZero();
    }

    private long gauge(String mark) {
        return eskarn.bean(GaugeService.class).all().stream()
                .filter(gauge -> gauge.mark().equals(mark))
                .findFirst()
                .orElseThrow()
                .id();
    }

    @Test
    void theDeviationOfTheMasterIsInEverySize() throws Exception {
        ZeroService zeros = eskarn.bean(ZeroService.class);
        openBore();
        assertThatThrownBy(() -> zeros.set(number, position, 1, gauge("SD-45"), "0", version(), by))
                .hasMessageContaining("is not near 72.000 mm");
        zeros.set(number, position, 1, gauge("SR-72"), "0", version(), by);
        sweep("4", "6", "9", "12", "14", "18");
        // The ring is 0.8 µm larger than 72: so is every size.
        assertThat(setUp().verdict().value()).isCloseTo(72_004.8, within(1e-6));
        assertThat(setUp().sweep().readings().get(0).typed()).isEqualTo("4");
        assertThat(setUp().acceptable()).isTrue();
        zeros.recheck(number, position, 1, "1", version(), by);
        assertThat(setUp().acceptable()).isTrue();
        assertThatThrownBy(() -> zeros.recheck(number, position, 1, "9", version(), by))
                .hasMessageContaining("has already been read again (1)");
        assertThatThrownBy(() -> zeros.set(number, position, 1, gauge("SR-72"), "0", version(), by))
                .hasMessageContaining("This zero already has readings");
    }

    @Test
    void aMasterPastItsDateIsCalledThatOnTheRecord() throws Exception {
        openBore();
        LocalDate due = register(gauge("SR-72")).nextDue();
        dueOn("SR-72", Eskarn.today().minusDays(1));
        try {
            eskarn.bean(ZeroService.class).set(number, position, 1, gauge("SR-72"), "0", version(), by);
            assertThat(setUp().sweep().zeros().get(0).master()).endsWith(", calibration overdue");
        } finally {
            dueOn("SR-72", due);
        }
    }

    /** A ring found off puts in question what was read on its zero, and no sweep on that zero is accepted any more. */
    @Test
    void aMasterFoundOffIsTracedBackLikeAGauge() throws Exception {
        TraceService tracing = eskarn.bean(TraceService.class);
        openBore();
        long ring = gauge("SR-72");
        LocalDate since = Eskarn.today().minusDays(1);
        Length large = Length.of("60", LengthUnit.MICROMETRE);
        eskarn.bean(ZeroService.class).set(number, position, 1, ring, "0", version(), by);
        assertThat(changing(tracing, ring, large, since)).doesNotContain(number);
        sweep("4", "6", "9", "12", "14", "18");
        assertThat(changing(tracing, ring, large, since)).contains(number);
        assertThat(eskarn.bean(WorkDone.class).withGauge(ring))
                .extracting(WorkDone.Line::number)
                .contains(number);
        assertThat(eskarn.bean(GaugeService.class).usesOf(ring)).isPositive();
        tracing.question(ring, large, since, true, by);
        try {
            assertThatThrownBy(() -> confirm(Step.PROVE))
                    .hasMessage(
                            "SR-72 is now in question. Set aside what was read on its zero, then set the zero on another master.");
        } finally {
            backInService(ring);
        }
        confirm(Step.PROVE);
        confirm(Step.VERDICT);
        Work work = new Work(eskarn.context(), number, 2).leaveOthersOut("m.quill");
        // Whoever signs it says why it stands: a pass in question is signed by nobody who does not know.
        assertThatThrownBy(() -> work.sign("m.quill", ""))
                .hasMessageContaining(
                        "In question because a gauge was found off: Size of bearing bore 1. Enter why it still stands");
        LedgerService ledger = eskarn.bean(LedgerService.class);
        String seen = ledger.contentHash(work.docket());
        List<Long> before =
                tracing.questions(gauge("BG-1")).stream().map(Question::id).toList();
        tracing.question(gauge("BG-1"), large, since, false, by);
        assertThatThrownBy(() -> ledger.sign(number, seen, "seen before", eskarn.account("m.quill")))
                .as("put in question between the page and the password")
                .isInstanceOf(SigningRefused.class);
        work.sign("m.quill", "the ring was read again and is good");
        assertThat(changing(tracing, ring, large, since)).contains(number);
        for (long each : List.of(ring, gauge("BG-1"))) {
            for (Question other : tracing.questions(each)) {
                if (other.settledAt() == null && !before.contains(other.id())) {
                    tracing.settle(other.id(), "test is over", by);
                }
            }
        }
    }

    private void dueOn(String mark, LocalDate day) {
        JdbcClient.create(eskarn.bean(DataSource.class))
                .sql("update gauge set next_due = ? where id = ?")
                .params(day, gauge(mark))
                .update();
    }

    @ParameterizedTest
    @CsvSource({
        "'', 75, from 0 to less than 60 degrees",
        "'', -3, from 0 to less than 60 degrees",
        "soft, '', Enter the reading as a number",
        "-1800, '', exceeds the travel",
        "6, '', can only droop",
        "'', 1.2.3, Enter the angle as a number"
    })
    void aCorrectionThatCannotBeIsRefused(String sag, String lever, String says) {
        open("TG-110", "C", 1);
        CorrectionService corrections = eskarn.bean(CorrectionService.class);
        assertThatThrownBy(() -> corrections.set(
                        number, position, new CorrectionsForm(false, sag, lever, "measured"), version(), by))
                .hasMessageContaining(says);
        assertThat(setUp().corrections().none()).isTrue();
    }

    @Test
    void aMicrometerHasNoLeverAndNoArm() {
        open("TG-113", "A", 1);
        CorrectionService corrections = eskarn.bean(CorrectionService.class);
        assertThatThrownBy(() -> corrections.set(
                        number, position, new CorrectionsForm(false, "", "30", "measured"), version(), by))
                .hasMessageContaining("A micrometer has no lever");
    }

    /** It reads 2 µm too much on a stack of the seat's size, so every size is 2 µm smaller, but for what the stack is off. */
    @Test
    void whatAMicrometerReadsTooMuchOnItsMasterIsTakenOff() throws Exception {
        ZeroService zeros = eskarn.bean(ZeroService.class);
        open("TG-113", "A", 1);
        upToZero();
        assertThatThrownBy(() -> zeros.set(number, position, 1, gauge("GB-88"), "38.6", version(), by))
                .hasMessageContaining("[MO-2, 38 mm, 38.6]");
        zeros.set(number, position, 1, gauge("GB-88"), "38.002", version(), by);
        double stack = setUp().sweep().zeros().get(0).deviation().doubleValue();
        sweep("38.010", "38.010", "38.010", "38.010", "38.010", "38.010", "38.010", "38.010");
        assertThat(setUp().verdict().value()).isCloseTo(38_008 + stack, within(1e-3));
        zeros.recheck(number, position, 1, "38.003", version(), by);
        assertThat(setUp().sweep().zeros().get(0).drift()).isCloseTo(1, within(1e-9));
    }

    @Test
    void sagAndLeverChangeTheFigureAndNotWhatWasTyped() throws Exception {
        open("TG-110", "C", 1);
        upToZero();
        confirm(Step.ZERO);
        sweep("0", "2", "4", "6", "8", "6", "4", "2", "0");
        confirm(Step.PROVE);
        confirm(Step.VERDICT);
        assertThat(setUp().verdict().value()).isEqualTo(8);
        CorrectionService corrections = eskarn.bean(CorrectionService.class);
        // Nobody takes a failing figure down without saying why.
        assertThatThrownBy(() ->
                        corrections.set(number, position, new CorrectionsForm(false, "-3", "30", " "), version(), by))
                .hasMessageContaining("Readings already exist: enter how the sag or angle was determined");
        corrections.set(
                number, position, new CorrectionsForm(false, "-3", "30", "stiff mandrel, protractor"), version(), by);
        assertThat(setUp().correctionsReason()).isEqualTo("stiff mandrel, protractor");
        assertThat(setUp().correctionsByName()).isEqualTo("Mara Quill");
        // At the bottom: 8 · cos 30° + 2 · 1.5; at the top 0.
        assertThat(setUp().verdict().value()).isCloseTo(8 * Math.sqrt(0.75) + 3, within(1e-9));
        assertThat(setUp().sweep().readings().get(4).typed()).isEqualTo("8");
        assertThat(setUp().settled()).isFalse();
    }

    @Test
    void theSimulatedIndicatorSendsTextLikeAGaugeAndRepeats() throws Exception {
        SimulatedGauge simulated = eskarn.bean(SimulatedGauge.class);
        open("TG-110", "C", 1);
        simulated.put(number, position, Optional.of(42L), version(), by);
        upToZero();
        simulated.zero(number, position, version(), by);
        confirm(Step.ZERO);
        long sweep = setUp().sweep().id();
        for (int place = 1; place <= 9; place++) {
            simulated.take(number, position, sweep, place, "sim-" + place, by);
        }
        assertThat(setUp().sweep().complete()).isTrue();
        assertThat(setUp().sweep().simulated()).isTrue();
        assertThat(setUp().sweep().readings())
                .allSatisfy(reading -> assertThat(reading.typed()).matches("[+-]?\\d+(\\.5)? µm"));
        List<String> first =
                setUp().sweep().readings().stream().map(TakenReading::typed).toList();

        open("TG-110", "C", 1);
        simulated.put(number, position, Optional.of(42L), version(), by);
        upToZero();
        simulated.zero(number, position, version(), by);
        confirm(Step.ZERO);
        simulated.take(number, position, setUp().sweep().id(), 1, "sim", by);
        simulated.take(number, position, setUp().sweep().id(), 2, "sim2", by);
        assertThat(setUp().sweep().readings())
                .extracting(TakenReading::typed)
                .containsExactly(first.get(0), first.get(1));
        assertThatThrownBy(() -> simulated.put(number, position, Optional.empty(), version(), by))
                .hasMessageContaining("before the first reading");
    }

    @Test
    void aTraceFindsWhatRestsOnTheGaugeAndQuestionsItOnce() throws Exception {
        TraceService tracing = eskarn.bean(TraceService.class);
        open("TG-110", "C", 1);
        upToZero();
        confirm(Step.ZERO);
        sweep("0", "4", "9", "14", "19", "14", "9", "4", "0");
        long lever = setUp().sweep().gauge().id();
        LocalDate since = Eskarn.today().minusDays(1);
        Length small = Length.of("0.5", LengthUnit.MICROMETRE);
        Length large = Length.of("2", LengthUnit.MICROMETRE);
        assertThat(changing(tracing, lever, small, since)).doesNotContain(number);
        assertThat(changing(tracing, lever, large, since)).contains(number);
        assertThat(tracing.trace(lever, large, Eskarn.today().plusDays(2), 0).shown())
                .isEmpty();
        assertThat(tracing.question(lever, large, since, false, by)).isPositive();
        assertThat(register(lever).status()).isEqualTo(GaugeStatus.IN_SERVICE);
        assertThat(tracing.question(lever, large, since, true, by)).isZero();
        assertThat(register(lever).status()).isEqualTo(GaugeStatus.IN_QUESTION);
        backInService(lever);
        Question mine = tracing.questions(lever).stream()
                .filter(question -> question.number() == number)
                .findFirst()
                .orElseThrow();
        assertThatThrownBy(() -> tracing.settle(mine.id(), " ", by))
                .hasMessageContaining(
                        "Enter why it is still valid or where it was rechecked, in at most 200 characters");
        tracing.settle(mine.id(), "rechecked", by);
        assertThatThrownBy(() -> tracing.settle(mine.id(), "again", by))
                .hasMessageContaining("Somebody else has settled this: this is its current state");
        for (Question other : tracing.questions(lever)) {
            if (other.settledAt() == null) {
                tracing.settle(other.id(), "test is over", by);
            }
        }
    }

    /** Chosen while it was good, read after it was found off: nothing is read on it until somebody says why. */
    @Test
    void aGaugeThatWentOutOfServiceSinceItWasChosenIsReadWithAReasonOnly() throws Exception {
        open("TG-110", "C", 1);
        upToZero();
        long lever = setUp().sweep().gauge().id();
        String mark = setUp().sweep().gauge().mark();
        eskarn.bean(GaugeChangeService.class).report(lever, "it fell", by);
        try {
            assertThatThrownBy(() -> confirm(Step.ZERO)).hasMessageStartingWith(mark + " is now in question");
            backInService(lever);
            confirm(Step.ZERO);
            eskarn.bean(GaugeChangeService.class).report(lever, "it fell again", by);
            assertThatThrownBy(() -> sweep("0")).hasMessageStartingWith(mark + " is now in question");
            assertThat(setUp().sweep().touched()).isFalse();
            eskarn.bean(GaugeUseService.class).choose(number, position, lever, null, "no other is free", version(), by);
            confirm(Step.GAUGE);
            confirm(Step.ZERO);
            sweep("0");
            assertThat(setUp().sweep().readings()).hasSize(1);
            assertThat(setUp().sweep().overrideReason()).isEqualTo("no other is free");
            sweep("2", "4", "6", "8", "6", "4", "2", "0");
            confirm(Step.PROVE);
        } finally {
            backInService(lever);
        }
    }

    /** Found off while it was being read: whoever traced it back found no verdict, so none comes of this sweep. */
    @Test
    void aSweepIsNotProvenOnAGaugeThatWasFoundOffMeanwhile() throws Exception {
        open("TG-110", "C", 1);
        upToZero();
        confirm(Step.ZERO);
        sweep("0", "2", "4");
        long lever = setUp().sweep().gauge().id();
        eskarn.bean(TraceService.class)
                .question(lever, Length.of("40", LengthUnit.MICROMETRE), Eskarn.today(), true, by);
        try {
            sweep("6", "8", "6", "4", "2", "0");
            assertThatThrownBy(() -> confirm(Step.PROVE))
                    .hasMessageContaining("is now in question. Set aside what was read with it");
            another();
            assertThat(setUp().settled()).isFalse();
        } finally {
            backInService(lever);
        }
    }

    /** Nor is it hidden behind a second inspector, or one more sweep read with another gauge. */
    private void another() throws Exception {
        assertThatThrownBy(() -> setUps.begin(
                        number,
                        position,
                        AttemptKind.SECOND_INSPECTOR,
                        "",
                        version(),
                        eskarn.account("t.ashdale").id()))
                .hasMessageContaining("Set aside what was read with it");
        setUps.sweepAgain(number, position, version(), by);
        eskarn.bean(GaugeUseService.class).choose(number, position, gauge("LI-2"), null, "", version(), by);
        confirm(Step.GAUGE);
        confirm(Step.ZERO);
        sweep("0", "2", "4", "6", "8", "6", "4", "2", "0");
        assertThatThrownBy(() -> confirm(Step.PROVE)).hasMessageContaining("Set aside what was read with it");
    }

    @Test
    void whatWasAcceptedBeforeAGaugeWasFoundOffHindersNoOtherSweep() throws Exception {
        open("TG-110", "C", 1);
        upToZero();
        confirm(Step.ZERO);
        sweep("0", "2", "4", "6", "8", "6", "4", "2", "0");
        confirm(Step.PROVE);
        long lever = setUp().sweep().gauge().id();
        eskarn.bean(GaugeChangeService.class).report(lever, "it fell", by);
        try {
            setUps.sweepAgain(number, position, version(), by);
            eskarn.bean(GaugeUseService.class).choose(number, position, gauge("LI-2"), null, "", version(), by);
            confirm(Step.GAUGE);
            confirm(Step.ZERO);
            sweep("0", "2", "4", "6", "8", "6", "4", "2", "0");
            confirm(Step.PROVE);
            assertThat(setUp().attempt().counted()).hasSize(2);
        } finally {
            backInService(lever);
        }
    }

    private Gauge register(long id) {
        return eskarn.bean(GaugeService.class).find(id).orElseThrow();
    }

    private void backInService(long id) throws Exception {
        eskarn.bean(GaugeChangeService.class)
                .setStatus(id, register(id).version(), GaugeStatus.IN_SERVICE, "test is over", by);
    }

    /** Several checks of one signed docket at once, of which each finds nothing kept, or something that is not so. */
    @Test
    void theIndexOfASignedDocketIsMadeAnewByWhoeverComesFirst() throws Exception {
        open("TG-110", "C", 1);
        upToZero();
        confirm(Step.ZERO);
        sweep("0", "4", "9", "14", "19", "14", "9", "4", "0");
        long lever = setUp().sweep().gauge().id();
        new Work(eskarn.context(), number, 1)
                .confirm("m.quill", Step.PROVE, Step.VERDICT)
                .sign("m.quill", "kept");
        SignedUses uses = eskarn.bean(SignedUses.class);
        JdbcClient rows = JdbcClient.create(eskarn.bean(DataSource.class));
        // Its own check in the background comes first.
        while (rows.sql(
                                "select count(*) from document_check c join signed_document d on d.number = c.number where d.docket_number = ?")
                        .param(number)
                        .query(Integer.class)
                        .single()
                == 0) {
            Thread.onSpinWait();
        }
        Docket docket = dockets.find(number).orElseThrow();
        Length large = Length.of("2", LengthUnit.MICROMETRE);
        LocalDate since = Eskarn.today().minusDays(1);
        for (String spoilt : List.of(
                "delete from signed_use where set_up_id = ?",
                "update signed_use set turns_at = null where set_up_id = ?",
                "update signed_use set read_at = timestamp with time zone '2001-01-01 00:00:00+00' where set_up_id = ?")) {
            rows.sql(spoilt).param(setUp().id()).update();
            assertThat(changing(eskarn.bean(TraceService.class), lever, large, since))
                    .doesNotContain(number);
            ExecutorService together = Executors.newFixedThreadPool(4);
            for (Future<?> each :
                    together.invokeAll(Collections.nCopies(4, Executors.callable(() -> uses.keep(docket))))) {
                each.get();
            }
            together.shutdown();
            assertThat(changing(eskarn.bean(TraceService.class), lever, large, since))
                    .contains(number);
        }
    }

    private static List<Integer> changing(TraceService tracing, long gauge, Length error, LocalDate since) {
        return tracing.trace(gauge, error, since, 0).shown().stream()
                .filter(TraceService.Touched::changes)
                .map(touched -> touched.docket().number())
                .toList();
    }
}
