package org.eskarn.app.docket.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;
import org.eskarn.app.docket.AttemptKind;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.InspectorWords;
import org.eskarn.app.docket.SetAside;
import org.eskarn.app.docket.SetAsideCause;
import org.eskarn.app.docket.Step;
import org.eskarn.app.docket.SweepRecord;
import org.eskarn.app.docket.VerdictWords;
import org.eskarn.app.page.Display;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.Outcome;
import org.eskarn.core.verdict.Verdict.Because;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What counts, who said so, and that nothing which was read is lost or hidden. At most 20 µm, simple acceptance, U 1.5. */
@ExtendWith(RunningEskarn.class)
class EvidenceServiceTest {

    private static final String MARA = "m.quill";
    private static final String TOBIN = "t.ashdale";
    private static final String WENNA = "w.sorrel";

    private static final String TWELVE = "0 2 5 9 12 9 5 2 0";
    private static final String TWELVE_AND_A_HALF = "0 2 5 9 12.5 9 5 2 0";
    private static final String NINETEEN = "0 4 9 14 19 14 9 4 0";
    private static final String TWENTY_AND_A_HALF = "0 4 9 14 20.5 14 9 4 0";
    private static final String TWENTY_SIX = "0 6 13 20 26 20 13 6 0";

    private Work work;

    @BeforeEach
    void open(Eskarn eskarn) throws Exception {
        work = Work.open(eskarn.context(), "TG-110", "C", 1, TOBIN);
    }

    private @Nullable Because because() {
        return work.setUp().verdict().because();
    }

    @Test
    void whoReadIsWhoTypedAndNotWhoOpened() throws Exception {
        work.prepare(MARA).zero(MARA).read(MARA, "0 2 5 9").read(WENNA, "12 9 5 2 0");
        SweepRecord sweep = work.setUp().sweep();
        assertThat(sweep.readBy()).isEqualTo("Mara Quill (1–4), Wenna Sorrel (5–8, return)");
        assertThat(sweep.readFrom()).contains(sweep.readings().get(0).takenAt());
        assertThat(sweep.readTo()).contains(sweep.readings().get(8).takenAt());
        assertThat(work.setUp().attempt().readBy()).doesNotContain("Tobin");
    }

    @Test
    void aSecondInspectorTookNoReadingBeforeWhoeverOpenedTheDocket() throws Exception {
        work.judge(MARA, TWELVE);
        assertThatThrownBy(() -> work.begin(MARA, AttemptKind.SECOND_INSPECTOR, ""))
                .hasMessageContaining(
                        "You have already measured this: a second inspector must not have taken any reading");
        work.begin(TOBIN, AttemptKind.SECOND_INSPECTOR, "").zero(TOBIN);
        assertThatThrownBy(() -> work.read(MARA, "0"))
                .hasMessageContaining(
                        "You have already measured this: somebody else must take the second inspector’s sweep");
        work.read(TOBIN, "0 2");
        assertThatThrownBy(() -> work.bean(ReadingService.class)
                        .takeBack(work.number(), 1, work.setUp().sweep().id(), 2, work.id(MARA)))
                .hasMessageContaining(
                        "You have already measured this: somebody else must take the second inspector’s sweep");
        assertThatThrownBy(() -> work.bean(ReadingService.class)
                        .correct(
                                work.number(),
                                1,
                                TypedReading.ofKeypad(work.setUp().sweep().id(), 1, "5", "k"),
                                "no",
                                work.version(),
                                work.id(MARA)))
                .hasMessageContaining(
                        "You have already measured this: somebody else must take the second inspector’s sweep");
    }

    @Test
    void evenAReadingThatWasTakenBackMakesAPersonNoSecondInspector() throws Exception {
        work.prepare(TOBIN).zero(TOBIN).read(TOBIN, "0");
        work.bean(ReadingService.class)
                .takeBack(work.number(), 1, work.setUp().sweep().id(), 1, work.id(TOBIN));
        work.read(MARA, TWELVE).confirm(MARA, Step.PROVE);
        assertThatThrownBy(() -> work.begin(TOBIN, AttemptKind.SECOND_INSPECTOR, ""))
                .hasMessageContaining(
                        "You have already measured this: a second inspector must not have taken any reading");
        assertThat(work.setUp().sweep().replaced()).singleElement().satisfies(old -> {
            assertThat(old.typed()).isEqualTo("0");
            assertThat(old.takenBackByName()).isEqualTo("Tobin Ashdale");
        });
    }

