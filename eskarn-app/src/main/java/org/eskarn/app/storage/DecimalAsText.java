package org.eskarn.app.storage;

import java.math.BigDecimal;
import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.apache.ibatis.type.MappedTypes;
import org.jspecify.annotations.Nullable;

/** A decimal in a column of text, with the places it was typed with. */
@MappedTypes(BigDecimal.class)
public final class DecimalAsText extends BaseTypeHandler<BigDecimal> {

    @Override
    public void setNonNullParameter(PreparedStatement statement, int place, BigDecimal decimal, JdbcType type)
            throws SQLException {
        statement.setString(place, decimal.toString());
    }

    @Override
    public @Nullable BigDecimal getNullableResult(ResultSet rows, String column) throws SQLException {
        return decimal(rows.getString(column));
    }

    @Override
    public @Nullable BigDecimal getNullableResult(ResultSet rows, int column) throws SQLException {
        return decimal(rows.getString(column));
    }

    @Override
    public @Nullable BigDecimal getNullableResult(CallableStatement statement, int column) throws SQLException {
        return decimal(statement.getString(column));
    }

    private static @Nullable BigDecimal decimal(@Nullable String text) {
        return text == null ? null : new BigDecimal(text);
    }
}
