package org.eskarn.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.start.StartFailure;
import org.eskarn.app.start.StartRefused;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;

/** Records moved from their file to a database server, and back by way of a backup. */
class MoveCommandTest {

    private record Said(int code, String text) {}

    private static Said run(String command, String... arguments) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        int code = EskarnMain.run(command, List.of(arguments), new PrintStream(out, true, StandardCharsets.UTF_8));
        return new Said(code, out.toString(StandardCharsets.UTF_8));
    }

    @Test
    void everythingIsThereAfterTheMoveAndAfterTheWayBack() {
        Path folder = Eskarn.demoFolder();
        String database = Eskarn.newServerDatabase();
        Said moved = run("move", "--data", folder.toString(), "--database", database);
        assertThat(moved.text()).contains("signed documents, are now in").contains("put aside in");
        assertThat(moved.code()).isZero();
        assertThat(folder.resolve("eskarn.mv.db")).doesNotExist();
        String order = run("verify", "--data", folder.toString(), "--database", database)
                .text();
        assertThat(order).contains("all in order");

        // Nobody begins new records in the folder, or another's in the database, by mistake.
        assertThatThrownBy(() -> StartFailure.checkFolder(folder, null))
                .isInstanceOf(StartRefused.class)
                .hasMessageContaining("are on a server: add --database " + database);
        assertThat(run("verify", "--data", folder.toString()).text()).contains("add --database " + database);
        assertThat(run("password-link", "e.korrin", "--data", folder.toString()).text())
                .contains("add --database " + database);
        assertThat(folder.resolve("eskarn.mv.db")).doesNotExist();
        Path another = Eskarn.demoFolder();
        assertThatThrownBy(() -> StartFailure.checkFolder(another, database))
                .isInstanceOf(StartRefused.class)
                .hasMessageContaining("holds records in a file");
        Said onto = run("move", "--data", another.toString(), "--database", database);
        assertThat(onto.text()).contains("holds records already, and nothing was moved");
        assertThat(onto.code()).isEqualTo(2);
        assertThat(another.resolve("eskarn.mv.db")).exists();

        int opened;
        try (ConfigurableApplicationContext server = Eskarn.serveOn(database, folder)) {
            // Keys of new rows go on behind those that were moved.
            opened = org.eskarn.app.running.Work.open(server, "TG-110", "C", 1, "m.quill")
                    .number();
        }
        Path file = Eskarn.newFolder().resolve("kept.zip");
        assertThat(run("backup", file.toString(), "--data", folder.toString(), "--database", database)
                        .text())
                .contains("Backup made and checked");
        assertThat(run("restore", file.toString(), "--data", folder.toString()).text())
                .contains("Put back");
        assertThat(run("verify", "--data", folder.toString()).text()).isEqualTo(order);
        StartFailure.checkFolder(folder, null);
        try (ConfigurableApplicationContext server = Eskarn.serve(folder, true)) {
            assertThat(server.getBean(DocketService.class).find(opened)).isPresent();
        }
    }

    @Test
    void whatCannotBeReachedIsSaidInOneSentence() {
        Path folder = Eskarn.demoFolder();
        String nowhere = Eskarn.newServerDatabase().replaceAll("/data[0-9]+", "/no_such_database");
        assertThat(run("move", "--data", folder.toString(), "--database", nowhere)
                        .text())
                .isEqualTo(
                        "eskarn: There is no such database on the server: create it first, as docs/OPERATION.md says.\n");
        assertThat(run("move", "--data", folder.toString(), "--database", "jdbc:postgresql://127.0.0.1:1/x")
                        .text())
                .isEqualTo(
                        "eskarn: The database server cannot be reached: look whether it runs, and whether its address is right.\n");
        assertThat(run("move", "--data", folder.toString(), "--database", "postgres://x")
                        .text())
                .contains("A database is named by its address, such as jdbc:postgresql://");
        assertThat(run("move", "--data", folder.toString(), "--database", "jdbc:postgresql://x/y?password=z")
                        .text())
                .contains("No password belongs into an address");
        assertThat(folder.resolve("eskarn.mv.db")).exists();
    }
}
