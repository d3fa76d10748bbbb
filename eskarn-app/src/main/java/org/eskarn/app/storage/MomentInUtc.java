package org.eskarn.app.storage;

import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.apache.ibatis.type.MappedTypes;
import org.jspecify.annotations.Nullable;

/** A moment in a column of a time with its zone. */
@MappedTypes(Instant.class)
public final class MomentInUtc extends BaseTypeHandler<Instant> {

    @Override
    public void setNonNullParameter(PreparedStatement statement, int place, Instant moment, JdbcType type)
            throws SQLException {
        statement.setObject(place, moment.atOffset(ZoneOffset.UTC));
    }

    @Override
    public @Nullable Instant getNullableResult(ResultSet rows, String column) throws SQLException {
        return moment(rows.getObject(column, OffsetDateTime.class));
    }

    @Override
    public @Nullable Instant getNullableResult(ResultSet rows, int column) throws SQLException {
        return moment(rows.getObject(column, OffsetDateTime.class));
    }

    @Override
    public @Nullable Instant getNullableResult(CallableStatement statement, int column) throws SQLException {
        return moment(statement.getObject(column, OffsetDateTime.class));
    }

    private static @Nullable Instant moment(@Nullable OffsetDateTime time) {
        return time == null ? null : time.toInstant();
    }
}
