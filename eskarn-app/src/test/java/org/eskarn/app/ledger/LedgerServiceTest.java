package org.eskarn.app.ledger;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.util.List;
import org.eskarn.app.account.Account;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.SetUpService;
import org.eskarn.app.running.Eskarn;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Signing and the seal, on a database file of its own because it is tampered with. */
class LedgerServiceTest {

    private static final Path FOLDER = Eskarn.newFolder();

    @SuppressWarnings("NullAway.Init")
    private static ConfigurableApplicationContext server;

    @BeforeAll
    static void start() {
        server = Eskarn.serve(FOLDER, true);
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    private static LedgerService ledger() {
        return server.getBean(LedgerService.class);
    }

    private static JdbcClient database() {
        return JdbcClient.create(server.getBean(javax.sql.DataSource.class));
    }

    private static List<Boolean> unbroken() {
        return ledger().all().stream().map(LedgerEntry::unbroken).toList();
    }

    private static void tamper(String sql, String undo, List<Boolean> expected) {
        assertThat(database().sql(sql).update()).isEqualTo(1);
        assertThat(unbroken()).isEqualTo(expected);
        assertThat(database().sql(undo).update()).isEqualTo(1);
        assertThat(unbroken()).containsExactly(true, true, true, true);
    }

    @Test
    void whoeverChangesASignedRecordBreaksItsSeal() {
        assertThat(unbroken()).containsExactly(true, true, true, true);
        String reading = "(select max(r.id) from reading r join sweep s on s.id = r.sweep_id"
                + " join set_up u on u.id = s.set_up_id join docket d on d.id = u.docket_id where d.number = 211)";
        String headOfLockPin = "(select r.id from requirement r join part p on p.id = r.part_id"
                + " where p.drawing_number = 'TG-204' and r.position = 2)";
        tamper(
                "update reading set number = '0.6' where id = " + reading,
                "update reading set number = '0.5' where id = " + reading,
                List.of(true, true, true, false));
        tamper(
                "update requirement_limit set upper_amount = '0.0021' where requirement_id = " + headOfLockPin,
                "update requirement_limit set upper_amount = '0.002' where requirement_id = " + headOfLockPin,
                List.of(true, true, false, true));
        tamper(
                "update signature set remark = 'all good' where docket_id = (select id from docket where number = 213)",
                "update signature set remark = '' where docket_id = (select id from docket where number = 213)",
                List.of(true, false, true, true));
        // A seal made to fit the change breaks the chain at the one after it.
        String seal = ledger().find(212).orElseThrow().signature().seal();
        tamper(
                "update signature set seal = 'forged' where docket_id = (select id from docket where number = 212)",
                "update signature set seal = '" + seal
                        + "' where docket_id = (select id from docket where number = 212)",
                List.of(true, false, false, true));
    }

    @Test
    void aSignedDocketCannotBeChangedOrSignedAgain() throws Exception {
        SetUpService setUps = server.getBean(SetUpService.class);
        Docket signed = server.getBean(DocketService.class).find(211).orElseThrow();
        Account mara = server.getBean(AccountService.class).byLogin("m.quill").orElseThrow();
        int version = signed.at(1).orElseThrow().row().version();
        assertThatThrownBy(() -> setUps.sweepAgain(211, 1, version, mara.id()))
                .isInstanceOf(DocketConflict.class)
                .hasMessageContaining("is signed");
        assertThatThrownBy(() -> ledger().sign(211, ledger().contentSeal(signed), "", mara))
                .isInstanceOf(DocketConflict.class)
                .hasMessageContaining("signed already");
    }

    @Test
    void nothingIsSignedThatIsNotJudgedOrNotSeen() {
        Account mara = server.getBean(AccountService.class).byLogin("m.quill").orElseThrow();
        assertThatThrownBy(() -> ledger().sign(214, "", "", mara))
                .isInstanceOf(SigningRefused.class)
                .hasMessageContaining("Not every verdict is accepted");
        assertThat(server.getBean(DocketService.class)
                        .find(214)
                        .orElseThrow()
                        .row()
                        .signed())
                .isFalse();
    }
}
