package joropo.app.database;

import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.apache.ibatis.type.MappedTypes;
import org.jspecify.annotations.Nullable;

/** Days as ISO texts: read as what they are, where the driver would first try them as moments. */
@MappedTypes(LocalDate.class)
public class DayHandler extends BaseTypeHandler<LocalDate> {
    @Override
    public void setNonNullParameter(PreparedStatement statement, int at, LocalDate day, @Nullable JdbcType type)
            throws SQLException {
        statement.setString(at, day.toString());
    }

    @Override
    public @Nullable LocalDate getNullableResult(ResultSet row, String column) throws SQLException {
        return day(row.getString(column));
    }

    @Override
    public @Nullable LocalDate getNullableResult(ResultSet row, int column) throws SQLException {
        return day(row.getString(column));
    }

    @Override
    public @Nullable LocalDate getNullableResult(CallableStatement call, int column) throws SQLException {
        return day(call.getString(column));
    }

    private static @Nullable LocalDate day(@Nullable String text) {
        return text == null ? null : LocalDate.parse(text);
    }
}
