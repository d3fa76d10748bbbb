package org.eskarn.app.storage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.TreeSet;
import javax.sql.DataSource;
import org.eskarn.app.running.Eskarn;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.springframework.boot.jdbc.DataSourceBuilder;
import org.springframework.jdbc.core.simple.JdbcClient;

/** The file database and a server have the same tables, columns, keys and first rows. */
class ServerSchemaTest {

    private static final String COLUMNS = """
            select concat(lower(table_name), '.', lower(column_name), ' ', replace(lower(data_type), 'binary large object', 'bytea'), ' ',
                          case when lower(data_type) like 'char%' then character_maximum_length else 0 end, ' ', is_nullable, ' ', is_identity)
            from information_schema.columns where lower(table_schema) = 'public'
            """;

    private static final String KEYS = """
            select concat(lower(c.table_name), ' ', c.constraint_type, ' ', c.columns)
            from (select t.table_name, t.constraint_type, t.constraint_name,
                         string_agg(lower(k.column_name), ',' order by lower(k.column_name)) as columns
                  from information_schema.table_constraints t
                    join information_schema.key_column_usage k
                      on k.constraint_name = t.constraint_name and k.table_name = t.table_name
                  where lower(t.table_schema) = 'public' and t.constraint_type in ('PRIMARY KEY', 'UNIQUE', 'FOREIGN KEY')
                  group by t.table_name, t.constraint_type, t.constraint_name) c
            """;

    @Test
    void bothHaveTheSame() {
        DataSource file = DataSourceBuilder.create()
                .url("jdbc:h2:mem:schema;DB_CLOSE_DELAY=-1")
                .username("eskarn")
                .password("")
                .build();
        DataSource server = DataSourceBuilder.create()
                .url(Eskarn.newServerDatabase())
                .username("eskarn")
                .build();
        Flyway.configure().dataSource(file).load().migrate();
        Flyway.configure()
                .dataSource(server)
                .locations("classpath:db/postgresql")
                .load()
                .migrate();
        assertThat(of(server, COLUMNS)).isEqualTo(of(file, COLUMNS)).hasSizeGreaterThan(300);
        assertThat(of(server, KEYS)).isEqualTo(of(file, KEYS)).hasSizeGreaterThan(100);
        for (String table : List.of("ledger_head", "set_up_sheet", "set_up_sheet_line")) {
            String rows = "select * from " + table + " order by 1, 2";
            assertThat(JdbcClient.create(server).sql(rows).query().listOfRows().toString())
                    .isEqualToIgnoringCase(JdbcClient.create(file)
                            .sql(rows)
                            .query()
                            .listOfRows()
                            .toString());
        }
    }

    /** But for the tables that only one of them needs. */
    private static TreeSet<String> of(DataSource database, String sql) {
        TreeSet<String> all = new TreeSet<>(
                JdbcClient.create(database).sql(sql).query(String.class).list());
        all.removeIf(each -> each.startsWith("flyway_schema_history") || each.startsWith("spring_session"));
        return all;
    }
}
