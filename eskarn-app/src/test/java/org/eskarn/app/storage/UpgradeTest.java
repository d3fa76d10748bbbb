package org.eskarn.app.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import javax.sql.DataSource;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.app.ledger.LedgerVerification;
import org.eskarn.app.running.Eskarn;
import org.eskarn.core.reading.FlickerRule;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Records made by the first schema are still there, and read the same, after all later ones. */
public class UpgradeTest {

    /** Version and checksum; one is added for each schema once it has been given out. */
    private static final String[] GIVEN_OUT = {
        "1 1321969085",
        "2 1282538587",
        "3 992486224",
        "4 -1276933360",
        "5 1795955041",
        "6 -1553479671",
        "7 -828293369",
        "8 1097990060",
        "9 643302632",
        "10 1173589518",
        "11 1585998100",
        "12 -1283100368",
        "13 1011442698",
        "14 799525527",
        "15 -768412200",
        "16 -1260324947",
        "17 290573278",
        "18 1984970151",
        "19 -818394619",
        "20 1183067584",
        "21 -972452143",
        "22 -921771577",
        "23 -1551876294"
    };

    private static final String[] GIVEN_OUT_FOR_A_SERVER = {"21 1888349442", "22 -921771577", "23 -1551876294"};

    private static final Path RECORDS_OF_VERSIONS =
            Path.of("src", "test", "resources", "org", "eskarn", "app", "storage", "records");

    private static final int LAST_KEPT = 18;

    private static final List<String> RECORDS = List.of(
            "insert into installation values (1, false, now())",
            "insert into account values (1, 'o.fenwick', 'Orla Fenwick', 'INSPECTOR', '-', true, now(), 0)",
            "insert into gauge values (1, 'LI-1', 'lever', '1', 'MICROMETRE', '1', 'MICROMETRE', '200', 'MICROMETRE',"
                    + " 'MICROMETRE', 'bench', date '2030-01-01')",
            "insert into part values (1, 'TG-1', 'A', 'Shaft', 'steel')",
            "insert into feature values (1, 1, 'Journal', '40', 'MILLIMETRE', 'the left')",
            "insert into requirement values (1, 1, 1, 1, 'Runout', 'CIRCULAR_RUNOUT_RADIAL', '0.02', 'MILLIMETRE',"
                    + " 'MOVEMENT', 'SIMPLE', null, null, 'centres', '-', 1)",
            "insert into requirement_station values (1, 1, '0'), (1, 2, '120'), (1, 3, '240')",
            "insert into docket values (1, 301, 1, 'S-1', 1, 1, 'final', 'stores', date '2030-01-01', false, 1, now())",
            "insert into set_up values (1, 1, 1, 0, 1, now())",
            "insert into sweep values (1, 1, 1, 1, 1, now())",
            "insert into reading values (1, 1, 1, 1, '+1,50', '1.50', 'MICROMETRE', 'k1', 1, now(), null, null)");

    @Test
    void recordsOfTheFirstSchemaAreReadTheSame() {
        Path folder = Eskarn.newFolder();
        DataSource database = Eskarn.closed(folder);
        Flyway.configure().dataSource(database).target("1").load().migrate();
        RECORDS.forEach(sql -> JdbcClient.create(database).sql(sql).update());
        Flyway.configure().dataSource(database).target("11").load().migrate();
        JdbcClient.create(database)
                .sql("update set_up set sag = '-3', sag_unit = 'MICROMETRE'")
                .update();
        Flyway.configure().dataSource(database).target("16").load().migrate();
        JdbcClient.create(database)
                .sql(
                        "insert into calibration (gauge_id, done_on, done_by, result, points, next_due, note, recorded_by, recorded_at,"
                                + " point_unit, uncertainty) values (1, date '2026-01-01', 'works', 'GOOD', '0: 0; 50: 0.8', date '2030-01-01', '',"
                                + " 1, now(), 'MICROMETRE', '0.2')")
                .update();
        JdbcClient.create(database).sql("shutdown").update();

        try (ConfigurableApplicationContext works = Eskarn.serve(folder, false)) {
            SetUp setUp = works.getBean(DocketService.class)
                    .find(301)
                    .flatMap(docket -> docket.at(1))
                    .orElseThrow();
            assertThat(setUp.sweep().readings().get(0).typed()).isEqualTo("+1,50");
            assertThat(setUp.verdict().value()).isZero();
            assertThat(setUp.sag()).isEqualByComparingTo("3");
            assertThat(setUp.requirement().terms().flicker()).isEqualTo(FlickerRule.MIDDLE);
            // Places stood in the unit of the errors before they had one of their own.
            assertThat(works.getBean(GaugeService.class)
                            .curves(List.of(1L))
                            .get(1L)
                            .largestChange(50))
                    .isCloseTo(0.8, within(1e-9));
        }
    }