    /** U = 1.5 each, so 2.1 apart is just allowed. */
    @ParameterizedTest
    @CsvSource({
        "12, 12.5, PASS,, They agree.",
        "26, 12, NOT_PROVEN, INSPECTORS_DISAGREE, They do not agree.",
        "12, 26, NOT_PROVEN, INSPECTORS_DISAGREE, They do not agree.",
        "19, 20.5, NOT_PROVEN, INSPECTORS_DIVIDED, but on different sides of the limit.",
        "26, 26, FAIL,, They agree."
    })
    void theSecondVerdictStandsBesideTheFirst(
            String first, String second, Outcome outcome, @Nullable Because because, String sentence) throws Exception {
        work.judge(MARA, readings(first)).begin(TOBIN, AttemptKind.SECOND_INSPECTOR, "");
        assertThat(work.setUp().blind()).isTrue();
        assertThat(work.setUp().visibleAttempts()).hasSize(1);
        assertThat(because()).isEqualTo(Because.UNFINISHED);
        work.sweep(TOBIN, readings(second));
        assertThat(work.setUp().blind()).isFalse();
        assertThat(work.setUp().visibleAttempts()).hasSize(2);
        assertThat(work.setUp().verdict().outcome()).isEqualTo(outcome);
        assertThat(because()).isEqualTo(because);
        assertThat(work.setUp().verdict().value()).isEqualTo(Double.valueOf(first));
        assertThat(InspectorWords.sentence(work.setUp(), new Display(LengthUnit.MICROMETRE)))
                .contains("Mara Quill found")
                .contains("Tobin Ashdale")
                .contains("Eₙ = ")
                .endsWith(sentence);
    }

    private static String readings(String movement) {
        return switch (movement) {
            case "12" -> TWELVE;
            case "12.5" -> TWELVE_AND_A_HALF;
            case "19" -> NINETEEN;
            case "20.5" -> TWENTY_AND_A_HALF;
            default -> TWENTY_SIX;
        };
    }

    @Test
    void whereInspectorsDoNotAgreeOnlyAThirdReadingOrACheckerWhoReadNothingMakesItPass() throws Exception {
        work.judge(MARA, TWENTY_SIX)
                .begin(TOBIN, AttemptKind.SECOND_INSPECTOR, "")
                .sweep(TOBIN, TWELVE)
                .confirm(TOBIN, Step.VERDICT);
        assertThat(work.docket().outcome()).isNotEqualTo(Outcome.PASS);
        EvidenceService evidence = work.bean(EvidenceService.class);
        long own = work.setUp().attempt().id();
        assertThatThrownBy(() -> evidence.decide(work.number(), 1, own, "mine", work.version(), work.id(TOBIN)))
                .hasMessageContaining("A checker who took none of these readings decides");
        assertThatThrownBy(() -> evidence.decide(work.number(), 1, own, "his", work.version(), work.id("i.varn")))
                .hasMessageContaining("A checker who took none of these readings decides");
        assertThatThrownBy(() -> evidence.decide(work.number(), 1, own, " ", work.version(), work.id(WENNA)))
                .hasMessageContaining("Enter the reason");
        evidence.decide(work.number(), 1, own, "centres were dirty for the first", work.version(), work.id(WENNA));
        assertThat(work.setUp().verdict().outcome()).isEqualTo(Outcome.PASS);
        assertThat(work.setUp().settled())
                .as("accepted again after the decision")
                .isFalse();

        // A further reading ends the decision; it agrees with the first, so the failure is confirmed.
        work.begin(WENNA, AttemptKind.SECOND_INSPECTOR, "").sweep(WENNA, "0 6 13 20 25.5 20 13 6 0");
        assertThat(work.setUp().verdict().outcome()).isEqualTo(Outcome.FAIL);
        assertThat(work.setUp().verdict().value()).isEqualTo(26);
    }

    @Test
    void sweepingUntilItPassesProvesNothingAndTheFirstVerdictStays() throws Exception {
        work.judge(MARA, TWENTY_SIX).oneMore(MARA).sweep(MARA, TWELVE);
        assertThat(because()).isEqualTo(Because.SWEEPS_DISAGREE);
        work.oneMore(MARA).sweep(MARA, TWELVE_AND_A_HALF);
        assertThat(because()).isEqualTo(Because.SWEEPS_DISAGREE);
        assertThat(VerdictWords.of(work.setUp(), new Display(LengthUnit.MICROMETRE))
                        .line())
                .contains("sweep 1 is off");
        work.setAside(MARA, 1, SetAsideCause.DIRT, "chip in the left centre");
        assertThat(work.setUp().verdict().outcome()).isEqualTo(Outcome.PASS);
        assertThat(work.setUp().verdict().value()).isEqualTo(12.25);
        assertThat(work.setUp().judgement().counted()).hasSize(2);
        assertThat(work.setUp().asFound().orElseThrow().verdict().value()).isEqualTo(26);
        assertThat(work.setUp().asFound().orElseThrow().verdict().outcome()).isEqualTo(Outcome.FAIL);
        assertThat(work.setUp().sweeps()).hasSize(3);
        SetAside row =
                java.util.Objects.requireNonNull(work.setUp().sweeps().get(0).setAside());
        assertThat(row.setAsideByName()).isEqualTo("Mara Quill");

        work.bean(EvidenceService.class).countAgain(work.number(), 1, row.sweepId(), work.version(), work.id(MARA));
        assertThat(because()).isEqualTo(Because.SWEEPS_DISAGREE);
    }

