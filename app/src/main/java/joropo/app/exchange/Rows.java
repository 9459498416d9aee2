package joropo.app.exchange;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Rows of the database as values by column, for files that leave the house and come into it. */
final class Rows {
    private final Connection connection;
    private final Map<String, PreparedStatement> prepared = new LinkedHashMap<>();

    Rows(Connection connection) {
        this.connection = connection;
    }

    private PreparedStatement statement(String sql, @Nullable Object... values) throws SQLException {
        PreparedStatement statement = prepared.get(sql);
        if (statement == null) {
            statement = connection.prepareStatement(sql);
            prepared.put(sql, statement);
        }
        for (int i = 0; i < values.length; i++) {
            statement.setObject(i + 1, values[i]);
        }
        return statement;
    }

    /** All rows, each by the names of its columns. */
    List<Map<String, Object>> all(String sql, @Nullable Object... values) throws SQLException {
        List<Map<String, Object>> out = new ArrayList<>();
        try (ResultSet row = statement(sql, values).executeQuery()) {
            int columns = row.getMetaData().getColumnCount();
            while (row.next()) {
                Map<String, Object> one = new LinkedHashMap<>();
                for (int i = 1; i <= columns; i++) {
                    one.put(row.getMetaData().getColumnLabel(i), row.getObject(i));
                }
                out.add(one);
            }
        }
        return out;
    }

    /** Rows one after the other, for those that are too many to hold. */
    Cursor stream(String sql) throws SQLException {
        return new Cursor(statement(sql).executeQuery());
    }

    /** Where a stream of rows stands. */
    static final class Cursor implements AutoCloseable {
        private final ResultSet row;

        Cursor(ResultSet row) {
            this.row = row;
        }

        boolean next() throws SQLException {
            return row.next();
        }

        List<String> columns() throws SQLException {
            List<String> out = new ArrayList<>();
            for (int i = 1; i <= row.getMetaData().getColumnCount(); i++) {
                out.add(row.getMetaData().getColumnLabel(i));
            }
            return out;
        }

        List<Object> values() throws SQLException {
            List<Object> out = new ArrayList<>();
            for (int i = 1; i <= row.getMetaData().getColumnCount(); i++) {
                out.add(row.getObject(i));
            }
            return out;
        }

        @Override
        public void close() throws SQLException {
            row.close();
        }
    }

    /** The first column of the first row, absent: none, or null. */
    @Nullable
    Object one(String sql, @Nullable Object... values) throws SQLException {
        try (ResultSet row = statement(sql, values).executeQuery()) {
            return row.next() ? row.getObject(1) : null;
        }
    }

    @Nullable
    Long id(String sql, @Nullable Object... values) throws SQLException {
        return one(sql, values) instanceof Number n ? n.longValue() : null;
    }

    int run(String sql, @Nullable Object... values) throws SQLException {
        return statement(sql, values).executeUpdate();
    }

    /** @return the number of the new row */
    long insert(String table, Map<String, ?> values) throws SQLException {
        String sql = "insert into " + table + " (" + String.join(", ", values.keySet()) + ") values ("
                + "?, ".repeat(values.size() - 1) + "?) returning rowid";
        return number(one(sql, values.values().toArray()));
    }

    static long number(@Nullable Object value) {
        return ((Number) Objects.requireNonNull(value)).longValue();
    }

    /** A value of a file as the database takes it. */
    static @Nullable Object value(JsonNode node) {
        return node.isNull() || node.isMissingNode()
                ? null
                : node.isIntegralNumber()
                        ? (Object) node.asLong()
                        : node.isNumber() ? (Object) node.asDouble() : node.asString();
    }

    /** Of a column, as files call it: {@code kept_at} is {@code keptAt}, {@code person_id} is {@code person}. */
    static String name(String column) {
        StringBuilder out = new StringBuilder();
        for (String word : column.replaceAll("_id$", "").split("_")) {
            out.append(out.isEmpty() ? word : word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1));
        }
        return out.toString();
    }
}
