package org.eskarn.app.docket.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.util.List;
import org.eskarn.app.docket.AttemptKind;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.DocketService.Opening;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.Step;
import org.eskarn.app.docket.work.CircumstanceService.CircumstanceForm;
import org.eskarn.app.docket.work.CorrectionService.CorrectionsForm;
import org.eskarn.app.ledger.LedgerVerification;
import org.eskarn.app.part.PartChangeService;
import org.eskarn.app.part.PartChangeService.FeatureForm;
import org.eskarn.app.part.PartChangeService.PartForm;
import org.eskarn.app.part.SheetService;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.Outcome;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What requirements of one piece share, on a real database. */
@ExtendWith(RunningEskarn.class)
class SharingServiceTest {

    private static final String MARA = "m.quill";
    private static final String TOBIN = "t.ashdale";
    private static final String RING = "0 2 5.5 9 12.5 9.5 5 2 0.5";

    private Eskarn eskarn;
    private SharingService sharing;
    private int drawing;

    @BeforeEach
    void beans(Eskarn running) {
        eskarn = running;
        sharing = running.bean(SharingService.class);
    }

    /** A docket of a part with two journals, a bore and a face, whose requirements are said in lines. */
    private Work open(String... lines) throws Exception {
        PartChangeService editing = eskarn.bean(PartChangeService.class);
        long part = editing.create(new PartForm("TG-S" + System.nanoTime() + drawing++, "A", "Shared shaft", "", ""));
        int version = 0;
        for (String feature : List.of("Journal A;A;40", "Journal B;B;45", "Bore;C;22", "Face;D;")) {
            String[] said = feature.split(";", -1);
            editing.saveFeature(
                    part,
                    version++,
                    0,
                    new FeatureForm(
                            said[0],
                            said[1],
                            said[0].equals("Bore") ? SurfaceSide.INSIDE : SurfaceSide.OUTSIDE,
                            said[2],
                            LengthUnit.MILLIMETRE,
                            "the left"));
        }
        editing.addLines(
                part,
                version,
                String.join("\n", lines),
                eskarn.bean(SheetService.class).texts());
        Work work = new Work(eskarn.context(), 0, 1);
        int number = eskarn.bean(DocketService.class)
                .open(new Opening(part, "S-1", 1, 1, "final", "tests", Eskarn.later()), work.id(MARA));
        return new Work(eskarn.context(), number, 1);
    }

    private static List<Long> led(Work work) {
        Docket docket = work.docket();
        return docket.setUps().stream()
                .map(setUp -> docket.setUps().stream()
                        .filter(other -> other.id() == setUp.readId())
                        .map(other -> (long) other.requirement().position())
                        .findFirst()
                        .orElseThrow())
                .toList();
    }

    @Test
    void whatOneSetOfReadingsAnswersIsReadOnce() throws Exception {
        assertThat(led(open("runout 0.02 8 of A", "round 0.006 8 of A", "runout 0.02 8 of B", "round 0.006 12 of A")))
                .containsExactly(1L, 1L, 3L, 4L);
        Work bore = open("bore 22 H7 3x2 30 of C", "taper 0.008 3x2 30 of C", "oval 0.006 3x2 30 of C");
        assertThat(led(bore)).containsExactly(1L, 1L, 1L);
        assertThat(bore.setUp().sweep().gauge().mark()).isEqualTo("BG-2");
        assertThat(led(open(
                        "flat 0.03 4x3 300 200 of D",
                        "parallel 0.05 4x3 300 200 of D",
                        "parallel 0.05 corners 300 200 of D")))
                .containsExactly(1L, 1L, 3L);
    }

    /** Readings about one axis say nothing about another. */
    @Test
    void whatIsHeldToAnotherDatumIsReadByItself() throws Exception {
        assertThat(led(open(
                        "runout 0.02 8 to B of A",
                        "runout 0.02 8 to C of A",
                        "round 0.006 8 of A",
                        "runout 0.03 8 to B of A")))
                .containsExactly(1L, 2L, 1L, 1L);
        // Between those of two data one without a datum belongs to the first that came.
        assertThat(led(open("round 0.006 8 of A", "runout 0.02 8 to B of A", "runout 0.02 8 to C of A")))
                .containsExactly(1L, 1L, 3L);
    }

