package joropo.app.database;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Objects;

/** SQL of a migration in its own words, so that it does tomorrow what it did when it was written. */
final class FrozenSql {
    private FrozenSql() {}

    /** @param version such as V16: one statement a line */
    static void run(String version, Connection connection) throws SQLException {
        try (Statement sql = connection.createStatement()) {
            for (String line : lines(version)) {
                sql.execute(line);
            }
        }
    }

    private static List<String> lines(String version) {
        var in = new InputStreamReader(
                Objects.requireNonNull(FrozenSql.class.getResourceAsStream("/db/frozen/" + version + ".sql")),
                StandardCharsets.UTF_8);
        try (var lines = new BufferedReader(in)) {
            return lines.lines().filter(l -> !l.startsWith("--")).toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
