package org.eskarn.app.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import javax.sql.DataSource;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.ledger.document.Finding;
import org.eskarn.app.ledger.document.Json;
import org.eskarn.app.ledger.document.RecordDifference;
import org.eskarn.app.running.Eskarn;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Whoever changes any column of a signed record in the database is found out: every column of every table that a docket is made
 * of is changed in turn, so that one added later is looked at too.
 */
class EveryColumnTest {

    /** What may change after signing, what says nothing about the record, and what became of rows that are none of it. */
    private static final Set<String> FREE = Set.of(
            "docket.traced",
            "sweep.last_read_at",
            "part.version",
            "part.opened",
            "part.revised_from",
            "part.quick",
            "requirement.gauge_id",
            "set_up.version",
            "set_up.changed_by",
            "set_up.changed_at",
            "set_up.waits_for",
            "set_up.asked_to_wait_by",
            "set_up.simulated_seed",
            "set_up.bezel",
            "step_done.reopened_by",
            "step_done.reopened_at",
            "preparation_done.reopened_by",
            "preparation_done.reopened_at",
            "left_out.taken_up_by",
            "left_out.taken_up_at",
            "sweep_station.added_by",
            "sweep_station.added_at",
            "preparation.position",
            "reading.standing_place",
            "reading.entry_key",
            "set_up.beside",
            "certificate.version");

    /** They say nothing while their other half is empty, so only those that hold a value are changed. */
    private static final Set<String> HALVES = Set.of(
            "reading.corrected",
            "reading.taken_back_by",
            "reading.taken_back_at",
            "requirement.allowed_return",
            "requirement.axis_face",
            "requirement_limit.per",
            "requirement_limit.per_unit",
            "set_aside.counted_again_by",
            "set_up.sag",
            "set_up.corrections_reason",
            "set_up.corrections_by",
            "set_up.corrections_at",
            "sweep.cancelled_by",
            "sweep.override_by",
            "sweep.unit_seen_by",
            "sweep.unit_seen_at");

    /** Rows in which a column is changed before it counts as unnoticed. */
    private static final int ROWS = 20;

    /** Every table of a docket, and which of its rows belong to it. */
    private static final Map<String, String> TABLES = Map.ofEntries(
            Map.entry("docket", "number = :docket"),
            Map.entry("set_up", "docket_id in (select id from docket where number = :docket)"),
            Map.entry("attempt", ofSetUp()),
            Map.entry("step_done", ofSetUp()),
            Map.entry("preparation_done", ofSetUp()),
            Map.entry("left_out", ofSetUp()),
            Map.entry("circumstance", ofSetUp()),
            Map.entry("inspector_decision", ofSetUp()),
            Map.entry("remedy", ofSetUp()),
            Map.entry("truing_step", ofSetUp()),
            Map.entry("dial_in", ofSetUp()),
            Map.entry("sweep", ofSetUp()),
            Map.entry("reading", ofSweep()),
            Map.entry("sweep_station", ofSweep()),
            Map.entry("zero_setting", ofSweep()),
            Map.entry("set_aside", ofSweep()),
            Map.entry("sign_change", ofSweep()),
            Map.entry("part", "id in (select part_id from docket where number = :docket)"),
            Map.entry("feature", "id in (select feature_id from requirement where " + ofPart() + ")"),
            Map.entry("requirement", ofPart()),
            Map.entry("requirement_limit", ofRequirement()),
            Map.entry("preparation", ofRequirement()),
            Map.entry("certificate", "docket_id in (select id from docket where number = :docket)"),
            Map.entry("certificate_claim", ofCertificate()),
            Map.entry("certificate_scan", ofCertificate()));

    private static ConfigurableApplicationContext server;
    private static SignedDockets dockets;

