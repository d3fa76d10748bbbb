package org.eskarn.app.docket;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.docket.DocketService.Opening;
import org.eskarn.app.docket.correction.RemedyService;
import org.eskarn.app.docket.work.ReadingService;
import org.eskarn.app.docket.work.SetUpService;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.eskarn.app.running.Written;
import org.eskarn.core.verdict.Outcome;
import org.eskarn.core.verdict.Verdict.Because;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@ExtendWith(RunningEskarn.class)
class VerdictWordsTest {

    private static final String MARA = "m.quill";
    private static final String RUNOUT =
            "characteristic=CIRCULAR_RUNOUT_RADIAL; layout.kind=RING; layout.first=8; limit.upper=0.020";

    private static String line(Work work) {
        return VerdictWords.of(work.setUp(), SetUpDisplay.figures(work.setUp())).line();
    }

    private static List<String> remarks(Work work) {
        return SetUpDisplay.said(work.setUp()).remarks();
    }

    private static Work read(Eskarn eskarn, String fields, String read) throws Exception {
        Work work = Written.open(eskarn, fields);
        return Written.read(work.prepare(MARA).zero(MARA), read);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "characteristic=OUTSIDE_SIZE; gauge.kind=MICROMETER; layout.kind=RINGS; layout.first=5 15; layout.second=0 90; limit.kind=BETWEEN; limit.lower=29.990; limit.upper=30.010 | 30012 29995 30002 29984 | 0.0020 mm over the upper limit and 0.0060 mm under the lower, 2 places out",
                "characteristic=PITCH; layout.kind=RING; layout.first=8; limit.upper=0.012 | 0 2 4 6 8 10 12 14 0 | 2.0 µm over the limit",
                "characteristic=CIRCULAR_RUNOUT_RADIAL; layout.kind=RING; layout.first=4; limit.upper=0.01697 | 6 6 -6 -6 6 | 0.001 µm over the limit, less than U",
                "characteristic=PITCH; layout.kind=RING; layout.first=8; limit.upper=0.012; limit.statedAs=ACCUMULATED | 0 2 4 6 8 10 12 14 0 | =2.0 µm over the limit, less than U",
                "characteristic=PHASE_ANGLE; layout.kind=POINTS; layout.first=key; pin; limit.kind=MAXIMUM; limit.upper=0.015; layout.radius=40 | 0 14 0 | 0.005 ° over the limit",
                "characteristic=PLAY; layout.kind=CYCLES; layout.first=2; limit.kind=BETWEEN; limit.lower=0.010; limit.upper=0.030 | 0 8 0 34 | 4.0 µm over the upper limit and 2.0 µm under the lower, 2 places out"
            })
    void bothLimitsAndTheirUnitsAreSaid(String fields, String read, String says, Eskarn eskarn) throws Exception {
        Work work = read(eskarn, fields, read);
        if (says.startsWith("=")) {
            assertThat(line(work)).isEqualTo(says.substring(1));
        } else {
            assertThat(line(work)).contains(says);
        }
    }

    @Test
    void everyPlaceThatIsOutIsNamed(Eskarn eskarn) throws Exception {
        Work work = read(
                eskarn,
                "characteristic=OUTSIDE_SIZE; gauge.kind=MICROMETER; layout.kind=RING; layout.first=0 45 90 135;"
                        + " limit.kind=BETWEEN; limit.lower=29.990; limit.upper=30.010",
                "30012 29980 30002 30014");
        assertThat(remarks(work).get(0))
                .isEqualTo(
                        "Over the upper limit: 0° 30.0120 mm; 135° 30.0140 mm. Under the lower limit: 45° 29.9800 mm.");
    }

    /** Of a tolerance per length its share over the height read is what the return is held against. */
    @Test
    void theReturnIsHeldAgainstWhatIsAllowedOverTheLengthRead(Eskarn eskarn) throws Exception {
        Work work = read(
                eskarn,
                "characteristic=SQUARENESS; layout.kind=LINE; layout.first=0 50 100; limit.upper=0.050; limit.per=1000",
                "0 2 4 4.9");
        assertThat(work.setUp().verdict().because()).isEqualTo(Because.RETURN_OUT);
    }

    /** What was left unproved with a reason leads to a verdict that says so; what can be mended is said. */
    @Test
    void leavingOutTheProofLeadsToAVerdictOrSaysWhatIsMissing(Eskarn eskarn) throws Exception {
        Work out = read(eskarn, RUNOUT, "0 4 10 14 18 14 8 2 8");
        assertThat(out.setUp().acceptable()).isFalse();
        leaveProofOut(out);
        out.confirm(MARA, Step.VERDICT);
        assertThat(out.docket().settled()).isTrue();
        assertThat(out.docket().outcome()).isEqualTo(Outcome.NOT_PROVEN);

        Work twice = read(eskarn, RUNOUT + "; gauge.repeats=2", "0 4 10 14 18 14 8 2 0");
        assertThat(twice.docket().open()).singleElement().asString().contains("Figure, at Prove");
        assertThatThrownBy(() -> leaveProofOut(twice))
                .hasMessageContaining("1 more valid sweep required before this can be judged");
    }

    /** What nobody proved does not pass as proven. */
    @Test
    void aPassWithoutProofLeavesTheDocketNotProven(Eskarn eskarn) throws Exception {
        Work work = read(eskarn, RUNOUT, "0 4 10 14 18 14 8 2 0");
        leaveProofOut(work);
        work.confirm(MARA, Step.VERDICT);
        assertThat(work.setUp().verdict().outcome()).isEqualTo(Outcome.PASS);
        assertThat(work.docket().outcome()).isEqualTo(Outcome.NOT_PROVEN);
    }

    /** A second inspector's spoilt sweep does not take the place of the first verdict. */
    @Test
    void aFailIsNotHiddenByASecondSweepThatProvesNothing(Eskarn eskarn) throws Exception {
        Work work = read(eskarn, RUNOUT, "0 4 10 14 28 14 8 2 0").confirm(MARA, Step.PROVE, Step.VERDICT);
        String second = "t.ashdale";
        work.begin(second, AttemptKind.SECOND_INSPECTOR, "").zero(second).read(second, "0 4 10 14 18 14 8 2 12");
        work.bean(SetUpService.class)
                .leaveOut(work.number(), 1, Optional.of(Step.PROVE), "late", work.version(), work.id(second));
        assertThat(work.setUp().verdict().because()).isEqualTo(Because.RETURN_OUT);
        assertThat(work.setUp().acceptable()).isFalse();
        assertThatThrownBy(() -> work.confirm(second, Step.VERDICT)).isInstanceOf(DocketConflict.class);
        assertThat(work.docket().settled()).isFalse();
    }

    /** What was only recorded tells of the part as it was read; that it failed stays true. */
    @ParameterizedTest
    @CsvSource({"limit.kind=NONE, RECORDED", "limit.upper=0.010, FAIL", "limit.upper=0.020, PASS"})
    void onlyAFailStandsForAPartThatWasWorkedOnSince(String limit, Outcome outcome, Eskarn eskarn) throws Exception {
        Work work = read(eskarn, RUNOUT.replace("limit.upper=0.020", limit), "0 4 10 14 18 14 8 2 0");
        assertThat(work.setUp().verdict().outcome()).isEqualTo(outcome);
        assertThat(work.setUp().acceptable()).isTrue();
        work.bean(RemedyService.class)
                .step(work.number(), 1, "45°", "copper drift", "3", work.version(), work.id(MARA));
        assertThat(work.setUp().acceptable()).isEqualTo(outcome == Outcome.FAIL);
    }

    private static void leaveProofOut(Work work) throws Exception {
        work.bean(SetUpService.class)
                .leaveOut(work.number(), 1, Optional.of(Step.PROVE), "fixture loose", work.version(), work.id(MARA));
    }

    @Test
    void aHuntedStationCanBeTakenAwayUntilItIsRead(Eskarn eskarn) throws Exception {
        Work work = read(eskarn, RUNOUT, "0 4 10 14 18 14 8 2");
        ReadingService readings = work.bean(ReadingService.class);
        long sweep = work.setUp().sweep().id();
        readings.addStation(work.number(), 1, sweep, "65", work.version(), work.id(MARA));
        assertThat(work.setUp().sweep().layout().size()).isEqualTo(9);
        readings.takeStationAway(work.number(), 1, sweep, work.version(), work.id(MARA));
        assertThat(work.setUp().sweep().layout().size()).isEqualTo(8);
        assertThatThrownBy(() -> readings.takeStationAway(work.number(), 1, sweep, work.version(), work.id(MARA)))
                .isInstanceOf(DocketConflict.class);
        readings.addStation(work.number(), 1, sweep, "65", work.version(), work.id(MARA));
        Written.read(work, "12");
        assertThat(work.setUp().stationToTakeAway()).isEmpty();
    }

    /** What passes in service says whether it would pass as new, and what passes as new says nothing of it. */
    @ParameterizedTest
    @CsvSource({
        "0 2 5 9 12 9 5 2 0, SIMPLE, also within the limit for new parts",
        "0 2 5 9 19 9 5 2 0, STRINGENT, not proven against the limit for new parts",
        "0 4 10 18 24 18 10 4 0, SIMPLE, not within the limit for new parts"
    })
    void aPassInServiceSaysHowItWouldBeDecidedAsNew(String ring, String rule, String said, Eskarn eskarn)
            throws Exception {
        Work asNew = Written.open(eskarn, RUNOUT + "; limit.serviceUpper=0.030; limit.rule=" + rule);
        Opening opening = new Opening(
                asNew.docket().part().id(), "S-9", 1, 1, Purpose.IN_SERVICE.recorded(), "tests", Eskarn.later());
        int number = eskarn.bean(DocketService.class).open(opening, asNew.id(MARA));
        Work inService = new Work(eskarn.context(), number, 1);
        Written.read(inService.prepare(MARA).zero(MARA), ring);
        assertThat(line(inService)).endsWith("; " + said);
        Written.read(asNew.prepare(MARA).zero(MARA), ring);
        assertThat(line(asNew)).doesNotContain("new parts");
    }

    /** A line in steps, two set-ups and four places that belong together have no room for one more. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "characteristic=PITCH; layout.kind=LINE; layout.first=50 100; limit.upper=0.020; gauge.zeroing=EACH_STEP",
                "characteristic=SQUARENESS; layout.kind=LINE; layout.first=0 50; limit.upper=0.020; layout.reversal=ON_MASTER",
                "characteristic=BORES_IN_LINE; layout.kind=LINE; layout.first=10 60 210 260; limit.upper=0.020"
            })
    void whereStationsBelongTogetherNoneIsHunted(String fields, Eskarn eskarn) throws Exception {
        Work work = Written.open(eskarn, fields).prepare(MARA).zero(MARA);
        assertThat(work.setUp().mayAddStation()).isFalse();
    }

    /** Turned, turned back, and what it says when it was moved meanwhile. */
    @Test
    void aReversalIsLedThroughItsThreeSetUps(Eskarn eskarn) throws Exception {
        String fields =
                "characteristic=SQUARENESS; layout.kind=LINE; layout.first=0 50 100; limit.upper=0.020; layout.reversal=PART_TURNED_BACK";
        Work work = read(eskarn, fields, "0 4 8 0");
        try (Page page = eskarn.signedIn(MARA)) {
            String address = eskarn.address() + "/dockets/" + work.number() + "/1";
            assertThat(page.request().get(address, Eskarn.retrying()).text())
                    .contains("Turn the part over and read the same stations");
            Written.read(work, "0 2 4 0");
            assertThat(page.request().get(address, Eskarn.retrying()).text())
                    .contains("Turn it back to the first set-up and read the same stations: they must read as before");
        }
        Written.read(work, "0 4 14 0");
        assertThat(line(work)).contains("something moved between the set-ups");
        Work held = read(eskarn, fields, "0 4 8 0 0 2 4 0 0 4 8 0");
        assertThat(held.setUp().verdict().value()).isEqualTo(2);
        assertThat(remarks(held)).anyMatch(said -> said.startsWith("Turned back, it reads as before within 0.0 µm"));
    }
}
