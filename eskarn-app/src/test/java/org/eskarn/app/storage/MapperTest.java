package org.eskarn.app.storage;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.RecordComponent;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javax.sql.DataSource;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.mapping.SqlCommandType;
import org.apache.ibatis.session.SqlSessionFactory;
import org.eskarn.app.ledger.LedgerQuery;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningEskarn.class)
class MapperTest {

    private static final Map<String, Object> IDS = Map.of(
            "ids",
            List.of(1L),
            "partIds",
            List.of(1L),
            "docketIds",
            List.of(1L),
            "setUpIds",
            List.of(1L),
            "serials",
            List.of(1L),
            "characteristics",
            List.of("FLATNESS"),
            "numbers",
            List.of(1),
            "query",
            new LedgerQuery("shaft", "PASS", "", "", true, true));

    /** Rows become records by position, so every query must name its columns as the record names its components. */
    @Test
    void everyQueryNamesItsColumnsInTheOrderOfItsRecord(Eskarn eskarn) throws SQLException {
        int checked = 0;
        try (Connection connection = eskarn.bean(DataSource.class).getConnection()) {
            for (Object each :
                    eskarn.bean(SqlSessionFactory.class).getConfiguration().getMappedStatements()) {
                // MyBatis also lists its short names there, as another type.
                if (each instanceof MappedStatement statement
                        && statement.getSqlCommandType() == SqlCommandType.SELECT
                        && statement.getResultMaps().get(0).getType().isRecord()) {
                    Class<?> type = statement.getResultMaps().get(0).getType();
                    try (PreparedStatement prepared = connection.prepareStatement(
                            statement.getBoundSql(IDS).getSql())) {
                        assertThat(columns(prepared.getMetaData()))
                                .as(statement.getId())
                                .isEqualTo(components(type));
                    }
                    checked++;
                }
            }
        }
        assertThat(checked).isGreaterThan(15);
    }

    private static List<String> columns(ResultSetMetaData columns) throws SQLException {
        List<String> names = new ArrayList<>();
        for (int i = 1; i <= columns.getColumnCount(); i++) {
            names.add(columns.getColumnLabel(i).replace("_", "").toLowerCase(Locale.ROOT));
        }
        return names;
    }

    private static List<String> components(Class<?> type) {
        return Arrays.stream(type.getRecordComponents())
                .map(RecordComponent::getName)
                .map(name -> name.toLowerCase(Locale.ROOT))
                .toList();
    }
}