    @Test
    void oneRingIsJudgedTwiceAndSignedInOrder() throws Exception {
        Work work = open("runout 0.02 8 of A", "round 0.006 8 of A");
        work.prepare(MARA).sweep(MARA, RING).confirm(MARA, Step.VERDICT);
        SetUp second = work.at(2).setUp();
        assertThat(second.current()).isEqualTo(Step.REQUIRE);
        assertThat(second.verdict().value())
                .isNotNull()
                .isNotEqualTo(work.setUp().verdict().value());
        work.at(2).confirm(MARA, Step.REQUIRE, Step.VERDICT);
        assertThat(work.docket().settled()).isTrue();
        work.sign(MARA, "");
        assertThat(work.docket().outcome()).isEqualTo(Outcome.PASS);
        assertThat(eskarn.bean(LedgerVerification.class)
                        .verify(Path.of(String.valueOf(
                                        eskarn.context().getEnvironment().getProperty("eskarn.data")))
                                .resolve("eskarn.heads"))
                        .problem())
                .isEmpty();
    }

    @Test
    void aReadingCanBeTakenAtEitherAndIsCorrectedForBoth() throws Exception {
        Work work = open("runout 0.02 8 of A", "round 0.006 8 of A");
        work.prepare(MARA).zero(MARA).read(MARA, "0 2 5.5 9");
        work.at(2).confirm(MARA, Step.REQUIRE).read(MARA, "12.5 9.5 5 2 0.5").confirm(MARA, Step.PROVE, Step.VERDICT);
        work.confirm(MARA, Step.VERDICT);
        assertThat(work.docket().settled()).isTrue();
        // A page of the one that was made before the other changed is an old page.
        int seen = work.version();
        work.bean(ReadingService.class)
                .correct(
                        work.number(),
                        2,
                        TypedReading.ofKeypad(work.setUp().sweep().id(), 5, "42.5", "again"),
                        "misread",
                        work.at(2).version(),
                        work.id(MARA));
        assertThatThrownBy(
                        () -> work.bean(SetUpService.class).confirm(work.number(), 1, Step.PROVE, seen, work.id(MARA)))
                .isInstanceOf(DocketConflict.class);
        // Neither verdict stands on the reading of before.
        assertThat(work.docket().setUps()).noneMatch(SetUp::settled);
        assertThat(work.setUp().verdict().outcome()).isEqualTo(Outcome.FAIL);
        assertThat(work.setUp().current()).isEqualTo(Step.PROVE);
    }

    @Test
    void anotherAttemptIsAnotherAttemptOfBoth() throws Exception {
        Work work = open("runout 0.02 8 of A", "round 0.006 8 of A");
        work.judge(MARA, RING);
        work.at(2).confirm(MARA, Step.REQUIRE, Step.VERDICT);
        work.at(2).begin(TOBIN, AttemptKind.SECOND_INSPECTOR, "");
        assertThat(work.docket().setUps()).allMatch(SetUp::blind).noneMatch(SetUp::settled);
        work.sweep(TOBIN, RING).confirm(TOBIN, Step.VERDICT);
        assertThat(work.at(2).setUp().blind()).isFalse();
        assertThat(work.at(2).setUp().settled()).isFalse();
    }

    @Test
    void whoeverWantsReadingsOfItsOwnGetsAnEmptyList() throws Exception {
        Work work = open("runout 0.02 8 of A", "round 0.006 8 of A");
        Work second = work.at(2).confirm(MARA, Step.REQUIRE);
        sharing.readAlone(work.number(), 2, second.version(), work.id(MARA));
        work.judge(MARA, RING);
        assertThat(second.setUp().sweep().touched()).isFalse();
        assertThat(second.setUp().current()).isEqualTo(Step.GAUGE);
        assertThatThrownBy(() -> sharing.readAlone(work.number(), 2, second.version(), work.id(MARA)))
                .isInstanceOf(DocketConflict.class);
        second.confirm(MARA, Step.GAUGE)
                .ticked(MARA)
                .sweep(MARA, "0 1 2 3 4 3 2 1 0")
                .confirm(MARA, Step.VERDICT);
        work.sign(MARA, "");
    }

    /** Or whoever does not like what the shared readings say of it would read until others say better. */
    @Test
    void afterTheFirstReadingNoneIsSeparatedAnyMore() throws Exception {
        Work work = open("runout 0.02 8 of A", "round 0.001 8 of A");
        work.prepare(MARA).zero(MARA).read(MARA, "0");
        assertSeparationRefused(work.at(2));
        work.bean(ReadingService.class)
                .takeBack(work.number(), 1, work.setUp().sweep().id(), 1, work.id(MARA));
        assertSeparationRefused(work.at(2));
        work.read(MARA, RING).confirm(MARA, Step.PROVE);
        assertThat(work.at(2).setUp().verdict().outcome()).isNotEqualTo(Outcome.PASS);
        assertSeparationRefused(work.at(2));
    }

