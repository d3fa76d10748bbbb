package org.eskarn.app.docket.correction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import org.eskarn.app.docket.AttemptKind;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.Step;
import org.eskarn.app.docket.work.ReadingService;
import org.eskarn.app.docket.work.SetUpService;
import org.eskarn.app.docket.work.TypedReading;
import org.eskarn.app.part.OffsetService;
import org.eskarn.app.part.OffsetService.OffsetForm;
import org.eskarn.app.part.PartService;
import org.eskarn.app.part.Preparation;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.core.reading.EntryRejected;
import org.eskarn.core.remedy.Available;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.Outcome;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Corrections on a real database file: what is refused, and that nothing is half written. */
@ExtendWith(RunningEskarn.class)
class RemedyServiceTest {

    private DocketService dockets;
    private RemedyService remedies;
    private SetUpService setUps;
    private ReadingService readings;
    private long by;
    private int number;

    @BeforeEach
    void open(Eskarn eskarn) {
        dockets = eskarn.bean(DocketService.class);
        remedies = eskarn.bean(RemedyService.class);
        setUps = eskarn.bean(SetUpService.class);
        readings = eskarn.bean(ReadingService.class);
        by = eskarn.account("m.quill").id();
        number = eskarn.openDocket(Eskarn.PINION_SHAFT);
    }

    private SetUp setUp() {
        return dockets.find(number).orElseThrow().at(1).orElseThrow();
    }

    private int version() {
        return setUp().version();
    }

    private void sweep(String typed) throws Exception {
        for (Step step : new Step[] {Step.REQUIRE, Step.GAUGE}) {
            setUps.confirm(number, 1, step, version(), by);
        }
        for (Preparation line : setUp().requirement().preparations()) {
            setUps.tick(number, 1, line.id(), version(), by);
        }
        setUps.confirm(number, 1, Step.ZERO, version(), by);
        int place = 0;
        for (String each : typed.split(" ")) {
            place++;
            readings.take(number, 1, TypedReading.ofKeypad(setUp().sweep().id(), place, each, "r" + place), by);
        }
    }

    private void decide(int version) throws DocketConflict {
        remedies.decide(dockets.find(number).orElseThrow().part(), number, 1, Map.of("kind", "OFFSET"), version, by);
    }

    @Test
    void aCorrectionRestsOnAWholeSweepWhoseReturnHolds() throws Exception {
        sweep("0 20 40 50");
        assertThatThrownBy(() -> decide(version()))
                .hasMessageContaining("Finish the sweep first: a correction needs a complete sweep whose return holds");
        assertThat(setUp().remedies()).isEmpty();
    }

    @Test
    void ofTwoPeopleTheSecondIsToldAndNothingOfHisIsWritten() throws Exception {
        sweep("0 8 20 32 40 32 20 8 0");
        int seen = version();
        decide(seen);
        assertThatThrownBy(() -> decide(seen)).hasMessageContaining("Nothing was saved");
        assertThat(setUp().remedies()).hasSize(1);
        assertThat(setUp().rechecked().get(0).recheck()).isEmpty();
    }

    @Test
    void aStepOfTruingIsReadLikeAnyReadingOfTheGauge() throws Exception {
        sweep("0 8 20 32 40 32 20 8 0");
        assertThatThrownBy(() -> step("0.5 in"))
                .isInstanceOf(EntryRejected.class)
                .hasMessageContaining("travel");
        assertThatThrownBy(() -> step("many")).isInstanceOf(EntryRejected.class);
        assertThatThrownBy(() -> step("-3")).hasMessageContaining("Enter the movement without a sign");
        assertThat(setUp().truingSteps()).isEmpty();
        step("0.020 mm");
        assertThat(setUp().stepsOfAttempt().get(0).movementMicrometres()).isEqualByComparingTo("20");
        step("-0.004 mm/0.012 mm");
        assertThat(setUp().stepsOfAttempt().get(1).movementMicrometres())
                .as("lowest and highest alone")
                .isEqualByComparingTo("16");
    }

