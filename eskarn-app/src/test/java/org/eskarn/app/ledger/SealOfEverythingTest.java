package org.eskarn.app.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.account.Account;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.docket.AttemptKind;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.DocketService.Opening;
import org.eskarn.app.docket.ReadingService;
import org.eskarn.app.docket.ReadingSource;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SetUpService;
import org.eskarn.app.docket.Step;
import org.eskarn.app.docket.TypedReading;
import org.eskarn.app.docket.ZeroService;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.app.part.PartService;
import org.eskarn.app.part.Preparation;
import org.eskarn.app.running.Eskarn;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.simple.JdbcClient;

/** A docket with all that a record can hold: whoever changes any of it afterwards breaks the seal. */
class SealOfEverythingTest {

    private static ConfigurableApplicationContext server;
    private static int number;

    @BeforeAll
    static void sign() throws Exception {
        server = Eskarn.serve(Eskarn.newFolder(), true);
        Account mara = server.getBean(AccountService.class).byLogin("m.quill").orElseThrow();
        Account tobin =
                server.getBean(AccountService.class).byLogin("t.ashdale").orElseThrow();
        long part = server.getBean(PartService.class)
                .byNumber("TG-120", "B")
                .orElseThrow()
                .id();
        number = dockets()
                .open(new Opening(part, "X-1", 1, 1, "final", "tests", Eskarn.later(), 1L), mara.id());
        SetUpService setUps = server.getBean(SetUpService.class);
        GaugeService gauges = server.getBean(GaugeService.class);
        long bore = gauges.all().stream()
                .filter(g -> g.mark().equals("BG-1"))
                .findFirst()
                .orElseThrow()
                .id();
        long ring = gauges.all().stream()
                .filter(g -> g.mark().equals("SR-72"))
                .findFirst()
                .orElseThrow()
                .id();
        setUps.choose(number, 2, bore, "found good again", version(2), mara.id());
        work(2, mara, () -> server.getBean(ZeroService.class).set(number, 2, ring, "0", version(2), mara.id()));
        read(2, mara, ReadingSource.PASTED, "40 6 9 12 14 18");
        confirm(2, mara, Step.PROVE, Step.VERDICT);
        setUps.begin(number, 2, AttemptKind.SECOND_INSPECTOR, version(2), tobin.id());
        confirm(2, tobin, Step.ZERO);
        read(2, tobin, ReadingSource.KEYPAD, "4 6 9 12 14 18");
        setUps.leaveOut(number, 2, Optional.of(Step.PROVE), "no time before the crane", version(2), tobin.id());
        confirm(2, tobin, Step.VERDICT);
        for (int position : new int[] {1, 3, 4, 5}) {
            setUps.leaveOut(number, position, Optional.empty(), "not asked this time", version(position), mara.id());
        }
        correct(setUp(2), mara);
        LedgerService ledger = server.getBean(LedgerService.class);
        ledger.sign(number, ledger.contentSeal(dockets().find(number).orElseThrow()), "bore only", tobin);
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    /** A correction and a step of it, as they are stored. */
    private static void correct(SetUp setUp, Account by) {
        JdbcClient database = JdbcClient.create(server.getBean(javax.sql.DataSource.class));
        long attempt = setUp.attempts().get(0).row().id();
        database.sql("insert into remedy (set_up_id, attempt_id, kind, words, predicted_micrometres,"
                        + " uncertainty_micrometres, decided_by, decided_at)"
                        + " values (?, ?, 'CUT', 'Cut to 72.015', '72015', '2', ?, current_timestamp)")
                .params(setUp.row().id(), attempt, by.id())
                .update();
        database.sql("insert into truing_step (set_up_id, attempt_id, number, place, done, typed, movement_micrometres,"
                        + " taken_by, taken_at) values (?, ?, 1, '45°', 'light', '41', '41', ?, current_timestamp)")
                .params(setUp.row().id(), attempt, by.id())
                .update();
    }

    private static DocketService dockets() {
        return server.getBean(DocketService.class);
    }

    private static SetUp setUp(int position) {
        return dockets().find(number).orElseThrow().at(position).orElseThrow();
    }

    private static int version(int position) {
        return setUp(position).row().version();
    }

    private static void confirm(int position, Account by, Step... steps) throws DocketConflict {
        for (Step step : steps) {
            server.getBean(SetUpService.class).confirm(number, position, step, version(position), by.id());
        }
    }

    private interface Zero {
        void set() throws Exception;
    }

    private static void work(int position, Account by, Zero zero) throws Exception {
        confirm(position, by, Step.REQUIRE, Step.GAUGE);
        for (Preparation line : setUp(position).requirement().preparations()) {
            server.getBean(SetUpService.class).tick(number, position, line.id(), version(position), by.id());
        }
        zero.set();
        confirm(position, by, Step.ZERO);
    }

    private static void read(int position, Account by, ReadingSource source, String typed) throws Exception {
        List<TypedReading> all = new ArrayList<>();
        long sweep = setUp(position).sweep().row().id();
        for (String each : typed.split(" ")) {
            all.add(new TypedReading(sweep, all.size() + 1, each, "s" + all.size(), source));
        }
        server.getBean(ReadingService.class).takeAll(number, position, all, by.id());
    }

    private static boolean unbroken() {
        return server.getBean(LedgerService.class).find(number).orElseThrow().unbroken();
    }

    private static void breaks(String table, String column, String value, String where) {
        JdbcClient database = JdbcClient.create(server.getBean(javax.sql.DataSource.class));
        String before = database.sql("select max(" + column + ") from " + table + " where " + where)
                .query(String.class)
                .single();
        assertThat(database.sql("update " + table + " set " + column + " = ? where " + where)
                        .param(value)
                        .update())
                .as(table + "." + column)
                .isPositive();
        assertThat(unbroken()).as(table + "." + column + " changed").isFalse();
        database.sql("update " + table + " set " + column + " = ? where " + where)
                .param(before)
                .update();
        assertThat(unbroken()).as(table + "." + column + " put back").isTrue();
    }

    @Test
    void everyPartOfTheRecordIsUnderTheSeal() {
        assertThat(unbroken()).isTrue();
        long id = setUp(2).row().id();
        String sweeps = "(select max(s.id) from sweep s where s.set_up_id = " + id + ")";
        String first = "(select min(s.id) from sweep s where s.set_up_id = " + id + ")";
        breaks("remedy", "words", "Cut to 72.025", "set_up_id = " + id);
        breaks("remedy", "predicted_micrometres", "72025", "set_up_id = " + id);
        breaks("truing_step", "typed", "31", "set_up_id = " + id);
        breaks("truing_step", "place", "90°", "set_up_id = " + id);
        breaks("docket", "gauge_id", "2", "number = " + number);
        breaks("attempt", "kind", "AGAIN", "number = 2 and set_up_id = " + id);
        breaks("left_out", "reason", "lazy", "step = 'PROVE' and set_up_id = " + id);
        breaks("zero_setting", "deviation", "0.000", "sweep_id = " + first);
        breaks("sweep", "override_reason", "none", "id = " + sweeps);
        breaks("reading", "source", "KEYPAD", "place = 1 and sweep_id = " + first);
        long requirement = setUp(2).requirement().row().id();
        breaks("requirement_limit", "lower_amount", "-0.010", "requirement_id = " + requirement);
        breaks("requirement", "set_to", "72.100", "id = " + requirement);
        breaks(
                "signed_verdict",
                "lower_micrometres",
                "71000.0000",
                "requirement_id = " + requirement + " and signature_id = (select max(id) from signature)");
    }

    @Test
    void whatWasLeftOutMakesTheDocketNotProvenAndBothAttemptsAreKept() {
        Docket docket = dockets().find(number).orElseThrow();
        assertThat(docket.outcome()).isEqualTo(org.eskarn.core.verdict.Outcome.NOT_PROVEN);
        SetUp bore = setUp(2);
        assertThat(bore.attempts()).hasSize(2);
        assertThat(bore.attempts().get(0).verdict().outcome()).isEqualTo(org.eskarn.core.verdict.Outcome.FAIL);
        assertThat(bore.verdict().outcome()).isEqualTo(org.eskarn.core.verdict.Outcome.PASS);
        LedgerEntry entry = server.getBean(LedgerService.class).find(number).orElseThrow();
        assertThat(entry.lines()).hasSize(5);
        assertThat(entry.lines().get(0).value()).isEqualTo("–");
        assertThat(entry.lines().get(1).value()).isEqualTo("72.0040");
    }
}
