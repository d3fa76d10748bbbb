package org.eskarn.app.signin;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.account.Sessions;
import org.eskarn.app.backup.Backup;
import org.eskarn.app.backup.BackupService;
import org.eskarn.app.ledger.LedgerVerification;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.Work;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;

/** Two instances behind one address, with their records on one database server. */
class SeveralInstancesTest {

    private static ConfigurableApplicationContext one;
    private static ConfigurableApplicationContext other;
    private static Path folderOfOther;
    private static String database;

    @BeforeAll
    static void start() throws Exception {
        database = Eskarn.newServerDatabase();
        Path folder = Eskarn.newFolder();
        one = Eskarn.serveOn(database, folder);
        folderOfOther = Eskarn.newFolder();
        for (String file : List.of("eskarn.key", "eskarn.pub")) {
            Files.copy(folder.resolve(file), folderOfOther.resolve(file));
        }
        other = Eskarn.serveOn(database, folderOfOther);
    }

    @AfterAll
    static void stop() {
        one.close();
        other.close();
    }

    @Test
    void whoSignsInAtOneIsSignedInAtTheOtherAndSignedOutEverywhere() {
        Visitor mara = Visitor.of(Eskarn.address(one));
        assertThat(mara.post("/sign-in", "login=m.quill&password=" + Eskarn.PASSWORD)
                        .headers()
                        .firstValue("location"))
                .contains("/");
        assertThat(mara.get("/").body()).contains("Mara Quill");
        Visitor there = mara.at(Eskarn.address(other));
        assertThat(there.get("/").body()).contains("Mara Quill");
        other.getBean(Sessions.class)
                .signOut(other.getBean(AccountService.class).byLogin("m.quill").orElseThrow(), null);
        assertThat(mara.get("/").statusCode()).isEqualTo(302);
        assertThat(there.get("/").statusCode()).isEqualTo(302);
    }

    @Test
    void whileTheServerIsGoneEverybodyIsToldAndThenItGoesOn() {
        Visitor mara = Visitor.of(Eskarn.address(one));
        mara.post("/sign-in", "login=m.quill&password=" + Eskarn.PASSWORD);
        Eskarn.reachable(database, false);
        try {
            assertThat(mara.get("/").statusCode()).isEqualTo(503);
            assertThat(mara.get("/").body()).contains("The records cannot be reached");
            assertThat(mara.get("/server/health/readiness").statusCode()).isEqualTo(503);
        } finally {
            Eskarn.reachable(database, true);
        }
        assertThat(mara.get("/").body()).contains("Mara Quill");
    }

    /** A server at work makes backups of what is on the database server, and its connections are as they were afterwards. */
    @Test
    void anInstanceBacksUpWhatIsOnTheServer() throws Exception {
        Backup made = one.getBean(BackupService.class).now();
        assertThat(made.documents()).isPositive();
        Work.open(one, "TG-110", "C", 1, "m.quill").sign("m.quill", "not read");
        assertThat(one.getBean(BackupService.class).now().documents()).isGreaterThan(made.documents());
    }

    /** Dockets worked and signed at both at once get numbers without a gap, and each instance finds the whole chain in order. */
    @Test
    void bothSignIntoOneChain() throws Exception {
        ExecutorService both = Executors.newFixedThreadPool(2);
        List<Callable<Void>> work = new ArrayList<>();
        for (ConfigurableApplicationContext each : List.of(one, other)) {
            work.add(() -> {
                for (int i = 0; i < 4; i++) {
                    // Of different parts, so that nothing but the numbers has to wait for the other.
                    Work.open(each, each == one ? "TG-110" : "TG-131", each == one ? "C" : "A", 1, "m.quill")
                            .sign("m.quill", "not read");
                }
                return null;
            });
        }
        for (Future<Void> done : both.invokeAll(work)) {
            done.get();
        }
        both.shutdown();
        for (ConfigurableApplicationContext each : List.of(one, other)) {
            LedgerVerification.Report report =
                    each.getBean(LedgerVerification.class).verify(folderOfOther.resolve("eskarn.heads"));
            assertThat(report.problem()).isEmpty();
            assertThat(report.documents()).isGreaterThanOrEqualTo(8);
            // It keeps the heads of what was signed through it.
            assertThat(report.heads()).isBetween(4, report.documents());
        }
    }
}
