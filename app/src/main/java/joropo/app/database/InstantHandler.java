package joropo.app.database;

import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.apache.ibatis.type.MappedTypes;
import org.jspecify.annotations.Nullable;

/** Moments as text of fixed width in UTC, to the millisecond, so that they sort as text. */
@MappedTypes(Instant.class)
public class InstantHandler extends BaseTypeHandler<Instant> {
    private static final DateTimeFormatter FORM =
            DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HH:mm:ss.SSS'Z'").withZone(ZoneOffset.UTC);

    @Override
    public void setNonNullParameter(PreparedStatement ps, int i, Instant moment, JdbcType type) throws SQLException {
        ps.setString(i, FORM.format(moment));
    }

    @Override
    public @Nullable Instant getNullableResult(ResultSet rs, String column) throws SQLException {
        return read(rs.getString(column));
    }

    @Override
    public @Nullable Instant getNullableResult(ResultSet rs, int column) throws SQLException {
        return read(rs.getString(column));
    }

    @Override
    public @Nullable Instant getNullableResult(CallableStatement cs, int column) throws SQLException {
        return read(cs.getString(column));
    }

    private static @Nullable Instant read(@Nullable String text) {
        return text == null ? null : Instant.parse(text);
    }
}
