package org.eskarn.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.start.CommandLine;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;

/** A data folder is verified from the command line, without the server and without changing anything. */
class VerifyCommandTest {

    private static final Path WORKS = Eskarn.newFolder();

    @BeforeAll
    static void makeRecords() {
        Eskarn.serve(WORKS, true).close();
    }

    private record Said(int code, String text) {}

    private static Said verify(String... arguments) {
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        CommandLine line = CommandLine.of(
                arguments.length > 1
                        ? List.of("--data", arguments[0], "--heads", arguments[1])
                        : List.of("--data", arguments[0]));
        int code = VerifyCommand.run(line, new PrintStream(said, true, StandardCharsets.UTF_8));
        return new Said(code, said.toString(StandardCharsets.UTF_8));
    }

    private static Path copy() throws IOException {
        Path copy = Eskarn.newFolder();
        try (Stream<Path> files = Files.list(WORKS)) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                Files.copy(file, copy.resolve(file.getFileName()));
            }
        }
        return copy;
    }

    private static void change(Path folder, String sql) {
        JdbcClient database = Eskarn.database(folder);
        assertThat(database.sql(sql).update()).isPositive();
        database.sql("shutdown").update();
    }

    @Test
    void anUntouchedFolderIsInOrderAndStaysUntouched() throws IOException {
        byte[] before = Files.readAllBytes(WORKS.resolve("eskarn.mv.db"));
        Said said = verify(WORKS.toString());
        assertThat(said.text()).contains("signed documents and ").endsWith("heads checked: all in order\n");
        assertThat(said.code()).isZero();
        assertThat(Files.readAllBytes(WORKS.resolve("eskarn.mv.db"))).isEqualTo(before);
    }

    @Test
    void aReadingThatWasChangedIsNamedWithBothValues() throws IOException {
        Path folder = copy();
        change(
                folder,
                "update reading set number = '9', typed = '9' where id = (select min(r.id) from reading r"
                        + " join sweep s on s.id = r.sweep_id join set_up u on u.id = s.set_up_id"
                        + " join docket d on d.id = u.docket_id where d.number = 211)");
        Said said = verify(folder.toString());
        assertThat(said.text())
                .contains("requirements 1 attempts 1 sweeps 1 readings 1")
                .contains("now “9”");
        assertThat(said.code()).isEqualTo(1);
    }

    @Test
    void headsThatWereKeptElsewhereTellWhatTheFolderNoLongerKnows() throws IOException {
        Path kept = Eskarn.newFolder().resolve("kept.txt");
        Files.copy(WORKS.resolve("eskarn.heads"), kept);
        Path folder = copy();
        change(folder, "delete from document_check where number = (select max(number) from signed_document)");
        change(
                folder,
                "update docket set signed = false where id = (select docket_id from signed_document"
                        + " where number = (select max(number) from signed_document))");
        change(folder, "delete from signed_document where number = (select max(number) from signed_document)");
        change(
                folder,
                "update ledger_head set number = (select max(number) from signed_document),"
                        + " hash = (select hash from signed_document order by number desc limit 1)");
        List<String> heads = Files.readAllLines(kept);
        Files.write(folder.resolve("eskarn.heads"), heads.subList(0, heads.size() - 1));
        assertThat(verify(folder.toString()).code()).isZero();
        Said said = verify(folder.toString(), kept.toString());
        assertThat(said.text()).contains("the end is missing: the heads file names document " + heads.size());
        assertThat(said.code()).isEqualTo(1);
    }

    @Test
    void aFolderWithoutRecordsOrHeadsIsToldApart() throws IOException {
        assertThat(verify(Eskarn.newFolder().toString()))
                .satisfies(said -> assertThat(said.code()).isEqualTo(2))
                .satisfies(said -> assertThat(said.text()).contains("holds no records"));
        assertThat(verify(WORKS.toString(), "/no/such/heads").text()).contains("there is no heads file");
        Path folder = copy();
        Files.delete(folder.resolve("eskarn.pub"));
        assertThat(verify(folder.toString()).text()).contains("all in order");
        assertThat(folder.resolve("eskarn.pub")).doesNotExist();
        Files.delete(folder.resolve("eskarn.key"));
        assertThat(verify(folder.toString()).text()).contains("signed with a key that is not among the public keys");
    }
}