    @Test
    void aSweepIsSetAsideWithACauseAReasonAndByWhoReadItOrAChecker() throws Exception {
        work.judge(MARA, TWENTY_SIX);
        assertThatThrownBy(() -> work.setAside(MARA, 1, SetAsideCause.OTHER, "  "))
                .hasMessageContaining("Enter what happened");
        assertThatThrownBy(() -> work.bean(EvidenceService.class)
                        .setAside(
                                work.number(),
                                1,
                                work.setUp().sweep().id(),
                                Optional.empty(),
                                "because",
                                work.version(),
                                work.id(MARA)))
                .hasMessageContaining("Choose the cause");
        Work other = Work.open(work.beans(), "TG-110", "C", 1, MARA).judge(TOBIN, TWENTY_SIX);
        assertThatThrownBy(() -> other.setAside(MARA, 1, SetAsideCause.DIRT, "I want it to pass"))
                .hasMessageContaining("Tobin Ashdale read this sweep");
        work.setAside(WENNA, 1, SetAsideCause.MOVED, "stand slipped, seen by me");
        assertThat(work.setUp().current()).isEqualTo(Step.ZERO);
        assertThat(work.setUp().sweep().touched()).isFalse();
        assertThat(work.setUp().verdict().value()).isNull();
        assertThat(work.setUp().settled()).isFalse();
    }

    @Test
    void anUnfinishedSweepIsNotLeftWithoutACauseAndOneBegunByMistakeIsCancelled() throws Exception {
        work.prepare(MARA).zero(MARA).read(MARA, "0 9 18 26");
        assertThatThrownBy(() -> work.oneMore(MARA)).hasMessageContaining("not complete");
        assertThatThrownBy(() -> work.bean(SetUpService.class)
                        .reopen(work.number(), 1, Step.ZERO, work.version(), work.id(MARA)))
                .hasMessageContaining("not complete");
        work.setAside(MARA, 1, SetAsideCause.LIFTED_FOOT, "foot of the stand on a chip");
        work.sweep(MARA, TWELVE).oneMore(MARA);
        assertThat(work.setUp().cancellable()).isTrue();
        work.bean(EvidenceService.class).cancel(work.number(), 1, work.version(), work.id(MARA));
        assertThat(work.setUp().verdict().outcome()).isEqualTo(Outcome.PASS);
        assertThat(work.setUp().sweeps()).hasSize(2);
        work.oneMore(MARA);
        assertThat(work.setUp().sweep().number()).isEqualTo(4);
        work.zero(MARA).read(MARA, "0");
        assertThatThrownBy(
                        () -> work.bean(EvidenceService.class).cancel(work.number(), 1, work.version(), work.id(MARA)))
                .isInstanceOf(DocketConflict.class);
    }

    @Test
    void aCompleteSweepIsNotTakenBackReadingByReading() throws Exception {
        work.judge(MARA, TWENTY_SIX);
        assertThatThrownBy(() -> work.bean(ReadingService.class)
                        .takeBack(work.number(), 1, work.setUp().sweep().id(), 9, work.id(MARA)))
                .hasMessageContaining("The sweep is complete: correct the reading with a reason instead");
    }

    @Test
    void nothingIsMeasuredAsCorrectedUnlessSomethingWasDone() throws Exception {
        work.judge(MARA, TWENTY_SIX);
        assertThatThrownBy(() -> work.begin(MARA, AttemptKind.CORRECTED, " "))
                .hasMessageContaining("Enter what was done");
        assertThatThrownBy(() -> work.begin(MARA, AttemptKind.AGAIN, "")).isInstanceOf(DocketConflict.class);
        work.begin(MARA, AttemptKind.CORRECTED, "reground").sweep(MARA, TWELVE);
        assertThat(work.setUp().verdict().outcome()).isEqualTo(Outcome.PASS);
        assertThat(work.setUp().asFound().orElseThrow().verdict().outcome()).isEqualTo(Outcome.FAIL);
        assertThat(work.setUp().attempt().correction()).isEqualTo("reground");
    }

    @Test
    void whatRestsOnAZeroThatWasLeftOutDoesNotPass() throws Exception {
        work.prepare(MARA);
        work.bean(SetUpService.class)
                .leaveOut(work.number(), 1, Optional.of(Step.ZERO), "in a hurry", work.version(), work.id(MARA));
        work.read(MARA, TWELVE).confirm(MARA, Step.PROVE, Step.VERDICT);
        work.at(2).judge(MARA, TWELVE);
        work.at(3).judge(MARA, TWELVE);
        assertThat(work.docket().settled()).isTrue();
        assertThat(work.docket().outcome()).isEqualTo(Outcome.NOT_PROVEN);
    }
}