    /** Records as the demo of each version left them, with signed dockets; {@code records/README.md} says how they were made. */
    static Stream<Path> givenOut() throws IOException {
        try (Stream<Path> files = Files.list(RECORDS_OF_VERSIONS)) {
            return files.filter(file -> file.toString().endsWith(".zip")).sorted().toList().stream();
        }
    }

    @ParameterizedTest
    @MethodSource("givenOut")
    void recordsOfEveryVersionThatWasGivenOutStayInOrder(Path given) throws IOException {
        Path folder = Eskarn.newFolder();
        try (ZipFile zip = new ZipFile(given.toFile())) {
            for (ZipEntry each : Collections.list(zip.entries())) {
                Files.copy(zip.getInputStream(each), folder.resolve(each.getName()));
            }
        }
        try (ConfigurableApplicationContext works = Eskarn.openKept(folder)) {
            LedgerVerification.Report report =
                    works.getBean(LedgerVerification.class).verify(folder.resolve("eskarn.heads"));
            assertThat(report.problem()).isEmpty();
            assertThat(report.documents()).isGreaterThanOrEqualTo(3);
            assertThat(works.getBeanDefinitionNames())
                    .as("a command that reads records sends nothing")
                    .contains("webHooks")
                    .doesNotContain("hookDelivery", "dailyRun");
            assertThat(report.heads()).isEqualTo(report.documents());
            // Every docket can be read whole, and every gauge can be traced back through what was signed.
            List<Integer> numbers = JdbcClient.create(works.getBean(DataSource.class))
                    .sql("select number from docket")
                    .query(Integer.class)
                    .list();
            assertThat(numbers)
                    .hasSizeGreaterThanOrEqualTo(7)
                    .allSatisfy(number -> assertThat(works.getBean(DocketService.class)
                                    .find(number)
                                    .orElseThrow()
                                    .setUps())
                            .isNotEmpty());
            assertThat(JdbcClient.create(works.getBean(DataSource.class))
                            .sql("select count(*) from docket where signed = true and traced = false")
                            .query(Integer.class)
                            .single())
                    .isZero();
            assertThat(JdbcClient.create(works.getBean(DataSource.class))
                            .sql("select master from zero_setting where master_id is null")
                            .query(String.class)
                            .list())
                    .as("a zero from before its master was kept is traced back by what that was called")
                    .isEmpty();
        }
    }

    @Test
    void aFileOfEveryVersionIsKept() throws IOException {
        List<String> kept =
                givenOut().map(file -> file.getFileName().toString()).toList();
        // 6, 10 and 14 to 16 were given out together with the one after each.
        assertThat(kept).hasSize(LAST_KEPT - 5).contains("V1.zip", "V" + LAST_KEPT + ".zip");
    }

    /** Files of others hold what these made: a change of one of them would stop every works that upgrades. */
    @Test
    void schemasThatWereGivenOutAreNeverChanged() {
        assertThat(checksums("classpath:db/migration")).startsWith(GIVEN_OUT);
        assertThat(checksums("classpath:db/postgresql")).startsWith(GIVEN_OUT_FOR_A_SERVER);
    }

    private static List<String> checksums(String place) {
        MigrationInfo[] all = Flyway.configure()
                .dataSource("jdbc:h2:mem:checksums", "eskarn", "")
                .locations(place)
                .load()
                .info()
                .all();
        return Arrays.stream(all)
                .map(each -> each.getVersion() + " " + each.getChecksum())
                .toList();
    }
}