    private void assertSeparationRefused(Work work) {
        assertThatThrownBy(() -> sharing.readAlone(work.number(), work.position(), work.version(), work.id(MARA)))
                .isInstanceOf(DocketConflict.class)
                .hasMessageContaining("Readings were taken for both");
    }

    @Test
    void aSetUpThatStandsIsConfirmedWithOneStatement() throws Exception {
        Work work =
                open("runout 0.02 8 of A", "runout 0.02 8 of B", "flat 0.03 4x3 300 200 of D", "runout 0.01 12 of A");
        Work second = work.at(2);
        assertRefused(second, 1);
        work.prepare(MARA);
        work.bean(CircumstanceService.class)
                .say(
                        work.number(),
                        1,
                        new CircumstanceForm("", "", "", "0.5", null, ""),
                        work.version(),
                        work.id(MARA));
        work.sweep(MARA, RING).confirm(MARA, Step.VERDICT);
        sharing.sameSetUp(work.number(), 2, 1, second.version(), work.id(TOBIN));
        assertThat(second.setUp().current()).isEqualTo(Step.ZERO);
        assertThat(second.setUp().confirmation(Step.GAUGE).orElseThrow().doneByName())
                .isEqualTo("Tobin Ashdale");
        assertThat(second.setUp().preparationsDone())
                .allMatch(done -> done.doneByName().equals("Tobin Ashdale"));
        // The holder flexes no less because it was said at the other requirement.
        assertThat(second.setUp().circumstance().orElseThrow().flex()).isEqualByComparingTo("0.5");
        assertThatThrownBy(() -> sharing.sameSetUp(work.number(), 2, 1, second.version(), work.id(MARA)))
                .isInstanceOf(DocketConflict.class);

        // The part went to the plate in between: it is to be set up between the centres anew.
        work.at(3).prepare(MARA);
        assertRefused(work.at(4), 1);
    }

    /** What is true of one surface, one person's eyes or one hour is not carried on. */
    @Test
    void aSetUpCarriesOnWhatStaysTrueAlone() throws Exception {
        Work work = open("runout 0.02 8 of A", "runout 0.02 8 of B");
        work.bean(GaugeUseService.class)
                .choose(work.number(), 1, work.gauge("LI-7"), null, "", work.version(), work.id(MARA));
        work.prepare(MARA);
        work.bean(CorrectionService.class)
                .set(work.number(), 1, new CorrectionsForm(false, "-6", "20", ""), work.version(), work.id(MARA));
        work.bean(GaugeUseService.class).seeUnit(work.number(), 1, work.version(), work.id(MARA));
        Work second = work.at(2);
        sharing.sameSetUp(work.number(), 2, 1, second.version(), work.id(TOBIN));
        assertThat(second.setUp().sag()).isEqualByComparingTo(work.setUp().sag());
        assertThat(second.setUp().lever()).isNull();
        assertThat(second.setUp().sweep().gauge().mark()).isEqualTo("LI-7");
        assertThat(second.setUp().unitUnseen())
                .as("Tobin has not seen the unit")
                .isTrue();
    }

    @Test
    void aGaugeTooCoarseOrAnotherThanTheOneNamedIsNotCarriedOn() throws Exception {
        Work work = open("runout 0.05 8 of A", "runout 0.002 8 of B");
        work.prepare(MARA);
        assertRefused(work.at(2), 1);
    }

    @Test
    void anotherDatumIsAnotherSetUp() throws Exception {
        Work work = open("runout 0.02 8 to C of A", "runout 0.02 8 to D of B");
        work.prepare(MARA);
        assertRefused(work.at(2), 1);
    }

    @Test
    void aSetUpDoesNotStandAfterACorrection() throws Exception {
        Work work = open("runout 0.02 8 of A", "runout 0.02 8 of B");
        work.judge(MARA, "0 2 5.5 19 32.5 19.5 5 2 0.5");
        work.begin(MARA, AttemptKind.CORRECTED, "reground");
        assertRefused(work.at(2), 1);
    }

    @Test
    void anOverdueGaugeIsNotCarriedOn() throws Exception {
        Work work = open("runout 0.02 8 of A", "runout 0.02 8 of B");
        work.bean(GaugeUseService.class)
                .choose(work.number(), 1, work.gauge("PI-9"), null, "no other is free", work.version(), work.id(MARA));
        work.prepare(MARA);
        assertRefused(work.at(2), 1);
    }

    private void assertRefused(Work work, int as) {
        assertThatThrownBy(() -> sharing.sameSetUp(work.number(), work.position(), as, work.version(), work.id(MARA)))
                .isInstanceOf(DocketConflict.class)
                .hasMessageContaining("no longer valid");
        assertThat(work.setUp().current()).isEqualTo(Step.REQUIRE);
    }
}
