package org.eskarn.app.ledger;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import javax.sql.DataSource;
import org.eskarn.app.docket.AttemptKind;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.ledger.LedgerReading.Entry;
import org.eskarn.app.ledger.LedgerReading.Seen;
import org.eskarn.app.ledger.document.Finding;
import org.eskarn.app.ledger.document.Finding.Kind;
import org.eskarn.app.ledger.document.Json;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.Work;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Signing, and what is found out afterwards, on a folder of its own because it is tampered with. */
class LedgerTest {

    private static final Path FOLDER = Eskarn.newFolder();
    private static final int SIGNED_IN_THE_DEMO = 212;
    private static final String MARA = "m.quill";

    private static ConfigurableApplicationContext server;

    @BeforeAll
    static void start() {
        server = Eskarn.serve(FOLDER, true);
        server.getBean(CheckRun.class).settle();
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    private static LedgerMapper mapper() {
        return server.getBean(LedgerMapper.class);
    }

    private static Optional<Finding> finding(int document) {
        return server.getBean(DocumentChecks.class)
                .examine(mapper().byNumber(document).orElseThrow());
    }

    private static Optional<String> problem() {
        return server.getBean(LedgerVerification.class)
                .verify(FOLDER.resolve("eskarn.heads"))
                .problem();
    }

    private static DocumentRow signedInTheDemo() {
        return mapper().ofDocket(SIGNED_IN_THE_DEMO).orElseThrow();
    }

    private static Seen seen(int docket) {
        return server.getBean(LedgerReading.class).sheet(docket).orElseThrow();
    }

    private static JdbcClient database() {
        return JdbcClient.create(server.getBean(DataSource.class));
    }

    private static void store(DocumentRow row) {
        database()
                .sql("update signed_document set body = ?, hash = ?, previous = ?, key_id = ?, signature = ?"
                        + " where number = ?")
                .params(row.body(), row.hash(), row.previous(), row.keyId(), row.signature(), row.number())
                .update();
    }

    private static byte[] falsified(DocumentRow row) {
        String text = new String(row.canonical(), StandardCharsets.UTF_8);
        String falsified = text.replaceFirst("\"remark\":\"[^\"]*\"", "\"remark\":\"all is well\"");
        assertThat(falsified).isNotEqualTo(text);
        return falsified.getBytes(StandardCharsets.UTF_8);
    }

    private static DocumentRow with(DocumentRow row, byte[] canonical, String hash, String signature) {
        return new DocumentRow(
                row.number(),
                row.docketId(),
                row.docketNumber(),
                row.documentSchema(),
                Packed.pack(canonical),
                hash,
                row.previous(),
                row.keyId(),
                signature,
                row.signedAt());
    }

    private interface Attack {
        void run() throws Exception;
    }

    /** Whatever is done is undone by putting all documents, the end of the chain and the heads file back. */
    private static void undone(Attack attack) throws Exception {
        server.getBean(CheckRun.class).settle();
        List<DocumentRow> rows = mapper().following(1, 10_000);
        String head = mapper().head().hash();
        byte[] heads = Files.readAllBytes(FOLDER.resolve("eskarn.heads"));
        attack.run();
        Files.write(FOLDER.resolve("eskarn.heads"), heads);
        for (DocumentRow row : rows) {
            if (mapper().byNumber(row.number()).isPresent()) {
                store(row);
            } else {
                mapper().insert(row);
            }
        }
        database()
                .sql("update ledger_head set number = ?, hash = ?")
                .params(rows.size(), head)
                .update();
        assertThat(problem()).isEmpty();
    }

    @Test
    void whoAltersADocumentIsFoundOutAndNothingOfItIsShown() throws Exception {
        DocumentRow row = signedInTheDemo();
        byte[] other = falsified(row);
        for (Map.Entry<DocumentRow, Kind> attack : Map.of(
                        with(row, other, row.hash(), row.signature()), Kind.ALTERED,
                        with(row, "[".getBytes(StandardCharsets.UTF_8), row.hash(), row.signature()), Kind.ALTERED,
                        with(row, other, Json.hash(other), row.signature()), Kind.SIGNATURE)
                .entrySet()) {
            undone(() -> {
                store(attack.getKey());
                assertThat(finding(row.number())).map(Finding::kind).contains(attack.getValue());
                assertThat(seen(SIGNED_IN_THE_DEMO).sheet()).isEmpty();
                assertThat(entry().shown()).isEmpty();
                assertThat(entry().state()).isEqualTo(DocumentState.BROKEN);
                assertThat(problem())
                        .hasValueSatisfying(said -> assertThat(said)
                                .startsWith("Document " + row.number() + ": " + attackWords(attack.getValue())));
            });
        }
    }

    private static String attackWords(Kind kind) {
        return new Finding(kind, "").words();
    }

    private static Entry entry() {
        return server.getBean(LedgerReading.class).page(0).entries().stream()
                .filter(entry -> entry.docket() == SIGNED_IN_THE_DEMO)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void anotherKeyIsNotAmongThoseOfTheWorks() throws Exception {
        Path elsewhere = Eskarn.newFolder().resolve("own.key");
        KeyReplacement.make(elsewhere);
        InstallationKey own = new InstallationKey(elsewhere, false);
        own.open(false);
        DocumentRow row = signedInTheDemo();
        byte[] other = new String(falsified(row), StandardCharsets.UTF_8)
                .replace(row.keyId(), own.id().orElseThrow())
                .getBytes(StandardCharsets.UTF_8);
        undone(() -> {
            store(new DocumentRow(
                    row.number(),
                    row.docketId(),
                    row.docketNumber(),
                    row.documentSchema(),
                    Packed.pack(other),
                    Json.hash(other),
                    row.previous(),
                    own.id().orElseThrow(),
                    own.sign(other),
                    row.signedAt()));
            assertThat(finding(row.number())).map(Finding::kind).contains(Kind.UNKNOWN_KEY);
        });
    }

    /** Even with the key in hand: every document from one on is written anew and signed, and only the heads tell. */
    @Test
    void aHistoryThatIsWrittenAnewWithTheKeyIsToldByTheHeads() throws Exception {
        InstallationKey key = server.getBean(InstallationKey.class);
        int first = signedInTheDemo().number();
        undone(() -> {
            String before = "";
            for (DocumentRow row : mapper().following(first, 10_000)) {
                byte[] written = row.number() == first
                        ? falsified(row)
                        : new String(row.canonical(), StandardCharsets.UTF_8)
                                .replace(row.previous(), before)
                                .getBytes(StandardCharsets.UTF_8);
                DocumentRow forged = with(row, written, Json.hash(written), key.sign(written));
                store(new DocumentRow(
                        forged.number(),
                        forged.docketId(),
                        forged.docketNumber(),
                        forged.documentSchema(),
                        forged.body(),
                        forged.hash(),
                        before.isEmpty() ? row.previous() : before,
                        forged.keyId(),
                        forged.signature(),
                        forged.signedAt()));
                before = forged.hash();
            }
            database().sql("update ledger_head set hash = ?").param(before).update();
            assertThat(problem()).hasValueSatisfying(said -> assertThat(said).contains("history was rewritten"));
            // A line of the forger's own after the true one changes nothing.
            Files.writeString(
                    FOLDER.resolve("eskarn.heads"),
                    first + " " + mapper().byNumber(first).orElseThrow().hash() + " 2030-01-01T00:00:00Z\n",
                    java.nio.file.StandardOpenOption.APPEND);
            assertThat(finding(first)).map(Finding::kind).contains(Kind.REWRITTEN);
        });
    }

    @Test
    void aDocumentThatIsTakenAwayIsMissedInTheMiddleAndAtTheEnd() throws Exception {
        int middle = signedInTheDemo().number();
        int last = mapper().head().number();
        assertThat(middle).isLessThan(last);
        undone(() -> {
            take(middle);
            assertThat(problem())
                    .contains("Document " + (middle + 1) + ": document " + middle + " before it is missing.");
        });
        undone(() -> {
            take(last);
            database()
                    .sql("update ledger_head set number = ?, hash = ?")
                    .params(last - 1, mapper().byNumber(last - 1).orElseThrow().hash())
                    .update();
            assertThat(problem())
                    .hasValueSatisfying(said -> assertThat(said).contains("the heads file names document " + last));
            Files.delete(FOLDER.resolve("eskarn.heads"));
            assertThat(problem()).hasValueSatisfying(said -> assertThat(said).contains("there is no document of it"));
        });
    }

    private static void take(int number) {
        database()
                .sql("delete from document_check where number = ?")
                .param(number)
                .update();
        database()
                .sql("delete from signed_document where number = ?")
                .param(number)
                .update();
    }

    @Test
    void whatComesAfterABrokenDocumentIsMarked() throws Exception {
        DocumentRow row = signedInTheDemo();
        undone(() -> {
            store(with(row, falsified(row), row.hash(), row.signature()));
            assertThat(problem()).isPresent();
            for (Entry entry : server.getBean(LedgerReading.class).page(0).entries()) {
                assertThat(entry.state())
                        .as("document " + entry.number())
                        .isEqualTo(
                                entry.number() < row.number()
                                        ? DocumentState.IN_ORDER
                                        : entry.number() == row.number()
                                                ? DocumentState.BROKEN
                                                : DocumentState.AFTER_BROKEN);
            }
        });
    }

    /** Gauges are marked anew, people marry, materials get better names: what was signed stays as it was, and in order. */
    @Test
    void whatIsRenamedAfterwardsLeavesSignedSheetsAsTheyWere() {
        Seen before = seen(SIGNED_IN_THE_DEMO);
        assertThat(before.finding()).isEmpty();
        database().sql("create table kept as select * from gauge").update();
        database()
                .sql("update gauge set mark = mark || '.1', name = 'renamed', serial = 'new', graduation = '2',"
                        + " error_limit = '9'")
                .update();
        database().sql("update account set name = 'Renamed ' || name").update();
        assertThat(problem()).isEmpty();
        assertThat(seen(SIGNED_IN_THE_DEMO)).isEqualTo(before);
        database().sql("update account set name = substring(name, 9)").update();
        database()
                .sql(
                        "update gauge g set (mark, name, serial, graduation, error_limit) = (select k.mark, k.name, k.serial,"
                                + " k.graduation, k.error_limit from kept k where k.id = g.id)")
                .update();
        database().sql("drop table kept").update();
    }

    @Test
    void severalWhoSignAtOnceFollowEachOtherAndTheLedgerCanBeReadMeanwhile() throws Exception {
        List<Work> works = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            works.add(Work.open(server, "TG-110", "C", 1, MARA).judge(MARA, "0 2 5 9 12 9 5 2 0"));
        }
        int before = mapper().head().number();
        ExecutorService people = Executors.newFixedThreadPool(works.size() + 2);
        try {
            List<Future<?>> all = new ArrayList<>();
            for (Work work : works) {
                all.add(people.submit((Callable<Work>) () -> work.sign(MARA, "journal A only")));
            }
            for (int reader = 0; reader < 2; reader++) {
                all.add(people.submit(() -> IntStream.range(0, 20)
                        .forEach(i -> assertThat(server.getBean(LedgerReading.class)
                                        .checks()
                                        .end())
                                .isEmpty())));
            }
            for (Future<?> each : all) {
                each.get();
            }
        } finally {
            people.shutdown();
        }
        assertThat(mapper().following(before + 1, 100))
                .extracting(DocumentRow::number)
                .containsExactlyElementsOf(
                        IntStream.rangeClosed(before + 1, before + 8).boxed().toList());
        assertThat(Heads.read(FOLDER.resolve("eskarn.heads"))).hasSize(before + 8);
        assertThat(problem()).isEmpty();
    }

    @Test
    void nothingIsSignedThatIsNotJudgedNotSeenOrNotExplained() throws Exception {
        LedgerService ledger = server.getBean(LedgerService.class);
        Work open = Work.open(server, "TG-110", "C", 1, MARA);
        assertThatThrownBy(() -> ledger.sign(open.number(), "", "", open.account(MARA)))
                .isInstanceOf(SigningRefused.class)
                .hasMessageContaining("Not every verdict is accepted");
        Work work = Work.open(server, "TG-110", "C", 1, MARA).judge(MARA, "0 6 13 20 26 20 13 6 0");
        work.leaveOthersOut(MARA);
        String seen = ledger.contentHash(work.docket());
        assertThatThrownBy(() -> ledger.sign(work.number(), seen, " ", work.account(MARA)))
                .hasMessageContaining(
                        "Not everything passes: enter what happens to the piece, e.g. “regrind journal B”");
        assertThatThrownBy(() -> ledger.sign(work.number(), seen, Eskarn.PASSWORD, work.account(MARA)))
                .hasMessageContaining("That was your password");
        assertThat(work.docket().signed()).isFalse();
        work.begin(MARA, AttemptKind.CORRECTED, "ground").sweep(MARA, "0 2 5 9 12 9 5 2 0");
        work.confirm(MARA, org.eskarn.app.docket.Step.VERDICT);
        assertThatThrownBy(() -> ledger.sign(work.number(), seen, "grind", work.account(MARA)))
                .hasMessageContaining("This docket has changed since you opened the page: review it, then sign");
        ledger.sign(work.number(), ledger.contentHash(work.docket()), "ground, then good", work.account(MARA));
        assertThatThrownBy(() ->
                        ledger.sign(work.number(), ledger.contentHash(work.docket()), "once more", work.account(MARA)))
                .isInstanceOf(DocketConflict.class)
                .hasMessageContaining("signed already");
        assertThatThrownBy(() -> work.oneMore(MARA)).hasMessageContaining("is signed");
    }

    /** A signature of the old kind that somebody writes into the database gets no document. */
    @Test
    void aDocketThatIsClosedByHandIsNotTakenForSigned() throws Exception {
        Work work = Work.open(server, "TG-110", "C", 1, MARA).judge(MARA, "0 2 5 9 12 9 5 2 0");
        database()
                .sql(
                        "insert into signature (docket_id, outcome, remark, signed_by, signer_name, signer_role, signed_at,"
                                + " core_version, seal, previous_seal) values ((select id from docket where number = ?), 'PASS', '',"
                                + " 1, 'Mara Quill', 'INSPECTOR', current_timestamp, '5', 'x', 'y')")
                .param(work.number())
                .update();
        database()
                .sql("update docket set signed = true where number = ?")
                .param(work.number())
                .update();
        server.getBean(CheckRun.class).settle();
        assertThat(server.getBean(CarryOver.class).all()).isZero();
        assertThat(problem())
                .hasValueSatisfying(said -> assertThat(said)
                        .contains("docket " + work.number() + " is closed as signed, and there is no document of it"));
        database()
                .sql("delete from signature where core_version = '5' and seal = 'x'")
                .update();
        database()
                .sql("update docket set signed = false where number = ?")
                .param(work.number())
                .update();
        assertThat(problem()).isEmpty();
    }

    @Test
    void withoutItsKeyNothingIsSignedUntilItIsThereAgain() throws IOException {
        Path folder = Eskarn.newFolder();
        assertThat(KeyReplacement.make(folder.resolve("eskarn.key"))).isTrue();
        assertThat(KeyReplacement.make(folder.resolve("eskarn.key"))).isFalse();
        assertThat(Files.getPosixFilePermissions(folder.resolve("eskarn.key")))
                .extracting(Enum::name)
                .containsExactlyInAnyOrder("OWNER_READ", "OWNER_WRITE");
        InstallationKey first = new InstallationKey(folder.resolve("eskarn.key"), false);
        first.open(false);
        Files.delete(folder.resolve("eskarn.key"));
        InstallationKey lost = new InstallationKey(folder.resolve("eskarn.key"), false);
        lost.open(false);
        assertThat(lost.id()).isEmpty();
        assertThatThrownBy(() -> lost.sign(new byte[0])).hasMessageContaining("is missing");
        assertThat(KeyReplacement.make(folder.resolve("eskarn.key"))).isTrue();
        InstallationKey second = new InstallationKey(folder.resolve("eskarn.key"), false);
        second.open(false);
        assertThat(second.id()).isPresent().isNotEqualTo(first.id());
        assertThat(second.publicKeys().named(first.id().orElseThrow())).isPresent();
    }
}
