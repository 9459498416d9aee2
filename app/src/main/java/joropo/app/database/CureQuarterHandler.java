package joropo.app.database;

import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import joropo.core.material.CureQuarter;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.apache.ibatis.type.MappedTypes;
import org.jspecify.annotations.Nullable;

/** Cure quarters as text such as 3Q2024. */
@MappedTypes(CureQuarter.class)
public class CureQuarterHandler extends BaseTypeHandler<CureQuarter> {
    @Override
    public void setNonNullParameter(PreparedStatement statement, int i, CureQuarter value, JdbcType type)
            throws SQLException {
        statement.setString(i, value.toString());
    }

    @Override
    public @Nullable CureQuarter getNullableResult(ResultSet rows, String column) throws SQLException {
        return read(rows.getString(column));
    }

    @Override
    public @Nullable CureQuarter getNullableResult(ResultSet rows, int column) throws SQLException {
        return read(rows.getString(column));
    }

    @Override
    public @Nullable CureQuarter getNullableResult(CallableStatement call, int column) throws SQLException {
        return read(call.getString(column));
    }

    private static @Nullable CureQuarter read(@Nullable String text) {
        return text == null ? null : CureQuarter.parse(text);
    }
}