    @BeforeAll
    static void sign() throws Exception {
        server = Eskarn.serve(Eskarn.newFolder(), true);
        dockets = SignedDockets.sign(server);
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    private static String ofSetUp() {
        return "set_up_id in (select u.id from set_up u join docket d on d.id = u.docket_id where d.number = :docket)";
    }

    private static String ofCertificate() {
        return "certificate_id in (select c.id from certificate c join docket d on d.id = c.docket_id where d.number = :docket)";
    }

    private static String ofSweep() {
        return "sweep_id in (select s.id from sweep s join set_up u on u.id = s.set_up_id"
                + " join docket d on d.id = u.docket_id where d.number = :docket)";
    }

    private static String ofPart() {
        return "part_id in (select part_id from docket where number = :docket)";
    }

    private static String ofRequirement() {
        return "requirement_id in (select r.id from requirement r where r." + ofPart() + ")";
    }

    private static JdbcClient database() {
        return JdbcClient.create(server.getBean(DataSource.class));
    }

    private static Optional<Finding> finding(int docket) {
        DocumentRow row = server.getBean(LedgerMapper.class).ofDocket(docket).orElseThrow();
        return server.getBean(DocumentChecks.class).examine(row);
    }

    @Test
    void noColumnOfASignedRecordCanBeChangedUnnoticed() {
        Set<String> unnoticed = new TreeSet<>();
        int noticed = 0;
        for (String table : new TreeSet<>(TABLES.keySet())) {
            for (Column column : columns(table)) {
                if (FREE.contains(column.toString())) {
                    continue;
                }
                List<Boolean> changes = new ArrayList<>();
                for (int docket : new int[] {dockets.bore(), dockets.journal()}) {
                    changes.addAll(changes(column, docket));
                }
                if (changes.contains(true)) {
                    noticed++;
                } else if (!changes.isEmpty()) {
                    unnoticed.add(column.toString());
                }
            }
        }
        assertThat(unnoticed).isEmpty();
        assertThat(noticed).isGreaterThan(150);
    }

    /** Two columns at once, and rows that are taken away. */
    @Test
    void noRowOfASignedRecordCanBeHiddenUnnoticed() {
        String now = " = current_timestamp where ";
        for (String sql : List.of(
                "update reading set standing_place = null, taken_back_by = 1, taken_back_at" + now + "place = 2 and "
                        + ofSweep(),
                "update sweep set cancelled_by = 1, cancelled_at" + now + ofSetUp(),
                "update set_aside set counted_again_by = 1, counted_again_at" + now + ofSweep(),
                "update step_done set reopened_by = 1, reopened_at" + now + "step = 'PROVE' and " + ofSetUp(),
                "update step_done set reopened_by = 1, reopened_at" + now + "step = 'VERDICT' and " + ofSetUp(),
                "update left_out set taken_up_by = 1, taken_up_at" + now + "step = 'PROVE' and " + ofSetUp(),
                "delete from inspector_decision where " + ofSetUp(),
                "delete from truing_step where " + ofSetUp(),
                "delete from dial_in where " + ofSetUp(),
                "delete from remedy where " + ofSetUp(),
                "delete from circumstance where " + ofSetUp(),
                "delete from sign_change where " + ofSweep(),
                "delete from sweep_station where " + ofSweep(),
                "delete from zero_setting where " + ofSweep(),
                "delete from set_aside where " + ofSweep())) {
            List<Boolean> noticed = new ArrayList<>();
            for (int docket : new int[] {dockets.bore(), dockets.journal()}) {
                noticedInside(docket, sql).ifPresent(noticed::add);
            }
            assertThat(noticed).as(sql).isNotEmpty().containsOnly(true);
        }
    }

    /** Tried in a transaction that is given up; empty where it changes no row. */
    private static Optional<Boolean> noticedInside(int docket, String sql) {
        return new TransactionTemplate(server.getBean(PlatformTransactionManager.class)).execute(status -> {
            status.setRollbackOnly();
            if (database().sql(sql).param("docket", docket).update() == 0) {
                return Optional.empty();
            }
            DocumentRow row =
                    server.getBean(LedgerMapper.class).ofDocket(docket).orElseThrow();
            try {
                byte[] record = Json.canonical(server.getBean(DocumentBuilder.class)
                        .record(server.getBean(DocketService.class).find(docket).orElseThrow()));
                return Optional.of(
                        RecordDifference.first(row.canonical(), record).isPresent());
            } catch (IllegalArgumentException | IndexOutOfBoundsException unreadable) {
                return Optional.of(true);
            }
        });
    }

    /** All but those of the primary key, which say nothing. */
    private static List<Column> columns(String table) {
        return database()
                .sql("select lower(column_name) as name, data_type as type from information_schema.columns"
                        + " where table_schema = 'PUBLIC' and lower(table_name) = :table and column_name not in"
                        + " (select column_name from information_schema.key_column_usage k"
                        + " join information_schema.table_constraints c on c.constraint_name = k.constraint_name"
                        + " where c.constraint_type = 'PRIMARY KEY' and lower(c.table_name) = :table)")
                .param("table", table)
                .query((row, at) -> new Column(table, row.getString(1), row.getString(2)))
                .list();
    }

    private record Column(String table, String name, String type) {

        void set(@Nullable Object value, long row) {
            database()
                    .sql("update " + table + " set " + name + " = :value where _rowid_ = :row")
                    .param("value", value)
                    .param("row", row)
                    .update();
        }

        @Override
        public String toString() {
            return table + "." + name;
        }
    }

    private record Held(long row, @Nullable Object value) {}

    /** Changes one row after the other until it is noticed; each is put back. */
    private static List<Boolean> changes(Column column, int docket) {
        List<Held> rows = database()
                .sql("select _rowid_, " + column.name() + " from " + column.table() + " where "
                        + TABLES.get(column.table()) + " order by case when " + column.name()
                        + " is null then 1 else 0 end, _rowid_ limit " + ROWS)
                .param("docket", docket)
                .query((row, at) -> new Held(row.getLong(1), row.getObject(2)))
                .list();
        List<Boolean> noticed = new ArrayList<>();
        for (Held held : rows) {
            if (held.value() != null || !HALVES.contains(column.toString())) {
                noticed(column, docket, held).ifPresent(noticed::add);
            }
            if (noticed.contains(true)) {
                break;
            }
        }
        return noticed;
    }

    /** Whether another value is noticed; empty where the schema lets none in. */
    private static Optional<Boolean> noticed(Column column, int docket, Held held) {
        Object value = held.value();
        for (Object other : value == null ? first(column) : others(column, value)) {
            try {
                column.set(other, held.row());
            } catch (DataAccessException refusedByTheSchema) {
                continue;
            }
            boolean noticed = finding(docket).isPresent();
            column.set(value, held.row());
            assertThat(finding(docket)).as(column + " put back").isEmpty();
            return Optional.of(noticed);
        }
        return Optional.empty();
    }

    /** Values an empty column might get. */
    private static List<?> first(Column column) {
        return switch (column.type()) {
            case "BIGINT", "INTEGER" -> List.of(1L);
            case "BOOLEAN" -> List.of(true);
            case "DATE" -> List.of(LocalDate.of(2030, 1, 1));
            case "TIMESTAMP WITH TIME ZONE" -> List.of(OffsetDateTime.parse("2030-01-01T08:00:00Z"));
            default -> likeOthers(column, "");
        };
    }

    /** Values a column might be changed to, the likeliest first. */
    private static List<?> others(Column column, Object held) {
        if (held instanceof Boolean yes) {
            return List.of(!yes);
        }
        if (held instanceof Number number) {
            return column.name().endsWith("_id") || column.name().endsWith("_by")
                    ? otherIds(column, number)
                    : List.of(number.intValue() + 1);
        }
        if (held instanceof OffsetDateTime time) {
            return List.of(time.plusDays(1));
        }
        if (held instanceof java.sql.Date date) {
            return List.of(date.toLocalDate().plusDays(1));
        }
        String text = held.toString();
        try {
            return List.of(new BigDecimal(text).add(BigDecimal.ONE).toPlainString());
        } catch (NumberFormatException noNumber) {
            return text.matches("[A-Z_0-9]+") ? likeOthers(column, text) : List.of(text + "x");
        }
    }

    private static List<Long> otherIds(Column column, Number id) {
        String table = column.name().endsWith("_by")
                ? "account"
                : column.name().replaceAll("^(second|standing|last)_|_id$", "").replaceAll("plate|master", "gauge");
        return database()
                .sql("select id from " + table + " where id <> ? order by id limit 40")
                .param(id)
                .query(Long.class)
                .list();
    }

    /** Values that other rows hold, and one that none does. */
    private static List<String> likeOthers(Column column, String text) {
        return database()
                .sql("select distinct " + column.name() + " from " + column.table() + " where " + column.name()
                        + " <> ? union all select '1'")
                .param(text)
                .query(String.class)
                .list();
    }
}
