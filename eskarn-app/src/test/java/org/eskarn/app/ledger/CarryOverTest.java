package org.eskarn.app.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import java.util.zip.GZIPInputStream;
import org.eskarn.app.ledger.document.SignedDocument;
import org.eskarn.app.ledger.document.SignedDocument.RequirementPart;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.storage.UpgradeTest;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.simple.JdbcClient;

/**
 * Dockets signed before there were documents, in a database file of that time: 211, 212, 213, 235 and 251, the last with an
 * override, a master, a second inspector, a correction and steps left out.
 */
class CarryOverTest {

    private static final List<Integer> SIGNED = List.of(213, 212, 211, 235, 251);

    private static Path folderOfThen() throws IOException {
        Path folder = Eskarn.newFolder();
        try (InputStream packed = Objects.requireNonNull(UpgradeTest.class.getResourceAsStream("schema-9.mv.db.gz"))) {
            Files.copy(new GZIPInputStream(packed), folder.resolve("eskarn.mv.db"));
        }
        return folder;
    }

    private static void tamper(Path folder, String sql) {
        JdbcClient database = Eskarn.database(folder);
        assertThat(database.sql(sql).update()).isPositive();
        database.sql("shutdown").update();
    }

    private static List<SignedDocument> documents(ConfigurableApplicationContext works) {
        return works.getBean(LedgerMapper.class).following(1, 100).stream()
                .map(DocumentRow::document)
                .toList();
    }

    @Test
    void docketsSignedBeforeAreCarriedOverOnceAndSaySo() throws IOException {
        Path folder = folderOfThen();
        try (ConfigurableApplicationContext works = Eskarn.serve(folder, true)) {
            List<SignedDocument> documents = documents(works);
            assertThat(documents)
                    .extracting(document -> document.docket().number())
                    .containsExactlyInAnyOrderElementsOf(SIGNED);
            assertThat(documents).allSatisfy(document -> {
                assertThat(Objects.requireNonNull(document.carriedOver()).unbroken())
                        .isTrue();
                assertThat(Objects.requireNonNull(document.carriedOver()).statement())
                        .contains("carried over from the record");
            });
            SignedDocument everything = documents.get(documents.size() - 1);
            assertThat(everything.docket().number()).isEqualTo(251);
            assertThat(everything.outcome()).isEqualTo("NOT_PROVEN");
            RequirementPart bore = everything.requirements().get(1);
            assertThat(bore.attempts()).hasSize(2);
            assertThat(bore.remedies()).hasSize(1);
            assertThat(Objects.requireNonNull(bore.result().figures()).figure()).isEqualTo("72.0040");
            assertThat(works.getBean(LedgerVerification.class)
                            .verify(folder.resolve("eskarn.heads"))
                            .problem())
                    .isEmpty();
        }
        List<String> heads = Files.readAllLines(folder.resolve("eskarn.heads"));
        assertThat(heads).hasSize(SIGNED.size());
        try (ConfigurableApplicationContext again = Eskarn.serve(folder, true)) {
            assertThat(documents(again)).hasSize(SIGNED.size());
            assertThat(Files.readAllLines(folder.resolve("eskarn.heads"))).isEqualTo(heads);
        }
    }

    @Test
    void whatNoLongerBoreOutItsSealIsCarriedOverAsThat() throws IOException {
        Path folder = folderOfThen();
        tamper(
                folder,
                "update reading set number = '0.6', typed = '0.6' where id = (select max(r.id) from reading r"
                        + " join sweep s on s.id = r.sweep_id join set_up u on u.id = s.set_up_id"
                        + " join docket d on d.id = u.docket_id where d.number = 211)");
        tamper(
                folder,
                "update signature set remark = 'all good' where docket_id ="
                        + " (select id from docket where number = 213)");
        try (ConfigurableApplicationContext works = Eskarn.serve(folder, true)) {
            for (SignedDocument document : documents(works)) {
                int docket = document.docket().number();
                assertThat(Objects.requireNonNull(document.carriedOver()).unbroken())
                        .as("docket " + docket)
                        .isEqualTo(docket != 211 && docket != 213);
            }
        }
    }
}
