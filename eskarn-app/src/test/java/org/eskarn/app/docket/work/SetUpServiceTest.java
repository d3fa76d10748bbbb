package org.eskarn.app.docket.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.sql.Connection;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import javax.sql.DataSource;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.ReadingSource;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.Standing;
import org.eskarn.app.docket.Step;
import org.eskarn.app.docket.TakenReading;
import org.eskarn.app.part.Preparation;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.core.reading.ReadingUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;

/** The changes to a set-up, on a real database file. */
@ExtendWith(RunningEskarn.class)
class SetUpServiceTest {

    private DocketService dockets;
    private SetUpService setUps;
    private ReadingService readings;
    private JdbcClient database;
    private long by;
    private int number;

    @BeforeEach
    void open(Eskarn eskarn) {
        dockets = eskarn.bean(DocketService.class);
        setUps = eskarn.bean(SetUpService.class);
        readings = eskarn.bean(ReadingService.class);
        database = JdbcClient.create(eskarn.bean(javax.sql.DataSource.class));
        by = eskarn.account("m.quill").id();
        number = eskarn.openDocket(Eskarn.PINION_SHAFT);
    }

    private SetUp setUp() {
        return dockets.find(number).orElseThrow().at(1).orElseThrow();
    }

    private void confirm(Step step) throws DocketConflict {
        setUps.confirm(number, 1, step, setUp().version(), by);
    }

    private void prepare() throws DocketConflict {
        confirm(Step.REQUIRE);
        confirm(Step.GAUGE);
        for (Preparation preparation : setUp().requirement().preparations()) {
            setUps.tick(number, 1, preparation.id(), setUp().version(), by);
        }
        confirm(Step.ZERO);
    }

    private void take(int place, String typed) throws Exception {
        readings.take(number, 1, TypedReading.ofKeypad(setUp().sweep().id(), place, typed, "k" + typed), by);
    }

    @Test
    void storesAReadingExactlyAsItWasTyped() throws Exception {
        prepare();
        take(1, "+1,50");
        TakenReading reading = setUp().sweep().readings().get(0);
        assertThat(reading.typed()).isEqualTo("+1,50");
        assertThat(reading.amount().toPlainString()).isEqualTo("1.50");
        assertThat(reading.unit()).isEqualTo(ReadingUnit.MICROMETRE);
    }

    @Test
    void aReadingTakenBackKeepsItsRowAndFreesItsPlace() throws Exception {
        prepare();
        take(1, "1");
        long sweep = setUp().sweep().id();
        readings.takeBack(number, 1, sweep, 1, by);
        assertThat(setUp().sweep().readings()).isEmpty();
        take(1, "2");
        assertThat(database.sql("select typed from reading where sweep_id = ? order by id")
                        .param(sweep)
                        .query(String.class)
                        .list())
                .containsExactly("1", "2");
        assertThatThrownBy(() -> readings.takeBack(number, 1, sweep, 2, by)).isInstanceOf(DocketConflict.class);
    }

    @Test
    void noReadingIsTakenBeforeItsTurnOrOutOfPlace() throws Exception {
        assertThatThrownBy(() -> take(1, "0")).hasMessageContaining("earlier steps first: require");
        prepare();
        assertThatThrownBy(() -> take(2, "0"))
                .hasMessageContaining("” was not recorded: continue at the station shown");
        take(1, "0");
        assertThatThrownBy(() -> take(1, "5")).hasMessageContaining("Mara Quill read that station");
        assertThat(setUp().sweep().readings()).hasSize(1);
    }

    @Test
    void theCautionsComeFirstOneByOne() throws Exception {
        confirm(Step.REQUIRE);
        confirm(Step.GAUGE);
        List<Preparation> preparations = setUp().requirement().preparations();
        assertThat(preparations.get(0).caution()).isTrue();
        long later = preparations.get(preparations.size() - 1).id();
        assertThatThrownBy(() -> setUps.tick(number, 1, later, setUp().version(), by))
                .hasMessageContaining("Confirm the cautions first, one by one");
    }

    @Test
    void aPageThatIsNotTheNewestChangesNothing() throws Exception {
        int seen = setUp().version();
        confirm(Step.REQUIRE);
        assertThatThrownBy(() -> setUps.confirm(number, 1, Step.GAUGE, seen, by))
                .isInstanceOf(DocketConflict.class)
                .hasMessageContaining("Mara Quill changed this at");
        assertThat(setUp().done(Step.GAUGE)).isFalse();
    }

    @Test
    void ofManyAtOnceExactlyOneGetsThePlace() throws Exception {
        prepare();
        long sweep = setUp().sweep().id();
        ExecutorService hands = Executors.newFixedThreadPool(8);
        try {
            List<Callable<Boolean>> tries = new ArrayList<>();
            for (int i = 0; i < 24; i++) {
                TypedReading reading = TypedReading.ofKeypad(sweep, 1, String.valueOf(i), "key-" + i);
                tries.add(() -> {
                    try {
                        readings.take(number, 1, reading, by);
                        return true;
                    } catch (DocketConflict told) {
                        return false;
                    }
                });
            }
            int taken = 0;
            for (Future<Boolean> answer : hands.invokeAll(tries)) {
                taken += answer.get() ? 1 : 0;
            }
            assertThat(taken).isEqualTo(1);
            assertThat(setUp().sweep().readings()).hasSize(1);
        } finally {
            hands.shutdown();
        }
    }