    private void step(String typed) throws DocketConflict, EntryRejected {
        remedies.step(number, 1, "45°", "copper drift", typed, version(), by);
    }

    /** A pass tells of the part as it was read: once something was struck, it is measured again or the pass is not accepted. */
    @Test
    void aPassIsNotAcceptedForAPartThatWasWorkedOnSince() throws Exception {
        sweep("0 1 2 3 3 2 1 1 0");
        setUps.confirm(number, 1, Step.PROVE, version(), by);
        assertThat(setUp().verdict().outcome()).isEqualTo(Outcome.PASS);
        step("3");
        assertThat(setUp().settled()).isFalse();
        assertThatThrownBy(() -> setUps.confirm(number, 1, Step.VERDICT, version(), by))
                .hasMessageContaining("worked on after it was measured");
        setUps.begin(number, 1, AttemptKind.CORRECTED, "", version(), by);
        assertThat(setUp().workedSince()).isFalse();
    }

    /** A mistyped step is taken back by who logged it, with the reason; a pass from before it does not come back with that. */
    @Test
    void aStepIsTakenBackAndThePartIsMeasuredAgainAllTheSame() throws Exception {
        sweep("0 1 2 3 3 2 1 1 0");
        setUps.confirm(number, 1, Step.PROVE, version(), by);
        step("3");
        step("30");
        assertThatThrownBy(() -> remedies.takeBack(number, 1, " ", version(), by))
                .hasMessageContaining("Enter why the step is taken back");
        assertThatThrownBy(() -> remedies.takeBack(number, 1, "not mine", version(), by + 1))
                .hasMessageContaining("who logged it, takes it back");
        remedies.takeBack(number, 1, "30 for 3", version(), by);
        assertThat(setUp().stepsStanding()).extracting(each -> each.typed()).containsExactly("3");
        remedies.takeBack(number, 1, "the other docket", version(), by);
        assertThatThrownBy(() -> remedies.takeBack(number, 1, "once more", version(), by))
                .isInstanceOf(DocketConflict.class);
        assertThat(setUp().truingSteps()).hasSize(2);
        step("2");
        assertThat(setUp().stepsOfAttempt().get(2).number()).isEqualTo(3);
        remedies.takeBack(number, 1, "mistyped", version(), by);
        assertThatThrownBy(() -> setUps.confirm(number, 1, Step.VERDICT, version(), by))
                .hasMessageContaining("worked on after it was measured");
    }

    /** A new attempt begins with an empty log, and the old steps stay with theirs. */
    @Test
    void theStepsBelongToTheAttemptTheyFollowed() throws Exception {
        sweep("0 8 20 32 40 32 20 8 0");
        step("20");
        setUps.begin(number, 1, AttemptKind.CORRECTED, "", version(), by);
        assertThat(setUp().stepsOfAttempt()).isEmpty();
        assertThat(setUp().truingSteps()).hasSize(1);
    }

    @Test
    void theDrawerTakesOneOfEachNameAndNoSlipOfTheUnit(Eskarn eskarn) throws Exception {
        OffsetService offsets = eskarn.bean(OffsetService.class);
        long part = eskarn.bean(PartService.class)
                .byNumber("TG-131", "A")
                .orElseThrow()
                .id();
        offsets.add(part, offset("X1", "0.03"));
        assertThat(offsets.drawer(part)).extracting(Available::name).contains("X1");
        assertThatThrownBy(() -> offsets.add(part, offset("X1", "0.04"))).hasMessageContaining("already");
        assertThatThrownBy(() -> offsets.add(part, offset("X2", "30"))).hasMessageContaining("decimal point");
        assertThatThrownBy(() -> offsets.add(part, offset("", "-1"))).hasMessageContaining("greater than zero");
        offsets.of(part).forEach(each -> offsets.remove(part, each.id()));
        assertThat(offsets.of(part)).isEmpty();
    }

    private static OffsetForm offset(String name, String amount) {
        return new OffsetForm(Available.Kind.SHIM, name, amount, LengthUnit.MILLIMETRE);
    }
}
