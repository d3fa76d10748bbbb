package org.eskarn.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.BufferedReader;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import javax.sql.DataSource;
import org.eskarn.app.account.Account;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.backup.Backup;
import org.eskarn.app.backup.BackupCommand;
import org.eskarn.app.backup.BackupService;
import org.eskarn.app.backup.Backups;
import org.eskarn.app.page.Units;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.start.CommandLine;
import org.eskarn.app.start.StartRefused;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.simple.JdbcClient;

class BackupCommandTest {

    private static final String HEADS = "eskarn.heads";
    private static final int REFUSED = 2;
    private static final Clock CLOCK = Clock.systemDefaultZone();

    private record Said(int code, String text) {}

    private interface Command {
        int run(PrintStream out);
    }

    private static Said said(Command command) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        int code = command.run(new PrintStream(out, true, StandardCharsets.UTF_8));
        return new Said(code, out.toString(StandardCharsets.UTF_8));
    }

    private static CommandLine line(Path folder, String... more) {
        List<String> arguments = new ArrayList<>(List.of(more));
        arguments.addAll(List.of("--data", folder.toString()));
        return CommandLine.of(arguments);
    }

    private static String verified(Path folder) {
        return said(out -> VerifyCommand.run(line(folder), out)).text();
    }

    /** Made while people work; put back into another folder, it is all there and in order. */
    @Test
    void aServerAtWorkIsBackedUpWholeAndPutBack() throws Exception {
        Path file;
        try (ConfigurableApplicationContext server = Eskarn.serve(Eskarn.demoFolder(), true)) {
            AccountService accounts = server.getBean(AccountService.class);
            Account mara = accounts.byLogin("m.quill").orElseThrow();
            AtomicBoolean working = new AtomicBoolean(true);
            AtomicInteger changes = new AtomicInteger();
            Thread people = new Thread(() -> {
                while (working.get()) {
                    accounts.setUnits(mara.id(), Units.values()[changes.incrementAndGet() % Units.values().length]);
                }
            });
            people.start();
            file = server.getBean(BackupService.class).now().file();
            working.set(false);
            people.join();
            assertThat(changes.get()).isPositive();
        }

        Path other = Eskarn.newFolder();
        assertThat(said(out -> BackupCommand.restore(file, other, CLOCK, out)).text())
                .contains("Put back: the records as they were at");
        assertThat(verified(other)).contains("in order");

        Files.writeString(other.resolve(HEADS), "spoilt");
        Said again = said(out -> BackupCommand.restore(file, other, CLOCK, out));
        assertThat(again.text()).contains("What was there before lies in");
        assertThat(verified(other)).contains("in order");
        Path aside = Path.of(
                again.text().substring(again.text().indexOf("lies in ") + 8).strip());
        assertThat(aside.resolve(HEADS)).hasContent("spoilt");
        assertThat(aside.resolve("eskarn.mv.db")).exists();
    }

    /** The console asks the server that uses the records, which is a process of its own. */
    @Test
    void theConsoleAsksTheRunningServer() throws Exception {
        Path folder = Eskarn.demoFolder();
        Path file = Eskarn.newFolder().resolve("kept.zip");
        Process server = Eskarn.process("serve", "--demo", "--port", "0", "--data", folder.toString())
                .start();
        try (BufferedReader lines = server.inputReader(StandardCharsets.UTF_8)) {
            assertThat(lines.lines().filter(line -> line.contains("records in")).findFirst())
                    .isPresent();
            Said made = said(out -> BackupCommand.backup(folder, file, null, CLOCK, out));
            assertThat(made.text()).contains("Backup made and checked").contains("signed dockets");
            assertThat(made.code()).isZero();
            assertThat(Backups.look(file).documents()).isPositive();
            assertThat(said(out -> BackupCommand.backup(folder, file.resolve("x.zip"), null, CLOCK, out))
                            .text())
                    .contains("No backup was made");
            assertThat(said(out -> BackupCommand.restore(file, folder, CLOCK, out))
                            .text())
                    .contains("A server uses the records");
            try (Stream<Path> left = Files.list(folder)) {
                assertThat(left.map(Path::toString)).noneMatch(each -> each.contains("backup-"));
            }
        } finally {
            server.destroy();
            server.waitFor();
        }
    }

    @Test
    void aStewardWhoCannotSignInGetsALinkFromTheConsole() {
        Path folder = Eskarn.demoFolder();
        Said none = said(out -> PasswordLinkCommand.run(line(folder, "no.body"), out));
        assertThat(none.text()).contains("There is no account with the sign-in name no.body");
        assertThat(none.code()).isEqualTo(REFUSED);
        Said given = said(out -> PasswordLinkCommand.run(line(folder, "e.korrin"), out));
        assertThat(given.text()).contains("there Edda Korrin sets a password").doesNotContain("Exception");
        assertThat(given.code()).isZero();
    }

    @Test
    void whatIsNoBackupOrWasDamagedChangesNothing() throws Exception {
        Path folder = Eskarn.demoFolder();
        byte[] before = Files.readAllBytes(folder.resolve(HEADS));
        Path file = Eskarn.newFolder().resolve("kept.zip");
        assertThat(said(out -> BackupCommand.backup(folder, file, null, CLOCK, out))
                        .code())
                .isZero();
        try (RandomAccessFile damaged = new RandomAccessFile(file.toFile(), "rw")) {
            damaged.seek(damaged.length() / 2);
            damaged.write(new byte[64]);
        }
        assertThat(said(out -> BackupCommand.restore(file, folder, CLOCK, out)).code())
                .isEqualTo(REFUSED);
        Path none = Files.writeString(file.resolveSibling("none.zip"), "not a backup");
        assertThat(said(out -> BackupCommand.restore(none, folder, CLOCK, out)).text())
                .contains("is no backup of Eskarn");
        assertThat(folder.resolve(HEADS)).hasBinaryContent(before);
        assertThat(verified(folder)).contains("in order");
        assertThat(said(out -> BackupCommand.backup(folder, none.resolve("x.zip"), null, CLOCK, out))
                        .text())
                .contains("No backup was made");
    }

    @Test
    void anUpgradeMakesOneFirstAndALaterVersionsRecordsAreLeftAlone() {
        Path folder = Eskarn.newFolder();
        DataSource database = Eskarn.closed(folder);
        Flyway.configure().dataSource(database).target("18").load().migrate();
        JdbcClient.create(database)
                .sql("insert into installation (id, demo, made_at) values (1, false, now())")
                .update();
        JdbcClient.create(database).sql("shutdown").update();
        Eskarn.serve(folder, false).close();
        List<Backup> made = Backups.in(folder.resolve("backups"));
        assertThat(made).singleElement().extracting(Backup::name).asString().startsWith("before-upgrade-of-18-");

        JdbcClient.create(database)
                .sql("update \"flyway_schema_history\" set \"version\" = '999' where \"version\" = '20'")
                .update();
        JdbcClient.create(database).sql("shutdown").update();
        assertThatThrownBy(() -> Eskarn.serve(folder, false))
                .hasRootCauseInstanceOf(StartRefused.class)
                .rootCause()
                .hasMessageContaining("written by a later version");
        Said verified = said(out -> EskarnMain.run("verify", List.of("--data", folder.toString()), out));
        assertThat(verified.text().lines()).singleElement().asString().contains("written by a later version");
        assertThat(verified.code()).isEqualTo(REFUSED);
        assertThat(Instant.now(CLOCK)).isAfter(made.get(0).madeAt());
    }
}