    /** Who waited while a docket was signed finds it signed, whatever they saw before. */
    @Test
    void nothingIsChangedByWhoWaitedWhileTheDocketWasSigned(Eskarn eskarn) throws Exception {
        prepare();
        TypedReading reading = TypedReading.ofKeypad(setUp().sweep().id(), 1, "3", "late");
        int version = setUp().version();
        ExecutorService late = Executors.newFixedThreadPool(2);
        try (Connection signer = eskarn.bean(DataSource.class).getConnection();
                Statement statement = signer.createStatement()) {
            signer.setAutoCommit(false);
            statement.executeUpdate("update set_up set version = version where docket_id = " + docket());
            Future<?> read = late.submit(() -> {
                readings.take(number, 1, reading, by);
                return true;
            });
            Future<?> signed = late.submit(() -> dockets.lock(number, by));
            while (eskarn.waitingForALock() < 2) {
                Thread.onSpinWait();
            }
            statement.executeUpdate("update docket set signed = true where id = " + docket());
            signer.commit();
            for (Future<?> each : List.of(read, signed)) {
                assertThatThrownBy(each::get)
                        .hasCauseInstanceOf(DocketConflict.class)
                        .hasMessageContaining("signed");
            }
        } finally {
            late.shutdown();
            database.sql("update docket set signed = false where number = ?")
                    .param(number)
                    .update();
        }
        assertThat(setUp().sweep().readings()).isEmpty();
        assertThat(setUp().version()).isEqualTo(version);
    }

    private long docket() {
        return dockets.find(number).orElseThrow().id();
    }

    @Test
    void aSweepThatProvesNothingCannotBeAcceptedAndIsKeptWhenSweptAgain() throws Exception {
        prepare();
        String[] out = {"0", "1", "2", "3", "2", "1", "0", "0.5", "9"};
        for (int i = 0; i < out.length; i++) {
            readings.take(number, 1, TypedReading.ofKeypad(setUp().sweep().id(), i + 1, out[i], "o" + i), by);
        }
        confirm(Step.PROVE);
        assertThatThrownBy(() -> confirm(Step.VERDICT)).hasMessageContaining("sweep again");
        setUps.sweepAgain(number, 1, setUp().version(), by);
        assertThat(setUp().sweeps()).hasSize(2);
        assertThat(setUp().sweeps().get(0).readings()).hasSize(9);
        assertThat(setUp().current()).isEqualTo(Step.ZERO);
    }

    @Test
    void ofSeveralReadingsAtOnceAllAreStoredOrNone() throws Exception {
        prepare();
        long sweep = setUp().sweep().id();
        assertThatThrownBy(() -> readings.takeAll(number, 1, pasted(sweep, "0", "1", "x2", "3"), by))
                .hasMessageContaining("is-not-a-number");
        assertThat(setUp().sweep().readings()).isEmpty();
        assertThatThrownBy(() -> readings.takeAll(
                        number, 1, pasted(sweep, "0", "1", "2", "3", "4", "5", "6", "7", "8", "9"), by))
                .hasMessageContaining("for 9 remaining stations");
        assertThat(setUp().sweep().readings()).isEmpty();
        readings.takeAll(number, 1, pasted(sweep, "0", "1", "2", "3", "2", "1", "0", "0", "0"), by);
        assertThat(setUp().sweep().complete()).isTrue();
        assertThat(setUp().sweep().readings()).allMatch(reading -> reading.source() == ReadingSource.PASTED);
    }

    private static List<TypedReading> pasted(long sweep, String... typed) {
        List<TypedReading> all = new ArrayList<>();
        for (String each : typed) {
            all.add(new TypedReading(sweep, all.size() + 1, each, "p" + all.size(), ReadingSource.PASTED));
        }
        return all;
    }

    @Test
    void nothingIsLeftOutWithoutAReasonAndNoCautionAtAll() throws Exception {
        confirm(Step.REQUIRE);
        confirm(Step.GAUGE);
        assertThatThrownBy(() -> leaveOut(Step.PREPARE, "no time"))
                .hasMessageContaining("Read the cautions first; the rest of the preparation may then be left out");
        for (Preparation line : setUp().requirement().preparations()) {
            if (line.caution()) {
                setUps.tick(number, 1, line.id(), setUp().version(), by);
            }
        }
        assertThatThrownBy(() -> leaveOut(Step.PREPARE, " ")).hasMessageContaining("Enter the reason");
        leaveOut(Step.PREPARE, "cleaned for the requirement before");
        assertThat(setUp().done(Step.PREPARE)).isTrue();
        assertThat(setUp().current()).isEqualTo(Step.ZERO);
        setUps.leaveOut(number, 1, java.util.Optional.empty(), "gear seat is turned off", setUp().version(), by);
        assertThat(setUp().settled()).isTrue();
        assertThat(Standing.of(setUp())).isEqualTo(Standing.LEFT_OUT);
    }

    private void leaveOut(Step step, String reason) throws DocketConflict {
        setUps.leaveOut(number, 1, java.util.Optional.of(step), reason, setUp().version(), by);
    }
}
